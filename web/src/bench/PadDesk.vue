<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import type { Verdict } from '@/api/types'
import ReadingPad from './ReadingPad.vue'

/** Rows to read with the pad beside them where there is room, under them where there is not. */
const props = defineProps<{
  isReading: boolean
  at: string | null
  unit: string
  isReady: boolean
  hasOverRange?: boolean
  goesBelowZero?: boolean
  verdict?: Verdict | null
  word?: string
}>()
const text = defineModel<string>({ required: true })
const emit = defineEmits<{ next: [] }>()
const desk = ref<HTMLElement | null>(null)
const rows = ref<HTMLElement | null>(null)
const { width } = useElementSize(desk)
const { height } = useElementSize(rows)
const isBeside = computed(() => width.value > 560)

// what is said above or below a row may push it under the pad
watch(
  [() => props.at, height],
  async () => {
    await nextTick()
    desk.value?.querySelector('.pair.on')?.scrollIntoView({ block: 'nearest' })
  },
  { immediate: true },
)
</script>

<template>
  <div ref="desk" class="desk" :class="{ beside: isReading && isBeside }">
    <div ref="rows"><slot /></div>
    <div v-if="isReading" class="pad">
      <ReadingPad
        v-model="text"
        :subject="at ?? ''"
        :unit="unit"
        :is-ready="isReady"
        :has-over-range="hasOverRange"
        :goes-below-zero="goesBelowZero"
        :verdict="verdict"
        :word="word"
        :is-beside="isBeside"
        @next="emit('next')"
      />
    </div>
  </div>
</template>

<style scoped>
.desk {
  display: grid;
  gap: 12px 20px;
  grid-template-columns: minmax(0, 1fr);
}
.beside {
  grid-template-columns: minmax(0, 1fr) 236px;
  align-items: start;
}
.pad {
  position: sticky;
  bottom: -12px;
  background: var(--zb-paper);
  padding: 6px 0 12px;
}
.left-hand .beside {
  grid-template-columns: 236px minmax(0, 1fr);
}
.left-hand .beside .pad {
  order: -1;
}
.beside .pad {
  top: 0;
  bottom: auto;
  padding: 0;
}
</style>
