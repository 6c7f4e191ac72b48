<script setup lang="ts">
import { computed, watch } from 'vue'
import type { PairView, SafeStepView } from '@/api/types'
import ActionBar from '@/shared/ActionBar.vue'
import { clock, useTimers } from '@/stores/timers'
import { useCall } from '@/stores/call'
import PadDesk from '../PadDesk.vue'
import PairRow from '../PairRow.vue'
import TickRow from '../TickRow.vue'
import { useReadingDesk } from '../useReadingDesk'

/** Locked out, meter proved, every pair read dead, meter proved again; what holds a charge is discharged first. */
const store = useCall()
const timers = useTimers()
const safe = computed(() => store.call?.safe)
const keyOf = (p: PairView) => `${p.place} ${p.pair}`
const { typed, active, isReady, read, readFirstOpen, next } = useReadingDesk<string>({
  draft: (row) => `dead ${store.call?.id} ${row ?? ''}`,
  firstOpen: (isUnderWay) => safe.value?.toRead.find((row) => !isUnderWay(row)) ?? null,
  send: (row, figure) => {
    const pair = safe.value?.pairs.find((p) => keyOf(p) === row)
    const volts = Number(figure)
    return pair
      ? store.change('POST', '/dead', `${pair.pair} ${volts} V`, {
          place: pair.place,
          pair: pair.pair,
          volts,
        })
      : store.change('POST', '/proved', `meter proved ${volts} V`, { volts })
  },
  isAgain: (row) => safe.value?.toRead.includes(row) ?? false,
})
const step = (key: string) => safe.value?.steps.find((s) => s.key === key)
const ticks = computed(() => safe.value?.steps.filter((s) => !s.isReading && s.key !== 'locked') ?? [])
readFirstOpen()
const places = computed(() => [...new Set(safe.value?.pairs.map((p) => p.place))])
/** What is left to read dead at a place. */
const unread = (place: string) => safe.value?.pairs.filter((p) => p.place === place && !p.isDead) ?? []
const titleOf = (place: string) => safe.value?.pairs.find((p) => p.place === place)?.placeTitle ?? ''
const dischargeOf = (place: string) => safe.value?.discharge.filter((d) => d.part === place) ?? []
const left = (p: PairView) => clock((p.againAtMillis ?? 0) - timers.now.getTime())

watch(() => safe.value?.live, readFirstOpen)

/** One tap for a group, when the meter is proved and all of it reads 0. */
async function readAll(place: string) {
  typed.value = ''
  await store.change('POST', '/dead/all', `${titleOf(place)} reads 0`, { place })
  readFirstOpen()
}
function tick(s: SafeStepView) {
  void store.change('POST', '/safe', s.text, { key: s.key, on: !s.isDone })
}
const action = computed(() => {
  const next = safe.value?.safeNext
  const part = next?.part
  const go = part ? () => store.go({ part, step: 'HOOK_UP' }) : () => store.goNext()
  return { words: next?.words ?? '', go: next?.isDone ? go : null }
})
</script>

<template>
  <div v-if="safe">
    <div tabindex="0" class="zb-scroll">
      <p v-if="safe.live" class="zb-caution" role="status">
        <b>Power was seen on.</b> All of it is to be done again.
      </p>
      <PadDesk
        v-model="typed"
        :is-reading="active !== null && store.isWorking"
        :at="active"
        unit="V"
        :is-ready="isReady"
        @next="next"
      >
        <TickRow
          v-if="step('locked')"
          :text="step('locked')!.text"
          :is-done="step('locked')!.isDone"
          :is-off="!store.isWorking"
          @tick="tick(step('locked')!)"
        />
        <PairRow
          name="LIVE SOURCE"
          :figure="active === 'proved' ? typed : ''"
          :is-on="active === 'proved'"
          :is-off="!store.isWorking"
          @read="read('proved')"
        >
          <b v-if="step('proved')?.isDone">METER PROVED</b>
          <template v-else>prove the meter</template>
        </PairRow>
        <section v-for="place in places" :key="place" class="place">
          <h3>{{ titleOf(place) }} <span class="zb-soft">under 5 V is dead</span></h3>
          <div v-if="dischargeOf(place).length" class="discharge">
            <span v-if="dischargeOf(place)[0]?.school === 'RESISTOR'">
              Discharge through 20 kΩ to 50 V:
              <span v-for="d in dischargeOf(place)" :key="d.title" class="one"
                ><b class="zb-name">{{ d.title }}</b> <b>{{ d.seconds }}</b></span
              >
            </span>
            <span v-else>
              Discharge with the insulated tool:
              <span v-for="d in dischargeOf(place)" :key="d.title" class="one"
                ><b class="zb-name">{{ d.title }}</b> <b>{{ d.energy }}</b> at once</span
              >
            </span>
            <details class="zb-small">
              <summary>reckoning</summary>
              <p v-for="l in dischargeOf(place).flatMap((d) => d.lines)" :key="l">{{ l }}</p>
            </details>
          </div>
          <button
            v-if="step('proved')?.isDone && unread(place).length > 1 && store.isWorking"
            type="button"
            class="all"
            @click="readAll(place)"
          >
            All read 0:
            {{
              unread(place)
                .map((p) => p.pair)
                .join(', ')
            }}
          </button>
          <PairRow
            v-for="p in safe.pairs.filter((x) => x.place === place)"
            :key="p.pair"
            :name="p.pair"
            :figure="keyOf(p) === active && typed ? typed : p.volts === undefined ? '' : String(p.volts)"
            :is-on="keyOf(p) === active"
            :is-off="!store.isWorking"
            @read="read(keyOf(p))"
          >
            <b v-if="p.isDead">DEAD</b>
            <b v-else-if="p.volts !== undefined">LIVE</b>
            <template v-else>not read</template>
            <span v-if="p.againAtMillis" class="zb-soft"> again {{ left(p) }}</span>
          </PairRow>
        </section>
        <PairRow
          name="LIVE SOURCE"
          class="again"
          :figure="active === 'proved-again' ? typed : ''"
          :is-on="active === 'proved-again'"
          :is-off="!store.isWorking || !safe.safeNext.isDone"
          @read="read('proved-again')"
        >
          <b v-if="step('proved-again')?.isDone">PROVED AGAIN</b>
          <template v-else>prove it again</template>
        </PairRow>
        <section v-if="ticks.length" class="place">
          <h3>What the disconnect does not switch</h3>
          <TickRow
            v-for="s in ticks"
            :key="s.key"
            :text="s.text"
            :is-done="s.isDone"
            :is-off="!store.isWorking"
            @tick="tick(s)"
          />
        </section>
      </PadDesk>
    </div>
    <ActionBar :words="action.words" :is-off="!action.go" keeps @act="action.go?.()">
      <v-btn
        v-if="store.isWorking && !safe.live"
        variant="text"
        @click="store.change('POST', '/power-on', 'power is on again')"
        >power is on again</v-btn
      >
    </ActionBar>
  </div>
</template>

<style scoped>
.all {
  width: 100%;
  min-height: 48px;
  margin: 8px 0;
  padding: 6px 14px;
  border: var(--zb-line);
  background: var(--zb-sheet);
  font-weight: 600;
  text-align: left;
  cursor: pointer;
}
.place {
  margin-top: 12px;
}
h3 {
  font-size: 17px;
  border-bottom: var(--zb-line);
  display: flex;
  justify-content: space-between;
  align-items: baseline;
}
h3 .zb-soft {
  font-weight: 400;
}
.discharge {
  padding: 6px 0;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  border-bottom: 1px solid var(--zb-hair);
}
.one {
  margin-left: 10px;
  white-space: nowrap;
}
.discharge details {
  flex-basis: 100%;
  color: var(--zb-soft);
}
.again {
  margin-top: 12px;
}
</style>
