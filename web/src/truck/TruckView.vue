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
import { useUndo } from '@/stores/undo'
import AddDepot from './AddDepot.vue'
import AddStock from './AddStock.vue'
import RestockList from './RestockList.vue'
import StockFile from './StockFile.vue'
import StockList from './StockList.vue'
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
const kind = ref('')
const isLoaded = ref(false)
const undo = useUndo()
/** the line that was counted last, and what it was before the first of the taps on it */
let before: { id: string; from: number } | null = null
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
      (kind.value === '' || s.kind === kind.value) &&
      words.every((w) => `${s.bin} ${s.kind} ${s.name} ${s.rating} ${s.id}`.toLowerCase().includes(w)),
  )
})
/** On this truck, by kind, with how many are short. */
const kinds = computed(() => {
  const here = stock.value.filter((s) => s.depot === depot.value)
  return [...new Set(here.map((s) => s.kind))].map((k) => ({
    kind: k,
    words: k.charAt(0).toUpperCase() + k.slice(1).replaceAll('-', ' '),
    count: here.filter((s) => s.kind === k).length,
    short: here.filter((s) => s.kind === k && s.isLow).length,
  }))
})
const shorts = computed(() => stock.value.filter((s) => s.depot === depot.value && s.isLow).length)
const opened = computed(() => stock.value.find((s) => s.id === open.value) ?? null)
const mine = computed(() => session.who?.depot)

async function load() {
  try {
    stock.value = await body(api.GET('/api/truck'))
    depots.value = await body(api.GET('/api/truck/depots'))
    depot.value ??= mine.value ?? depots.value[0]?.name ?? null
    restock.value = await body(api.GET('/api/truck/restock'))
    wrong.value = ''
    isLoaded.value = true
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
  const from = undo.words && before?.id === s.id ? before.from : s.quantity
  await put(s, quantity)
  if (clash.value || notCounted.value) return
  before = { id: s.id, from }
  undo.offer(`${s.rating}: ${from} → ${quantity}`, async () => {
    const line = stock.value.find((l) => l.id === s.id)
    if (line) await put(line, from)
  })
}
async function put(s: StockView, quantity: number) {
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
    <div class="zb-page-inner truck">
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
        <span v-if="depot === mine" class="zb-soft drives">{{ session.who?.name }} drives it</span>
        <v-btn v-else-if="!isShop" variant="text" height="48" @click="drive"
          >{{ session.who?.name }} drives {{ depot }}</v-btn
        >
        <AddDepot @added="(all, name) => ((depots = all), (depot = name))" />
      </div>
      <template v-if="page === 'STOCK'">
        <div class="row finds">
          <LabelledField v-model="search" label="Find by rating, kind, bin" has-no-wrong-line class="find" />
          <v-btn
            class="take"
            height="48"
            aria-label="+ Take in by its label"
            :aria-expanded="isTaking"
            @click="isTaking = !isTaking"
            >+ Take in<span class="by">&nbsp;by its label</span></v-btn
          >
        </div>
        <AddStock v-if="isTaking" :depot="depot ?? ''" @added="load" />
        <div class="chips" role="group" aria-label="Which parts">
          <button
            v-for="k in kinds"
            :key="k.kind"
            type="button"
            class="chip"
            :aria-pressed="kind === k.kind"
            @click="kind = kind === k.kind ? '' : k.kind"
          >
            <b>{{ k.words }}</b> {{ k.count }}<span v-if="k.short">, {{ k.short }} short</span>
          </button>
          <button type="button" class="chip" :aria-pressed="isLowOnly" @click="isLowOnly = !isLowOnly">
            <b>Short</b> {{ shorts }}
          </button>
        </div>
        <StockList
          v-if="found.length"
          :stock="found"
          :is-by-figure="kind !== ''"
          @count="count"
          @open="open = $event"
        />
        <p v-else-if="isLoaded && stock.length === 0" class="zb-note none">
          Nothing in stock yet. Take a part in by its label, or bring a list under CSV.
        </p>
        <v-dialog
          :model-value="opened !== null"
          max-width="860"
          aria-label="One line of stock"
          @update:model-value="open = null"
        >
          <div v-if="opened" class="panel">
            <h2>{{ opened.rating }}</h2>
            <p class="zb-soft">
              {{ opened.name }} · {{ opened.kind }} · {{ opened.id }} · bin {{ opened.bin }}
            </p>
            <StockPanel :stock="opened" :depots="depots" @changed="changed" @moved="stock = $event" />
            <v-btn variant="text" @click="open = null">Close</v-btn>
          </div>
        </v-dialog>
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
.take {
  align-self: end;
  margin-left: auto;
}
.chips {
  display: flex;
  flex-wrap: wrap;
  margin-bottom: 10px;
}
.chip {
  min-height: 48px;
  padding: 0 14px;
  border: var(--zb-line);
  margin: 0 -2px -2px 0;
  background: var(--zb-sheet);
  cursor: pointer;
}
.chip[aria-pressed='true'] {
  box-shadow: inset 0 -6px 0 var(--zb-ink);
}
.panel {
  padding: 16px 20px;
  display: grid;
  gap: 8px;
}
.none {
  margin-top: 16px;
}
@media (max-width: 839px) {
  .chips {
    flex-wrap: nowrap;
    overflow-x: auto;
    padding-bottom: 2px;
  }
  .chip {
    white-space: nowrap;
  }
  .head,
  .row {
    gap: 8px 12px;
    margin-bottom: 8px;
  }
  h1 {
    font-size: 24px;
  }
  .finds {
    flex-wrap: nowrap;
  }
  .find {
    flex: 1;
    min-width: 0;
  }
  .drives,
  .by {
    display: none;
  }
}
</style>
