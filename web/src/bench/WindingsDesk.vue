<script setup lang="ts">
import { computed } from 'vue'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import FindingLines from '@/shared/FindingLines.vue'
import VerdictMark from '@/shared/VerdictMark.vue'
import { clock, useTimers } from '@/stores/timers'
import { useCall } from '@/stores/call'
import PadDesk from './PadDesk.vue'
import PairRow from './PairRow.vue'
import type { WindingsAt } from './useWindings'

/** Windings of one motor: which is C, R and S, whole or open, grounded or not. */
const props = defineProps<{ at: WindingsAt }>()
const SHELL = [
  { value: 'hot', words: 'hot' },
  { value: 'cool', words: 'cool' },
] as const

const store = useCall()
const timers = useTimers()
const { ways, marking, shell, rows, typed, active, read, wrong, isReady, isEnough, seen, shown } = props.at
const verdictOf = (pair: string) =>
  (seen.value ?? (Object.keys(read.value).length ? null : shown.value))?.verdicts.find(
    (v) => v.subject === pair,
  ) ?? null
const figureOf = (pair: string) => props.at.figureOf(pair) || verdictOf(pair)?.figure || ''
/** What was judged carries its own unit. */
const unitOf = (pair: string) =>
  (props.at.figureOf(pair) ? '' : verdictOf(pair)?.unit) || props.at.unitOf(pair)
const cooling = computed(() => {
  const due = props.at.known()?.againAtMillis
  return due === undefined ? '' : clock(due - timers.now.getTime())
})
</script>

<template>
  <div>
    <p v-if="!store.call?.safe.isSupplyDead" class="zb-caution zb-small">
      <b>Not read dead yet.</b> Ohms are read with the power locked out and the leads off.
    </p>
    <div class="asked">
      <ChoiceButtons
        v-model="marking"
        label="Terminals"
        :choices="ways.map((w) => ({ value: w.marking, words: w.words }))"
      />
      <ChoiceButtons v-model="shell" label="Shell to the hand" is-clearable :choices="SHELL" />
    </div>
    <PadDesk
      v-model="typed"
      :is-reading="active !== null && store.isWorking"
      :at="active"
      :unit="active ? at.unitOf(active) : ''"
      :is-ready="isReady"
      has-over-range
      @next="at.next"
    >
      <PairRow
        v-for="pair in rows"
        :key="pair"
        :name="pair"
        :unit="unitOf(pair)"
        :figure="figureOf(pair)"
        :is-on="pair === active"
        :is-off="!store.isWorking"
        @read="at.again(pair)"
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
      <p v-if="cooling && !isEnough" class="zb-note"><b>Cooling:</b> read again in {{ cooling }}.</p>
      <FindingLines :findings="shown?.findings ?? []" class="found" />
      <p v-if="shown?.verdicts[0]" class="zb-note found">{{ shown.verdicts[0].reckoning }}</p>
    </PadDesk>
  </div>
</template>

<style scoped>
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
