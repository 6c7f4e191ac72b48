<script setup lang="ts">
import { computed } from 'vue'
import type { JudgedView, SpeedView } from '@/api/types'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import FindingLines from '@/shared/FindingLines.vue'
import JudgedScale from '@/shared/JudgedScale.vue'
import LabelledField from '@/shared/LabelledField.vue'
import VerdictMark from '@/shared/VerdictMark.vue'
import { useCall } from '@/stores/call'
import PadDesk from './PadDesk.vue'
import PairRow from './PairRow.vue'
import type { AmpsAt } from './useAmps'

/** Running amps of one motor against its rating, volts in view, and the most it took to start. */
const props = defineProps<{
  at: AmpsAt
  rating: string
  lockedRotor?: number
  speeds?: readonly SpeedView[]
  known: readonly JudgedView[]
}>()
const PRESSURES = [
  { value: 'apart', words: 'well apart' },
  { value: 'equal', words: 'near-equal' },
] as const
const unitOf = (row: string | null) => (row === 'VOLTS' ? 'V' : 'A')
const store = useCall()
const { rows, typed, active, wrong, isReady, seen, speed, rated, pressures, read } = props.at
const isTyping = computed(() => Object.keys(read.value).length > 0)
const all = computed(() => seen.value?.verdicts ?? (isTyping.value ? [] : props.known))
/** The verdict of a row; the amps of three legs have theirs together. */
function judged(row: string) {
  if (row === 'VOLTS' || row === 'INRUSH') return all.value.find((v) => v.subject.endsWith(row)) ?? null
  return row === 'AMPS' ? (all.value.find((v) => !/(INRUSH|VOLTS|LEGS)$/.test(v.subject)) ?? null) : null
}
const legs = computed(() => all.value.find((v) => v.subject.endsWith('LEGS')) ?? null)
const findings = computed(() => seen.value?.findings ?? judged('AMPS')?.findings ?? [])
const many = computed(() => (props.speeds ?? []).filter((s) => s.name !== ''))
const shownRating = computed(() => props.speeds?.find((s) => s.name === speed.value)?.rated || props.rating)
</script>

<template>
  <div>
    <p class="zb-caution zb-small">Power is on: clear of blades and terminals. Amps end the dead reading.</p>
    <ChoiceButtons
      v-if="many.length > 1"
      v-model="speed"
      class="speeds"
      label="Speed it runs on"
      :choices="many.map((s) => ({ value: s.name, words: s.isProved ? `${s.name} ✓` : s.name }))"
    />
    <p class="against">
      <b v-if="shownRating">{{ shownRating }}</b>
      <span v-if="lockedRotor" class="zb-soft"> LRA {{ lockedRotor }} A</span>
      <span class="zb-soft line">
        {{ store.call?.supply.lineVolts ? `line ${store.call.supply.lineVolts}` : 'line not read' }}
      </span>
    </p>
    <LabelledField
      v-if="!shownRating"
      v-model="rated"
      label="Its rating in amps, by label or plate"
      has-no-wrong-line
      class="rated"
    />
    <PadDesk
      v-model="typed"
      :is-reading="active !== null && store.isWorking"
      :at="active"
      :unit="unitOf(active)"
      :is-ready="isReady"
      @next="at.next"
    >
      <PairRow
        v-for="row in rows"
        :key="row"
        :name="row"
        :unit="unitOf(row)"
        :figure="at.figureOf(row) || judged(row)?.figure || ''"
        :is-on="row === active"
        :is-off="!store.isWorking"
        @read="at.again(row)"
      >
        <VerdictMark v-if="judged(row)" :verdict="judged(row)!.verdict" :word="judged(row)!.word" />
        <template v-else>{{
          row === 'VOLTS' || row === 'INRUSH' ? 'if you have it' : at.figureOf(row) ? '' : 'not read'
        }}</template>
      </PairRow>
      <ChoiceButtons
        v-if="at.isCompressor()"
        v-model="pressures"
        class="pressures"
        label="Suction and discharge pressure"
        is-clearable
        :choices="PRESSURES"
      />
      <v-btn
        v-if="store.isWorking && !isTyping && !known.length"
        variant="text"
        height="48"
        @click="at.didNotStart()"
        >did not start</v-btn
      >
      <p v-if="rows[0] !== 'AMPS' && judged('AMPS')" class="legs">
        <b>Most</b>
        <span
          ><span class="zb-figure">{{ judged('AMPS')!.figure }}</span> A</span
        >
        <VerdictMark :verdict="judged('AMPS')!.verdict" :word="judged('AMPS')!.word" />
      </p>
      <p v-if="legs" class="legs">
        <b>Legs</b>
        <span
          ><span class="zb-figure">{{ legs.figure }}</span> % apart</span
        >
        <VerdictMark :verdict="legs.verdict" :word="legs.word" />
      </p>
      <p v-if="legs" class="zb-note">{{ legs.reckoning }}</p>
      <JudgedScale v-if="active === null" :judged="judged('AMPS')" subject="Amps" class="found" />
      <p v-if="wrong" class="zb-wrong" role="status">{{ wrong }}</p>
      <FindingLines :findings="findings" class="found" />
      <p v-if="judged('AMPS')" class="zb-note found">{{ judged('AMPS')?.reckoning }}</p>
    </PadDesk>
  </div>
</template>

<style scoped>
.speeds,
.pressures {
  margin: 10px 0;
}
.against {
  font-size: 21px;
  margin: 10px 0 4px;
}
.line {
  margin-left: 14px;
}
.rated {
  max-width: 300px;
  margin-bottom: 8px;
}
.legs {
  display: flex;
  gap: 12px;
  align-items: baseline;
  font-size: 20px;
  margin: 10px 0 4px;
}
.found {
  margin-top: 8px;
}
</style>
