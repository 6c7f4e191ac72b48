<script setup lang="ts">
import { computed, ref } from 'vue'
import ActionBar from '@/shared/ActionBar.vue'
import LabelledField from '@/shared/LabelledField.vue'
import { useCall } from '@/stores/call'
import AmpsDesk from '../AmpsDesk.vue'
import ReadingDesk from '../ReadingDesk.vue'

/** The new part measured before it goes in, a look before power, amps after; then the part is closed. */
const store = useCall()
const part = computed(() => store.part)
const note = ref('')
const returnDate = ref(part.value?.chosen?.returnDate ?? '')
const page = ref<'NEW' | 'LOOK' | 'AMPS'>('NEW')
const isStopgap = computed(() => part.value?.chosen?.grade === 'STOPGAP')
const unproved = computed(() => part.value?.chosen?.pieces.filter((p) => !p.isProved) ?? [])
/** What is still to be measured stands first. */
const pieces = computed(() => [
  ...unproved.value,
  ...(part.value?.chosen?.pieces.filter((p) => p.isProved) ?? []),
])
const toTick = computed(() => part.value?.checks.filter((c) => !c.done) ?? [])

const action = computed(() => {
  const p = part.value
  if (!p?.chosen)
    return { words: 'Nothing chosen to prove', go: () => store.goStep(p?.readings.length ? 'JUDGE' : 'TEST') }
  if (p.closed) return { words: 'Go on to what is next', go: () => store.goNext() }
  if (page.value === 'NEW') {
    return unproved.value.length
      ? { words: `Measure the new ${unproved.value.map((u) => u.shortRating).join(' and ')}`, go: null }
      : { words: 'It is inside its label: look before power', go: () => (page.value = 'LOOK') }
  }
  if (page.value === 'LOOK') {
    return toTick.value.length
      ? { words: `${toTick.value.length} to tick`, go: null }
      : { words: 'Power on: read the amps', go: () => (page.value = 'AMPS') }
  }
  if (unproved.value.length) return { words: 'Measure the new part first', go: () => (page.value = 'NEW') }
  if (toTick.value.length) return { words: 'Tick off the look first', go: () => (page.value = 'LOOK') }
  return { words: `Close: ${p.chosen.title} in`, go: close }
})

async function close() {
  const json = {
    outcome: 'REPLACED',
    note: note.value,
    ...(isStopgap.value ? { returnDate: returnDate.value } : {}),
  }
  if (await store.changePart('POST', '/close', 'close part', json)) store.goNext()
}
function tick(key: string, on: boolean) {
  void store.changePart('POST', '/ticks', `tick ${key}`, { list: 'PROOF', key, on })
}
const PAGES = [
  { page: 'NEW', words: 'New part' },
  { page: 'LOOK', words: 'Before power' },
  { page: 'AMPS', words: 'Running' },
] as const
</script>

<template>
  <div v-if="part">
    <nav v-if="part.chosen && !part.closed" class="pages" aria-label="Stages of the proof">
      <button
        v-for="p in PAGES"
        :key="p.page"
        type="button"
        class="page"
        :class="{ on: page === p.page }"
        :aria-pressed="page === p.page"
        @click="page = p.page"
      >
        {{ p.words }}
      </button>
    </nav>
    <div tabindex="0" class="zb-scroll">
      <p v-if="!part.chosen" class="zb-note">There is nothing to prove until a replacement is chosen.</p>
      <template v-else-if="part.closed">
        <p class="zb-caution"><b>Closed.</b> Left with {{ part.closed.asLeft }}. {{ part.closed.note }}</p>
        <p v-if="part.closed.returnDate" class="zb-note">
          Stopgap: comes out by <b>{{ part.closed.returnDate }}</b>.
        </p>
      </template>
      <template v-else-if="page === 'NEW'">
        <section v-for="p in pieces" :key="p.piece" class="piece">
          <h3>New {{ p.shortRating }}</h3>
          <p class="zb-soft">Measured before it is mounted, by its own label.</p>
          <ReadingDesk :sections="p.sections" :known="p.readings" :piece="p.piece" />
        </section>
      </template>
      <ul v-else-if="page === 'LOOK'" class="checks">
        <li v-for="c in part.checks" :key="c.key">
          <label class="tick">
            <span>{{ c.text }}</span>
            <input
              type="checkbox"
              :checked="c.done"
              :disabled="!store.isWorking"
              @change="tick(c.key, !c.done)"
            />
          </label>
        </li>
      </ul>
      <template v-else>
        <AmpsDesk />
        <LabelledField v-model="note" label="A line for the next person" has-no-wrong-line class="note" />
        <LabelledField
          v-if="isStopgap"
          v-model="returnDate"
          kind="date"
          label="Stopgap: comes out by"
          has-no-wrong-line
          class="note"
        />
      </template>
    </div>
    <ActionBar :words="action.words" :is-off="!action.go || !store.isWorking" @act="action.go?.()">
      <span v-if="part.chosen && !part.closed && page === 'AMPS'" class="zb-soft"
        >RLA and FLA are ceilings, not what it should draw</span
      >
      <v-btn
        v-if="part.closed && store.isWorking"
        variant="text"
        height="32"
        @click="store.changePart('POST', '/reopen', 'reopen part')"
      >
        open it again
      </v-btn>
    </ActionBar>
  </div>
</template>

<style scoped>
.pages {
  display: flex;
  padding: 0 20px;
  border-bottom: 1px solid var(--zb-hair);
}
.page {
  min-height: 48px;
  padding: 0 18px 0 0;
  border: 0;
  background: none;
  cursor: pointer;
  color: var(--zb-soft);
}
.page.on {
  color: var(--zb-ink);
  font-weight: 700;
  text-decoration: underline;
  text-decoration-thickness: 3px;
  text-underline-offset: 6px;
}
.piece + .piece {
  border-top: var(--zb-line);
  padding-top: 12px;
}
h3 {
  font-size: 20px;
}
.checks {
  list-style: none;
  padding: 0;
  margin: 0;
}
.tick {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 16px;
  min-height: 56px;
  border-bottom: 1px solid var(--zb-hair);
  cursor: pointer;
  font-size: 19px;
}
.tick input {
  width: 28px;
  height: 28px;
  flex: none;
  accent-color: var(--zb-ink);
}
.note {
  margin-top: 14px;
}
@media (max-width: 839px) {
  .pages {
    padding: 0 16px;
  }
}
</style>
