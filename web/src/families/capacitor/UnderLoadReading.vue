<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { api, body } from '@/api/client'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import MeterTake from '@/bench/MeterTake.vue'
import NumberPad from '@/shared/NumberPad.vue'
import ReadingRow from '@/bench/ReadingRow.vue'
import { usePreview } from '@/shared/usePreview'
import { useCall } from '@/stores/call'

/** Capacitance while running: amps in the start-winding wire, volts across the capacitor. */
const store = useCall()
const sections = computed(() => store.part?.sections ?? [])
const section = ref(sections.value[0] ?? '')
const hertz = ref<'50' | '60'>('60')
const typed = reactive({ amps: '', volts: '' })
const at = ref<'amps' | 'volts'>('amps')
const isBoth = computed(() => Number(typed.amps) > 0 && Number(typed.volts) > 0)
const isReady = computed(() => (at.value === 'amps' ? Number(typed.amps) > 0 : isBoth.value))
const judged = computed(
  () => seen.value?.verdicts[0] ?? store.part?.readings.find((r) => r.subject === section.value) ?? null,
)
const onPad = computed({ get: () => typed[at.value], set: (v) => (typed[at.value] = v) })

const reading = () => ({
  section: section.value,
  amps: Number(typed.amps),
  volts: Number(typed.volts),
  hertz: Number(hertz.value),
})

const { seen, wrong } = usePreview(
  () => (isBoth.value ? { id: store.call?.id ?? 0, part: store.part?.id ?? '', reading: reading() } : null),
  (typed) =>
    body(
      api.POST('/api/calls/{id}/parts/{part}/preview', {
        params: { path: { id: typed.id, part: typed.part } },
        body: { readings: [typed.reading] },
      }),
    ),
)

async function next() {
  if (at.value === 'amps') {
    at.value = 'volts'
    return
  }
  const what = `${section.value} ${typed.amps} A, ${typed.volts} V`
  if (await store.changePart('POST', '/readings', what, { method: 'UNDER_LOAD', readings: [reading()] })) {
    typed.amps = ''
    typed.volts = ''
    at.value = 'amps'
    section.value =
      sections.value[(sections.value.indexOf(section.value) + 1) % sections.value.length] ?? section.value
  }
}
</script>

<template>
  <div class="load">
    <p class="zb-caution zb-small">
      Power is on: keep hands and leads clear of blades and terminals. It ends the dead reading.
    </p>
    <div class="cols">
      <div>
        <div class="row">
          <ChoiceButtons
            v-if="sections.length > 1"
            v-model="section"
            label="Section"
            is-hidden-label
            :choices="sections.map((s) => ({ value: s, words: s }))"
          />
          <ChoiceButtons
            v-model="hertz"
            label="Supply frequency"
            is-hidden-label
            :choices="[
              { value: '60', words: '60 Hz' },
              { value: '50', words: '50 Hz' },
            ]"
          />
        </div>
        <div class="given">
          <button type="button" class="figure zb-bare" :class="{ on: at === 'amps' }" @click="at = 'amps'">
            <span class="zb-soft">start-winding wire</span>
            <span
              ><span class="zb-figure">{{ typed.amps || '–' }}</span> A</span
            >
          </button>
          <button type="button" class="figure zb-bare" :class="{ on: at === 'volts' }" @click="at = 'volts'">
            <span class="zb-soft">across the capacitor</span>
            <span
              ><span class="zb-figure">{{ typed.volts || '–' }}</span> V</span
            >
          </button>
        </div>
        <p class="zb-wrong" role="status">{{ wrong }}</p>
        <ReadingRow :subject="section" :judged="judged" />
        <p v-if="judged" class="zb-note">{{ judged.reckoning }}</p>
      </div>
      <div v-if="store.isWorking">
        <MeterTake :subject="section" :unit="at === 'amps' ? 'A' : 'V'" @take="onPad = $event" />
        <NumberPad
          v-model="onPad"
          :unit="at === 'amps' ? 'A' : 'V'"
          :next-word="at === 'amps' ? 'volts' : 'keep'"
          :is-ready="isReady"
          @next="next"
        />
      </div>
    </div>
  </div>
</template>

<style scoped>
.load {
  display: grid;
  gap: 12px;
}
.cols {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 236px;
  gap: 20px;
  align-items: start;
}
.row {
  display: flex;
  gap: 16px;
  flex-wrap: wrap;
}
.given {
  display: flex;
  gap: 12px;
  margin-top: 12px;
}
.figure {
  flex: 1;
  display: grid;
  font-size: 30px;
  border-bottom: 4px solid var(--zb-hair);
  min-height: 64px;
}
.figure.on {
  border-bottom-color: var(--zb-lemon);
}
@media (max-width: 839px) {
  .cols {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
