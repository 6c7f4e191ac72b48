<script setup lang="ts">
import type { LabelPhotoView } from '@/api/types'
import PhotoCut from './PhotoCut.vue'

/** A piece of a photo that may be read in two ways: both to tap beside its crop, and room to type a third. */
defineProps<{
  piece: LabelPhotoView['read']['pieces'][number] & { box: readonly (readonly number[])[] | null }
  number: number
  url: string
  width: number
  height: number
  taken: string | undefined
}>()
const emit = defineEmits<{ take: [value: string] }>()
</script>

<template>
  <div class="doubt">
    <p class="head">
      <span class="number" aria-hidden="true">{{ number }}</span> <b>{{ piece.what }}</b>
    </p>
    <PhotoCut :url="url" :width="width" :height="height" :box="piece.box" class="cut" />
    <div class="pick" role="group" :aria-label="piece.what">
      <button
        v-for="value in [piece.text, piece.doubt?.other ?? '']"
        :key="value"
        type="button"
        class="value zb-value zb-figure"
        :aria-pressed="taken === value"
        @click="emit('take', value)"
      >
        {{ value }}
      </button>
      <input
        class="value zb-value zb-figure"
        :aria-label="`${piece.what}: type it`"
        placeholder="type it"
        @change="emit('take', ($event.target as HTMLInputElement).value)"
      />
    </div>
    <p v-if="piece.doubt?.settled" class="settled">{{ piece.doubt.settled }}.</p>
  </div>
</template>

<style scoped>
.doubt {
  display: grid;
  grid-template-columns: 132px minmax(0, 1fr);
  gap: 8px 10px;
  padding-bottom: 12px;
  margin-bottom: 10px;
  border-bottom: 1px solid var(--zb-hair);
}
.head {
  grid-column: 1 / -1;
  display: flex;
  gap: 10px;
  align-items: center;
  margin: 0;
}
.number {
  width: 28px;
  height: 28px;
  display: grid;
  place-items: center;
  background: var(--zb-lemon);
  color: var(--zb-on-lemon);
  border: var(--zb-line);
  font-weight: 700;
}
.cut {
  height: 56px;
}
.pick {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
}
button.value {
  cursor: pointer;
}
.value[aria-pressed='true'] {
  background: var(--zb-ink);
  color: var(--zb-paper);
}
.settled {
  grid-column: 1 / -1;
}
</style>
