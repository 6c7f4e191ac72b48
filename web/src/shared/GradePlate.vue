<script setup lang="ts">
import type { Grade } from '@/api/types'

/** The grade of an offer as an outlined plate. */
defineProps<{ grade: Grade; word: string; isChosen?: boolean }>()
</script>

<template>
  <span class="zb-plate grade" :class="{ chosen: isChosen, never: grade === 'REFUSED' }">{{ word }}</span>
</template>

<style scoped>
.grade {
  font-size: 17px;
  padding: 1px 7px;
  display: inline-block;
}
.chosen {
  background: var(--zb-lemon);
  color: var(--zb-on-lemon);
}
.never {
  border-style: dashed;
}
</style>
