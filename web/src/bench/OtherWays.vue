<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { MatchesView, OfferView } from '@/api/types'
import GradePlate from '@/shared/GradePlate.vue'

/** The other ways beside the answer: three columns with it at most, in what they differ; the rest, what is alike and what is refused folded. */
const props = defineProps<{ found: MatchesView }>()
const picked = defineModel<OfferView | null>({ required: true })
const MOST = 2
const NARROW = 560

const box = ref<HTMLElement | null>(null)
const { width } = useElementSize(box)
const isNarrow = computed(() => width.value > 0 && width.value < NARROW)
const isMoreShown = ref(false)
const isRefusedShown = ref(false)
const isAlikeShown = ref(false)

const others = computed(() =>
  props.found.offers.filter((o) => o.isWay && o !== picked.value && !o.isRefused).slice(0, MOST),
)
const more = computed(() =>
  props.found.offers.filter((o) => !o.isRefused && o !== picked.value && !others.value.includes(o)),
)
const refused = computed(() => props.found.offers.filter((o) => o.isRefused))
/** The picked one is drawn too, so that its figures stand beside those of the others. */
const columns = computed(() => (picked.value ? [picked.value, ...others.value] : others.value))
const rows = computed(() =>
  isAlikeShown.value ? [...props.found.differs, ...props.found.alike] : props.found.differs,
)
const cellOf = (offer: OfferView, attribute: string) => offer.cells.find((c) => c.attribute === attribute)
const requiredOf = (attribute: string) =>
  columns.value.map((o) => cellOf(o, attribute)?.required).find((r) => r !== undefined) ?? ''
const key = (o: OfferView) => o.offer.join(' ')
/** What decides against it, in a line. */
const against = (o: OfferView) =>
  o.cells
    .filter((c) => c.outcome === o.grade && c.saysMore)
    .map((c) => c.why)
    .slice(0, 1)
    .join('')
</script>

<template>
  <div ref="box" class="ways">
    <table v-if="columns.length && !isNarrow" class="beside" aria-label="Ways side by side">
      <thead>
        <tr>
          <td class="attribute"></td>
          <th scope="col" class="needed">needed</th>
          <th v-for="o in columns" :key="key(o)" scope="col" class="offer" :class="{ picked: o === picked }">
            <button
              type="button"
              class="pick zb-bare"
              :disabled="!o.canBeChosen"
              :aria-pressed="o === picked"
              @click="picked = o"
            >
              <GradePlate :grade="o.grade" :word="o.word" :is-chosen="o === picked" />
              <span class="title">{{ o.title }}</span>
              <span class="zb-soft">{{ o.where }}{{ o.price ? `, $ ${o.price}` : '' }}</span>
            </button>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="a in rows" :key="a">
          <th scope="row" class="attribute">{{ a }}</th>
          <td class="needed">{{ requiredOf(a) }}</td>
          <td v-for="o in columns" :key="key(o)" class="offer" :class="{ picked: o === picked }">
            <template v-if="cellOf(o, a)">
              {{ cellOf(o, a)!.offered }}
              <span class="word">{{ cellOf(o, a)!.word }}</span>
              <span v-if="cellOf(o, a)!.saysMore" class="why zb-small">{{ cellOf(o, a)!.why }}</span>
            </template>
          </td>
        </tr>
      </tbody>
    </table>
    <template v-else>
      <h3 v-if="others.length" class="zb-name">OTHER WAYS</h3>
      <button
        v-for="o in others"
        :key="key(o)"
        type="button"
        class="pick row zb-bare"
        :disabled="!o.canBeChosen"
        @click="picked = o"
      >
        <GradePlate :grade="o.grade" :word="o.word" />
        <span class="title">{{ o.title }}</span>
        <span class="zb-soft">{{ o.where }}{{ o.price ? `, $ ${o.price}` : '' }}</span>
        <span v-if="against(o)" class="zb-soft zb-small">{{ against(o) }}</span>
      </button>
    </template>
    <p v-if="found.offers.length === 0 || refused.length === found.offers.length" class="zb-note">
      Nothing here fits. Look elsewhere, or see what was refused.
    </p>
    <p class="folds">
      <button
        v-if="more.length"
        type="button"
        class="zb-bare link"
        :aria-expanded="isMoreShown"
        @click="isMoreShown = !isMoreShown"
      >
        {{ more.length }} more like {{ others.length ? 'these' : 'it' }}
      </button>
      <span v-if="refused.length">
        <button
          type="button"
          class="zb-bare link"
          :aria-expanded="isRefusedShown"
          @click="isRefusedShown = !isRefusedShown"
        >
          {{ refused.length }} refused
        </button>
        <span class="zb-soft"
          >: {{ found.refused.map((r) => `${r.count} by ${r.reason.toLowerCase()}`).join(', ') }}</span
        >
      </span>
      <button
        v-if="found.alike.length && !isNarrow && columns.length"
        type="button"
        class="zb-bare link alike"
        :aria-expanded="isAlikeShown"
        @click="isAlikeShown = !isAlikeShown"
      >
        alike in all: {{ found.alike.map((q) => q.toLowerCase()).join(', ') }}
      </button>
    </p>
    <template v-if="isMoreShown">
      <button
        v-for="o in more"
        :key="key(o)"
        type="button"
        class="pick row zb-bare"
        :disabled="!o.canBeChosen"
        @click="picked = o"
      >
        <GradePlate :grade="o.grade" :word="o.word" />
        <span class="title">{{ o.title }}</span>
        <span class="zb-soft">{{ o.where }}{{ o.price ? `, $ ${o.price}` : '' }}</span>
      </button>
    </template>
    <template v-if="isRefusedShown || columns.length === 0">
      <p v-for="o in refused" :key="key(o)" class="row">
        <GradePlate :grade="o.grade" :word="o.word" />
        <span class="title">{{ o.title }}</span>
        <span class="zb-soft">{{ against(o) }}</span>
      </p>
    </template>
  </div>
</template>

<style scoped>
.ways {
  margin-top: 12px;
}
.beside {
  border-collapse: collapse;
  width: 100%;
  table-layout: fixed;
}
th,
td {
  vertical-align: top;
  text-align: left;
  padding: 5px 8px;
  border-bottom: 1px solid var(--zb-hair);
  font-weight: 400;
  overflow-wrap: anywhere;
}
thead th,
thead td {
  border-bottom: var(--zb-line);
}
.attribute {
  color: var(--zb-soft);
  padding-left: 0;
  width: 92px;
}
.needed {
  width: 96px;
}
thead .needed {
  color: var(--zb-soft);
  vertical-align: bottom;
}
.picked {
  background: var(--zb-sheet);
}
.pick {
  display: grid;
  gap: 2px;
  justify-items: start;
  align-content: start;
  width: 100%;
  min-height: 64px;
}
.title {
  font-weight: 700;
  line-height: 1.2;
}
.word {
  color: var(--zb-soft);
  font-size: 15px;
}
.word::before {
  content: '· ';
}
.why {
  display: block;
  color: var(--zb-soft);
}
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px 12px;
  min-height: 60px;
  border-bottom: 1px solid var(--zb-hair) !important;
  text-align: left;
}
h3 {
  font-size: 16px;
  color: var(--zb-soft);
}
.folds {
  display: flex;
  flex-wrap: wrap;
  gap: 0 24px;
  align-items: center;
}
.link {
  text-decoration: underline;
  text-underline-offset: 3px;
  min-height: 48px;
  font-weight: 600;
}
.alike {
  font-weight: 400;
  color: var(--zb-soft);
}
</style>
