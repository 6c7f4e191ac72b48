<script setup lang="ts">
import { computed } from 'vue'

/** A figure in the meter's digits, its point always at the same place in the column; one text, so that it is read out as one. */
const props = defineProps<{ figure: string; whole?: number }>()
const missing = computed(() => {
  const point = props.figure.indexOf('.')
  return Math.max(0, (props.whole ?? 3) - (point < 0 ? props.figure.length : point))
})
</script>

<template>
  <span class="zb-figure aligned" :style="{ paddingLeft: `${missing}ch` }">{{ figure }}</span>
</template>

<style scoped>
.aligned {
  white-space: nowrap;
}
</style>
