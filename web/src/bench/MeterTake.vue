<script setup lang="ts">
import { onBeforeUnmount, watchEffect } from 'vue'
import { useCall } from '@/stores/call'
import { useMeter, type Clip } from '@/stores/meter'

/** The meter's window beside the pad: one tap takes what stands in it. */
const props = defineProps<{ subject: string; unit: string; hasOverRange?: boolean }>()
const emit = defineEmits<{ take: [text: string] }>()
const store = useCall()
const meter = useMeter()

const PLACES: Partial<Record<string, string>> = { SAFE: 'SAFE', SUPPLY: 'SUPPLY', PROOF: 'PROOF' }
watchEffect(() => {
  const call = store.call
  if (!call) return
  const at = store.place
  const clip: Clip = { callId: call.id, subject: props.subject, sign: props.unit }
  if (store.part) {
    clip.part = store.part.id
    clip.isNew = store.step === 'PROVE'
  } else if ('call' in at) {
    clip.place = PLACES[at.call] ?? ''
  }
  meter.clip = clip
})
onBeforeUnmount(() => (meter.clip = null))
</script>

<template>
  <div v-if="meter.isOn" class="meter" role="group" aria-label="Meter">
    <template v-if="meter.isOn">
      <span class="window zb-figure" aria-live="off">{{ meter.figure || '– – –' }}</span>
      <span v-if="meter.figure && meter.figure !== 'OL'" class="zb-soft">{{ unit }}</span>
      <span v-if="!meter.figure" class="words zb-small" role="status">{{
        meter.words || (meter.status === 'OPEN' ? 'reading' : 'looking for the meter')
      }}</span>
      <button
        type="button"
        class="take"
        :disabled="meter.figure === '' || (meter.figure === 'OL' && !hasOverRange)"
        @click="emit('take', meter.figure)"
      >
        take
      </button>
      <button type="button" class="off" aria-label="Meter off" @click="meter.isOn = false">✕</button>
    </template>
  </div>
</template>

<style scoped>
.meter {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 48px;
  margin-bottom: 8px;
}
.window {
  border: var(--zb-line);
  background: var(--zb-ink);
  color: var(--zb-paper);
  font-size: 24px;
  padding: 4px 10px;
  min-width: 104px;
  text-align: right;
}
.words {
  flex: 1;
  min-width: 0;
  line-height: 1.15;
}
.take,
.off {
  min-height: 48px;
  border: var(--zb-line);
  background: var(--zb-sheet);
  font-weight: 600;
  cursor: pointer;
  padding: 0 14px;
}
.take {
  margin-left: auto;
}
.off {
  min-width: 48px;
  padding: 0;
}
.take:disabled {
  color: var(--zb-soft);
  border-color: var(--zb-hair);
  cursor: default;
}
</style>
