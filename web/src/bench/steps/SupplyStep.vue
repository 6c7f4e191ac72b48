<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, body } from '@/api/client'
import type { JudgedView, SupplyPointView } from '@/api/types'
import ActionBar from '@/shared/ActionBar.vue'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import FindingLines from '@/shared/FindingLines.vue'
import { usePreview } from '@/shared/usePreview'
import VerdictMark from '@/shared/VerdictMark.vue'
import { useCall } from '@/stores/call'
import JudgedScale from '@/shared/JudgedScale.vue'
import ControlChain from '../ControlChain.vue'
import PadDesk from '../PadDesk.vue'
import PairRow from '../PairRow.vue'
import { useReadingDesk } from '../useReadingDesk'

/** Volts on their way from the street to the loads, pair by pair, against what the plate allows. */
type Point = SupplyPointView['point']
const SHORT: Record<Point, string> = {
  DISCONNECT: 'Disconnect',
  LINE: 'Line side',
  LOAD: 'Load side',
  TRANSFORMER: 'Transformer',
  COIL: 'Coil',
  CHAIN: 'R to C',
}
const store = useCall()
const points = computed(() => store.call?.supply.points ?? [])
const chosen = ref<Point | null>(points.value.find((p) => p.unread > 0)?.point ?? 'DISCONNECT')
const point = computed(() => points.value.find((p) => p.point === chosen.value) ?? points.value[0])
const said = ref<JudgedView | null>(null)
const {
  typed,
  active,
  wrong,
  isReady,
  read: readPair,
  readFirstOpen,
  next,
} = useReadingDesk<string>({
  draft: (pair) => `volts ${store.call?.id} ${chosen.value} ${pair ?? ''}`,
  firstOpen: (isUnderWay) => {
    const p = point.value
    // along the control circuit each answer says what to read next
    if (p?.chain) return p.pairs.some(isUnderWay) ? null : (p.chain.next ?? null)
    return p?.pairs.find((each) => !isUnderWay(each) && !known(each)) ?? null
  },
  send: async (pair, figure) => {
    const json = taken(pair, figure)
    const isKept = await store.change('POST', '/supply', `${titleOf(pair)} ${figure} V`, json)
    if (isKept) said.value = known(pair)
    return isKept
  },
})
const { seen, wrong: unjudged } = usePreview(
  () =>
    active.value !== null && isReady.value
      ? { id: store.call?.id ?? 0, given: taken(active.value, typed.value) }
      : null,
  (asked) =>
    body(
      api.POST('/api/calls/{id}/supply/preview', { params: { path: { id: asked.id } }, body: asked.given }),
    ),
)
const preview = computed(() => seen.value?.verdicts[0] ?? null)
const titleOf = (pair: string) => (point.value?.isPaired ? pair : '24 V')

function known(pair: string): JudgedView | null {
  const p = point.value
  return (p?.isPaired ? p.readings.find((r) => r.subject === pair) : p?.readings[0]) ?? null
}
watch(
  chosen,
  () => {
    readFirstOpen()
    said.value = null
  },
  { immediate: true },
)

function taken(pair: string, figure: string) {
  const p = point.value
  return {
    point: p?.point ?? ('DISCONNECT' as const),
    ...(p?.isPaired ? { pair } : {}),
    volts: Number(figure),
  }
}
function read(pair: string) {
  readPair(pair)
  said.value = known(pair)
}
async function hasLink(link: string, there: boolean) {
  await store.change('POST', '/supply/links', there ? `has a ${link}` : `no ${link}`, { link, there })
  readFirstOpen()
}
const judgedOf = (pair: string) => (pair === active.value && typed.value !== '' ? preview.value : known(pair))
const figureOf = (pair: string) =>
  pair === active.value && typed.value !== '' ? typed.value : (known(pair)?.figure ?? '')
const action = computed(() => {
  const next = store.call?.next
  if (next?.callStep !== 'SUPPLY') return { words: next?.text ?? 'Go on', go: () => store.goNext() }
  const after = point.value?.readNext
  if (!after) return { words: next.text, go: null }
  return { words: point.value?.readNextWords ?? '', go: () => (chosen.value = after) }
})
</script>

<template>
  <div v-if="point">
    <div tabindex="0" class="zb-scroll">
      <ChoiceButtons
        v-model="chosen"
        label="Where it is read"
        is-hidden-label
        :choices="points.map((p) => ({ value: p.point, words: SHORT[p.point] }))"
      />
      <p class="zb-caution zb-small where">
        <b>{{ point.title }}.</b> Power is on: one hand, clear of the other leads. It ends the dead reading.
        <template v-if="point.chain">
          Thermostat calling; each point against C at the transformer, the last one across its own two screws.
          The unit's own diagram says in which order they sit.
        </template>
      </p>
      <PadDesk
        v-model="typed"
        :is-reading="active !== null && store.isWorking"
        :at="active"
        unit="V"
        :is-ready="isReady"
        @next="next"
      >
        <p v-if="point.chain?.words" class="zb-note known" role="status">{{ point.chain.words }}</p>
        <ControlChain
          v-if="point.chain"
          :chain="point.chain"
          :active="active"
          :is-off="!store.isWorking"
          :figure-of="figureOf"
          @read="read"
          @link="hasLink"
        />
        <PairRow
          v-for="pair in point.chain ? [] : point.pairs"
          :key="pair"
          :name="titleOf(pair)"
          :figure="figureOf(pair)"
          :is-on="pair === active"
          :is-off="!store.isWorking"
          @read="read(pair)"
        >
          <VerdictMark
            v-if="judgedOf(pair)"
            :verdict="judgedOf(pair)!.verdict"
            :word="judgedOf(pair)!.word"
          />
          <template v-else>not read</template>
        </PairRow>
        <template v-if="active === null && !point.chain">
          <figure
            v-for="pair in point.pairs.filter((each) => judgedOf(each)?.scale)"
            :key="pair"
            class="scale"
          >
            <figcaption class="zb-soft">{{ titleOf(pair) }}</figcaption>
            <JudgedScale :judged="judgedOf(pair)" :subject="titleOf(pair)" />
          </figure>
        </template>
        <FindingLines :findings="point.findings" class="found" />
        <p v-if="wrong || unjudged" class="zb-wrong" role="status">{{ wrong || unjudged }}</p>
        <p v-if="preview ?? said" class="zb-note reckoning">{{ (preview ?? said)?.reckoning }}</p>
      </PadDesk>
      <p v-if="point.unbalance" class="unbalance">
        <VerdictMark :verdict="point.unbalance.verdict" :word="point.unbalance.word" />
        <span
          ><b>Unbalance</b> <span class="zb-figure">{{ point.unbalance.figure }}</span> %:
          {{ point.unbalance.reckoning }}</span
        >
      </p>
      <details v-if="store.call?.supply.monitor.length" class="monitor">
        <summary>Phase monitor: settings for these volts</summary>
        <table class="zb-table">
          <tbody>
            <tr v-for="s in store.call.supply.monitor" :key="s.name">
              <th scope="row">{{ s.name }}</th>
              <td>
                <b>{{ s.value }}</b>
              </td>
              <td class="zb-soft">{{ s.why }}</td>
            </tr>
          </tbody>
        </table>
      </details>
    </div>
    <ActionBar :words="action.words" :is-off="!action.go" @act="action.go?.()">
      <span v-if="point.unread" class="zb-soft">{{ point.unread }} not read here</span>
    </ActionBar>
  </div>
</template>

<style scoped>
.where {
  margin: 10px 0;
}
.known {
  margin-bottom: 10px;
}
.reckoning {
  margin-top: 10px;
}
.found {
  margin-top: 10px;
}
.scale {
  margin: 12px 0 0;
}
.unbalance {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 12px;
  margin-top: 10px;
}
.monitor {
  margin-top: 10px;
}
summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
  font-weight: 600;
}
</style>
