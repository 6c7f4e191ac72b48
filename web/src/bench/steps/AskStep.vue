<script setup lang="ts">
import { computed, ref } from 'vue'
import type { SuspectView } from '@/api/types'
import ActionBar from '@/shared/ActionBar.vue'
import LabelledField from '@/shared/LabelledField.vue'
import { useDraft } from '@/shared/useDraft'
import { useCall } from '@/stores/call'
import { useUi } from '@/stores/ui'
import QuestionLine from '../QuestionLine.vue'
import SuspectList from '../SuspectList.vue'

/** What is complained of in a few taps, the faults it speaks for, and the next test that tells most. */
const store = useCall()
const ui = useUi()
const { text: note, letGo } = useDraft(`note ${store.call?.id}`, () => '')
const isQuick = computed(() => store.call?.status === 'QUICK_CHECK')
const ask = computed(() => store.call?.ask)
const areSeenOpen = ref(false)
const asked = computed(() => ask.value?.questions.filter((q) => q.asked) ?? [])
const seen = computed(() => ask.value?.questions.filter((q) => !q.asked) ?? [])
const isAnswered = computed(() => ask.value?.isBegun ?? false)
const next = computed(() => (isAnswered.value ? (ask.value?.next ?? null) : null))
const nextQuestion = computed(() => ask.value?.questions.find((q) => q.key === next.value?.question))
const suspect = computed(() => ask.value?.suspects.find((s) => s.family && placesOf(s).length > 0))

function placesOf(s: SuspectView) {
  const taken = store.call?.parts.filter((p) => !p.closed).map((p) => p.place) ?? []
  return (store.call?.unit?.places ?? []).filter(
    (p) => p.kind === s.family && p.isFamily && !taken.includes(p.name),
  )
}
async function question(s: SuspectView) {
  const places = placesOf(s)
  const only = places[0]
  if (places.length !== 1 || !only) {
    ui.isAddingPart = true
    return
  }
  const known = store.call?.parts.length ?? 0
  if (await store.change('POST', '/parts', `part: ${only.name}`, { kind: only.kind, placeId: only.id })) {
    const added = store.call?.parts[known]
    if (added) store.go({ part: added.id, step: 'READ' })
  }
}
async function keepNote() {
  if (await store.change('POST', '/notes', note.value, { text: note.value })) {
    note.value = ''
    letGo()
  }
}
const action = computed(() => {
  const call = store.call
  if (!call || isQuick.value) return { words: 'Type into the quick line', go: () => ui.askQuick() }
  if (!isAnswered.value && !call.next.part) return { words: 'Ask what ran', go: null }
  if (call.next.part ?? (call.next.callStep && call.next.callStep !== 'ASK'))
    return { words: call.next.text, go: () => store.goNext() }
  return { words: 'Add the part in question', go: () => (ui.isAddingPart = true) }
})
</script>

<template>
  <div>
    <div tabindex="0" class="zb-scroll">
      <template v-if="isQuick">
        <p class="said">Type a label and readings into the quick line.</p>
        <p class="zb-note">
          <span class="zb-figure">45+5 440 6% : 44.1 4.9</span> reads a label, takes two readings and puts two
          verdicts on the tape.
        </p>
      </template>
      <template v-else-if="ask">
        <p class="said">{{ store.call?.complaint }}</p>
        <section v-for="f in ask.proved" :key="f.key" class="next proved" aria-label="Found">
          <p class="top">
            <b>Found: {{ f.title }}</b>
          </p>
          <p v-if="f.causes.length">
            <span class="zb-small beside">May have brought it</span>
            <span v-for="c in f.causes.slice(0, 4)" :key="c.key" class="beside"
              >{{ c.title }} <b>{{ c.share }}</b></span
            >
          </p>
          <p v-if="f.harms.length">
            <span class="zb-small beside">May have harmed</span>
            <span v-for="h in f.harms.slice(0, 4)" :key="h.key" class="beside"
              >{{ h.title }} <b>{{ h.share }}</b></span
            >
          </p>
        </section>
        <section v-if="next && nextQuestion" class="next" aria-label="What tells most">
          <p v-if="ask.suspects[0] && !ask.proved.length" class="top">
            <b>{{ ask.suspects[0].title }}</b> <b>{{ ask.suspects[0].share }}</b>
          </p>
          <span class="zb-small">Tells most, soonest</span>
          <QuestionLine :question="nextQuestion" class="line" />
          <span class="zb-soft"
            >{{ next.why }}
            <button v-if="next.atSupply" type="button" class="link" @click="store.go({ call: 'SUPPLY' })">
              read the volts
            </button></span
          >
        </section>
        <div class="two">
          <section aria-label="Questions">
            <h3>What is known</h3>
            <QuestionLine v-for="q in asked" :key="q.key" :question="q" />
            <v-btn variant="text" @click="areSeenOpen = !areSeenOpen">{{
              areSeenOpen ? 'only what is asked' : 'what is seen and measured at the unit'
            }}</v-btn>
            <template v-if="areSeenOpen"
              ><QuestionLine v-for="q in seen" :key="q.key" :question="q"
            /></template>
            <form class="note" @submit.prevent="keepNote">
              <LabelledField v-model="note" kind="area" label="In your own words" has-no-wrong-line />
              <v-btn type="submit" :disabled="!note.trim() || !store.isWorking">Put it on the tape</v-btn>
            </form>
          </section>
          <section aria-label="Suspects">
            <h3>Suspects</h3>
            <p v-if="!isAnswered" class="zb-soft">
              How common each is, before anything is known. Every answer and reading moves them.
            </p>
            <SuspectList
              :suspects="ask.suspects"
              :other="ask.other"
              :can-question="(s) => placesOf(s).length > 0 && store.isWorking"
              @question="question"
            />
          </section>
        </div>
      </template>
    </div>
    <ActionBar :words="action.words" :is-off="!action.go || !store.isWorking" @act="action.go?.()">
      <v-btn
        v-if="suspect && isAnswered && store.isWorking && !store.stop && !store.call?.parts.length"
        variant="text"
        height="32"
        @click="question(suspect)"
        >test the {{ suspect.family }} first</v-btn
      >
    </ActionBar>
  </div>
</template>

<style scoped>
.beside {
  display: inline-block;
  margin-right: 16px;
}
.said {
  font-size: 24px;
  font-weight: 600;
  line-height: 1.25;
  margin-bottom: 12px;
}
.next {
  border: var(--zb-line);
  background: var(--zb-sheet);
  padding: 8px 16px 10px;
  margin-bottom: 14px;
}
.top {
  display: none;
  justify-content: space-between;
  gap: 12px;
  padding-bottom: 6px;
  margin-bottom: 6px;
  border-bottom: 1px solid var(--zb-hair);
}
.proved .top {
  display: flex;
}
.next .line {
  border: 0;
  font-size: 19px;
}
.link {
  border: 0;
  background: none;
  padding: 0 4px;
  min-height: 32px;
  text-decoration: underline;
  text-underline-offset: 3px;
  font-weight: 600;
  cursor: pointer;
  color: var(--zb-ink);
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 58fr) minmax(0, 42fr);
  gap: 12px 24px;
  align-items: start;
}
h3 {
  font-size: 17px;
  border-bottom: var(--zb-line);
}
.note {
  display: grid;
  gap: 10px;
  justify-items: start;
  margin-top: 12px;
}
.note > :first-child {
  width: 100%;
}
@media (max-width: 839px) {
  .top {
    display: flex;
  }
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
