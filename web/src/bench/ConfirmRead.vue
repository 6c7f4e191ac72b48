<script setup lang="ts">
import { computed } from 'vue'
import type { Fields } from '@/api/types'
import { useCall } from '@/stores/call'
import { textOf } from './fieldText'

/** What decides a match and was read with a doubt: the question, and one tap on either value. */
const store = useCall()
const part = computed(() => store.part)
const questions = computed(() =>
  (part.value?.doubts ?? []).flatMap((d) => {
    const attribute = part.value?.attributes.find((a) => a.name === d.attribute)
    return attribute && d.isDeciding
      ? [{ ...d, as: attribute, read: (part.value?.fields as Fields)[d.attribute] }]
      : []
  }),
)
type Question = (typeof questions.value)[number]
/** A row of several figures has no short words. */
const isPlain = (value: unknown) =>
  typeof value !== 'object' || (Array.isArray(value) && typeof value[0] !== 'object')
const words = (q: Question, value: unknown) =>
  isPlain(value) ? `${textOf(q.as, value)} ${q.as.unit ?? ''}`.trim() : 'as read'

async function take(q: Question, value: unknown) {
  const json = {
    text: part.value?.text ?? '',
    fields: { ...part.value?.fields, [q.attribute]: value },
    checked: [q.attribute],
  }
  await store.changePart('POST', '/label', `${q.title} ${words(q, value)}`, json)
}
</script>

<template>
  <div v-for="q in questions" :key="q.attribute" class="zb-caution question">
    <p>
      <b>First confirm: {{ q.title }}</b> <span class="zb-soft">{{ q.why }}</span>
    </p>
    <div class="two">
      <v-btn v-if="q.read !== undefined" height="48" @click="take(q, q.read)">{{ words(q, q.read) }}</v-btn>
      <v-btn v-if="q.suggest !== undefined" height="48" @click="take(q, q.suggest)">{{
        words(q, q.suggest)
      }}</v-btn>
      <v-btn height="48" variant="text" @click="store.goStep('READ')">{{
        q.read === undefined ? 'read it again' : 'something else'
      }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.question {
  display: grid;
  gap: 8px;
  margin-bottom: 10px;
}
.two {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
