<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import ActionBar from '@/shared/ActionBar.vue'
import NumberPad from '@/shared/NumberPad.vue'
import { clock, useTimers } from '@/stores/timers'
import { useCall } from '@/stores/call'
import type { PairView } from '@/api/types'

/** Dead, read pair by pair; what holds a charge is discharged and read again after a minute. */
const store = useCall()
const timers = useTimers()
const safe = computed(() => store.call?.safe)
const keyOf = (p: PairView) => `${p.place} ${p.pair}`
const open = computed(() => safe.value?.pairs.filter((p) => !p.isDead) ?? [])
const active = ref<string | null>(open.value[0] ? keyOf(open.value[0]) : null)
const typed = ref('')
/** Pairs whose reading is on its way to the tape. */
const underWay = ref<string[]>([])
const at = computed(() => safe.value?.pairs.find((p) => keyOf(p) === active.value) ?? null)
const places = computed(() => [...new Set(safe.value?.pairs.map((p) => p.place))])
const titleOf = (place: string) => safe.value?.pairs.find((p) => p.place === place)?.placeTitle ?? ''
const dischargeOf = (place: string) => safe.value?.discharge.filter((d) => d.part === place) ?? []
const isReady = computed(() => typed.value !== '' && typed.value !== '.' && at.value !== null)
const waitingPart = computed(() => store.call?.parts.find((p) => p.chosen && !p.closed))
const left = (p: PairView) => clock((p.againAtMillis ?? 0) - timers.now.getTime())

watch(active, async () => {
  await nextTick()
  document.querySelector('.pair.on')?.scrollIntoView({ block: 'nearest' })
})

async function next() {
  const pair = at.value
  if (!pair || !isReady.value) return
  const volts = Number(typed.value)
  const json = { place: pair.place, pair: pair.pair, volts }
  typed.value = ''
  underWay.value.push(keyOf(pair))
  const after = open.value.find((p) => !underWay.value.includes(keyOf(p)))
  active.value = after ? keyOf(after) : null
  const isKept = await store.change('POST', '/dead', `${pair.pair} ${volts} V`, json)
  underWay.value = underWay.value.filter((k) => k !== keyOf(pair))
  const isLive = isKept && open.value.some((p) => keyOf(p) === keyOf(pair))
  if ((!isKept && store.notice === '') || (isLive && active.value === null)) active.value = keyOf(pair)
}
const action = computed(() => {
  if (open.value.length > 0) return { words: `${open.value.length} pairs to read dead`, go: null }
  const part = waitingPart.value
  if (part)
    return {
      words: `Hook up the ${part.title.toLowerCase()}`,
      go: () => store.go({ part: part.id, step: 'HOOK_UP' }),
    }
  return { words: 'Dead: go on', go: () => store.goNext() }
})
</script>

<template>
  <div v-if="safe">
    <div tabindex="0" class="zb-scroll">
      <div class="desk" :class="{ reading: active }">
        <div>
          <p class="zb-caution">
            <template v-if="safe.live"><b>Power was seen on.</b> Everything is to be read again.</template>
            <template v-else
              >Disconnect pulled and locked, meter proved on a live source, then each pair. Under 5 V is
              dead.</template
            >
          </p>
          <section v-for="place in places" :key="place" class="place">
            <h3>{{ titleOf(place) }}</h3>
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
              v-for="p in safe.pairs.filter((x) => x.place === place)"
              :key="p.pair"
              type="button"
              class="pair zb-bare"
              :class="{ on: keyOf(p) === active }"
              :disabled="!store.isWorking"
              @click="active = keyOf(p)"
            >
              <span class="zb-name name">{{ p.pair }}</span>
              <span class="volts">
                <span class="zb-figure">{{ keyOf(p) === active && typed ? typed : (p.volts ?? '–') }}</span> V
              </span>
              <span class="state">
                <b v-if="p.isDead">DEAD</b>
                <b v-else-if="p.volts !== undefined">LIVE</b>
                <template v-else>not read</template>
                <span v-if="p.againAtMillis" class="zb-soft"> again {{ left(p) }}</span>
              </span>
            </button>
          </section>
        </div>
        <NumberPad
          v-if="active && store.isWorking"
          v-model="typed"
          class="pad"
          unit="V"
          :is-ready="isReady"
          @next="next"
        />
      </div>
    </div>
    <ActionBar :words="action.words" :is-off="!action.go" @act="action.go?.()" />
  </div>
</template>

<style scoped>
.desk {
  display: grid;
  gap: 12px 20px;
}
.desk.reading {
  grid-template-columns: minmax(0, 1fr) 236px;
  align-items: start;
}
.pad {
  position: sticky;
  top: 0;
}
.place {
  margin-top: 12px;
}
h3 {
  font-size: 17px;
  border-bottom: var(--zb-line);
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
.pair {
  scroll-margin: 8px 0 280px;
  width: 100%;
  min-height: 52px;
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr) minmax(100px, auto);
  align-items: center;
  border-bottom: 1px solid var(--zb-hair) !important;
  border-left: 6px solid transparent;
  padding-left: 8px;
}
.pair.on {
  background: var(--zb-sheet);
  box-shadow:
    inset 6px 0 0 var(--zb-lemon),
    inset 8px 0 0 var(--zb-ink);
  padding-left: 16px;
}
.name {
  font-size: 20px;
}
.volts {
  font-size: 24px;
}
.state {
  text-align: right;
}
@media (max-width: 839px) {
  .desk.reading {
    grid-template-columns: minmax(0, 1fr);
  }
  .pad {
    position: sticky;
    top: auto;
    bottom: 0;
    background: var(--zb-paper);
    padding: 6px 0;
  }
}
</style>
