<script setup lang="ts">
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import { useCall } from '@/stores/call'

/** What is seen and felt on a part, in taps. */
const store = useCall()
function see(look: string, seen: string | null) {
  if (seen !== null) void store.changePart('POST', '/looks', `${look} ${seen}`, { look, seen })
}
</script>

<template>
  <div class="looks">
    <div v-for="l in store.part?.looks" :key="l.key">
      <ChoiceButtons
        :label="l.question"
        :choices="l.answers.map((a) => ({ value: a.key, words: a.words }))"
        :model-value="l.seen ?? null"
        @update:model-value="see(l.key, $event)"
      />
      <p v-if="l.meaning" class="meaning">
        <b>{{ l.meaning }}</b>
      </p>
    </div>
  </div>
</template>

<style scoped>
.looks {
  display: grid;
  gap: 20px;
}
.meaning {
  margin-top: 8px;
}
</style>
