<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Cut } from './picture'

/** The photo with a box over each piece that was read; a tap on one lights its field, a drag cuts where cutting is on. */
export interface Boxed {
  start: number
  box: readonly (readonly number[])[] | null
  /** the number beside a doubted piece */
  number?: number
  isStrange?: boolean
  isPrivate?: boolean
}
const props = defineProps<{
  url: string
  width: number
  height: number
  boxes: readonly Boxed[]
  isCutting: boolean
}>()
const emit = defineEmits<{ cut: [part: Cut] }>()
const lit = defineModel<number | null>('lit', { required: true })
const LEAST = 40
const picture = ref<SVGSVGElement | null>(null)
const from = ref<{ x: number; y: number } | null>(null)
const to = ref<{ x: number; y: number } | null>(null)
const marked = computed(() =>
  from.value && to.value
    ? {
        x: Math.min(from.value.x, to.value.x),
        y: Math.min(from.value.y, to.value.y),
        width: Math.abs(to.value.x - from.value.x),
        height: Math.abs(to.value.y - from.value.y),
      }
    : null,
)
function at(event: PointerEvent) {
  const box = picture.value?.getBoundingClientRect()
  if (!box) return { x: 0, y: 0 }
  const inside = (value: number, most: number) => Math.round(Math.max(0, Math.min(most, value)))
  return {
    x: inside(((event.clientX - box.left) / box.width) * props.width, props.width),
    y: inside(((event.clientY - box.top) / box.height) * props.height, props.height),
  }
}
function begin(event: PointerEvent) {
  if (!props.isCutting) return
  picture.value?.setPointerCapture(event.pointerId)
  from.value = to.value = at(event)
}
function move(event: PointerEvent) {
  if (from.value) to.value = at(event)
}
function end() {
  const part = marked.value
  from.value = to.value = null
  if (part && part.width >= LEAST && part.height >= LEAST) emit('cut', part)
}
/** Around the writing and not on it. */
const MARGIN = 0.16
function points(b: Boxed) {
  const [a, c, , d] = (b.box ?? []).map(([x = 0, y = 0]) => ({ x, y }))
  if (!a || !c || !d || !b.box) return ''
  const high = Math.hypot(d.x - a.x, d.y - a.y)
  const long = Math.max(1, Math.hypot(c.x - a.x, c.y - a.y))
  const by = high * MARGIN
  const u = { x: ((c.x - a.x) / long) * by, y: ((c.y - a.y) / long) * by }
  const v = { x: ((d.x - a.x) / Math.max(1, high)) * by, y: ((d.y - a.y) / Math.max(1, high)) * by }
  const out = [
    [-1, -1],
    [1, -1],
    [1, 1],
    [-1, 1],
  ]
  return b.box
    .map(([x = 0, y = 0], i) => {
      const [along = 0, across = 0] = out[i] ?? []
      return `${x + along * u.x + across * v.x},${y + along * u.y + across * v.y}`
    })
    .join(' ')
}
const mark = (b: Boxed) => {
  const corner = b.box?.[1] ?? [0, 0]
  return { x: (corner[0] ?? 0) + props.width * 0.004, y: corner[1] ?? 0 }
}
const side = computed(() => Math.max(props.width, props.height) * 0.035)
</script>

<template>
  <svg
    ref="picture"
    class="photo"
    :class="{ cutting: isCutting }"
    :viewBox="`0 0 ${width} ${height}`"
    role="img"
    aria-label="The photo with what was read of it"
    @pointerdown="begin"
    @pointermove="move"
    @pointerup="end"
  >
    <image :href="url" :width="width" :height="height" />
    <g v-for="b in boxes" :key="`${b.start} ${b.isStrange}`" @click="lit = b.start">
      <polygon v-if="b.box" :points="points(b)" class="halo" />
      <polygon
        v-if="b.box"
        :points="points(b)"
        class="box"
        :class="{ lit: lit === b.start, doubted: b.number, strange: b.isStrange, hidden: b.isPrivate }"
      />
      <g v-if="b.box && b.number">
        <rect :x="mark(b).x" :y="mark(b).y" :width="side" :height="side" class="number" />
        <text
          :x="mark(b).x + side / 2"
          :y="mark(b).y + side * 0.74"
          :font-size="side * 0.7"
          text-anchor="middle"
          class="digit"
        >
          {{ b.number }}
        </text>
      </g>
    </g>
    <rect v-if="marked" v-bind="marked" class="marked" />
  </svg>
</template>

<style scoped>
.photo {
  display: block;
  width: 100%;
  max-height: 100%;
  border: var(--zb-line);
  background: var(--zb-ink);
}
.cutting {
  cursor: crosshair;
  touch-action: none;
}
.halo {
  fill: none;
  stroke: #fffefa;
  stroke-width: 5px;
  vector-effect: non-scaling-stroke;
}
.box {
  fill: transparent;
  stroke: #14211b;
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
  cursor: pointer;
}
.strange {
  stroke-dasharray: 2 5;
}
.doubted {
  stroke-width: 3px;
  stroke-dasharray: 8 5;
}
.lit {
  fill: rgba(247, 209, 23, 0.4);
}
.hidden {
  fill: #14211b;
}
.number {
  fill: #f7d117;
  stroke: #14211b;
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
}
.digit {
  font-weight: 700;
  fill: #14211b;
}
.marked {
  fill: rgba(247, 209, 23, 0.25);
  stroke: #f7d117;
  stroke-width: 3px;
  vector-effect: non-scaling-stroke;
}
</style>
