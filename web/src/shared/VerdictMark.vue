<script setup lang="ts">
import type { Verdict } from '@/api/types'

/** A verdict as shape and word; the colour stays inside the shape. */
defineProps<{ verdict: Verdict; word: string; isPreview?: boolean }>()
</script>

<template>
  <span class="mark" :class="{ preview: isPreview }">
    <svg width="18" height="18" viewBox="0 0 18 18" aria-hidden="true">
      <circle
        v-if="verdict === 'GOOD'"
        cx="9"
        cy="9"
        r="7"
        fill="var(--zb-leaf)"
        stroke="var(--zb-ink)"
        stroke-width="2"
      />
      <g v-else-if="verdict === 'WEAK'" stroke="var(--zb-ink)" stroke-width="2">
        <circle cx="9" cy="9" r="7" fill="var(--zb-sheet)" />
        <path d="M9 2a7 7 0 0 1 0 14z" fill="var(--zb-rind)" />
      </g>
      <g v-else-if="verdict === 'FAILED'" stroke-width="2">
        <circle cx="9" cy="9" r="7" fill="var(--zb-sheet)" stroke="var(--zb-ink)" />
        <path d="M6 6l6 6M12 6l-6 6" stroke="var(--zb-rind)" stroke-width="2.6" />
      </g>
      <g v-else-if="verdict === 'NOT_JUDGED'" stroke="var(--zb-ink)" stroke-width="2" fill="none">
        <path d="M3 9h12" />
      </g>
      <circle
        v-else
        cx="9"
        cy="9"
        r="7"
        fill="var(--zb-sheet)"
        stroke="var(--zb-ink)"
        stroke-width="2"
        stroke-dasharray="3 2.5"
      />
    </svg>
    <b>{{ word }}</b>
  </span>
</template>

<style scoped>
.mark {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  white-space: nowrap;
  letter-spacing: 0.02em;
}
.mark svg {
  flex: none;
}
</style>
