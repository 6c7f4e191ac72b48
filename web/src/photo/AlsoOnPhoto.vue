<script setup lang="ts">
import type { LabelPhotoView } from '@/api/types'
import type { Cut } from './picture'

/** What the photo shows beside its label: a panel sticker, other labels, or too little to read. */
const props = defineProps<{ seen: LabelPhotoView }>()
const emit = defineEmits<{ cut: [part: Cut] }>()
/** Around a label that is cut out, px of the photo. */
const AROUND = 24

function cutTo(box: readonly (readonly number[])[] | undefined) {
  if (!box) return
  const xs = box.map((p) => p[0] ?? 0)
  const ys = box.map((p) => p[1] ?? 0)
  const x = Math.max(0, Math.min(...xs) - AROUND)
  const y = Math.max(0, Math.min(...ys) - AROUND)
  const right = Math.min(props.seen.width, Math.max(...xs) + AROUND)
  const bottom = Math.min(props.seen.height, Math.max(...ys) + AROUND)
  emit('cut', { x, y, width: right - x, height: bottom - y })
}
</script>

<template>
  <p v-if="seen.sticker" class="also">
    <span
      >Panel sticker: <b>{{ seen.sticker.words }}</b></span
    >
    <v-btn v-if="seen.sticker.unit" height="48" :to="`/units/${seen.sticker.unit}`">Open the unit</v-btn>
  </p>
  <p v-if="seen.others.length" class="also">
    <b>{{ seen.others.length + 1 }} labels on this photo.</b> Instead of this one:
    <v-btn v-for="(o, i) in seen.others" :key="i" height="48" @click="cutTo(o.box)">{{ o.title }}</v-btn>
  </p>
  <p v-if="seen.read.hint && !seen.sticker" class="zb-caution" role="status">
    <b>{{ seen.read.hint }}</b>
  </p>
</template>

<style scoped>
.also {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
  padding: 8px 0;
}
</style>
