<script setup lang="ts" generic="T extends string">
/** The pages of a step, one at a time. */
defineProps<{ label: string; pages: readonly { value: T; words: string }[] }>()
const at = defineModel<T>({ required: true })
</script>

<template>
  <nav class="pages" :aria-label="label">
    <button
      v-for="p in pages"
      :key="p.value"
      type="button"
      class="page"
      :class="{ on: at === p.value }"
      :aria-pressed="at === p.value"
      @click="at = p.value"
    >
      {{ p.words }}
    </button>
  </nav>
</template>

<style scoped>
.pages {
  display: flex;
  padding: 0 20px;
  border-bottom: 1px solid var(--zb-hair);
}
.page {
  min-height: 48px;
  padding: 0 18px 0 0;
  border: 0;
  background: none;
  cursor: pointer;
  color: var(--zb-soft);
}
.page.on {
  color: var(--zb-ink);
  font-weight: 700;
  text-decoration: underline;
  text-decoration-thickness: 3px;
  text-underline-offset: 6px;
}
@media (max-width: 839px) {
  .pages {
    padding: 0 16px;
  }
}
</style>
