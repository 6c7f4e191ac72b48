<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { api, body } from '@/api/client'
import type { DepotView, RestockView, StockView } from '@/api/types'
import BothValues from '@/shared/BothValues.vue'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import LabelledField from '@/shared/LabelledField.vue'
import { useClash } from '@/shared/useClash'
import { useSession } from '@/stores/session'
import { useUi } from '@/stores/ui'
import AddDepot from './AddDepot.vue'
import AddStock from './AddStock.vue'
import RestockList from './RestockList.vue'
import StockFile from './StockFile.vue'
import StockPanel from './StockPanel.vue'

/** What is in stock and where: counted by tapping, taken in by its label, brought back by a list. */
type Page = 'STOCK' | 'RESTOCK' | 'FILE'
const session = useSession()
const ui = useUi()
const stock = ref<StockView[]>([])
const depots = ref<DepotView[]>([])
const depot = ref<string | null>(null)
const page = ref<Page>('STOCK')
const open = ref<string | null>(null)
const restock = ref<RestockView | null>(null)
const wrong = ref('')
const counted = ref(0)
const counting = useClash<StockView>((now) => now.version)
const { clash, wrong: notCounted } = counting
const search = ref('')
const isLowOnly = ref(false)
const isTaking = ref(false)
const PAGES: readonly { value: Page; words: string }[] = [
  { value: 'STOCK', words: 'Stock' },
  { value: 'RESTOCK', words: 'Bring back' },
  { value: 'FILE', words: 'CSV' },
]
const found = computed(() => {
  const words = search.value.toLowerCase().split(/\s+/)
  return stock.value.filter(
    (s) =>
      s.depot === depot.value &&
      (!isLowOnly.value || s.isLow) &&
      words.every((w) => `${s.bin} ${s.kind} ${s.name} ${s.rating} ${s.id}`.toLowerCase().includes(w)),
  )
})
const mine = computed(() => session.who?.depot)

async function load() {
  try {
    stock.value = await body(api.GET('/api/truck'))
    depots.value = await body(api.GET('/api/truck/depots'))
    depot.value ??= mine.value ?? depots.value[0]?.name ?? null
    restock.value = await body(api.GET('/api/truck/restock'))
    wrong.value = ''
  } catch (problem) {
    wrong.value = (problem as Error).message
  }
}
onMounted(load)

function changed(now: StockView) {
  stock.value = stock.value.map((s) => (s.id === now.id ? now : s))
}
async function count(s: StockView, by: 1 | -1) {
  const quantity = s.quantity + by
  if (quantity < 0) return
  counted.value = quantity
  await counting.attempt(s.version, async (version) => {
    changed(
      await body(
        api.PUT('/api/truck/{id}/count', { params: { path: { id: s.id } }, body: { quantity, version } }),
      ),
    )
  })
}
function leave() {
  if (clash.value) changed(clash.value.now)
  counting.settle()
}
async function drive() {
  if (!depot.value) return
  try {
    await body(api.PUT('/api/truck/mine', { body: { depot: depot.value } }))
    await session.load()
    await load()
  } catch (problem) {
    wrong.value = (problem as Error).message
  }
}
const isShop = computed(() => depots.value.find((d) => d.name === depot.value)?.isShop ?? false)
watch(
  () => ui.label,
  (label) => {
    if (!label) return
    page.value = 'STOCK'
    isTaking.value = true
  },
  { immediate: true },
)
</script>

<template>
  <div class="zb-page">
    <div class="zb-page-inner">
      <header class="head">
        <h1>Truck</h1>
        <ChoiceButtons v-model="page" label="Page" is-hidden-label :choices="PAGES" />
      </header>
      <p v-if="wrong || notCounted" role="alert">
        <b>{{ wrong || notCounted }}</b>
      </p>
      <BothValues
        v-if="clash"
        :words="clash.words"
        :now="String(clash.now.quantity)"
        :given="String(counted)"
        @leave="leave"
        @insist="clash.insist"
      />
      <div class="row">
        <ChoiceButtons
          v-model="depot"
          label="Which truck"
          is-hidden-label
          :choices="depots.map((d) => ({ value: d.name, words: d.name }))"
        />
        <span v-if="depot === mine" class="zb-soft">{{ session.who?.name }} drives it</span>
        <v-btn v-else-if="!isShop" variant="text" height="48" @click="drive"
          >{{ session.who?.name }} drives {{ depot }}</v-btn
        >
        <AddDepot @added="(all, name) => ((depots = all), (depot = name))" />
      </div>
      <template v-if="page === 'STOCK'">
        <div class="row">
          <LabelledField v-model="search" label="Find by rating, kind, bin" has-no-wrong-line class="find" />
          <label class="low"><input v-model="isLowOnly" type="checkbox" /> under minimum only</label>
          <v-btn class="take" height="48" :aria-expanded="isTaking" @click="isTaking = !isTaking"
            >+ Take in by its label</v-btn
          >
        </div>
        <AddStock v-if="isTaking" :depot="depot ?? ''" @added="load" />
        <table class="zb-table">
          <thead>
            <tr>
              <th scope="col">Bin</th>
              <th scope="col">Rating</th>
              <th scope="col" class="wide">Part</th>
              <th scope="col" class="count">Count</th>
            </tr>
          </thead>
          <tbody>
            <template v-for="s in found" :key="s.id">
              <tr :class="{ open: open === s.id }">
                <td class="zb-name bin">{{ s.bin }}</td>
                <td>
                  <button
                    type="button"
                    class="zb-bare rating"
                    :aria-expanded="open === s.id"
                    @click="open = open === s.id ? null : s.id"
                  >
                    <b>{{ s.rating }}</b><span class="zb-soft narrow">{{ s.kind }}</span>
                  </button>
                </td>
                <td class="wide">
                  {{ s.name }} <span class="zb-soft">{{ s.kind }} · {{ s.id }}</span>
                </td>
                <td class="count">
                  <span class="counter">
                    <button
                      type="button"
                      class="tap"
                      :disabled="s.quantity === 0"
                      :aria-label="`One less of ${s.rating}`"
                      @click="count(s, -1)"
                    >
                      −
                    </button>
                    <span class="zb-figure number">{{ s.quantity }}</span>
                    <button
                      type="button"
                      class="tap"
                      :aria-label="`One more of ${s.rating}`"
                      @click="count(s, 1)"
                    >
                      +
                    </button>
                  </span>
                  <span class="zb-small under">{{ s.isLow ? `of ${s.minimum}, low` : '' }}</span>
                </td>
              </tr>
              <tr v-if="open === s.id">
                <td colspan="4" class="panel">
                  <StockPanel :stock="s" :depots="depots" @changed="changed" @moved="stock = $event" />
                </td>
              </tr>
            </template>
          </tbody>
        </table>
        <p v-if="stock.length && found.length === 0" class="zb-note none">
          Nothing {{ isShop ? 'in the shop' : 'on this truck' }} by these words.
        </p>
      </template>
      <RestockList v-else-if="page === 'RESTOCK'" :restock="restock" />
      <StockFile v-else @taken="load" />
    </div>
  </div>
</template>

<style scoped>
.head,
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 24px;
  align-items: end;
  margin-bottom: 14px;
}
.row {
  align-items: center;
}
h1 {
  font-size: 32px;
  flex: 1;
}
.find {
  width: min(320px, 100%);
}
.low {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 48px;
  cursor: pointer;
  align-self: end;
}
.take {
  align-self: end;
  margin-left: auto;
}
.low input {
  width: 24px;
  height: 24px;
  accent-color: var(--zb-ink);
}
.bin {
  font-size: 19px;
}
.rating {
  min-height: 48px;
  width: 100%;
}
.rating:hover b {
  text-decoration: underline;
  text-underline-offset: 3px;
}
td {
  vertical-align: middle;
}
tr.open td {
  border-bottom-color: transparent;
}
.panel {
  padding: 0 0 16px;
}
.count {
  white-space: nowrap;
  width: 1%;
}
.counter {
  display: inline-flex;
  align-items: center;
}
.tap {
  width: 48px;
  min-height: 48px;
  border: var(--zb-line);
  background: var(--zb-sheet);
  font-size: 22px;
  font-weight: 600;
  cursor: pointer;
}
.tap:disabled {
  color: var(--zb-soft);
  border-color: var(--zb-hair);
  cursor: default;
}
.number {
  min-width: 52px;
  text-align: center;
  font-size: 22px;
  font-weight: 600;
}
.under {
  display: inline-block;
  min-width: 76px;
  margin-left: 10px;
}
.narrow {
  display: none;
}
.none {
  margin-top: 16px;
}
@media (max-width: 839px) {
  .wide {
    display: none;
  }
  .narrow {
    display: block;
  }
  .under {
    display: block;
    margin: 0;
    text-align: center;
  }
}
</style>
