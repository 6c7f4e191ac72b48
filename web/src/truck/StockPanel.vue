<script setup lang="ts">
import { onMounted, ref, watch } from 'vue'
import { api, body } from '@/api/client'
import type { DepotView, MoveView, StockView } from '@/api/types'
import BothValues from '@/shared/BothValues.vue'
import LabelledField from '@/shared/LabelledField.vue'
import { dayOf } from '@/shared/time'
import { useClash } from '@/shared/useClash'

/** All of one line of stock: its bin, minimum, cost and price, where it can go, and where each piece went. */
const props = defineProps<{ stock: StockView; depots: readonly DepotView[] }>()
const emit = defineEmits<{ changed: [now: StockView]; moved: [all: StockView[]] }>()
const fields = ref({ bin: '', name: '', minimum: '', cost: '', price: '' })
const history = ref<MoveView[]>([])
const seen = ref(0)
const { clash, wrong, attempt, settle } = useClash<StockView>((now) => now.version)
const path = () => ({ path: { id: props.stock.id } })

watch(
  () => props.stock.id,
  () => take(props.stock),
  { immediate: true },
)
/** A count that changes meanwhile is no news to this form. */
watch(
  () => props.stock.quantity,
  () => (seen.value = props.stock.version),
)
function take(stock: StockView) {
  const { bin, name, minimum, cost, price } = stock
  fields.value = { bin, name, minimum: String(minimum), cost: String(cost), price: String(price) }
  seen.value = stock.version
}
async function load() {
  try {
    history.value = await body(api.GET('/api/truck/{id}/history', { params: path() }))
  } catch (problem) {
    wrong.value = (problem as Error).message
  }
}
onMounted(load)
watch(() => props.stock.quantity, load)

const figure = (typed: string) => Number(typed.replace(',', '.') || 0)
async function keep() {
  await attempt(seen.value, async (version) => {
    const now = await body(
      api.PUT('/api/truck/{id}', {
        params: path(),
        body: {
          version,
          bin: fields.value.bin,
          name: fields.value.name,
          minimum: figure(fields.value.minimum),
          cost: figure(fields.value.cost),
          price: figure(fields.value.price),
        },
      }),
    )
    seen.value = now.version
    emit('changed', now)
  })
}
function leave() {
  if (!clash.value) return
  take(clash.value.now)
  emit('changed', clash.value.now)
  settle()
}
const inWords = (s: Pick<StockView, 'bin' | 'name' | 'minimum' | 'cost' | 'price'>) =>
  `${s.bin}, ${s.name}, minimum ${s.minimum}, $ ${s.cost}, $ ${s.price}`
async function move(depot: string) {
  try {
    const all = await body(
      api.POST('/api/truck/{id}/move', {
        params: path(),
        body: { depot, pieces: 1, version: props.stock.version },
      }),
    )
    wrong.value = ''
    emit('moved', all)
    await load()
  } catch (problem) {
    wrong.value = (problem as Error).message
  }
}
</script>

<template>
  <div class="all">
    <p class="label zb-figure">{{ stock.label }}</p>
    <form class="fields" @submit.prevent="keep">
      <LabelledField v-model="fields.bin" label="Bin" has-no-wrong-line />
      <LabelledField v-model="fields.name" label="Name" has-no-wrong-line />
      <LabelledField v-model="fields.minimum" label="Minimum" kind="number" has-no-wrong-line />
      <LabelledField v-model="fields.cost" label="Cost, $" kind="number" has-no-wrong-line />
      <LabelledField v-model="fields.price" label="Price, $" kind="number" has-no-wrong-line />
      <v-btn type="submit" height="48">Keep</v-btn>
    </form>
    <p class="zb-wrong" role="alert">{{ wrong }}</p>
    <BothValues
      v-if="clash"
      :words="clash.words"
      :now="inWords(clash.now)"
      :given="
        inWords({
          ...fields,
          minimum: figure(fields.minimum),
          cost: figure(fields.cost),
          price: figure(fields.price),
        })
      "
      @leave="leave"
      @insist="clash.insist"
    />
    <div class="moves">
      <v-btn
        v-for="d in depots.filter((x) => x.name !== stock.depot)"
        :key="d.name"
        height="48"
        :disabled="stock.quantity === 0"
        @click="move(d.name)"
        >One to {{ d.name }}</v-btn
      >
    </div>
    <table v-if="history.length" class="zb-table">
      <tbody>
        <tr v-for="(m, i) in history" :key="i">
          <td class="zb-soft when">{{ dayOf(m.atMillis) }}</td>
          <td class="zb-figure pieces">{{ m.pieces > 0 ? `+${m.pieces}` : m.pieces }}</td>
          <td>{{ m.why }} {{ m.note }}</td>
          <td>
            <router-link v-if="m.callId" :to="`/calls/${m.callId}`">call {{ m.callId }}</router-link>
          </td>
          <td class="zb-soft">{{ m.who }}</td>
        </tr>
      </tbody>
    </table>
    <p v-else class="zb-soft">Never moved.</p>
  </div>
</template>

<style scoped>
.all {
  border: var(--zb-line);
  background: var(--zb-sheet);
  padding: 12px 16px;
  display: grid;
  gap: 10px;
}
.label {
  font-size: 15px;
}
.fields {
  display: grid;
  grid-template-columns: 80px minmax(0, 1fr) 90px 100px 100px auto;
  gap: 10px;
  align-items: end;
}
.moves {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.when,
.pieces {
  white-space: nowrap;
  width: 1%;
}
@media (max-width: 839px) {
  .fields {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
