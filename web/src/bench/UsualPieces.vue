<script setup lang="ts">
import { computed } from 'vue'
import type { Attribute, Fields } from '@/api/types'

/** What is usual where the label says nothing so far, put into its text by a tap. */
const props = defineProps<{ attributes: readonly Attribute[]; fields: Fields }>()
const emit = defineEmits<{ take: [piece: string] }>()
const pieces = computed(() =>
  props.attributes.filter((a) => props.fields[a.name] === undefined).flatMap((a) => a.usual),
)
</script>

<template>
  <p v-if="pieces.length" class="usual" role="group" aria-label="Usual on such labels">
    <span class="zb-soft">in a tap</span>
    <button v-for="p in pieces" :key="p" type="button" class="piece zb-figure" @click="emit('take', p)">
      {{ p }}
    </button>
  </p>
</template>

<style scoped>
.usual {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  margin: 4px 0 8px;
}
.piece {
  min-height: 48px;
  padding: 0 14px;
  border: var(--zb-line);
  background: var(--zb-sheet);
  font-size: 17px;
  cursor: pointer;
}
</style>
