<script setup lang="ts">
import { computed, ref } from 'vue'
import { dateWords, whenOf } from '@/shared/time'
import Slice from '@/shared/Slice.vue'
import VerdictMark from '@/shared/VerdictMark.vue'
import { OF_LEAVING, OF_UNIT, useCall, type CallStep } from '@/stores/call'
import { useUi } from '@/stores/ui'
import type { PartView } from '@/api/types'
import AddJumper from './AddJumper.vue'
import AddRefrigerant from './AddRefrigerant.vue'
import AddWait from './AddWait.vue'
import AddWork from './AddWork.vue'
import AddPart from './AddPart.vue'

/** The unit in two lines, the call's own steps, then its parts. */
const store = useCall()
const ui = useUi()
const isJumping = ref(false)
const isWaiting = ref(false)
const isWorkingOn = ref(false)
const isCharging = ref(false)
const goOn = () => store.change('POST', '/wait/end', 'it goes on')

const isQuick = computed(() => store.call?.status === 'QUICK_CHECK')
const safeWords = computed(() => {
  const safe = store.call?.safe
  if (!safe) return ''
  if (safe.isSupplyDead) return `DEAD ${safe.sinceMillis ? whenOf(safe.sinceMillis) : ''}`
  return safe.live ? 'power is on' : 'not read dead yet'
})
const plateWords = computed(() => {
  const checks = store.call?.plates.outdoor.checks ?? []
  const wrong = checks.filter((c) => !c.agrees).length
  if (wrong > 0) return wrong === 1 ? '1 does not agree' : `${wrong} do not agree`
  if (checks.length > 0) return 'adds up'
  return Object.keys(store.call?.plates.outdoor.fields ?? {}).length > 0 ? 'not complete' : 'not read'
})
const leaveWords = computed(() => {
  const call = store.call
  if (!call) return ''
  if (call.status !== 'OPEN') return call.status.toLowerCase()
  if (call.leave.proof.kept) return 'proved'
  const open = call.leave.writeUps.length
  if (call.leave.proof.isRunning) return 'unit runs'
  return open === 0 ? '' : open === 1 ? '1 write-up' : `${open} write-ups`
})
const steps = computed<{ step: CallStep; title: string; words: string }[]>(() => [
  { step: 'ASK', title: 'Ask', words: store.call?.complaint ?? '' },
  { step: 'SAFE', title: 'Make safe', words: safeWords.value },
  { step: 'PLATE', title: 'Plate', words: plateWords.value },
  {
    step: 'LEAVE',
    title: 'Leave',
    words: leaveWords.value,
  },
])
const shown = computed(() => (isQuick.value ? steps.value.filter((s) => s.step === 'SAFE') : steps.value))

/** What the plates say against each other. */
const plateStop = computed(() => store.call?.plates.stop?.action ?? '')
function isAt(step: CallStep) {
  if (!('call' in store.place)) return false
  const at = store.place.call
  return at === step || [OF_UNIT, OF_LEAVING].some((sheets) => sheets.includes(step) && sheets.includes(at))
}
function goCall(step: CallStep) {
  store.go({ call: step })
  ui.pane = 'WORK'
}
function goPart(part: PartView) {
  store.openPart(part.id)
  ui.pane = 'WORK'
}
/** The second of a kind, with the same label, at its own place. */
async function another(part: PartView) {
  const known = store.call?.parts.length ?? 0
  if (
    !(await store.change('POST', '/parts/{part}/another', `another ${part.title.toLowerCase()}`, undefined, {
      part: part.id,
    }))
  )
    return
  const added = store.call?.parts[known]
  if (added) goPart(added)
}
/** Where two are called alike, the place tells them apart. */
function called(part: PartView): string {
  const isAlone = store.call?.parts.filter((p) => p.title === part.title).length === 1
  return isAlone || part.place === part.title ? part.title : `${part.title}, ${part.place.toLowerCase()}`
}
function state(part: PartView): string {
  if (part.closed) {
    if (part.closed.outcome === 'REPLACED') return part.closed.returnDate ? 'stopgap in' : 'replaced'
    return part.closed.words.toLowerCase()
  }
  if (part.ordered && !part.chosen) return `ordered, ready ${dateWords(part.ordered.ready)}`
  if (part.fields && Object.keys(part.fields).length === 0) return 'label not read yet'
  if (part.missing.length > 0) return 'label not complete'
  return part.readings.length === 0 ? 'not tested yet' : ''
}
</script>

<template>
  <aside class="rail" aria-label="Parts">
    <div class="unit">
      <template v-if="store.call?.unit">
        <h1>
          <router-link :to="`/units/${store.call.unit.id}`"
            >{{ store.call.unit.site }}, {{ store.call.unit.name }}</router-link
          >
        </h1>
        <p class="line zb-small">{{ store.call.unit.line }}</p>
      </template>
      <template v-else>
        <h1>Quick check</h1>
        <p class="zb-soft">a tape without a call</p>
      </template>
    </div>
    <p v-for="w in store.call?.standstill" :key="w.id" class="zb-stands">
      <b class="zb-name">{{ w.flag }}</b> {{ w.place ? `${w.place}: ` : '' }}{{ w.what
      }}{{ w.until ? `, look again ${dateWords(w.until)}` : '' }}
      <span class="by">{{ w.who }}, {{ whenOf(w.atMillis) }}</span>
    </p>
    <p v-for="j in store.call?.jumpers" :key="j.id" class="jumped">
      <b class="zb-name">JUMPER IN</b> {{ j.across }}
    </p>
    <p v-if="store.call?.waits" class="jumped">
      <b class="zb-name">WAITS</b> {{ store.call.waits.words.replace('waits ', '') }}, until
      {{ dateWords(store.call.waits.until) }} <span class="zb-soft">{{ store.call.waits.note }}</span>
      <button v-if="store.isWorking" type="button" class="zb-bare goes-on" @click="goOn">It goes on</button>
    </p>
    <nav class="steps" aria-label="Steps of the call">
      <button
        v-for="s in shown"
        :key="s.step"
        type="button"
        class="step"
        :class="{ on: isAt(s.step) }"
        :aria-current="isAt(s.step) ? 'step' : undefined"
        @click="goCall(s.step)"
      >
        <span>{{ s.title }}</span>
        <span class="zb-soft words">
          <svg
            v-if="s.step === 'SAFE' && store.call?.safe.isSupplyDead"
            width="15"
            height="15"
            viewBox="0 0 18 18"
            aria-hidden="true"
          >
            <circle cx="9" cy="9" r="7" fill="var(--zb-leaf)" stroke="var(--zb-ink)" stroke-width="2" />
          </svg>
          <b v-if="s.step === 'PLATE' && plateStop" class="stop">STOP: {{ plateStop }}</b>
          <template v-else>{{ s.words }}</template>
        </span>
      </button>
    </nav>
    <nav class="parts" aria-label="Parts in question">
      <button
        v-for="part in store.call?.parts"
        :key="part.id"
        type="button"
        class="part"
        :class="{ on: store.part?.id === part.id }"
        :aria-current="store.part?.id === part.id ? 'true' : undefined"
        @click="goPart(part)"
      >
        <Slice :filled="part.filled" :at="store.part?.id === part.id ? store.step : null" />
        <span class="lines">
          <b class="title">{{ called(part) }}</b>
          <span class="zb-small rating">{{ part.shortRating || part.place }}</span>
          <span class="zb-small verdict">
            <VerdictMark
              v-if="part.verdict && !part.closed"
              :verdict="part.verdict"
              :word="part.verdict.replace('_', ' ')"
            />
            <b v-if="part.stop">STOP: {{ part.stop.action }}</b>
            {{ part.closed || (part.ordered && !part.chosen) ? state(part) : part.last || state(part) }}
          </span>
        </span>
      </button>
      <button
        v-if="store.isWorking && store.part?.shortRating && !store.part.closed"
        type="button"
        class="add"
        @click="another(store.part)"
      >
        + Another {{ store.part.title.toLowerCase().replace(/ \d+$/, '') }}
      </button>
      <button v-if="store.isWorking" type="button" class="add" @click="ui.isAddingPart = true">
        + Add a part
      </button>
      <button v-if="store.isWorking" type="button" class="add jumper" @click="isJumping = true">
        + Jumper in
      </button>
      <button v-if="store.isWorking" type="button" class="add jumper" @click="isWorkingOn = true">
        + Work, no part
      </button>
      <button
        v-if="store.isWorking && store.call?.unit"
        type="button"
        class="add jumper"
        @click="isCharging = true"
      >
        + Refrigerant
      </button>
      <button
        v-if="store.isWorking && store.call?.unit && !store.call.waits"
        type="button"
        class="add jumper"
        @click="isWaiting = true"
      >
        + It waits
      </button>
    </nav>
    <AddPart v-model="ui.isAddingPart" />
    <AddJumper v-model="isJumping" />
    <AddRefrigerant v-model="isCharging" />
    <AddWait v-model="isWaiting" />
    <AddWork v-model="isWorkingOn" />
  </aside>
</template>

<style scoped>
h1 a {
  text-decoration: none;
}
h1 a:hover {
  text-decoration: underline;
  text-underline-offset: 3px;
}
.rail {
  display: flex;
  flex-direction: column;
  min-height: 0;
  overflow-y: auto;
}
.unit {
  padding: 12px 16px;
  border-bottom: 1px solid var(--zb-hair);
}
h1 {
  font-size: 19px;
  font-weight: 700;
  line-height: 1.2;
}
.line {
  color: var(--zb-soft);
}
.steps {
  padding: 4px 0;
  border-bottom: 1px solid var(--zb-hair);
}
.step {
  width: 100%;
  min-height: 48px;
  padding: 0 16px 0 10px;
  border: 0;
  border-left: 6px solid transparent;
  background: none;
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  cursor: pointer;
  text-align: left;
}
.stop {
  white-space: normal;
}
.jumped {
  margin: 0;
  padding: 6px 16px;
  background: var(--zb-lemon);
  color: var(--zb-on-lemon);
  border-bottom: var(--zb-line);
}
.goes-on {
  display: block;
  min-height: 48px;
  font-weight: 700;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.words {
  display: flex;
  gap: 5px;
  align-items: center;
  text-align: right;
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.part {
  width: 100%;
  min-height: 72px;
  padding: 6px 12px 6px 10px;
  border: 0;
  border-left: 6px solid transparent;
  border-bottom: 1px solid var(--zb-hair);
  background: none;
  display: flex;
  gap: 12px;
  align-items: center;
  cursor: pointer;
  text-align: left;
}
.on {
  background: var(--zb-sheet);
  border-left-color: var(--zb-lemon);
  box-shadow: inset 2px 0 0 var(--zb-ink);
}
.step.on {
  font-weight: 700;
}
.lines {
  display: grid;
  min-width: 0;
  line-height: 1.3;
}
.rating {
  color: var(--zb-soft);
}
.verdict {
  display: flex;
  flex-wrap: wrap;
  gap: 0 8px;
}
.add {
  min-height: 56px;
  padding: 0 16px;
  border: 0;
  background: none;
  font-weight: 600;
  cursor: pointer;
}
@media (max-width: 839px) {
  .step {
    min-height: 52px;
  }
}
</style>
