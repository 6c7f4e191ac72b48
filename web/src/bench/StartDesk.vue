<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, body } from '@/api/client'
import type { JudgedView, Preview, StartView, WiresView } from '@/api/types'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import FindingLines from '@/shared/FindingLines.vue'
import LabelledField from '@/shared/LabelledField.vue'
import VerdictMark from '@/shared/VerdictMark.vue'
import { useCall } from '@/stores/call'
import PadDesk from './PadDesk.vue'
import PairRow from './PairRow.vue'
import { numberIn } from './fieldText'
import { useReadings } from './useReadings'

/** A start, amps and volts caught together: is it the supply or the motor that keeps it from coming up? */
const props = defineProps<{ placeId: number; place: string; known?: StartView }>()
const store = useCall()
const rows = ['BEFORE', 'VOLTS', 'AMPS'] as const
const NAMES = { BEFORE: 'At rest', VOLTS: 'Least at start', AMPS: 'Most at start' } as const
const UNITS = { BEFORE: 'V', VOLTS: 'V', AMPS: 'A' } as const
const SUBJECTS: Record<string, string> = { VOLTS: 'START VOLTS', AMPS: 'START AMPS' }
const stays = ref<'no' | 'yes' | null>(null)
const seconds = ref('')
const metal = ref<'COPPER' | 'ALUMINUM'>('COPPER')
const gauge = ref('')
const feet = ref('')
const wires = ref<WiresView | null>(null)
onMounted(async () => {
  wires.value = await body(api.GET('/api/wires', {})).catch(() => null)
})
const gauges = computed(() => (metal.value === 'COPPER' ? wires.value?.copper : wires.value?.aluminum) ?? [])

function given(read: Record<string, string>) {
  return {
    placeId: props.placeId,
    amps: Number(read.AMPS),
    volts: Number(read.VOLTS),
    before: Number(read.BEFORE),
    ...(stays.value === null ? {} : { stays: stays.value === 'yes' }),
    ...(numberIn(seconds.value) === null ? {} : { seconds: numberIn(seconds.value)! }),
    ...(gauge.value && feet.value
      ? { gauge: gauge.value, metal: metal.value, feet: Number(feet.value) }
      : {}),
  }
}
const at = useReadings<Preview>(
  () => `start ${store.call?.id} ${props.placeId}`,
  () => rows,
  (read) =>
    (stays.value !== null || numberIn(seconds.value) !== null) &&
    rows.every((row) => read[row] !== undefined),
  (read) =>
    body(
      api.POST('/api/calls/{id}/starts/preview', {
        params: { path: { id: store.call?.id ?? 0 } },
        body: given(read),
      }),
    ),
  () => [stays.value, seconds.value, metal.value, gauge.value, feet.value],
)
const { typed, active, wrong, isReady, seen, read, isEnough } = at
const isTyping = computed(() => Object.keys(read.value).length > 0)
const all = computed<readonly JudgedView[]>(
  () => seen.value?.verdicts ?? (isTyping.value ? [] : (props.known?.verdicts ?? [])),
)
const judged = (row: string) => all.value.find((v) => v.subject === SUBJECTS[row]) ?? null
const dip = computed(() => all.value.find((v) => v.subject === 'DIP') ?? null)
const findings = computed(() => seen.value?.findings ?? (isTyping.value ? [] : (props.known?.findings ?? [])))

async function keep() {
  const what = `start of ${props.place} ${read.value.AMPS} A`
  if (await store.change('POST', '/starts', what, given(read.value))) {
    at.letGo()
    stays.value = null
    seconds.value = ''
  }
}
const canKeep = computed(() => isEnough.value && isTyping.value)
defineExpose({ canKeep, keep })
</script>

<template>
  <section aria-label="The start">
    <p class="zb-caution zb-small first">
      Power is on: clear of blades and terminals. Clamp on max-hold and the meter on min-hold, at the unit's
      own screws, one start. Off within a second if it only hums.
    </p>
    <PadDesk
      v-model="typed"
      :is-reading="active !== null && store.isWorking"
      :at="active ? NAMES[active as keyof typeof NAMES] : null"
      :unit="active ? UNITS[active as keyof typeof UNITS] : 'V'"
      :is-ready="isReady"
      @next="at.next"
    >
      <PairRow
        v-for="row in rows"
        :key="row"
        :name="NAMES[row]"
        :unit="UNITS[row]"
        :figure="at.figureOf(row) || (isTyping ? '' : (judged(row)?.figure ?? ''))"
        :is-on="row === active"
        :is-off="!store.isWorking"
        @read="at.again(row)"
      >
        <VerdictMark v-if="judged(row)" :verdict="judged(row)!.verdict" :word="judged(row)!.word" />
        <template v-else>{{ at.figureOf(row) ? '' : 'not read' }}</template>
      </PairRow>
      <ChoiceButtons
        v-model="stays"
        class="apart"
        label="The amps"
        is-clearable
        :choices="[
          { value: 'no', words: 'fall at once' },
          { value: 'yes', words: 'stay over half a second' },
        ]"
      />
      <LabelledField
        v-model="seconds"
        class="apart"
        label="Or for how many seconds, if the clamp shows it"
        kind="number"
        has-no-wrong-line
      />
      <details class="wire">
        <summary>Its wire from the panel, if you know it</summary>
        <ChoiceButtons
          v-model="metal"
          label="Metal"
          :choices="[
            { value: 'COPPER', words: 'copper' },
            { value: 'ALUMINUM', words: 'aluminum' },
          ]"
        />
        <ChoiceButtons
          v-model="gauge"
          class="apart"
          label="Gauge, AWG"
          :choices="gauges.map((g) => ({ value: g, words: g }))"
        />
        <LabelledField v-model="feet" label="Run one way, in feet" kind="number" has-no-wrong-line />
      </details>
      <p v-if="dip" class="dip">
        <b>Dip</b> <span class="zb-figure">{{ dip.figure }}</span> V
        <VerdictMark :verdict="dip.verdict" :word="dip.word" />
      </p>
      <p v-if="wrong" class="zb-wrong" role="status">{{ wrong }}</p>
      <FindingLines :findings="findings" class="apart" />
      <p v-for="v in all" :key="v.subject" class="zb-note apart">{{ v.reckoning }}</p>
    </PadDesk>
  </section>
</template>

<style scoped>
.first {
  margin-bottom: 10px;
}
.apart {
  margin-top: 10px;
}
.dip {
  display: flex;
  gap: 12px;
  align-items: baseline;
  font-size: 21px;
  margin: 10px 0 0;
}
.wire {
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
