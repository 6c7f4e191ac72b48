<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Grade, MatchesView, OfferView } from '@/api/types'
import GradePlate from '@/shared/GradePlate.vue'

/** What is needed in the first column, the offers beside it, attributes as rows; every cell says fits or why not. */
const props = defineProps<{ found: MatchesView }>()
const picked = defineModel<OfferView | null>({ required: true })
const areRefusedShown = ref(false)

const offers = computed(() =>
  props.found.offers.filter((o) => areRefusedShown.value || !o.isRefused || props.found.offers.length === 1),
)
const attributes = computed(() => [...new Set(offers.value.flatMap((o) => o.cells.map((c) => c.attribute)))])
/** Rows in which every offer is alike say little: they are folded behind the rows that decide. */
const isQuiet = (attribute: string) =>
  QUIET.includes(attribute) &&
  offers.value.every((o) => (cellOf(o, attribute)?.outcome ?? 'LIKE_FOR_LIKE') === 'LIKE_FOR_LIKE')
const loud = computed(() => attributes.value.filter((a) => !isQuiet(a)))
const quiet = computed(() => attributes.value.filter(isQuiet))
const areAllShown = ref(false)
const rows = computed(() => (areAllShown.value ? [...loud.value, ...quiet.value] : loud.value))
const cellOf = (offer: OfferView, attribute: string) => offer.cells.find((c) => c.attribute === attribute)
const requiredOf = (attribute: string) =>
  offers.value.map((o) => cellOf(o, attribute)?.required).find((r) => r !== undefined) ?? ''
const refused = computed(() => props.found.refused.reduce((sum, r) => sum + r.count, 0))

/** Attributes that are folded where nothing in them differs. */
const QUIET = [
  'Duty',
  'Protection',
  'Frequency',
  'Temperature',
  'Fit',
  'Bleed resistor',
  'Kind of motor',
  'Phase',
  'Ambient',
  'Insulation class',
  'Enclosure',
  'Thermally protected',
  'Frame',
]
const SIGNS: Record<Grade, string> = {
  LIKE_FOR_LIKE: '=',
  SUITABLE: '≥',
  NEEDS_CHANGE: '~',
  STOPGAP: '~',
  UNDECIDED: '?',
  REFUSED: '✕',
}
const isPicked = (o: OfferView) => picked.value === o
</script>

<template>
  <div>
    <div v-if="offers.length" class="scroll" tabindex="0" role="region" aria-label="Match board">
      <table class="board">
        <thead>
          <tr>
            <td class="attribute"></td>
            <th scope="col" class="needed">
              <span class="title">Needed</span>
              <span class="zb-soft">by the old label</span>
            </th>
            <th
              v-for="o in offers"
              :key="o.offer.join(' ')"
              scope="col"
              class="offer"
              :class="{ picked: isPicked(o) }"
            >
              <button
                type="button"
                class="pick zb-bare"
                :disabled="!o.canBeChosen"
                :aria-pressed="isPicked(o)"
                @click="picked = o"
              >
                <GradePlate :grade="o.grade" :word="o.word" :is-chosen="isPicked(o)" />
                <span class="title">{{ o.title }}</span>
                <span class="zb-soft">{{ o.where }}</span>
              </button>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="a in rows" :key="a">
            <th scope="row" class="attribute">{{ a }}</th>
            <td class="needed">{{ requiredOf(a) }}</td>
            <td v-for="o in offers" :key="o.offer.join(' ')" class="offer" :class="{ picked: isPicked(o) }">
              <template v-if="cellOf(o, a)">
                <b class="sign" :title="cellOf(o, a)?.outcome.replaceAll('_', ' ').toLowerCase()">{{
                  SIGNS[cellOf(o, a)!.outcome]
                }}</b>
                {{ cellOf(o, a)!.offered }}
                <span v-if="cellOf(o, a)!.saysMore" class="why zb-small">{{ cellOf(o, a)!.why }}</span>
              </template>
            </td>
          </tr>
          <tr>
            <th scope="row" class="attribute">Then</th>
            <td class="needed"></td>
            <td v-for="o in offers" :key="o.offer.join(' ')" class="offer" :class="{ picked: isPicked(o) }">
              <span v-for="c in o.changes" :key="c" class="then">{{ c }}</span>
              <span v-for="c in o.asks" :key="c" class="then why zb-small">{{ c }}</span>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p v-else class="zb-note">Nothing here fits. Look elsewhere, or see what was refused.</p>
    <p v-if="quiet.length" class="refused">
      <button
        type="button"
        class="zb-bare link"
        :aria-expanded="areAllShown"
        @click="areAllShown = !areAllShown"
      >
        {{ areAllShown ? 'Fold' : 'Show' }}
      </button>
      <span class="zb-soft"> what is alike: {{ quiet.map((q) => q.toLowerCase()).join(', ') }}</span>
    </p>
    <p v-if="refused" class="refused">
      <button
        type="button"
        class="zb-bare link"
        :aria-expanded="areRefusedShown"
        @click="areRefusedShown = !areRefusedShown"
      >
        {{ areRefusedShown ? 'Hide' : 'Show' }} {{ refused }} refused
      </button>
      <span class="zb-soft"
        >: {{ found.refused.map((r) => `${r.count} by ${r.reason.toLowerCase()}`).join(', ') }}</span
      >
    </p>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
.board {
  border-collapse: collapse;
  min-width: 100%;
}
th,
td {
  vertical-align: top;
  text-align: left;
  padding: 7px 8px 7px 8px;
  border-bottom: 1px solid var(--zb-hair);
  font-weight: 400;
}
thead th,
thead td {
  border-bottom: var(--zb-line);
  vertical-align: top;
}
.attribute {
  color: var(--zb-soft);
  padding-left: 0;
  position: sticky;
  left: 0;
  background: var(--zb-paper);
  min-width: 80px;
}
.needed {
  min-width: 84px;
}
.offer {
  min-width: 152px;
  max-width: 220px;
}
.picked {
  background: var(--zb-sheet);
  border-left: var(--zb-line);
  border-right: var(--zb-line);
}
thead .picked {
  border-top: var(--zb-line);
}
.pick {
  display: grid;
  gap: 4px;
  justify-items: start;
  min-height: 64px;
  align-content: start;
  width: 100%;
}
.title {
  display: block;
  font-weight: 700;
  line-height: 1.2;
}
.sign {
  font-family: var(--zb-figures);
  display: inline-block;
  width: 1.2ch;
}
.why,
.then {
  display: block;
}
.why {
  color: var(--zb-soft);
}
.then + .then {
  margin-top: 4px;
}
.refused {
  margin-top: 2px;
}
.link {
  text-decoration: underline;
  text-underline-offset: 3px;
  min-height: 40px;
  font-weight: 600;
}
</style>
