<script setup lang="ts">
import { computed, nextTick, provide, reactive, ref, watch, type Component } from 'vue'
import { STEPS, type FindingView, type Step } from '@/api/types'
import Slice from '@/shared/Slice.vue'
import BeforeTest from './BeforeTest.vue'
import { BENCH } from '@/shared/bench'
import StepHelp from './StepHelp.vue'
import JumperBar from './JumperBar.vue'
import StopLine from './StopLine.vue'
import { dayOf } from '@/shared/time'
import { useSession } from '@/stores/session'
import { OF_LEAVING, OF_UNIT, useCall, type CallStep } from '@/stores/call'
import AmpsStep from './steps/AmpsStep.vue'
import AskStep from './steps/AskStep.vue'
import FoundStep from './steps/FoundStep.vue'
import HookUpStep from './steps/HookUpStep.vue'
import JudgeStep from './steps/JudgeStep.vue'
import LeaveStep from './steps/LeaveStep.vue'
import MakeSafeStep from './steps/MakeSafeStep.vue'
import MatchStep from './steps/MatchStep.vue'
import OptionsStep from './steps/OptionsStep.vue'
import PlateStep from './steps/PlateStep.vue'
import ProofStep from './steps/ProofStep.vue'
import ProveStep from './steps/ProveStep.vue'
import ReadStep from './steps/ReadStep.vue'
import SupplyStep from './steps/SupplyStep.vue'
import TestStep from './steps/TestStep.vue'
import WindingsStep from './steps/WindingsStep.vue'
import WriteUpsStep from './steps/WriteUpsStep.vue'

/** One step of one part, or one step of the call. */
const store = useCall()
const OF_PART: Record<Step, Component> = {
  READ: ReadStep,
  TEST: TestStep,
  JUDGE: JudgeStep,
  MATCH: MatchStep,
  HOOK_UP: HookUpStep,
  PROVE: ProveStep,
}
const OF_CALL: Record<CallStep, Component> = {
  ASK: AskStep,
  SAFE: MakeSafeStep,
  PLATE: PlateStep,
  SUPPLY: SupplyStep,
  WINDINGS: WindingsStep,
  AMPS: AmpsStep,
  FOUND: FoundStep,
  PROOF: ProofStep,
  WRITE_UPS: WriteUpsStep,
  OPTIONS: OptionsStep,
  LEAVE: LeaveStep,
}
const TITLES: Record<CallStep, string> = {
  ASK: 'Ask',
  SAFE: 'Make safe',
  PLATE: 'Plate',
  SUPPLY: 'Supply',
  WINDINGS: 'Windings',
  AMPS: 'Amps',
  FOUND: 'As found',
  PROOF: 'Prove it',
  WRITE_UPS: 'Write-ups',
  OPTIONS: 'Options',
  LEAVE: 'Leave',
}
const sheets = computed(() => {
  const at = store.place
  if (!('call' in at)) return null
  const all = [
    { name: 'The unit', steps: OF_UNIT },
    { name: 'Leaving', steps: OF_LEAVING },
  ]
  const found = all.find(({ steps }) => steps.includes(at.call))
  return found ? { ...found, at: at.call } : null
})

const isQuick = computed(
  () => store.call?.status === 'QUICK_CHECK' && 'call' in store.place && store.place.call === 'ASK',
)

const view = computed(() => {
  if ('call' in store.place) return OF_CALL[store.place.call]
  return store.part ? OF_PART[store.place.step] : null
})
const key = computed(() => JSON.stringify(store.place))

/** What a printed sheet says of itself. */
const printed = computed(() =>
  [
    store.call?.unit ? `${store.call.unit.site}, ${store.call.unit.name}` : 'Quick check',
    dayOf(Date.now()),
    useSession().who?.name ?? '',
  ].join(' · '),
)
const isPlateNext = computed(() => store.call?.next.callStep === 'PLATE' && store.call.stop !== undefined)
const heading = ref<HTMLElement | null>(null)
/** What had the focus is gone with its step: the step's heading has it then. */
watch(key, async () => {
  await nextTick()
  if (document.activeElement === null || document.activeElement === document.body)
    heading.value?.focus({ preventScroll: true })
})

provide(
  BENCH,
  reactive({
    // where a step of the call sees to it, that step's own action leads on, unless it leads back here
    stop: computed(() => (store.isAtStop && !store.part && !isPlateNext.value ? null : store.stop)),
    said: computed(() => store.stop?.text ?? null),
    isAtStop: computed(() => store.isAtStop && !store.part?.looks.length),
    done: computed(() => (store.isAtStop ? (store.stop?.done ?? '') : '')),
    settleStop: async () => {
      const outcome = store.stop?.ends
      if (!outcome) return
      const json = { outcome, note: '' }
      if (await store.changePart('POST', '/close', 'taken out', json)) store.goNext()
    },
    goStop: () => {
      // what it asks for is tapped further down on the step it stands on
      if (store.isAtStop) document.querySelector('.looks')?.scrollIntoView()
      else store.goStop()
    },
    canWriteUp: computed(() => store.isWorking && store.call?.status === 'OPEN'),
    isWritten: (f: FindingView) => store.call?.leave.writeUps.some((w) => w.what === f.text) ?? false,
    writeUp: (f: FindingView) =>
      store.change('POST', '/write-ups', `write-up: ${f.text}`, {
        what: f.text,
        urgency: f.urgency,
        part: store.part?.id,
      }),
  }),
)
</script>

<template>
  <section class="work" aria-label="Work">
    <p class="zb-printed printed">{{ printed }}</p>
    <template v-if="store.part">
      <header class="head">
        <Slice class="on-phone" :filled="store.part.filled" :at="store.step" :size="36" />
        <div class="name">
          <h2 ref="heading" tabindex="-1">{{ store.part.title }}</h2>
          <span v-if="store.part.serves || store.part.place !== store.part.title" class="zb-soft">{{
            store.part.serves ? `for ${store.part.serves}` : store.part.place
          }}</span>
        </div>
        <span v-if="store.part.shortRating" class="zb-plate rating">{{ store.part.shortRating }}</span>
      </header>
      <nav class="steps zb-noprint" aria-label="Steps of the part">
        <button
          v-for="({ step, title }, i) in STEPS"
          :key="step"
          type="button"
          class="step"
          :class="{ on: store.step === step, done: store.part.filled.includes(step) }"
          :aria-current="store.step === step ? 'step' : undefined"
          :aria-label="`${i + 1} ${title}`"
          @click="store.goStep(step)"
        >
          <span class="number">{{ i + 1 }}</span><span class="title">{{ title }}</span>
        </button>
        <StepHelp v-if="store.step" :topic="store.step" :kind="store.part.kind" class="step" />
      </nav>
    </template>
    <nav
      v-else-if="sheets"
      class="steps sheets zb-noprint"
      :style="{ '--sheets': sheets.steps.length }"
      :aria-label="sheets.name"
    >
      <button
        v-for="s in sheets.steps"
        :key="s"
        type="button"
        class="step"
        :class="{ on: s === sheets.at }"
        :aria-current="s === sheets.at ? 'step' : undefined"
        @click="store.go({ call: s })"
      >
        {{ TITLES[s] }}
      </button>
      <StepHelp :topic="sheets.at" class="step" />
    </nav>
    <header v-else-if="'call' in store.place" class="head">
      <h2 ref="heading" tabindex="-1">{{ isQuick ? 'Quick check' : TITLES[store.place.call] }}</h2>
      <StepHelp :topic="store.place.call" class="at-end" />
    </header>
    <p v-if="store.problem" class="said" role="alert">
      <b>{{ store.problem }}</b>
    </p>
    <p v-else-if="store.notice" class="said over" role="status">{{ store.notice }}</p>
    <StopLine />
    <JumperBar />
    <BeforeTest v-if="store.step === 'TEST'" />
    <component :is="view" v-if="view" :key="key" class="step-view" />
  </section>
</template>

<style scoped>
.work {
  position: relative;
  display: flex;
  flex-direction: column;
  min-height: 0;
  min-width: 0;
}
.head {
  min-height: 56px;
  padding: 8px 20px 6px;
  display: flex;
  align-items: center;
  gap: 12px;
}
.name {
  display: flex;
  align-items: baseline;
  gap: 0 12px;
  flex-wrap: wrap;
  flex: 1;
  min-width: 0;
}
h2 {
  font-size: 25px;
  line-height: 1.1;
}
.rating {
  font-size: 19px;
}
.at-end {
  margin-left: auto;
}
.on-phone {
  display: none;
}
.steps {
  margin: 0 20px;
  display: grid;
  grid-template-columns: repeat(6, 1fr) auto;
  border: var(--zb-line);
  flex: none;
}
.sheets {
  grid-template-columns: repeat(var(--sheets), 1fr) auto;
  margin-top: 12px;
}
.step {
  min-height: 48px;
  border: 0;
  border-right: 1px solid var(--zb-hair);
  background: var(--zb-sheet);
  display: flex;
  align-items: center;
  justify-content: center;
  gap: 7px;
  cursor: pointer;
  padding: 0 2px;
  color: var(--zb-soft);
}
.step:last-child {
  border-right: 0;
}
.number {
  font-weight: 700;
}
.title {
  white-space: nowrap;
}
@media (max-width: 1100px) {
  .step {
    font-size: 16px;
    gap: 5px;
  }
}
.done {
  color: var(--zb-ink);
}
.done .title {
  text-decoration: underline;
  text-decoration-thickness: 2px;
  text-underline-offset: 5px;
}
.step.on {
  background: var(--zb-lemon);
  color: var(--zb-on-lemon);
  font-weight: 700;
  outline: var(--zb-line);
  outline-offset: 0;
}
.said {
  margin: 8px 20px 0;
  border: var(--zb-line);
  background: var(--zb-sheet);
  padding: 8px 14px;
}
/* a notice lies over the head, so that nothing moves under the finger */
.over {
  position: absolute;
  top: 0;
  left: 0;
  right: 0;
  z-index: 6;
}
.step-view {
  flex: 1;
  min-height: 0;
  display: flex;
  flex-direction: column;
}
@media (max-width: 839px) {
  .on-phone {
    display: block;
  }
  .head {
    padding: 6px 16px;
    gap: 10px;
  }
  .name {
    display: block;
  }
  h2 {
    font-size: 20px;
  }
  .rating {
    font-size: 16px;
    padding: 1px 6px;
    white-space: normal;
    max-width: 130px;
  }
  .steps {
    margin: 0;
    border-left: 0;
    border-right: 0;
    grid-template-columns: repeat(6, auto) auto;
  }
  .steps.sheets {
    grid-template-columns: repeat(var(--sheets), auto) auto;
    margin-top: 0;
  }
  .step {
    min-height: 48px;
  }
  .step:not(.on) .title {
    display: none;
  }
  .head {
    min-height: 48px;
  }
  .name span {
    display: block;
    line-height: 1.2;
  }
}
@media (max-width: 839px) and (max-height: 700px) {
  .name span {
    display: none;
  }
}
@media (max-height: 500px) {
  .work > .head:has(~ .steps) {
    display: none;
  }
  .step {
    min-height: 44px;
  }
}
</style>
