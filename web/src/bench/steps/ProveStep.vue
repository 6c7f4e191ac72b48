<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { PartView } from '@/api/types'
import ActionBar from '@/shared/ActionBar.vue'
import { FAMILIES } from '@/families'
import LabelledField from '@/shared/LabelledField.vue'
import PageTabs from '@/shared/PageTabs.vue'
import { useCall } from '@/stores/call'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import AmpsDesk from '../AmpsDesk.vue'
import CheckList from '../CheckList.vue'
import ReadingDesk from '../ReadingDesk.vue'

/** The new part measured before it goes in, a look before power, amps after; then the part is closed. */
const store = useCall()
const part = computed(() => store.part)
const note = ref('')
/** How long its maker answers for the new one, as its box or sheet says. */
const WARRANTIES = ['1', '2', '5', '10'].map((value) => ({
  value,
  words: value === '1' ? '1 year' : `${value} years`,
}))
const warranty = ref<string | null>(null)
const returnDate = ref(part.value?.chosen?.returnDate ?? '')
type Page = PartView['prove']['start']
const prove = computed(() => part.value?.prove)
const page = ref<Page>(prove.value?.start ?? 'NEW')
const running = computed(() => FAMILIES[part.value?.kind ?? '']?.running)
const runningView = ref<{ canKeep: boolean; keep: () => Promise<unknown> } | null>(null)
const ampsDesk = ref<InstanceType<typeof AmpsDesk> | null>(null)
const isStopgap = computed(() => part.value?.chosen?.needsReturnDate ?? false)
const unproved = computed(() => part.value?.chosen?.pieces.filter((p) => !p.isProved) ?? [])
/** What is still to be measured stands first. */
const pieces = computed(() => [
  ...unproved.value,
  ...(part.value?.chosen?.pieces.filter((p) => p.isProved) ?? []),
])
// the last tick of the sheet may still be on its way when this step opens
watch(
  () => part.value?.filled.includes('HOOK_UP'),
  () => {
    if (page.value === 'NEW') page.value = prove.value?.start ?? 'NEW'
  },
)

const action = computed<{ words: string; go: (() => unknown) | null; keeps?: boolean }>(() => {
  const next = prove.value?.next[page.value]
  if (!next) return { words: '', go: null }
  if (page.value === 'AMPS' && next.kind !== 'MEASURE_FIRST' && next.kind !== 'LOOK') {
    if (ampsDesk.value?.isReady)
      return { words: 'Put the amps on the tape', go: () => void ampsDesk.value?.next(), keeps: true }
    if (runningView.value?.canKeep)
      return { words: 'Put the amps on the tape', go: () => void runningView.value?.keep(), keeps: true }
  }
  const ways: Record<typeof next.kind, (() => unknown) | null> = {
    FIND: () => store.goStep(part.value?.readings.length ? 'JUDGE' : 'TEST'),
    GO_ON: () => store.goNext(),
    MEASURE: null,
    HOOK_UP: () => store.goStep('HOOK_UP'),
    LOOK: () => (page.value = 'LOOK'),
    TICK: null,
    POWER_ON: () => void powerOn(),
    MEASURE_FIRST: () => (page.value = 'NEW'),
    READ_AMPS: null,
    CLOSE: close,
  }
  return { words: next.words, go: ways[next.kind] }
})

/** Power is back: nothing is taken for dead from here on. */
async function powerOn() {
  if ((await store.change('POST', '/power-on', 'power on')) || store.notice !== '') page.value = 'AMPS'
}
async function close() {
  const json = {
    outcome: 'REPLACED' as const,
    note: note.value,
    ...(isStopgap.value ? { returnDate: returnDate.value } : {}),
    ...(warranty.value ? { warrantyYears: Number(warranty.value) } : {}),
  }
  if (await store.changePart('POST', '/close', 'close part', json)) store.goNext()
}
function tick(key: string, on: boolean) {
  void store.changePart('POST', '/ticks', `tick ${key}`, { list: 'PROOF', key, on })
}
const PAGES: Readonly<Record<Page, string>> = { NEW: 'New part', LOOK: 'Before power', AMPS: 'Running' }
const pages = computed(() => prove.value?.pages.map((value) => ({ value, words: PAGES[value] })) ?? [])
</script>

<template>
  <div v-if="part">
    <PageTabs v-if="part.chosen && !part.closed" v-model="page" :pages="pages" label="Stages of the proof" />
    <div tabindex="0" class="zb-scroll">
      <p v-if="!part.chosen" class="zb-note">There is nothing to prove until a replacement is chosen.</p>
      <template v-else-if="part.closed">
        <p class="zb-caution"><b>Closed.</b> Left with {{ part.closed.asLeft }}. {{ part.closed.note }}</p>
        <p v-if="part.closed.returnDate" class="zb-note">
          Stopgap: comes out by <b>{{ part.closed.returnDate }}</b>.
        </p>
        <p v-if="part.closed.warrantyUntil" class="zb-note">
          Its maker answers for it until <b>{{ part.closed.warrantyUntil }}</b>.
        </p>
      </template>
      <template v-else-if="page === 'NEW'">
        <section v-for="(p, i) in pieces" :key="p.piece" class="piece">
          <h3>New {{ p.shortRating }}</h3>
          <p class="zb-soft">Measured before it is mounted, by its own label.</p>
          <p v-if="i > 0 && !p.isProved" class="zb-soft">Then this one.</p>
          <ReadingDesk
            v-else
            :sections="p.sections"
            :units="part.units"
            :known="p.readings"
            :piece="p.piece"
          />
        </section>
      </template>
      <template v-else-if="page === 'LOOK'">
        <component :is="FAMILIES[part.kind]!.before" v-if="FAMILIES[part.kind]?.before" />
        <CheckList :checks="part.checks" @tick="tick" />
      </template>
      <template v-else>
        <component :is="running" v-if="running" ref="runningView" @tick="tick" />
        <CheckList v-else-if="part.running.length" :checks="part.running" @tick="tick" />
        <AmpsDesk v-else ref="ampsDesk" />
        <ChoiceButtons
          v-model="warranty"
          label="Its maker answers for it, if you know"
          :choices="WARRANTIES"
          is-clearable
          class="note"
        />
        <LabelledField v-model="note" label="Note for the next visit" has-no-wrong-line class="note" />
        <LabelledField
          v-if="isStopgap"
          v-model="returnDate"
          kind="date"
          label="Stopgap: comes out by"
          has-no-wrong-line
          class="note"
        />
      </template>
    </div>
    <ActionBar
      :words="action.words"
      :is-off="!action.go || !store.isWorking"
      :keeps="action.keeps"
      @act="action.go?.()"
    >
      <span v-if="part.chosen && !part.closed && page === 'AMPS' && part.prove.readsAmps" class="zb-soft"
        >RLA and FLA are ceilings, not what it should draw</span
      >
      <v-btn
        v-if="part.closed && store.isWorking"
        variant="text"
        height="32"
        @click="store.changePart('POST', '/reopen', 'reopen part')"
      >
        open it again
      </v-btn>
    </ActionBar>
  </div>
</template>

<style scoped>
.piece + .piece {
  border-top: var(--zb-line);
  padding-top: 12px;
}
h3 {
  font-size: 20px;
}
.note {
  margin-top: 14px;
}
</style>
