<script setup lang="ts">
import { useUndo } from '@/stores/undo'

/** What was just done, with the way back. */
const store = useUndo()
</script>

<template>
  <p v-if="store.words" class="undo zb-noprint" role="status">
    <span class="words">{{ store.words }}</span>
    <button type="button" class="back" @click="store.take()">Undo</button>
  </p>
</template>

<style scoped>
.undo {
  position: fixed;
  inset: auto auto 0 0;
  width: 272px;
  z-index: 30;
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  min-height: 56px;
  padding: 4px 8px 4px 16px;
  background: var(--zb-ink);
  color: var(--zb-paper);
  font-weight: 600;
}
.left-hand .undo {
  inset: auto 0 0 auto;
}
.words {
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
}
.back {
  min-height: 48px;
  min-width: 80px;
  border: 0;
  background: var(--zb-lemon);
  color: var(--zb-on-lemon);
  font-weight: 700;
  cursor: pointer;
}
@media (max-width: 1100px) {
  .undo {
    width: 232px;
  }
}
@media (max-width: 839px) {
  .undo,
  .left-hand .undo {
    inset: 0 0 auto;
    width: auto;
    min-height: 48px;
    padding: 0 0 0 12px;
  }
  .words {
    -webkit-line-clamp: 1;
  }
}
</style>
