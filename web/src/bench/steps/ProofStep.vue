<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { PointView } from '@/api/types'
import ActionBar from '@/shared/ActionBar.vue'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import FindingLines from '@/shared/FindingLines.vue'
import JudgedScale from '@/shared/JudgedScale.vue'
import LabelledField from '@/shared/LabelledField.vue'
import { timeOf } from '@/shared/time'
import TrendPlot from '@/shared/TrendPlot.vue'
import VerdictMark from '@/shared/VerdictMark.vue'
import { useCall } from '@/stores/call'
import { useSession } from '@/stores/session'
import { clock, useTimers } from '@/stores/timers'
import BestFigures from '../BestFigures.vue'
import ChargeMoved from '../ChargeMoved.vue'
import CheckList from '../CheckList.vue'
import PadDesk from '../PadDesk.vue'
import PairRow from '../PairRow.vue'
import WanderForm from '../WanderForm.vue'
import { useReadingDesk } from '../useReadingDesk'

/** The whole unit proved: what to look at before power, then readings as it settles, then what they amount to. */
type Point = PointView['point']
const store = useCall()
const session = useSession()
const timers = useTimers()
const leave = computed(() => store.call?.leave)
const proof = computed(() => leave.value?.proof)
const circuit = ref('1')
const other = computed(() => proof.value?.circuits.find((c) => String(c.circuit) === circuit.value))
const points = computed(() => other.value?.points ?? proof.value?.points ?? [])
const unticked = computed(() => leave.value?.beforePower.filter((c) => !c.done).length ?? 0)
const { typed, active, wrong, isReady, read, readFirstOpen, next } = useReadingDesk<Point>({
  draft: (point) => `proof ${store.call?.id} ${circuit.value} ${point ?? ''}`,
  firstOpen: (isUnderWay) =>
    points.value.find((p) => p.figure === undefined && !isUnderWay(p.point))?.point ?? null,
  send: (point, figure) =>
    store.change('POST', '/proof/readings', `${titleOf(point)} ${figure}`, {
      point,
      value: Number(figure),
      ...(other.value ? { circuit: other.value.circuit } : {}),
    }),
})
const at = computed(() => points.value.find((p) => p.point === active.value) ?? null)
/** A second circuit is offered of which nothing was read. */
const isTandem = computed(
  () =>
    store.isWorking &&
    (proof.value?.circuits.length ?? 0) > 0 &&
    !proof.value?.circuits.some((c) => c.figures.length),
)
async function shareOne() {
  const plate = store.call?.plates.outdoor
  const json = {
    which: 'OUTDOOR' as const,
    text: plate?.text ?? '',
    fields: { circuits: 1 } as never,
    cleared: [],
  }
  if (await store.change('POST', '/plate', 'one circuit', json)) circuit.value = '1'
}
const hasFigures = computed(() => (proof.value?.figures.length ?? 0) > 0)
const plots = computed(() => proof.value?.series.filter((s) => s.points.length > 1) ?? [])

watch(circuit, () => readFirstOpen())
watch(
  () => proof.value?.isRunning,
  (runs) => {
    if (runs) readFirstOpen()
    else read(null)
  },
  { immediate: true },
)

const titleOf = (point: Point) => points.value.find((p) => p.point === point)?.title ?? ''
const figureOf = (p: PointView) => (p.point === active.value && typed.value ? typed.value : (p.figure ?? ''))

const settling = computed(() => {
  const s = proof.value?.settling
  if (!s) return ''
  if (s.isSettled) return 'Settled: the readings count.'
  const left = s.fromMillis - timers.now.getTime()
  return left > 0
    ? `Runs since ${timeOf(s.sinceMillis)}, settles for ${clock(left)} more. Read now, read again then.`
    : `Runs since ${timeOf(s.sinceMillis)}. Read again until the split stands still, by ${timeOf(s.untilMillis)} at the latest.`
})
const action = computed(() => {
  if (!store.isWorking) return { words: 'This call is closed', act: null }
  if (!proof.value?.isRunning) {
    return {
      words: proof.value?.kept ? 'Start it again' : 'Power on, unit running',
      act: unticked.value === 0 ? () => store.change('POST', '/proof/start', 'unit started') : null,
    }
  }
  if (proof.value.kept && active.value === null) return { words: 'Go on', act: () => store.goNext() }
  return {
    words: 'Keep this proof',
    act: hasFigures.value ? () => keep(false) : null,
  }
})
/** Why a unit with something out can do no better; asked before it is kept as its best. */
const why = ref<string | null>(null)
async function keep(isBenchmark: boolean) {
  const json = { isBenchmark, ...(isBenchmark && why.value ? { why: why.value } : {}) }
  if (await store.change('POST', '/proof/keep', 'proof of the unit', json)) {
    why.value = null
    store.goNext()
  }
}
</script>

<template>
  <div v-if="proof && leave">
    <div tabindex="0" class="zb-scroll proof">
      <template v-if="!proof.isRunning">
        <p v-if="proof.kept" class="zb-note">Proved on this call: {{ proof.kept }}</p>
        <h3>Before power</h3>
        <CheckList
          :checks="leave.beforePower"
          @tick="(key, on) => void store.change('POST', '/before-power', 'tick', { key, on })"
        />
        <p class="zb-caution zb-small">
          Stand clear of blade and belt. The first start is watched from the disconnect.
        </p>
      </template>
      <template v-else>
        <p class="settle" role="status">{{ settling }}</p>
        <p v-if="!proof.hasTable" class="zb-caution">
          {{
            proof.refrigerant
              ? `No saturation table for ${proof.refrigerant}: pressures say nothing here. Bring its table in under Rules.`
              : 'The refrigerant is not on the plate: pressures say nothing until it is read.'
          }}
        </p>
        <ChoiceButtons
          v-if="proof.circuits.length"
          v-model="circuit"
          class="circuits"
          label="Circuit"
          is-hidden-label
          :choices="[
            { value: '1', words: 'Circuit 1 and the air' },
            ...proof.circuits.map((c) => ({ value: String(c.circuit), words: `Circuit ${c.circuit}` })),
          ]"
        />
        <v-btn v-if="isTandem" variant="text" height="44" class="circuits" @click="shareOne"
          >its compressors share one circuit</v-btn
        >
        <PadDesk
          v-model="typed"
          :is-reading="active !== null && store.isWorking"
          :at="at?.title ?? null"
          :unit="at?.unit ?? ''"
          :is-ready="isReady"
          goes-below-zero
          @next="next"
        >
          <PairRow
            v-for="p in points"
            :key="p.point"
            :name="p.title"
            :figure="figureOf(p)"
            :unit="p.unit"
            :is-on="p.point === active"
            :is-off="!store.isWorking"
            @read="read(p.point)"
          >
            <span v-if="session.hasCelsius && p.celsius" class="celsius">{{ p.celsius }}</span>
            <span class="zb-soft">{{ p.atMillis ? timeOf(p.atMillis) : 'not read' }}</span>
          </PairRow>
          <p class="zb-wrong" role="status">{{ wrong }}</p>
        </PadDesk>
        <div :class="{ sides: proof.circuits.some((c) => c.figures.length) }">
          <section v-if="hasFigures" aria-label="What it amounts to" class="figures">
            <div v-for="f in proof.figures" :key="f.title" class="figure">
              <span class="name">{{ f.title }}</span>
              <span class="value"
                ><span class="zb-figure">{{ f.figure }}</span> {{ f.unit }}
                <template v-if="session.hasCelsius && f.celsius">({{ f.celsius }})</template></span
              >
              <VerdictMark v-if="f.judged" :verdict="f.judged.verdict" :word="f.judged.word" />
              <span v-else class="zb-soft">shown, not judged</span>
              <JudgedScale :judged="f.judged" :subject="f.title" class="at" />
              <p class="zb-soft reckoning">{{ f.reckoning }}</p>
              <WanderForm v-if="f.figureOf && store.isWorking" :figure="f" />
            </div>
          </section>
          <section
            v-for="c in proof.circuits.filter((each) => each.figures.length)"
            :key="c.circuit"
            class="figures"
            :aria-label="`Circuit ${c.circuit}`"
          >
            <div v-for="f in c.figures" :key="f.title" class="figure">
              <span class="name">{{ f.title }}, circuit {{ c.circuit }}</span>
              <span class="value"
                ><span class="zb-figure">{{ f.figure }}</span> {{ f.unit }}</span
              >
              <VerdictMark v-if="f.judged" :verdict="f.judged.verdict" :word="f.judged.word" />
              <span v-else class="zb-soft">shown, not judged</span>
              <JudgedScale :judged="f.judged" :subject="f.title" class="at" />
              <p class="zb-soft reckoning">{{ f.reckoning }}</p>
              <WanderForm v-if="f.figureOf && store.isWorking" :figure="f" :circuit="c.circuit" />
            </div>
            <FindingLines :findings="c.findings" />
          </section>
        </div>
        <section v-if="proof.wanders.length" aria-label="What does not stand still" class="figures">
          <div v-for="w in proof.wanders" :key="w.title" class="figure">
            <span class="name">{{ w.title }} wanders</span>
            <VerdictMark class="wide" :verdict="w.judged.verdict" :word="w.judged.word" />
            <span class="zb-figure swing">{{ w.words }}</span>
            <p class="zb-soft reckoning">{{ w.judged.reckoning }}</p>
            <FindingLines :findings="w.findings" class="reckoning" />
          </div>
        </section>
        <FindingLines :findings="proof.findings" />
        <ChargeMoved :charge="proof.charge" />
        <BestFigures v-if="proof.best" :best="proof.best" />
        <template v-for="c in proof.circuits" :key="c.circuit">
          <BestFigures v-if="c.best" :best="c.best" :of="`circuit ${c.circuit}`" />
        </template>
        <section v-for="s in plots" :key="s.figure">
          <h3>{{ s.title }} as it settles</h3>
          <TrendPlot :name="s.title" :unit="s.unit" :points="s.points" is-of-today />
        </section>
      </template>
    </div>
    <ActionBar :words="action.words" :is-off="!action.act" :keeps="hasFigures" @act="action.act?.()">
      <span v-if="!proof.isRunning && unticked" class="zb-soft">{{ unticked }} to look at first</span>
      <v-btn v-if="proof.isRunning && proof.asBest === 'BEST'" variant="text" height="32" @click="keep(true)"
        >keep as what this unit can do at its best</v-btn
      >
      <v-btn
        v-if="proof.isRunning && proof.asBest === 'POOR' && why === null"
        variant="text"
        height="32"
        @click="why = ''"
        >keep as the best this unit does</v-btn
      >
      <form v-if="why !== null" class="why" @submit.prevent="keep(true)">
        <LabelledField v-model="why" label="Why it does no better" hint="ducts too small" has-no-wrong-line />
        <v-btn type="submit" height="48" :disabled="!why.trim()">Keep it</v-btn>
      </form>
    </ActionBar>
  </div>
</template>

<style scoped>
.circuits {
  margin: 8px 0;
}
.sides {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 290px), 1fr));
  gap: 0 20px;
  align-items: start;
}
.sides .figure {
  grid-template-columns: minmax(0, 1fr) auto;
}
.sides .name {
  grid-column: 1 / -1;
}
.sides .value {
  justify-self: start;
}
.wide {
  grid-column: 2 / -1;
}
.swing {
  grid-column: 1 / -1;
  font-size: 21px;
}
.why {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: end;
}
.proof {
  display: grid;
  gap: 14px;
  align-content: start;
}
h3 {
  font-size: 19px;
}
.settle {
  font-size: 19px;
  font-weight: 600;
}
.figures {
  display: grid;
  border-top: var(--zb-line);
}
.at {
  grid-column: 1 / -1;
}
.celsius {
  display: block;
}
.figure {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto 130px;
  gap: 2px 20px;
  align-items: baseline;
  padding: 8px 0;
  border-bottom: 1px solid var(--zb-hair);
}
.name {
  font-size: 19px;
  font-weight: 600;
}
.value {
  font-size: 30px;
  line-height: 1.1;
}
.value .zb-figure {
  font-weight: 600;
}
.reckoning {
  grid-column: 1 / -1;
}
.proof :deep(.pair) {
  grid-template-columns: minmax(0, 1fr) 150px 84px;
}
@media (max-width: 839px) {
  .figure {
    grid-template-columns: minmax(0, 1fr) auto;
  }
}
</style>
