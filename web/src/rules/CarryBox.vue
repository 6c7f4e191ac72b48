<script setup lang="ts">
import { computed, ref } from 'vue'
import { sendFile } from '@/api/client'
import type { ExchangeView } from '@/api/types'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import FilePick from '@/shared/FilePick.vue'

/** Calls, units and everything as JSON: what a file would change shows first, what clashes is asked. */
type Choice = 'OURS' | 'THEIRS'
const file = ref<File | null>(null)
const seen = ref<ExchangeView | null>(null)
const choices = ref<Record<string, Choice | null>>({})
const isTaken = ref(false)
const wrong = ref('')
const WORDS = {
  NEW: 'new',
  SAME: 'the same',
  LONGER: 'goes on',
  SHORTER: 'ours goes on',
  CLASH: 'differs',
} as const
const CHOICES: readonly { value: Choice; words: string }[] = [
  { value: 'OURS', words: 'ours stays' },
  { value: 'THEIRS', words: 'take theirs' },
]
const told = computed(() => seen.value?.items.filter((i) => i.state !== 'SAME') ?? [])
const same = computed(() => (seen.value?.items.length ?? 0) - told.value.length)
const open = computed(() => told.value.filter((i) => i.state === 'CLASH' && !choices.value[i.id]).length)
const changes = computed(() => told.value.some((i) => i.state !== 'SHORTER'))

async function ask(path: '/api/exchange' | '/api/exchange/preview'): Promise<ExchangeView | null> {
  if (!file.value) return null
  try {
    const view = await sendFile(path, {
      file: file.value,
      choices: JSON.stringify(choices.value),
    })
    wrong.value = ''
    return view
  } catch (problem) {
    wrong.value = (problem as Error).message
    return null
  }
}
async function pick(picked: File) {
  file.value = picked
  choices.value = {}
  isTaken.value = false
  seen.value = await ask('/api/exchange/preview')
}
async function take() {
  const view = await ask('/api/exchange')
  if (view) {
    seen.value = view
    isTaken.value = true
  }
}
</script>

<template>
  <section class="carry" aria-labelledby="carry">
    <h2 id="carry" class="zb-hidden">In and out</h2>
    <p class="zb-soft">
      A call, a unit or all of it goes out as JSON and comes in the same. Serials are masked in a call and a
      unit.
    </p>
    <div class="row">
      <a href="/api/everything.json" class="zb-file" download>Everything as JSON</a>
      <a href="/api/backup.zip" class="zb-file" download>Backup</a>
      <FilePick label="Take a JSON file in" accept=".json,application/json" @pick="pick" />
    </div>
    <p v-if="wrong" class="zb-caution" role="alert">
      <b>{{ file?.name }}: nothing was taken in.</b> {{ wrong }}
    </p>
    <template v-if="seen">
      <p role="status">
        <b>{{
          isTaken ? 'Taken in.' : told.length ? `${file?.name} would change:` : 'All of it is here already.'
        }}</b>
        <span v-if="same" class="zb-soft same">{{ same }} the same</span>
      </p>
      <ul class="items">
        <li v-for="i in told" :key="i.id">
          <span class="zb-name state">{{ WORDS[i.state] }}</span>
          <span
            ><b>{{ i.title }}</b>
            <span v-for="d in i.differences" :key="d" class="zb-soft line">{{ d }}</span></span
          >
          <ChoiceButtons
            v-if="i.state === 'CLASH' && !isTaken"
            :model-value="choices[i.id] ?? null"
            :label="`Which ${i.title}`"
            is-hidden-label
            :choices="CHOICES"
            @update:model-value="choices[i.id] = $event"
          />
        </li>
      </ul>
      <v-btn
        v-if="!isTaken && changes"
        color="primary"
        variant="flat"
        height="56"
        :disabled="open > 0"
        @click="take"
        >{{ open ? `${open} to choose first` : 'Take it in' }}</v-btn
      >
    </template>
  </section>
</template>

<style scoped>
.carry {
  display: grid;
  gap: 12px;
  justify-items: start;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
.items {
  list-style: none;
  margin: 0;
  padding: 0;
  width: 100%;
}
.items li {
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr) auto;
  gap: 12px;
  align-items: center;
  padding: 8px 0;
  border-bottom: 1px solid var(--zb-hair);
}
.same {
  margin-left: 10px;
}
.state {
  font-size: 17px;
}
.line {
  display: block;
  overflow-wrap: anywhere;
}
@media (max-width: 839px) {
  .items li {
    grid-template-columns: minmax(0, 1fr);
    gap: 4px;
  }
}
</style>
