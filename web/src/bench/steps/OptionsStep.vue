<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, body, newId } from '@/api/client'
import type { OptionView } from '@/api/types'
import ActionBar from '@/shared/ActionBar.vue'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import LabelledField from '@/shared/LabelledField.vue'
import { numberIn } from '../fieldText'
import ReasonLines from '../ReasonLines.vue'
import { useDraft } from '@/shared/useDraft'
import { usePreview } from '@/shared/usePreview'
import { useCall } from '@/stores/call'

/** What the customer can choose from, with parts and price; the one that was taken is kept. */
interface Edited {
  key: string
  tier: OptionView['tier']
  words: string
  labour: string
  warranty: string
  parts: { name: string; count: string; each: string }[]
  weighs: OptionView['weighs']
}
const TIERS: readonly { value: OptionView['tier']; words: string }[] = [
  { value: 'STOPGAP', words: 'temporary' },
  { value: 'PROPER', words: 'repair' },
  { value: 'BETTER', words: 'upgrade' },
  { value: 'OUTDOOR_UNIT', words: 'outdoor unit' },
  { value: 'SYSTEM', words: 'system' },
]
const store = useCall()
const kept = computed(() => store.call?.leave.options ?? [])
const isDeclined = computed(() => store.call?.leave.isDeclined ?? false)
/** Offered, and neither chosen nor declined. */
const isOpen = computed(
  () => kept.value.length > 0 && !kept.value.some((o) => o.isTaken) && !isDeclined.value,
)
const draft = useDraft(
  () => `options ${store.call?.id}`,
  () => '',
)
const { text: drafted } = draft
const edited = ref<Edited[] | null>(null)
/** What was being put together before a reload comes back as soon as the device has found it. */
watch(drafted, (text) => {
  if (edited.value === null && text !== '') edited.value = JSON.parse(text) as Edited[]
})
const sources = computed(() => store.call?.leave.optionSources ?? [])

const asEdited = (o: OptionView): Edited => ({
  key: o.key,
  tier: o.tier,
  words: o.words,
  labour: String(o.labour),
  warranty: o.warranty ?? '',
  parts: o.parts.map((p) => ({ name: p.name, count: String(p.count), each: String(p.each ?? '') })),
  weighs: o.weighs,
})
function given() {
  return {
    options: (edited.value ?? []).map((o) => ({
      ...o,
      labour: numberIn(o.labour) ?? 0,
      parts: o.parts.map((p) => ({
        name: p.name,
        count: numberIn(p.count) ?? 0,
        ...(numberIn(p.each) === null ? {} : { each: numberIn(p.each)! }),
      })),
    })),
  }
}
const { seen, wrong } = usePreview(
  () => (edited.value ? { id: store.call?.id ?? 0, given: given() } : null),
  (typed) =>
    body(
      api.POST('/api/calls/{id}/options/preview', { params: { path: { id: typed.id } }, body: typed.given }),
    ),
  { offline: 'reckoned once it is back.', keeps: true, restMillis: 200 },
)
const shown = computed(() => (edited.value ? (seen.value ?? []) : kept.value))
watch(
  edited,
  (now, before) => {
    if (now || before) drafted.value = now ? JSON.stringify(now) : ''
  },
  { deep: true },
)
/** A condemned compressor's three ways are there at once. */
watch(
  () => sources.value.find((s) => s.isFirst)?.part,
  (part) => {
    if (part !== undefined && edited.value === null && drafted.value === '' && store.isWorking)
      void putTogether(part)
  },
  { immediate: true },
)
function edit() {
  edited.value = kept.value.map(asEdited)
}
function add() {
  edited.value = [
    ...(edited.value ?? kept.value.map(asEdited)),
    { key: newId().slice(0, 12), tier: 'PROPER', words: '', labour: '', warranty: '', parts: [], weighs: [] },
  ]
}
async function putTogether(partId: string) {
  const id = store.call?.id
  if (id === undefined) return
  try {
    const found = await body(
      api.GET('/api/calls/{id}/parts/{part}/options', { params: { path: { id, part: partId } } }),
    )
    const now = edited.value ?? kept.value.map(asEdited)
    const fresh = found.map(asEdited).filter((o) => !now.some((n) => n.key === o.key))
    edited.value = [...now, ...fresh]
    if (found.length === 0) wrong.value = 'Nothing on the truck fits this part: write the option by hand.'
  } catch (problem) {
    wrong.value = (problem as Error).message
  }
}
/** A figure that cannot be read is no price that is still open. */
function unread(): string | undefined {
  const typed = (edited.value ?? []).flatMap((o) => [o.labour, ...o.parts.flatMap((p) => [p.count, p.each])])
  return typed.find((figure) => figure.trim() !== '' && numberIn(figure) === null)
}
async function keep() {
  const odd = unread()
  if (odd !== undefined) {
    wrong.value = `"${odd}" is no number: give prices as 640 or 640.50, or leave them open.`
    return
  }
  if (await store.change('PUT', '/options', 'options', given())) {
    edited.value = null
    draft.letGo()
  }
}
function decline() {
  void store.change('POST', '/options/decline', 'declined', {})
}
function choose(o: OptionView) {
  void store.change('POST', '/options/choice', `chosen: ${o.words}`, o.isTaken ? {} : { key: o.key })
}
const price = (total: string | undefined) => (total === undefined ? 'to be priced' : `$ ${total}`)
const print = () => window.open(`/api/calls/${store.call?.id}/options.pdf`, '_blank')
</script>

<template>
  <div>
    <div tabindex="0" class="zb-scroll options">
      <p v-if="wrong" class="zb-wrong" role="alert">{{ wrong }}</p>
      <template v-if="edited">
        <section v-for="(o, i) in edited" :key="o.key" class="option" :aria-label="`Option ${i + 1}`">
          <div class="top">
            <ChoiceButtons v-model="o.tier" label="How far it goes" is-hidden-label :choices="TIERS" />
            <v-btn variant="text" height="48" @click="edited.splice(i, 1)">remove</v-btn>
          </div>
          <LabelledField v-model="o.words" label="What is done" has-no-wrong-line />
          <ReasonLines :reasons="o.weighs" />
          <div v-for="(p, n) in o.parts" :key="n" class="part">
            <LabelledField v-model="p.name" label="Part" has-no-wrong-line />
            <LabelledField v-model="p.count" label="Count" kind="number" has-no-wrong-line />
            <LabelledField
              v-model="p.each"
              label="Each, $"
              hint="to be priced"
              kind="number"
              has-no-wrong-line
            />
            <v-btn variant="text" height="48" aria-label="Leave this part out" @click="o.parts.splice(n, 1)"
              >out</v-btn
            >
          </div>
          <div class="foot">
            <v-btn height="48" @click="o.parts.push({ name: '', count: '1', each: '' })">+ part</v-btn>
            <LabelledField
              v-model="o.labour"
              label="Labour, $"
              kind="number"
              has-no-wrong-line
              class="labour"
            />
            <LabelledField
              v-model="o.warranty"
              label="Warranty, if any (5 years on the part)"
              has-no-wrong-line
              class="warranty"
            />
            <b v-if="seen?.[i]" :class="seen[i]!.total ? 'total zb-figure' : 'zb-soft'">{{
              price(seen[i]!.total)
            }}</b>
          </div>
        </section>
      </template>
      <template v-else>
        <button
          v-for="o in kept"
          :key="o.key"
          type="button"
          class="offered zb-bare"
          :class="{ taken: o.isTaken }"
          :aria-pressed="o.isTaken"
          :disabled="!store.isWorking"
          @click="choose(o)"
        >
          <span class="zb-name tier">{{ o.title }}</span>
          <span>
            <b class="words">{{ o.words }}</b>
            <span v-for="p in o.parts" :key="p.name" class="zb-soft line">{{ p.count }} × {{ p.name }}</span>
            <span class="zb-soft line">{{ o.reckoning }}</span>
            <span v-if="o.warranty" class="line">Warranty: {{ o.warranty }}</span>
            <ReasonLines :reasons="o.weighs" />
          </span>
          <span class="right"
            ><b :class="o.total ? 'total zb-figure' : 'zb-soft'">{{ price(o.total) }}</b
            ><span class="zb-small">{{ o.isTaken ? 'chosen' : '' }}</span></span
          >
        </button>
        <p v-if="isDeclined" class="declined" role="status">
          The customer declined. Tap an option to change that.
        </p>
        <p v-if="kept.length === 0" class="zb-note">
          Nothing offered yet. Start from what matched a part, or write an option by hand.
        </p>
      </template>
      <div v-if="store.isWorking" class="start">
        <v-btn v-for="s in sources" :key="s.part" height="48" @click="putTogether(s.part)"
          >+ {{ s.words }}</v-btn
        >
        <v-btn height="48" @click="add">+ by hand</v-btn>
        <v-btn v-if="!edited && kept.length" height="48" @click="edit">Change them</v-btn>
        <v-btn v-if="!edited && kept.length" height="48" @click="print">Print for the customer</v-btn>
      </div>
    </div>
    <ActionBar
      v-if="edited"
      words="Keep these options"
      keeps
      :is-off="!!wrong && shown.length === 0"
      @act="keep"
    >
      <v-btn variant="text" height="32" @click="edited = null">keep them as they were</v-btn>
    </ActionBar>
    <ActionBar
      v-else
      :words="isOpen ? 'Tap the one that was chosen' : 'Go on to leave'"
      :is-off="isOpen"
      @act="store.go({ call: 'LEAVE' })"
    >
      <v-btn v-if="isOpen && store.isWorking" variant="text" height="48" @click="decline"
        >the customer declined</v-btn
      >
    </ActionBar>
  </div>
</template>

<style scoped>
.options {
  display: grid;
  gap: 16px;
  align-content: start;
}
.option {
  border: var(--zb-line);
  background: var(--zb-sheet);
  padding: 12px 14px;
  display: grid;
  gap: 10px;
}
.top,
.foot {
  display: flex;
  justify-content: space-between;
  align-items: end;
  gap: 12px;
  flex-wrap: wrap;
}
.part {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 84px 110px auto;
  gap: 10px;
  align-items: end;
}
.labour {
  width: 130px;
}
.warranty {
  flex: 1;
  min-width: 180px;
}
.declined {
  font-weight: 600;
}
.total {
  font-size: 25px;
  white-space: nowrap;
}
.start {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.offered {
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr) auto;
  gap: 16px;
  border: var(--zb-line) !important;
  background: var(--zb-sheet);
  padding: 12px 14px;
  align-items: start;
}
.taken {
  box-shadow:
    inset 8px 0 0 var(--zb-lemon),
    inset 10px 0 0 var(--zb-ink);
  padding-left: 24px;
}
.tier {
  font-size: 19px;
}
.words {
  font-size: 19px;
}
.line {
  display: block;
}
.right {
  display: grid;
  justify-items: end;
}
@media (max-width: 839px) {
  .part {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) auto;
  }
  .part > :first-child {
    grid-column: 1 / -1;
  }
  .offered {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .offered > :nth-child(2) {
    grid-column: 1 / -1;
    grid-row: 2;
  }
}
</style>
