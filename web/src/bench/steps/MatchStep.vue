<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, body } from '@/api/client'
import type { CounterView, MatchesView, OfferView } from '@/api/types'
import ActionBar from '@/shared/ActionBar.vue'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import FindingLines from '@/shared/FindingLines.vue'
import GradePlate from '@/shared/GradePlate.vue'
import LabelledField from '@/shared/LabelledField.vue'
import { dateWords } from '@/shared/time'
import { useDraft } from '@/shared/useDraft'
import { useCall } from '@/stores/call'
import ConfirmRead from '../ConfirmRead.vue'
import AnswerCard from '../AnswerCard.vue'
import OtherWays from '../OtherWays.vue'

/** What the circuit needs, and what can do it: this truck, others and the shop, the counter, or a part bought on the way. */
type Source = 'TRUCK' | 'ELSEWHERE' | 'COUNTER' | 'TYPED'
const SOURCES: readonly { value: Source; words: string }[] = [
  { value: 'TRUCK', words: 'This truck' },
  { value: 'ELSEWHERE', words: 'Other trucks, shop' },
  { value: 'COUNTER', words: 'Counter' },
  { value: 'TYPED', words: 'Bought on the way' },
]
const store = useCall()
const part = computed(() => store.part)
const found = ref<MatchesView | null>(null)
const wrong = ref('')
const picked = ref<OfferView | null>(null)
const source = ref<Source | null>('TRUCK')
/** Where from, with how many fit there. */
const sources = computed(() =>
  SOURCES.map((s) => {
    const there = { ELSEWHERE: elsewhere.value, COUNTER: counter.value?.found, TRUCK: null, TYPED: null }[
      s.value
    ]
    const count = there?.offers.filter((o) => o.canBeChosen).length
    return { value: s.value, words: count === undefined ? s.words : `${s.words}: ${count}` }
  }),
)
const isTyped = computed(() => source.value === 'TYPED')
const counter = ref<CounterView | null>(null)
const elsewhere = ref<MatchesView | null>(null)
const ordered = computed(() => (part.value?.chosen ? undefined : part.value?.ordered))
const { text: typed, letGo } = useDraft(`offer ${store.call?.id} ${store.part?.id}`, () => '')
const returnDate = ref('')
const dateWrong = ref('')

async function look() {
  const id = store.call?.id
  const at = part.value?.id
  if (id === undefined || at === undefined || part.value?.chosen) return
  wrong.value = ''
  try {
    const path = { id, part: at }
    const asked = source.value
    const seen = await ask(path)
    if (source.value !== asked) return
    found.value = seen
    // what was picked stays picked though the call has moved on meanwhile
    const before = picked.value?.offer.join(' ')
    const open = found.value.offers.filter((o) => o.canBeChosen)
    picked.value = open.find((o) => o.offer.join(' ') === before) ?? open[0] ?? null
  } catch (problem) {
    found.value = null
    wrong.value = (problem as Error).message
  }
}
/** The same question to whoever was asked. */
async function ask(path: { id: number; part: string }): Promise<MatchesView> {
  const params = { params: { path } }
  if (source.value === 'TYPED') {
    return body(api.POST('/api/calls/{id}/parts/{part}/offer', { ...params, body: { text: typed.value } }))
  }
  if (source.value === 'COUNTER') {
    counter.value = await body(api.GET('/api/calls/{id}/parts/{part}/counter', params))
    return counter.value.found
  }
  if (source.value === 'ELSEWHERE') {
    elsewhere.value = await body(api.GET('/api/calls/{id}/parts/{part}/elsewhere', params))
    return elsewhere.value
  }
  return body(api.GET('/api/calls/{id}/parts/{part}/matches', params))
}
/** What others have, beside what the truck has; no answer from them holds the truck's back. */
async function lookAround() {
  const id = store.call?.id
  const at = part.value?.id
  counter.value = null
  elsewhere.value = null
  if (id === undefined || at === undefined || part.value?.chosen) return
  const params = { params: { path: { id, part: at } } }
  void body(api.GET('/api/calls/{id}/parts/{part}/elsewhere', params))
    .then((seen) => (elsewhere.value = seen))
    .catch(() => undefined)
  void body(api.GET('/api/calls/{id}/parts/{part}/counter', params))
    .then((seen) => (counter.value = seen))
    .catch(() => undefined)
}
watch(
  () => [part.value?.id, part.value?.chosen?.title, part.value?.fields],
  () => {
    void look()
    void lookAround()
  },
  { immediate: true },
)
watch(source, (now) => {
  found.value = null
  picked.value = null
  wrong.value = ''
  if (now !== 'TYPED' || typed.value.trim() !== '') void look()
})
/** The first that others offer, in a line each. */
const around = computed(() => {
  const first = (seen: MatchesView | null | undefined) => seen?.offers.find((o) => o.canBeChosen)
  const lines: { source: Source; words: string; offer?: OfferView }[] = []
  if (elsewhere.value) {
    const offer = first(elsewhere.value)
    lines.push({
      source: 'ELSEWHERE',
      words: offer ? '' : 'Nothing on other trucks or in the shop fits.',
      offer,
    })
  }
  if (counter.value) {
    const offer = first(counter.value.found)
    const none = counter.value.missing || 'The counter has nothing that fits.'
    lines.push({ source: 'COUNTER', words: offer ? '' : none, offer })
  } else {
    lines.push({ source: 'COUNTER', words: 'Asking the counter' })
  }
  return lines
})

/** What has to be known before anything is picked stands before the board. */
const said = (isBefore: boolean) =>
  found.value?.findings.filter((f) => (f.severity === 'INFO') !== isBefore) ?? []
const isStopgap = computed(() => picked.value?.needsReturnDate ?? false)
const words = computed(() => {
  const p = part.value
  if (p?.chosen) return p.closed ? 'Proved and closed' : 'Hook it up'
  if (!picked.value && toConfirm.value) return `First confirm ${toConfirm.value}`
  if (!picked.value) return found.value ? NOTHING[source.value ?? 'TRUCK'] : 'Looking …'
  const title = picked.value.title
  if (source.value === 'TYPED') return `Use ${title}`
  if (source.value === 'COUNTER') return `Order ${title}`
  if (picked.value.isPartlyThere) return `${title}: one stays, take the rest`
  return source.value === 'ELSEWHERE'
    ? `Take ${title}, ${picked.value.where}`
    : `Take ${title} from the truck`
})
/** What was read with a doubt and leaves what there is undecided; empty where nothing was. */
const toConfirm = computed(() =>
  found.value?.offers.some((o) => o.grade === 'UNDECIDED')
    ? (part.value?.doubts
        .filter((d) => d.isDeciding)
        .map((d) => d.title)
        .join(', ') ?? '')
    : '',
)
const VERBS: Record<Source, string> = { TRUCK: 'Take', ELSEWHERE: 'Fetch', COUNTER: 'Order', TYPED: 'Use' }
const NOTHING: Record<Source, string> = {
  TRUCK: 'Nothing on the truck fits',
  ELSEWHERE: 'Nothing elsewhere fits',
  COUNTER: 'Nothing to order',
  TYPED: 'Type what its label says',
}

async function act() {
  if (part.value?.chosen) {
    store.goStep('HOOK_UP')
    return
  }
  const offer = picked.value
  if (!offer) return
  if (source.value === 'COUNTER') {
    const item = offer.offer[0]
    if (item && (await store.changePart('POST', '/order', `order ${offer.title}`, { item }))) {
      source.value = 'TRUCK'
    }
    return
  }
  if (isStopgap.value && returnDate.value === '') {
    dateWrong.value = 'A stopgap comes out again: say by which day.'
    return
  }
  const json = {
    ...(isTyped.value ? { text: typed.value } : { offer: offer.offer }),
    ...(isStopgap.value ? { returnDate: returnDate.value } : {}),
  }
  if (await store.changePart('POST', '/choice', `choose ${offer.title}`, json)) {
    letGo()
    store.goStep('HOOK_UP')
  }
}
/** The ordered part is at hand: it is compared by its label like one bought on the way. */
async function isHere(isIt: boolean) {
  const label = ordered.value?.label ?? ''
  if (
    !(await store.changePart('POST', '/order/end', isIt ? 'part is here' : 'order given up', {
      isHere: isIt,
    }))
  )
    return
  if (isIt) {
    typed.value = label
    source.value = 'TYPED'
  }
}
</script>

<template>
  <div v-if="part">
    <div tabindex="0" class="zb-scroll">
      <template v-if="part.chosen">
        <p class="chosen">
          <GradePlate :grade="part.chosen.grade" :word="part.chosen.word" is-chosen />
          <b>{{ part.chosen.title }}</b>
        </p>
        <ul class="changes">
          <li v-for="c in part.chosen.changes" :key="c">{{ c }}</li>
        </ul>
        <p v-if="part.chosen.returnDate">
          Comes out by <b>{{ part.chosen.returnDate }}</b>.
        </p>
      </template>
      <template v-else>
        <div v-if="ordered" class="zb-caution ordered">
          <p>
            <b>Ordered: {{ ordered.title }}</b
            >, {{ ordered.from }}, ready {{ dateWords(ordered.ready) }}. Order {{ ordered.order }}, $
            {{ ordered.price.toFixed(2) }}.
          </p>
          <div class="around">
            <v-btn height="48" :disabled="!store.isWorking" @click="isHere(true)">It is here</v-btn>
            <v-btn height="48" variant="text" :disabled="!store.isWorking" @click="isHere(false)"
              >give it up</v-btn
            >
          </div>
        </div>
        <form v-if="isTyped" class="typed" @submit.prevent="look">
          <LabelledField
            v-model="typed"
            label="Label of the part at hand"
            hint="45+5 µF 440 VAC ±6%"
            has-no-wrong-line
            class="grow"
          />
          <v-btn type="submit" :disabled="!typed.trim()">Compare it</v-btn>
        </form>
        <p v-if="wrong" class="zb-wrong" role="alert">{{ wrong }}</p>
        <ConfirmRead />
        <FindingLines v-if="part.history.length" :findings="part.history" class="before" />
        <FindingLines v-if="found" :findings="said(true)" class="before" />
        <p v-if="source === 'COUNTER' && counter?.missing" class="zb-caution" role="status">
          {{ counter.missing }}
        </p>
        <p v-if="!found && !wrong && !isTyped" class="zb-soft looking" role="status">
          Looking at what there is …
        </p>
        <div v-if="found" class="board" role="region" aria-label="Match board">
          <AnswerCard v-if="picked" :offer="picked" :verb="VERBS[source ?? 'TRUCK']" />
          <OtherWays v-model="picked" :found="found" />
        </div>
        <ChoiceButtons
          v-model="source"
          class="sources"
          label="Where from"
          is-hidden-label
          :choices="sources"
        />
        <section v-if="source === 'TRUCK'" class="beyond" aria-label="Beyond the truck">
          <button
            v-for="a in around"
            :key="a.source"
            type="button"
            class="other zb-bare"
            :disabled="!a.offer"
            @click="source = a.source"
          >
            <template v-if="a.offer">
              <GradePlate :grade="a.offer.grade" :word="a.offer.word" />
              <b>{{ a.offer.title }}</b> <span>{{ a.offer.where }}</span>
            </template>
            <span v-else class="zb-soft">{{ a.words }}</span>
          </button>
        </section>
        <FindingLines v-if="found" :findings="said(false)" is-plain class="findings zb-small" />
      </template>
    </div>
    <ActionBar
      :words="words"
      :is-off="(!part.chosen && !picked) || !!part.closed || !store.isWorking"
      @act="act"
    >
      <LabelledField
        v-if="isStopgap && !part.chosen"
        v-model="returnDate"
        kind="date"
        label="Stopgap: comes out by"
        :wrong="dateWrong"
        class="date"
      />
      <v-btn
        v-if="part.chosen && !part.closed && store.isWorking"
        variant="text"
        height="32"
        @click="store.changePart('DELETE', '/choice', 'put back')"
      >
        put it back on the truck
      </v-btn>
      <v-btn
        v-else-if="store.call?.unit && store.isWorking"
        variant="text"
        height="48"
        @click="store.go({ call: 'OPTIONS' })"
      >
        price it for the customer
      </v-btn>
    </ActionBar>
  </div>
</template>

<style scoped>
.chosen {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  font-size: 21px;
  margin-bottom: 12px;
}
.changes {
  padding-left: 22px;
  margin: 0 0 12px;
}
.sources {
  margin-top: 14px;
}
.looking {
  min-height: 160px;
}
.ordered {
  margin-bottom: 12px;
}
.around {
  display: flex;
  gap: 10px;
  margin-top: 8px;
}
.beyond {
  margin-top: 12px;
  border-top: 1px solid var(--zb-hair);
}
.other {
  width: 100%;
  min-height: 52px;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  border-bottom: 1px solid var(--zb-hair) !important;
}
.typed {
  display: flex;
  gap: 12px;
  align-items: end;
  margin-bottom: 12px;
}
.grow {
  flex: 1;
}
.before {
  margin-bottom: 10px;
}
.findings {
  margin-top: 14px;
  color: var(--zb-soft);
}
.date {
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
  align-items: center;
}
</style>
