<script setup lang="ts">
import { computed } from 'vue'
import type { QuestionView } from '@/api/types'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import { useCall } from '@/stores/call'

/** A question and its answers in one line; a second tap takes the answer back. */
const props = defineProps<{ question: QuestionView }>()
const store = useCall()
/** What readings say stands until someone taps. */
const answer = computed(() => props.question.answer ?? props.question.measured ?? null)
const measuredWords = computed(
  () => props.question.answers.find((a) => a.key === props.question.measured)?.words ?? '',
)

function give(key: string | null) {
  // a tap on what the readings say takes nothing back: there is no answer yet
  if (!store.isWorking || (key === null && props.question.answer === undefined)) return
  void store.change('POST', '/answers', `${props.question.words}: ${key ?? 'not known'}`, {
    question: props.question.key,
    ...(key === null ? {} : { answer: key }),
  })
}
</script>

<template>
  <div class="question" :class="{ many: question.answers.length > 2 }" :data-question="question.key">
    <span class="words">{{ question.words }}</span>
    <ChoiceButtons
      class="answers"
      :label="question.words"
      is-hidden-label
      is-clearable
      :choices="question.answers.map((a) => ({ value: a.key, words: a.words }))"
      :model-value="answer"
      @update:model-value="give"
    />
    <span v-if="measuredWords" class="zb-small measured">
      {{ question.answer ? `readings say: ${measuredWords}` : 'by the readings' }}
    </span>
  </div>
</template>

<style scoped>
.question {
  display: grid;
  grid-template-columns: minmax(96px, 1fr) minmax(0, max-content);
  gap: 0 10px;
  align-items: center;
  padding: 3px 0;
  border-bottom: 1px solid var(--zb-hair);
}
@media (max-width: 1100px) {
  .many {
    grid-template-columns: minmax(0, 1fr);
    padding-top: 8px;
  }
}
.answers :deep(.choice) {
  padding: 4px 12px;
}
.measured {
  grid-column: 1 / -1;
  text-align: right;
}
</style>
