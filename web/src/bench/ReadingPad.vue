<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed, onMounted, onUnmounted } from 'vue'
import type { Verdict } from '@/api/types'
import NumberPad from '@/shared/NumberPad.vue'
import VerdictMark from '@/shared/VerdictMark.vue'
import { useMeter } from '@/stores/meter'
import { useUi } from '@/stores/ui'
import MeterTake from './MeterTake.vue'

/**
 * The pad with what it fills on its upper edge: name, figure, verdict are in view wherever the row itself is. What it comes to
 * is also said, once the fingers rest.
 */
const props = defineProps<{
  subject: string
  unit: string
  isReady: boolean
  hasOverRange?: boolean
  goesBelowZero?: boolean
  verdict?: Verdict | null
  word?: string
  /** whether the rows stand beside it, so that nothing covers them */
  isBeside?: boolean
}>()
const text = defineModel<string>({ required: true })
const emit = defineEmits<{ next: [] }>()
const meter = useMeter()
const ui = useUi()
onMounted(() => ui.pads++)
onUnmounted(() => ui.pads--)
const REST_MILLIS = 800

const words = computed(() =>
  text.value && props.word
    ? `${props.subject === 'CAPACITOR' ? 'Capacitance' : props.subject} ${text.value} ${props.unit} ${props.word}`
    : '',
)
const said = refDebounced(words, REST_MILLIS)
</script>

<template>
  <div class="under">
    <p v-if="!isBeside" class="readout" aria-hidden="true">
      <span class="zb-name">{{ subject === 'CAPACITOR' ? 'CAP' : subject }}</span>
      <span class="zb-figure fig">{{ text || '–' }}</span>
      <span>{{ text === 'OL' ? '' : unit }}</span>
      <VerdictMark v-if="verdict" :verdict="verdict" :word="word ?? ''" class="verdict" />
    </p>
    <p class="zb-hidden" role="status">{{ said }}</p>
    <MeterTake :subject="subject" :unit="unit" :has-over-range="hasOverRange" @take="text = $event" />
    <NumberPad
      v-model="text"
      :unit="unit"
      :is-ready="isReady"
      :has-over-range="hasOverRange"
      :goes-below-zero="goesBelowZero"
      @next="emit('next')"
    >
      <template #corner>
        <button
          type="button"
          class="corner"
          :aria-pressed="meter.isOn"
          aria-label="Take from meter"
          @click="meter.isOn = !meter.isOn"
        >
          meter
        </button>
      </template>
    </NumberPad>
  </div>
</template>

<style scoped>
.readout {
  display: flex;
  align-items: center;
  gap: 10px;
  height: 44px;
  padding: 0 14px;
  margin-bottom: 6px;
  background: var(--zb-ink);
  color: var(--zb-paper);
  font-size: 20px;
}
.fig {
  font-size: 28px;
}
.verdict {
  margin-left: auto;
  /* on ink the marks take the colours they have on the other paper */
  --zb-leaf: #7fd79a;
  --zb-rind: #ffa26b;
  --zb-ink: #f4f1e4;
  --zb-sheet: #14201a;
}
:global(.zb-night .readout .verdict) {
  --zb-leaf: #14602f;
  --zb-rind: #8f3a00;
  --zb-ink: #14201a;
  --zb-sheet: #f4f1e4;
}
.corner {
  border: var(--zb-line);
  background: var(--zb-paper);
  font-weight: 600;
  cursor: pointer;
  padding: 0;
  min-height: 48px;
}
.corner[aria-pressed='true'] {
  box-shadow: inset 0 -6px 0 var(--zb-ink);
}
</style>
