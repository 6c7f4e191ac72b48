<script setup lang="ts" generic="T extends string">
/** One of a few, all in view. */
defineProps<{
  label: string
  choices: readonly { value: T; words: string }[]
  isHiddenLabel?: boolean
  /** a second tap takes the choice back */ isClearable?: boolean
}>()
const value = defineModel<T | null>({ required: true })
</script>

<template>
  <div role="group" :aria-label="label">
    <span v-if="!isHiddenLabel" class="zb-label" aria-hidden="true">{{ label }}</span>
    <div class="row">
      <button
        v-for="c in choices"
        :key="c.value"
        type="button"
        class="choice"
        :class="{ on: value === c.value }"
        :aria-pressed="value === c.value"
        @click="value = isClearable && value === c.value ? null : c.value"
      >
        {{ c.words }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
}
.choice {
  min-height: 48px;
  min-width: 64px;
  padding: 4px 16px;
  border: var(--zb-line);
  background: var(--zb-sheet);
  margin: 0 -2px -2px 0;
  cursor: pointer;
  text-align: left;
}
.on {
  font-weight: 700;
  box-shadow: inset 0 -6px 0 var(--zb-ink);
}
</style>
