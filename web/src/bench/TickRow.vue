<script setup lang="ts">
/** One thing to do and tick off, the whole line a target. */
defineProps<{ text: string; isDone: boolean; isOff: boolean }>()
const emit = defineEmits<{ tick: [] }>()
</script>

<template>
  <label class="tick">
    <span>{{ text }}</span>
    <input type="checkbox" class="zb-tick" :checked="isDone" :disabled="isOff" @change="emit('tick')" />
  </label>
</template>

<style scoped>
.tick {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 48px;
  gap: 10px;
  align-items: center;
  min-height: 48px;
  border-bottom: 1px solid var(--zb-hair);
  cursor: pointer;
}
</style>
