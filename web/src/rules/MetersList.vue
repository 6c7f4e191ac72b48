<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, body, Refused } from '@/api/client'
import type { MeterView } from '@/api/types'
import BothValues from '@/shared/BothValues.vue'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import LabelledField from '@/shared/LabelledField.vue'
import { useClash } from '@/shared/useClash'

/** The meters in use, with accuracy and range by quantity. */
const meters = ref<MeterView[]>([])
const fresh = ref({ name: '', percent: '', counts: '', range: '' })
const quantity = ref<MeterView['quantity'] | null>('MICROFARADS')
const { clash, attempt, settle } = useClash<Pick<MeterView, 'id' | 'name'>>((now) => now.id)
const wrong = ref<Record<string, string>>({})
const QUANTITIES: { value: MeterView['quantity']; words: string }[] = [
  { value: 'MICROFARADS', words: 'µF' },
  { value: 'VOLTS', words: 'V' },
  { value: 'AMPS', words: 'A' },
  { value: 'OHMS', words: 'Ω' },
]

async function load() {
  meters.value = await body(api.GET('/api/meters'))
}
onMounted(() => load().catch((problem: Error) => (wrong.value = { all: problem.message })))

const figure = (text: string) => (text.trim() === '' ? undefined : Number(text.replace(',', '.')))
async function add() {
  wrong.value = {}
  const given = {
    percent: figure(fresh.value.percent),
    counts: figure(fresh.value.counts),
    range: figure(fresh.value.range),
  }
  for (const [name, value] of Object.entries(given)) {
    if (Number.isNaN(value)) wrong.value[name] = 'write it as a figure'
  }
  if (Object.keys(wrong.value).length) return
  const inUse = meters.value.find((m) => m.quantity === quantity.value && m.isInUse)
  await attempt(inUse?.id ?? 0, (version) => send(given, version))
}
async function send(given: object, version: number | undefined) {
  try {
    await body(
      api.POST('/api/meters', {
        params: { query: { version } },
        body: { name: fresh.value.name, quantity: quantity.value ?? 'MICROFARADS', ...given } as never,
      }),
    )
    fresh.value = { name: '', percent: '', counts: '', range: '' }
    await load()
  } catch (problem) {
    if (problem instanceof Refused && problem.now !== undefined) throw problem
    wrong.value =
      problem instanceof Refused && problem.errors.length
        ? Object.fromEntries(problem.errors.map((e) => [e.field.replace('meter.', ''), e.problem]))
        : { all: (problem as Error).message }
  }
}
async function leave() {
  settle()
  await load()
}
async function remove(id: number) {
  await body(api.DELETE('/api/meters/{id}', { params: { path: { id } } }))
  await load()
}
</script>

<template>
  <section class="meters">
    <h2>Meters</h2>
    <p class="zb-soft">
      The last one added for a quantity is in use. With none: 2 % of the reading + 5 counts of 6,000.
    </p>
    <table v-if="meters.length" class="zb-table">
      <thead>
        <tr>
          <th scope="col">Meter</th>
          <th scope="col">For</th>
          <th scope="col">Accuracy</th>
          <th scope="col">Up to</th>
          <td></td>
        </tr>
      </thead>
      <tbody>
        <tr v-for="m in meters" :key="m.id">
          <td>{{ m.name }}<span v-if="m.isInUse" class="zb-soft"> · in use</span></td>
          <td>{{ m.unit }}</td>
          <td class="zb-figure">{{ m.accuracy }}</td>
          <td>{{ m.range ? `${m.range} ${m.unit}` : 'usual' }}</td>
          <td><v-btn variant="text" :aria-label="`Remove ${m.name}`" @click="remove(m.id)">remove</v-btn></td>
        </tr>
      </tbody>
    </table>
    <form class="add" @submit.prevent="add">
      <LabelledField v-model="fresh.name" label="Another meter" :wrong="wrong.name" class="name" />
      <ChoiceButtons v-model="quantity" label="Measures" :choices="QUANTITIES" />
      <LabelledField
        v-model="fresh.percent"
        kind="number"
        label="% of reading"
        :wrong="wrong.percent"
        class="short"
      />
      <LabelledField
        v-model="fresh.counts"
        kind="number"
        label="+ counts"
        :wrong="wrong.counts"
        class="short"
      />
      <LabelledField
        v-model="fresh.range"
        kind="number"
        label="Up to, if known"
        :wrong="wrong.range"
        class="short"
      />
      <v-btn type="submit" class="do">Add it</v-btn>
    </form>
    <BothValues
      v-if="clash"
      :words="clash.words"
      :now="`${clash.now.name} in use`"
      :given="`${fresh.name}, as the one in use`"
      @leave="leave"
      @insist="clash.insist"
    />
    <p v-if="wrong.all" role="alert">
      <b>{{ wrong.all }}</b>
    </p>
  </section>
</template>

<style scoped>
.meters {
  padding: 24px 0;
}
h2 {
  font-size: 19px;
}
.add {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: flex-start;
  margin-top: 16px;
}
.name {
  width: 220px;
}
.short {
  width: 132px;
}
.do {
  margin-top: 25px;
}
</style>
