<script setup lang="ts">
import UPlot from 'uplot'
import 'uplot/dist/uPlot.min.css'
import { useElementSize } from '@vueuse/core'
import { onBeforeUnmount, ref, watch } from 'vue'
import { dayOf, timeOf } from './time'

/** One value over time: a line through its readings. The same figures stand beside it for those who do not see it. */
const props = defineProps<{
  name: string
  unit: string
  points: readonly { atMillis: number; value: number }[]
  /** read within one visit: told by the clock, not the day */
  isOfToday?: boolean
  /** lines across: what it may not leave */
  limits?: readonly number[]
}>()
const whenOf = (millis: number) => (props.isOfToday ? timeOf(millis) : dayOf(millis))
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
  const limits = props.limits ?? []
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
          range: (_, lowest, highest) => {
            const all = [lowest, highest, ...(props.limits ?? [])]
            const [low, high] = [Math.min(...all), Math.max(...all)]
            const edge = (high - low || Math.abs(high)) * 0.3
            return [low < 0 ? low - edge : Math.max(0, low - edge), high + edge]
          },
        },
      },
      axes: [axis, { ...axis, size: 56 }],
      series: [
        {},
        { stroke: ink, width: 2, points: { show: true, size: 9, fill: colour('--zb-lemon'), stroke: ink } },
        ...limits.map(() => ({ stroke: ink, width: 1, dash: [6, 5], points: { show: false } })),
      ],
    },
    [
      props.points.map((p) => p.atMillis / SECOND),
      props.points.map((p) => p.value),
      ...limits.map((limit) => props.points.map(() => limit)),
    ],
    box.value,
  )
}
watch([() => props.points, width], draw, { flush: 'post' })
onBeforeUnmount(() => plot?.destroy())
</script>

<template>
  <figure class="plot">
    <!-- its height is there before its width is measured: what stands below never moves -->
    <div ref="box" :style="{ height: `${HEIGHT}px` }" aria-hidden="true" />
    <figcaption class="zb-small zb-soft">
      {{ name }}: {{ points.map((p) => `${whenOf(p.atMillis)} ${p.value} ${unit}`).join(', ') }}
    </figcaption>
  </figure>
</template>

<style scoped>
.plot {
  margin: 6px 0;
}
</style>
