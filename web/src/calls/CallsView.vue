<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, body } from '@/api/client'
import type { CallsView } from '@/api/types'
import ScanWay from '@/photo/ScanWay.vue'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import Slice from '@/shared/Slice.vue'
import { dateWords, whenOf } from '@/shared/time'
import { usePagedSearch } from '@/shared/usePagedSearch'
import { useSession } from '@/stores/session'
import DueRow from './DueRow.vue'
import LabelBox from './LabelBox.vue'
import NewCall from './NewCall.vue'

/** What is open and the next thing on each, stopgaps that are due, and what was. */
const session = useSession()
const router = useRouter()
const board = ref<CallsView | null>(null)
const isNew = ref(false)
const { words, rows, hasMore, isLoaded, wrong, first, more } = usePagedSearch(async (find, page) => {
  const got = await body(api.GET('/api/calls', { params: { query: { find, page } } }))
  if (!find && page === 0) board.value = got
  return { rows: got.calls, hasMore: got.hasMore }
})
const isSearch = computed(() => words.value.trim() !== '')
const view = computed(() => (isSearch.value ? null : board.value))
const isOpen = (c: CallsView['calls'][number]) => c.status === 'OPEN'
/** Whoever wrote its last line has it. */
const isMine = (c: CallsView['calls'][number]) => c.lastWho === session.who?.name
const groups = computed(() => {
  const open = rows.value.filter(isOpen)
  return [
    { title: 'Today', calls: open.filter((c) => c.isToday) },
    { title: 'Open from before', calls: open.filter((c) => !c.isToday) },
  ]
    .map((g) => ({ ...g, calls: filter.value === 'MINE' ? g.calls.filter(isMine) : g.calls }))
    .filter(
      (g) =>
        filter.value === 'ALL' ||
        filter.value === 'MINE' ||
        isSearch.value ||
        (filter.value === 'TODAY' && g.title === 'Today'),
    )
    .filter((g) => g.calls.length > 0 || (g.title === 'Today' && !isSearch.value))
})
const past = computed(() =>
  filter.value === 'ALL' || isSearch.value ? rows.value.filter((c) => !isOpen(c)) : [],
)
const open = computed(() => board.value?.calls.filter(isOpen) ?? [])
type Filter = 'ALL' | 'MINE' | 'TODAY' | 'DUE'
const filter = ref<Filter | null>('ALL')
const filters = computed<{ value: Filter; words: string }[]>(() => [
  { value: 'ALL', words: `All ${open.value.length}` },
  { value: 'MINE', words: `Mine ${open.value.filter(isMine).length}` },
  { value: 'TODAY', words: `Today ${open.value.filter((c) => c.isToday).length}` },
  {
    value: 'DUE',
    words: `Due, waits ${(board.value?.due.length ?? 0) + (board.value?.waiting.length ?? 0)}`,
  },
])

function flagOf(w: CallsView['waiting'][number]) {
  if (w.hold === 'JUMPER') return 'JUMPER IN'
  const words = w.hold === 'PART' ? ['READY', 'FROM'] : ['LOOK', 'UNTIL']
  return `${w.isReady ? words[0] : words[1]} ${dateWords(w.ready)}`
}
async function load() {
  if (!(await first())) window.setTimeout(() => void load(), 4000)
}
onMounted(load)
</script>

<template>
  <div class="zb-page">
    <div class="zb-page-inner">
      <LabelBox :open="open" @new="isNew = true" />
      <p v-if="wrong" role="alert">
        <b>{{ wrong }}</b>
      </p>
      <p v-if="isSearch && isLoaded && rows.length === 0" class="zb-note">No call by "{{ words }}".</p>

      <p v-if="view?.due[0]" class="due-line">
        <button type="button" class="zb-bare one" @click="router.push(`/calls/${view.due[0].callId}`)">
          <b class="zb-name flag" :class="{ now: view.due[0].isDue }"
            >{{ view.due[0].isDue ? 'DUE' : 'UNTIL' }} {{ dateWords(view.due[0].returnDate) }}</b
          >
          <b>{{ view.due[0].site }}, {{ view.due[0].unit }}</b>
          <span class="zb-soft">{{ view.due[0].part }}: {{ view.due[0].asLeft }}</span>
        </button>
        <button
          v-if="view.due.length + view.waiting.length > 1"
          type="button"
          class="zb-bare more-due"
          @click="filter = 'DUE'"
        >
          {{ view.due.length + view.waiting.length - 1 }} more due or waiting
        </button>
      </p>
      <header v-if="isLoaded || wrong" class="head">
        <h2 class="today">Today</h2>
        <ChoiceButtons v-model="filter" label="Which calls" is-hidden-label :choices="filters" />
        <v-text-field
          v-model="words"
          type="search"
          class="find"
          aria-label="Find a call by site, unit, complaint, or the last signs of the serial"
          placeholder="Find site, unit, complaint, serial"
          autocomplete="off"
        />
        <ScanWay />
        <div class="do">
          <v-btn class="new" @click="isNew = true">+ New call</v-btn>
          <v-btn to="/quick" variant="text">Quick check</v-btn>
        </div>
      </header>
      <template v-if="filter === 'DUE'">
        <section v-if="view?.due.length" aria-labelledby="due">
          <h2 id="due" class="with-link">
            Stopgaps <a href="/api/returns.ics" class="link" download>Return dates for the calendar</a>
          </h2>
          <DueRow
            v-for="d in view.due"
            :key="d.callId"
            :flag="`${d.isDue ? 'DUE' : 'UNTIL'} ${dateWords(d.returnDate)}`"
            :is-now="d.isDue"
            :site="d.site"
            :unit="d.unit"
            :words="`${d.part}: ${d.asLeft}`"
            @go="router.push(`/calls/${d.callId}`)"
          />
        </section>

        <section v-if="view?.waiting.length" aria-labelledby="waiting">
          <h2 id="waiting">Waiting</h2>
          <DueRow
            v-for="w in view.waiting"
            :key="`${w.callId} ${w.words}`"
            :flag="flagOf(w)"
            :is-now="w.isReady"
            :site="w.site"
            :unit="w.unit"
            :words="w.words"
            @go="router.push(`/calls/${w.callId}`)"
          />
        </section>
      </template>
      <section v-for="g in groups" :key="g.title" :aria-label="g.title">
        <h2 v-if="g.title !== 'Today'">{{ g.title }}</h2>
        <p v-if="isLoaded && g.calls.length === 0" class="zb-note">
          No open call. Type a label above, or start one with New call.
        </p>
        <button
          v-for="c in g.calls"
          :key="c.id"
          type="button"
          class="call zb-bare"
          @click="router.push(`/calls/${c.id}`)"
        >
          <span class="slices">
            <Slice v-for="(s, i) in c.slices.slice(0, 3)" :key="i" :filled="s" />
            <Slice v-if="c.slices.length === 0" :filled="[]" />
          </span>
          <span class="what">
            <b class="site">{{ c.site }}, {{ c.unit }}</b>
            <span class="zb-soft">{{ c.complaint }}</span>
          </span>
          <span class="next"
            ><span class="zb-soft">next</span> <b>{{ c.next }}</b></span
          >
          <span class="zb-soft time">{{ whenOf(c.openedAtMillis) }}</span>
        </button>
      </section>

      <section v-if="view?.writeUps.length && filter !== 'TODAY'" aria-labelledby="ups">
        <h2 id="ups">Seen and not done</h2>
        <DueRow
          v-for="u in view.writeUps"
          :key="u.unitId"
          :flag="u.flag"
          :site="u.site"
          :unit="u.unit"
          :words="`${u.words}${u.count > 1 ? ` (${u.count} in all)` : ''}`"
          @go="router.push(`/units/${u.unitId}`)"
        />
        <p v-if="view.unitsWithWriteUps > view.writeUps.length" class="zb-note">
          The most urgent {{ view.writeUps.length }} of {{ view.unitsWithWriteUps }} units; the rest stand on
          their units.
        </p>
      </section>

      <section v-if="past.length" aria-labelledby="past">
        <h2 id="past">Before</h2>
        <button
          v-for="c in past"
          :key="c.id"
          type="button"
          class="past zb-bare"
          @click="router.push(`/calls/${c.id}`)"
        >
          <span class="zb-soft time">{{ whenOf(c.openedAtMillis) }}</span>
          <span
            ><b>{{ c.site }}</b
            >, {{ c.unit }}</span
          >
          <span>{{ c.complaint }}</span>
          <span class="zb-soft">{{ c.status.toLowerCase() }}</span>
        </button>
        <v-btn v-if="hasMore" class="more" @click="more">Show earlier calls</v-btn>
      </section>
    </div>
    <NewCall v-model="isNew" />
  </div>
</template>

<style scoped>
.due-line {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: center;
  margin-top: 16px;
}
.one {
  flex: 1;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: center;
  min-height: 48px;
}
.more-due {
  min-height: 48px;
  text-decoration: underline;
  text-underline-offset: 3px;
  font-weight: 600;
}
.today {
  font-size: 24px;
  border: 0;
  margin: 0;
  padding: 0;
}
.head {
  margin-top: 10px;
  border-bottom: var(--zb-line);
  padding-bottom: 8px;
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 16px;
  flex-wrap: wrap;
}
h2 {
  font-size: 19px;
  border-bottom: var(--zb-line);
  margin-top: 20px;
  padding-bottom: 4px;
}
.find {
  flex: 1 1 200px;
  max-width: 460px;
}
.more {
  margin: 12px 0;
}
.with-link {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
}
.link {
  font-size: 15px;
  font-weight: 600;
}
.do {
  display: flex;
  gap: 12px;
}
.new {
  border: var(--zb-line) !important;
}
.call {
  width: 100%;
  display: grid;
  grid-template-columns: 64px minmax(0, 1fr) minmax(0, 380px) 64px;
  gap: 16px;
  align-items: center;
  min-height: 64px;
  border-bottom: 1px solid var(--zb-hair) !important;
  padding: 6px 0;
}
.slices {
  display: flex;
  gap: 4px;
}
.slices > :nth-child(n + 2) {
  margin-left: -24px;
}
.what {
  display: grid;
}
.site {
  font-size: 18px;
}
.time {
  text-align: right;
}
.past {
  width: 100%;
  display: grid;
  grid-template-columns: 120px minmax(0, 1fr) minmax(0, 340px) 64px;
  gap: 16px;
  align-items: center;
  min-height: 52px;
  border-bottom: 1px solid var(--zb-hair) !important;
}
.past .time {
  text-align: left;
}
.past > :last-child {
  text-align: right;
}
.flag {
  font-size: 19px;
  border: var(--zb-line);
  padding: 0 8px;
  justify-self: start;
  background: var(--zb-sheet);
}
.now {
  background: var(--zb-ink);
  color: var(--zb-paper);
}
@media (max-width: 839px) {
  .find {
    order: 3;
    flex-basis: 100%;
    max-width: none;
  }
  .call {
    grid-template-columns: 52px minmax(0, 1fr);
  }
  .slices {
    grid-row: 1 / span 2;
    align-self: start;
  }
  .call {
    row-gap: 2px;
  }
  .next,
  .call .time {
    grid-column: 2;
    text-align: left;
  }
  .call .time {
    display: none;
  }
  .past {
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 2px;
    padding: 8px 0;
  }
  .past > * {
    grid-column: 1 / -1;
  }
  .past > .time {
    grid-column: 1;
  }
  .past > :last-child {
    grid-area: 1 / 2;
  }
}
</style>
