<script setup lang="ts">
/** Something that comes up on a unit: a flag, where, and what in words; a tap leads there. */
defineProps<{ flag: string; isNow?: boolean; site: string; unit: string; words: string }>()
const emit = defineEmits<{ go: [] }>()
</script>

<template>
  <button type="button" class="due zb-bare" @click="emit('go')">
    <b class="zb-name flag" :class="{ now: isNow }">{{ flag }}</b>
    <span
      ><b>{{ site }}</b
      >, {{ unit }}</span
    >
    <span class="zb-soft">{{ words }}</span>
  </button>
</template>

<style scoped>
.due {
  width: 100%;
  display: grid;
  grid-template-columns: 136px minmax(0, 1fr) minmax(0, 420px);
  gap: 16px;
  align-items: center;
  min-height: 52px;
  border-bottom: 1px solid var(--zb-hair) !important;
}
.flag {
  font-size: 19px;
  border: var(--zb-line);
  padding: 0 8px;
  justify-self: start;
  background: var(--zb-sheet);
}
.now {
  background: var(--zb-ink);
  color: var(--zb-paper);
}
@media (max-width: 839px) {
  .due {
    grid-template-columns: minmax(0, 1fr);
    gap: 2px;
    padding: 8px 0;
  }
}
</style>
