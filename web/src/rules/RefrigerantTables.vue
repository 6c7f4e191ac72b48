<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, body, sendFile } from '@/api/client'
import type { RefrigerantView } from '@/api/types'
import FilePick from '@/shared/FilePick.vue'
import LabelledField from '@/shared/LabelledField.vue'

/** Saturation tables by which pressures are read, with their sources; more come in as CSV. */
const tables = ref<RefrigerantView[]>([])
const refrigerant = ref('')
const source = ref('')
const wrong = ref('')

async function load() {
  try {
    tables.value = await body(api.GET('/api/refrigerants'))
  } catch (problem) {
    wrong.value = (problem as Error).message
  }
}
onMounted(load)

async function bring(file: File) {
  try {
    await sendFile('/api/refrigerants', { refrigerant: refrigerant.value, source: source.value, file })
    refrigerant.value = ''
    source.value = ''
    wrong.value = ''
    await load()
  } catch (problem) {
    wrong.value = `${file.name}: ${(problem as Error).message}`
  }
}
async function takeOut(name: string) {
  try {
    await body(api.DELETE('/api/refrigerants/{refrigerant}', { params: { path: { refrigerant: name } } }))
    await load()
  } catch (problem) {
    wrong.value = (problem as Error).message
  }
}
</script>

<template>
  <section class="tables" aria-labelledby="tables">
    <h2 id="tables" class="zb-hidden">Saturation tables</h2>
    <table class="zb-table">
      <tbody>
        <tr v-for="t in tables" :key="t.refrigerant">
          <th scope="row" class="zb-name name">{{ t.refrigerant }}</th>
          <td class="range">{{ t.lowestFahrenheit }} to {{ t.highestFahrenheit }} °F</td>
          <td class="zb-soft">{{ t.source }}</td>
          <td class="do">
            <a :href="`/api/refrigerants/${t.refrigerant}.csv`" download>CSV</a>
            <v-btn v-if="t.isBroughtIn" variant="text" height="40" @click="takeOut(t.refrigerant)"
              >take out</v-btn
            >
          </td>
        </tr>
      </tbody>
    </table>
    <div class="bring">
      <LabelledField v-model="refrigerant" label="Refrigerant" hint="R-448A" has-no-wrong-line />
      <LabelledField v-model="source" label="Where the figures are from" has-no-wrong-line />
      <FilePick label="Bring a table in" accept=".csv,text/csv" @pick="bring" />
    </div>
    <p class="zb-soft">Columns: fahrenheit, bubblePsig, dewPsig, a line for each temperature, rising.</p>
    <p class="zb-wrong" role="alert">{{ wrong }}</p>
  </section>
</template>

<style scoped>
.tables {
}
.name {
  font-size: 19px;
  white-space: nowrap;
}
.range {
  white-space: nowrap;
}
.do {
  white-space: nowrap;
}
.do a {
  min-height: 40px;
  display: inline-flex;
  align-items: center;
  min-width: 48px;
}
.bring {
  display: grid;
  grid-template-columns: 160px minmax(0, 1fr) auto;
  gap: 12px;
  align-items: end;
  margin-top: 12px;
}
@media (max-width: 839px) {
  .bring {
    grid-template-columns: minmax(0, 1fr);
  }
  .zb-table tr {
    display: grid;
  }
}
</style>
