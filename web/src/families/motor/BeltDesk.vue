<script setup lang="ts">
import { computed, reactive } from 'vue'
import { api, body } from '@/api/client'
import FindingLines from '@/shared/FindingLines.vue'
import LabelledField from '@/shared/LabelledField.vue'
import ValueScale from '@/shared/ValueScale.vue'
import VerdictMark from '@/shared/VerdictMark.vue'
import { usePreview } from '@/shared/usePreview'
import { useCall } from '@/stores/call'

/** A change of sheaves reckoned through before it is made: new speed, expected amps, length of belt. */
const store = useCall()
const typed = reactive({
  motorInches: '',
  fanInches: '',
  newMotorInches: '',
  newFanInches: '',
  centreInches: '',
  ampsNow: store.part?.readings.find((r) => r.unit === 'A')?.figure ?? '',
})
const FIELDS = [
  { name: 'motorInches', words: 'Motor sheave now, in' },
  { name: 'fanInches', words: 'Fan sheave now, in' },
  { name: 'newMotorInches', words: 'Motor sheave new, in' },
  { name: 'newFanInches', words: 'Fan sheave new, in' },
  { name: 'ampsNow', words: 'Amps now, A' },
  { name: 'centreInches', words: 'Shaft to shaft, in (for the belt)' },
] as const
const figure = (text: string) => Number(text.replace(',', '.'))
const isWhole = computed(() =>
  FIELDS.every((f) => f.name === 'centreInches' || (typed[f.name] !== '' && figure(typed[f.name]) > 0)),
)
const given = () => ({
  motorInches: figure(typed.motorInches),
  fanInches: figure(typed.fanInches),
  newMotorInches: figure(typed.newMotorInches),
  newFanInches: figure(typed.newFanInches),
  ampsNow: figure(typed.ampsNow),
  ...(figure(typed.centreInches) > 0 ? { centreInches: figure(typed.centreInches) } : {}),
})
const { seen, wrong } = usePreview(
  () => (isWhole.value ? { id: store.call?.id ?? 0, part: store.part?.id ?? '', given: given() } : null),
  (sheaves) =>
    body(
      api.POST('/api/calls/{id}/parts/{part}/belt/preview', {
        params: { path: { id: sheaves.id, part: sheaves.part } },
        body: sheaves.given,
      }),
    ),
  { restMillis: 200 },
)
const canKeep = computed(() => seen.value !== null && !seen.value.isRefused)
async function keep() {
  await store.changePart('POST', '/belt', 'sheaves', given())
}
const words = computed(() =>
  canKeep.value
    ? 'Keep this sheave'
    : seen.value?.isRefused
      ? 'Refused: take another sheave'
      : 'Give the sheaves and the amps',
)
defineExpose({ canKeep, words, keep })
</script>

<template>
  <div>
    <div class="fields">
      <LabelledField
        v-for="f in FIELDS"
        :key="f.name"
        v-model="typed[f.name]"
        :label="f.words"
        kind="number"
        has-no-wrong-line
      />
    </div>
    <p class="zb-wrong" role="status">{{ wrong }}</p>
    <template v-if="seen">
      <p class="result">
        <span
          ><span class="zb-figure">{{ seen.amps }}</span> A</span
        >
        <VerdictMark :verdict="seen.judged.verdict" :word="seen.isRefused ? 'REFUSED' : 'INSIDE THE LABEL'" />
        <span class="zb-soft">fan {{ seen.fanRpm }} rpm</span>
      </p>
      <ValueScale
        :scale="seen.judged.scale"
        :low="seen.judged.low"
        :high="seen.judged.high"
        rated=""
        :words="`${seen.amps} A, at most ${seen.judged.high} A`"
      />
      <FindingLines :findings="seen.findings" />
      <div class="zb-note">
        <p v-for="r in seen.reckonings" :key="r">{{ r }}</p>
      </div>
    </template>
    <p v-else-if="store.part?.sheave" class="zb-soft">
      Kept: {{ store.part.sheave.figure }} A expected. {{ store.part.sheave.reckoning }}
    </p>
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 8px 20px;
  max-width: 520px;
}
.result {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 18px;
  font-size: 40px;
  margin: 6px 0;
}
.result .zb-soft,
.word {
  font-size: 20px;
}
</style>
