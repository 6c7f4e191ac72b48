<script setup lang="ts">
import UPlot from 'uplot'
import 'uplot/dist/uPlot.min.css'
import { useElementSize } from '@vueuse/core'
import { onBeforeUnmount, ref, watch } from 'vue'
import { dayOf } from './time'

/** One value over time: a line through its readings. The same figures stand beside it for those who do not see it. */
const props = defineProps<{
  name: string
  unit: string
  points: readonly { atMillis: number; value: number }[]
}>()
const HEIGHT = 170
const SECOND = 1000
const box = ref<HTMLElement | null>(null)
const { width } = useElementSize(box)
let plot: UPlot | null = null

function colour(name: string) {
  return getComputedStyle(document.documentElement).getPropertyValue(name).trim() || '#14201a'
}
function draw() {
  plot?.destroy()
  plot = null
  if (!box.value || width.value === 0) return
  const ink = colour('--zb-ink')
  const hair = colour('--zb-hair')
  const axis = { stroke: ink, grid: { stroke: hair, width: 1 }, ticks: { stroke: hair, width: 1 } }
  plot = new UPlot(
    {
      width: width.value,
      height: HEIGHT,
      legend: { show: false },
      cursor: { show: false },
      scales: {
        y: {
          range: (_, low, high) => [
            Math.max(0, low - (high - low || high) * 0.3),
            high + (high - low || high) * 0.3,
          ],
        },
      },
      axes: [axis, { ...axis, size: 56 }],
      series: [
        {},
        { stroke: ink, width: 2, points: { show: true, size: 9, fill: colour('--zb-lemon'), stroke: ink } },
      ],
    },
    [props.points.map((p) => p.atMillis / SECOND), props.points.map((p) => p.value)],
    box.value,
  )
}
watch([() => props.points, width], draw, { flush: 'post' })
onBeforeUnmount(() => plot?.destroy())
</script>

<template>
  <figure class="plot">
    <div ref="box" aria-hidden="true" />
    <figcaption class="zb-small zb-soft">
      {{ name }}: {{ points.map((p) => `${dayOf(p.atMillis)} ${p.value} ${unit}`).join(', ') }}
    </figcaption>
  </figure>
</template>

<style scoped>
.plot {
  margin: 6px 0;
}
</style>
