<script setup lang="ts">
import { computed } from 'vue'

/** The piece of the photo that a field was read from. */
const props = defineProps<{
  url: string
  width: number
  height: number
  box: readonly (readonly number[])[] | null
}>()
const MARGIN = 0.35
const view = computed(() => {
  const xs = (props.box ?? []).map((p) => p[0] ?? 0)
  const ys = (props.box ?? []).map((p) => p[1] ?? 0)
  if (!xs.length) return '0 0 1 1'
  const high = Math.max(...ys) - Math.min(...ys)
  const by = high * MARGIN
  return [
    Math.min(...xs) - by,
    Math.min(...ys) - by,
    Math.max(...xs) - Math.min(...xs) + 2 * by,
    high + 2 * by,
  ].join(' ')
})
</script>

<template>
  <svg class="cut" :viewBox="view" aria-hidden="true">
    <image v-if="box" :href="url" :width="width" :height="height" />
  </svg>
</template>

<style scoped>
.cut {
  display: block;
  width: 100%;
  height: 100%;
  border: var(--zb-line);
  background: var(--zb-paper);
}
</style>
