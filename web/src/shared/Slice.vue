<script setup lang="ts">
import { computed } from 'vue'
import { STEPS, type Step } from '@/api/types'

/** The round of six segments: one for each step of a part, filled as they are done, the one at hand in lemon. */
const props = defineProps<{ filled: readonly Step[]; at?: Step | null; isGood?: boolean; size?: number }>()

const RADIUS = 17
const corner = (turn: number) => {
  const angle = (turn / 6) * 2 * Math.PI - Math.PI / 2
  return `${(22 + RADIUS * Math.cos(angle)).toFixed(2)} ${(22 + RADIUS * Math.sin(angle)).toFixed(2)}`
}
const segments = computed(() =>
  STEPS.map(({ step }, i) => ({
    step,
    path: `M22 22L${corner(i)}A${RADIUS} ${RADIUS} 0 0 1 ${corner(i + 1)}z`,
    fill: props.at === step ? 'var(--zb-lemon)' : props.filled.includes(step) ? 'var(--zb-ink)' : 'none',
  })),
)
const words = computed(() => `${props.filled.length} of 6 steps done`)
</script>

<template>
  <svg
    :width="size ?? 44"
    :height="size ?? 44"
    viewBox="0 0 44 44"
    role="img"
    :aria-label="words"
    class="slice"
  >
    <circle cx="22" cy="22" r="20" fill="var(--zb-sheet)" stroke="var(--zb-ink)" stroke-width="2.5" />
    <path
      v-for="s in segments"
      :key="s.step"
      :d="s.path"
      :fill="s.fill"
      stroke="var(--zb-sheet)"
      stroke-width="2.5"
    />
    <path
      v-for="s in segments"
      :key="s.step + 'o'"
      :d="s.path"
      fill="none"
      stroke="var(--zb-hair)"
      :stroke-width="s.fill === 'none' ? 1 : 0"
    />
  </svg>
</template>

<style scoped>
.slice {
  display: block;
  flex: none;
}
</style>
