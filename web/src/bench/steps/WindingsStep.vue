<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api, body, NoConnection } from '@/api/client'
import type { WindingsPreview } from '@/api/types'
import ActionBar from '@/shared/ActionBar.vue'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import FindingLines from '@/shared/FindingLines.vue'
import { useDraft } from '@/shared/useDraft'
import VerdictMark from '@/shared/VerdictMark.vue'
import { clock, useTimers } from '@/stores/timers'
import { useCall } from '@/stores/call'
import PadDesk from '../PadDesk.vue'
import PairRow from '../PairRow.vue'

/** Ohms between three terminals and to ground: which is C, R and S, whole or open, grounded or not. */
type Marking = 'NUMBERS' | 'CRS' | 'T'
const PAIRS: Record<Marking, readonly string[]> = {
  NUMBERS: ['1-2', '1-3', '2-3'],
  CRS: ['C-R', 'C-S', 'R-S'],
  T: ['T1-T2', 'T1-T3', 'T2-T3'],
}
const GROUNDED: Record<Marking, string> = { NUMBERS: '1-GROUND', CRS: 'C-GROUND', T: 'T1-GROUND' }
const MARKINGS = [
  { value: 'NUMBERS', words: 'not marked' },
  { value: 'CRS', words: 'C R S' },
  { value: 'T', words: 'T1 T2 T3' },
] as const
const SHELL = [
  { value: 'hot', words: 'hot' },
  { value: 'cool', words: 'cool' },
] as const

const store = useCall()
const timers = useTimers()
const places = computed(() => store.call?.windings ?? [])
const placeId = ref<string | null>(places.value[0] ? String(places.value[0].placeId) : null)
const place = computed(() => places.value.find((p) => String(p.placeId) === placeId.value) ?? null)
const marking = ref<Marking | null>('NUMBERS')
const shell = ref<'hot' | 'cool' | null>(null)
const { text: drafted, letGo } = useDraft(
  () => `windings ${store.call?.id} ${placeId.value} ${marking.value}`,
  () => '{}',
)
const read = computed<Record<string, string>>(
  () => JSON.parse(drafted.value || '{}') as Record<string, string>,
)
const typed = ref('')
const active = ref<string | null>(null)
const seen = ref<WindingsPreview | null>(null)
const wrong = ref('')

const at = computed<Marking>(() => marking.value ?? 'NUMBERS')
const rows = computed(() => [...PAIRS[at.value], GROUNDED[at.value]])
const isGround = (pair: string) => pair.endsWith('GROUND')
const isReady = computed(() => typed.value === 'OL' || (typed.value !== '' && typed.value !== '.'))
const isWhole = computed(() => PAIRS[at.value].every((p) => read.value[p] !== undefined))
const hasGroundOnly = computed(
  () =>
    read.value[GROUNDED[at.value]] !== undefined && PAIRS[at.value].every((p) => read.value[p] === undefined),
)
const canJudge = computed(() => isWhole.value || hasGroundOnly.value)

watch(
  [placeId, marking, drafted],
  () => {
    if (active.value === null || !rows.value.includes(active.value) || read.value[active.value] !== undefined)
      active.value = rows.value.find((p) => read.value[p] === undefined) ?? null
  },
  { immediate: true },
)

function given() {
  const readings = rows.value
    .filter((p) => read.value[p] !== undefined)
    .map((pair) => {
      const figure = read.value[pair] as string
      if (figure === 'OL') return { pair, overRange: true }
      return isGround(pair) ? { pair, megohms: Number(figure) } : { pair, ohms: Number(figure) }
    })
  return {
    placeId: Number(placeId.value),
    readings,
    ...(shell.value === null ? {} : { shellHot: shell.value === 'hot' }),
  }
}
const look = useDebounceFn(async () => {
  const id = store.call?.id
  if (id === undefined || placeId.value === null || !canJudge.value) {
    seen.value = null
    return
  }
  try {
    seen.value = await body(
      api.POST('/api/calls/{id}/windings/preview', { params: { path: { id } }, body: given() }),
    )
    wrong.value = ''
  } catch (problem) {
    wrong.value =
      problem instanceof NoConnection ? 'No connection: judged once it is back.' : (problem as Error).message
  }
}, 150)
watch([drafted, shell, placeId, marking], () => void look(), { immediate: true })

function next() {
  if (active.value === null || !isReady.value) return
  drafted.value = JSON.stringify({ ...read.value, [active.value]: typed.value })
  typed.value = ''
}
function again(pair: string) {
  const rest = { ...read.value }
  delete rest[pair]
  drafted.value = JSON.stringify(rest)
  active.value = pair
}
async function keep() {
  if (await store.change('POST', '/windings', `windings ${place.value?.place}`, given())) {
    drafted.value = '{}'
    letGo()
    shell.value = null
  }
}
const shown = computed(() => seen.value ?? (canJudge.value ? null : place.value))
const verdictOf = (pair: string) => seen.value?.verdicts.find((v) => v.subject === pair) ?? null
const cooling = computed(() => {
  const due = place.value?.againAtMillis
  return due === undefined ? '' : clock(due - timers.now.getTime())
})
const action = computed(() =>
  canJudge.value
    ? { words: 'Put it on the tape', go: () => void keep() }
    : { words: store.call?.next.text ?? 'Go on', go: () => store.goNext() },
)
</script>

<template>
  <div>
    <div tabindex="0" class="zb-scroll">
      <p v-if="places.length === 0" class="zb-note">A quick check has no unit with motors.</p>
      <template v-else>
        <ChoiceButtons
          v-model="placeId"
          label="Which windings"
          is-hidden-label
          :choices="places.map((p) => ({ value: String(p.placeId), words: p.place }))"
        />
        <p v-if="!store.call?.safe.isSupplyDead" class="zb-caution zb-small dead">
          <b>Not read dead yet.</b> Ohms are read with the power locked out and the leads off.
        </p>
        <div class="asked">
          <ChoiceButtons v-model="marking" label="Terminals" :choices="MARKINGS" />
          <ChoiceButtons v-model="shell" label="Shell to the hand" is-clearable :choices="SHELL" />
        </div>
        <PadDesk
          v-model="typed"
          :is-reading="active !== null && store.isWorking"
          :at="active"
          :unit="active && isGround(active) ? 'MΩ' : 'Ω'"
          :is-ready="isReady"
          has-over-range
          @next="next"
        >
          <PairRow
            v-for="pair in rows"
            :key="pair"
            :name="pair"
            :unit="isGround(pair) ? 'MΩ' : 'Ω'"
            :figure="pair === active && typed ? typed : (read[pair] ?? '')"
            :is-on="pair === active"
            :is-off="!store.isWorking"
            @read="again(pair)"
          >
            <VerdictMark
              v-if="verdictOf(pair)"
              :verdict="verdictOf(pair)!.verdict"
              :word="verdictOf(pair)!.word"
            />
            <template v-else>not read</template>
          </PairRow>
          <p v-if="wrong" class="zb-wrong" role="status">{{ wrong }}</p>
          <p v-if="shown?.named" class="named zb-name">{{ shown.named }}</p>
          <p v-if="cooling && !canJudge" class="zb-note"><b>Cooling:</b> read again in {{ cooling }}.</p>
          <FindingLines :findings="shown?.findings ?? []" class="found" />
          <p v-if="shown?.verdicts[0]" class="zb-note found">{{ shown.verdicts[0].reckoning }}</p>
        </PadDesk>
      </template>
    </div>
    <ActionBar :words="action.words" :is-off="!store.isWorking" @act="action.go">
      <span v-if="!canJudge && Object.keys(read).length" class="zb-soft">three pairs, or one to ground</span>
    </ActionBar>
  </div>
</template>

<style scoped>
.dead {
  margin-top: 10px;
}
.asked {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 28px;
  margin: 10px 0;
}
.named {
  font-size: 28px;
  margin: 10px 0 4px;
}
.found {
  margin-top: 8px;
}
</style>
