<script setup lang="ts">
import type { Help } from '@/api/types'

/** A few lines of ink where a picture says more than words. */
defineProps<{ picture: NonNullable<Help['picture']> }>()

const NAMES: Record<NonNullable<Help['picture']>, string> = {
  DUAL_TERMINALS: 'A dual capacitor from above: C in common, HERM for the compressor, FAN for the fan',
  METER_ON_CAPACITOR: 'Leads off: one probe on C, one on the section that is read',
  COMMON_RUN_START: 'Three terminals: C to R least ohms, C to S more, R to S the sum of both',
  LINE_AND_LOAD: 'A contactor: line on one side, load on the other, the coil beside them',
  MOTOR_ENDS: 'A motor: clockwise seen from the lead end is counter-clockwise from the shaft end',
}
</script>

<template>
  <figure class="picture">
    <svg viewBox="0 0 420 170" role="img" :aria-label="NAMES[picture]">
      <g fill="none" stroke="var(--zb-ink)" stroke-width="3" stroke-linejoin="round">
        <template v-if="picture === 'DUAL_TERMINALS' || picture === 'METER_ON_CAPACITOR'">
          <ellipse cx="130" cy="85" rx="100" ry="68" fill="var(--zb-sheet)" />
          <rect x="92" y="40" width="14" height="26" fill="var(--zb-lemon)" />
          <rect x="112" y="40" width="14" height="26" fill="var(--zb-lemon)" />
          <rect x="60" y="96" width="14" height="26" />
          <rect x="180" y="96" width="14" height="26" />
          <template v-if="picture === 'METER_ON_CAPACITOR'">
            <rect x="312" y="30" width="90" height="116" rx="6" fill="var(--zb-sheet)" />
            <path d="M109 53C200 10 260 20 330 146M187 109C240 150 300 165 380 146" />
          </template>
        </template>
        <template v-else-if="picture === 'COMMON_RUN_START'">
          <path d="M210 26L110 138H310Z" fill="var(--zb-sheet)" />
          <circle cx="210" cy="26" r="13" fill="var(--zb-lemon)" />
          <circle cx="110" cy="138" r="13" fill="var(--zb-sheet)" />
          <circle cx="310" cy="138" r="13" fill="var(--zb-sheet)" />
        </template>
        <template v-else-if="picture === 'LINE_AND_LOAD'">
          <rect x="130" y="26" width="160" height="118" fill="var(--zb-sheet)" />
          <path
            d="M20 58H130M20 112H130M290 58H400M290 112H400M130 58h56l44 -20M130 112h56l44 -20M234 58h56M234 112h56"
          />
        </template>
        <template v-else>
          <rect x="120" y="36" width="150" height="96" rx="10" fill="var(--zb-sheet)" />
          <path
            d="M270 84H360M120 66c-30 0 -40 -16 -70 -12M120 84c-30 0 -40 4 -70 4M120 102c-30 0 -40 16 -70 18"
          />
          <path d="M366 52a34 34 0 0 1 0 64m0 0l12 -4m-12 4l2 -12" />
          <path d="M96 116a34 34 0 0 1 0 -64m0 0l-12 4m12 -4l-2 12" />
        </template>
      </g>
      <g class="words" text-anchor="middle">
        <template v-if="picture === 'DUAL_TERMINALS' || picture === 'METER_ON_CAPACITOR'">
          <text x="109" y="34">C</text>
          <text x="67" y="90">FAN</text>
          <text x="187" y="90">HERM</text>
          <template v-if="picture === 'DUAL_TERMINALS'">
            <text x="320" y="56" text-anchor="start">C: common</text>
            <text x="260" y="90" text-anchor="start">HERM: the large one</text>
            <text x="260" y="124" text-anchor="start">FAN: the small one</text>
          </template>
          <text v-else x="357" y="74">µF</text>
        </template>
        <template v-else-if="picture === 'COMMON_RUN_START'">
          <text x="210" y="32">C</text>
          <text x="110" y="144">R</text>
          <text x="310" y="144">S</text>
          <text x="128" y="76" text-anchor="end">least</text>
          <text x="292" y="76" text-anchor="start">more</text>
          <text x="210" y="164">both together</text>
        </template>
        <template v-else-if="picture === 'LINE_AND_LOAD'">
          <text x="66" y="44">line, hot</text>
          <text x="354" y="44">load</text>
          <text x="210" y="164">coil on its own two posts</text>
        </template>
        <template v-else>
          <text x="62" y="160">lead end</text>
          <text x="360" y="160">shaft end</text>
        </template>
      </g>
    </svg>
  </figure>
</template>

<style scoped>
.picture {
  margin: 0;
}
svg {
  width: 100%;
  max-width: 460px;
}
.words text {
  font: 600 17px var(--zb-text);
  fill: var(--zb-ink);
}
</style>
