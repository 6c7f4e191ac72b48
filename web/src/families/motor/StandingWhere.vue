<script setup lang="ts">
import { computed } from 'vue'
import type { Attribute } from '@/api/types'

/** A rotation is told by where one stands: the two ends see the same turning the other way round. */
const props = defineProps<{
  attribute: Attribute
  value: unknown
  isOff?: boolean
  fields: Record<string, unknown>
}>()
const emit = defineEmits<{ change: [value: unknown] }>()
const isClockwise = computed(() => props.fields.rotation !== 'CCW')
const ENDS = [
  { value: 'LEAD_END', words: 'facing the leads' },
  { value: 'SHAFT_END', words: 'facing the shaft' },
] as const
</script>

<template>
  <div role="group" aria-label="Seen from which end?">
    <p class="zb-label">Seen from which end?</p>
    <div class="ends">
      <button
        v-for="end in ENDS"
        :key="end.value"
        type="button"
        class="end"
        :class="{ on: value === end.value }"
        :aria-pressed="value === end.value"
        :disabled="isOff"
        @click="emit('change', value === end.value ? undefined : end.value)"
      >
        <svg viewBox="0 0 120 84" aria-hidden="true">
          <circle cx="60" cy="44" r="34" class="shell" />
          <circle v-if="end.value === 'SHAFT_END'" cx="60" cy="44" r="8" class="shaft" />
          <path v-else d="M50 78 q-3 -14 4 -22 M60 78 v-22 M70 78 q3 -14 -4 -22" class="leads" />
          <path v-if="isClockwise" d="M36 34 A26 26 0 0 1 84 34 m0 0 l3 -13 m-3 13 l-13 -3" class="arrow" />
          <path v-else d="M84 34 A26 26 0 0 0 36 34 m0 0 l-3 -13 m3 13 l13 -3" class="arrow" />
        </svg>
        <span>{{ end.words }}</span>
      </button>
    </div>
  </div>
</template>

<style scoped>
.ends {
  display: flex;
}
.end {
  border: var(--zb-line);
  background: var(--zb-sheet);
  margin-right: -2px;
  padding: 6px 12px 8px;
  cursor: pointer;
  min-width: 132px;
}
.end svg {
  width: 116px;
  height: 80px;
  display: block;
}
.on {
  background: var(--zb-lemon);
  color: var(--zb-on-lemon);
  font-weight: 600;
}
.shell {
  fill: var(--zb-paper);
  stroke: var(--zb-ink);
  stroke-width: 2.5;
}
.shaft {
  fill: var(--zb-ink);
}
.leads,
.arrow {
  fill: none;
  stroke: var(--zb-ink);
  stroke-width: 3;
}
.arrow {
  stroke-width: 4;
}
</style>
