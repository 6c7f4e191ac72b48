<script setup lang="ts">
import { computed } from 'vue'

/** A figure in the meter's digits, its point always at the same place in the column. */
const props = defineProps<{ figure: string; whole?: number }>()
const point = computed(() => props.figure.indexOf('.'))
const left = computed(() => (point.value < 0 ? props.figure : props.figure.slice(0, point.value)))
const right = computed(() => (point.value < 0 ? '' : props.figure.slice(point.value)))
</script>

<template>
  <span class="zb-figure aligned"
    ><span class="whole" :style="{ minWidth: `${whole ?? 3}ch` }">{{ left }}</span
    ><span>{{ right }}</span></span
  >
</template>

<style scoped>
.aligned {
  display: inline-flex;
  white-space: nowrap;
}
.whole {
  text-align: right;
}
</style>
