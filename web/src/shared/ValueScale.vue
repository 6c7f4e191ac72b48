<script setup lang="ts">
import { computed } from 'vue'
import type { Scale } from '@/api/types'

/** Rated against measured: a fixed axis, the allowed band as a box, the meter's doubt as a bar, the reading as a pointer. */
const props = defineProps<{ scale?: Scale; low: string; high: string; rated: string; words: string }>()

const WIDTH = 400
const INSET = 22
const x = (percent: number) => INSET + (percent / 100) * (WIDTH - 2 * INSET)
const at = computed(() => {
  const s = props.scale
  if (!s) return null
  return {
    low: x(s.lowAt),
    high: x(s.highAt),
    rated: s.ratedAt === undefined ? null : x(s.ratedAt),
    value: x(s.valueAt),
    from: x(s.doubtFrom),
    to: x(s.doubtTo),
    last: s.lastAt === undefined ? null : x(s.lastAt),
    off: s.off,
  }
})
/** Labels keep clear of each other where limits and rated value lie close. */
const hasRatedLabel = computed(
  () => at.value?.rated != null && at.value.rated - at.value.low > 44 && at.value.high - at.value.rated > 44,
)
</script>

<template>
  <svg
    class="scale"
    :viewBox="`0 0 ${WIDTH} 64`"
    role="img"
    :aria-label="words"
    preserveAspectRatio="xMinYMid meet"
  >
    <line x1="16" :x2="WIDTH - 16" y1="32" y2="32" stroke="var(--zb-ink)" stroke-width="2" />
    <template v-if="at">
      <rect
        :x="at.low"
        y="23"
        :width="Math.max(2, at.high - at.low)"
        height="18"
        fill="var(--zb-sheet)"
        stroke="var(--zb-ink)"
        stroke-width="2"
      />
      <line
        v-if="at.rated !== null"
        :x1="at.rated"
        :x2="at.rated"
        y1="23"
        y2="41"
        stroke="var(--zb-ink)"
        stroke-width="2"
      />
      <line
        v-if="at.last !== null"
        :x1="at.last"
        :x2="at.last"
        y1="32"
        y2="50"
        stroke="var(--zb-rind)"
        stroke-width="4"
      >
        <title>last visit</title>
      </line>
      <template v-if="at.off === 'NO'">
        <rect
          :x="at.from"
          y="12"
          :width="Math.max(3, at.to - at.from)"
          height="6"
          fill="var(--zb-lemon)"
          stroke="var(--zb-ink)"
          stroke-width="1"
        />
        <path :d="`M${at.value - 9} 8h18l-9 17z`" fill="var(--zb-ink)" />
      </template>
      <path v-else-if="at.off === 'UNDER'" d="M2 32l15-9v18z" fill="var(--zb-rind)" stroke="var(--zb-ink)" />
      <path v-else :d="`M${WIDTH - 2} 32l-15-9v18z`" fill="var(--zb-rind)" stroke="var(--zb-ink)" />
      <text :x="at.low" y="59" text-anchor="middle" class="limit">{{ low }}</text>
      <text v-if="hasRatedLabel" :x="at.rated ?? 0" y="59" text-anchor="middle" class="limit soft">
        {{ rated }}
      </text>
      <text :x="at.high" y="59" text-anchor="middle" class="limit">{{ high }}</text>
    </template>
  </svg>
</template>

<style scoped>
.scale {
  width: 100%;
  max-width: 440px;
  height: auto;
  display: block;
}
.limit {
  font-family: var(--zb-text);
  font-size: 16px;
  fill: var(--zb-ink);
}
.soft {
  fill: var(--zb-soft);
}
</style>
