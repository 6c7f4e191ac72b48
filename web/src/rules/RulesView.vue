<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, body } from '@/api/client'
import type { RulesView } from '@/api/types'
import BothValues from '@/shared/BothValues.vue'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import { dayOf } from '@/shared/time'
import { useClash } from '@/shared/useClash'
import CarryBox from './CarryBox.vue'
import DevicesBox from './DevicesBox.vue'
import MetersList from './MetersList.vue'
import PassesList from './PassesList.vue'
import RefrigerantTables from './RefrigerantTables.vue'

/** The schools in force, each with its reason; a change holds from the next judgement on. */
type Page = 'RULES' | 'METERS' | 'TABLES' | 'CARRY' | 'DEVICES' | 'PASSES'
const PAGES: readonly { value: Page; words: string }[] = [
  { value: 'RULES', words: 'Rules' },
  { value: 'METERS', words: 'Meters' },
  { value: 'TABLES', words: 'Saturation tables' },
  { value: 'CARRY', words: 'In and out' },
  { value: 'DEVICES', words: 'Counter, meter' },
  { value: 'PASSES', words: 'Devices' },
]
const page = ref<Page | null>('RULES')
const view = ref<RulesView | null>(null)
const asked = ref({ key: '', value: '' })
const { clash, wrong, attempt, settle } = useClash<RulesView>((now) => now.number)

onMounted(async () => {
  try {
    view.value = await body(api.GET('/api/rules'))
  } catch (problem) {
    wrong.value = (problem as Error).message
  }
})
const inForce = (rules: object, key: string) => String((rules as Record<string, unknown>)[key])

async function change(key: string, value: string | null) {
  if (value === null) return
  const given = value === 'true' ? true : value === 'false' ? false : value
  asked.value = { key, value }
  await attempt(view.value?.number, async (version) => {
    view.value = await body(api.PUT('/api/rules', { params: { query: { version } }, body: { [key]: given } }))
  })
}
function leave() {
  view.value = clash.value?.now ?? view.value
  settle()
}
/** What a school's answer is called. */
const wordsOf = (key: string, value: string) =>
  view.value?.schools.find((s) => s.key === key)?.choices.find((c) => c.value === value)?.words ?? value
</script>

<template>
  <div class="zb-page">
    <div class="zb-page-inner">
      <h1>Shop rules</h1>
      <ChoiceButtons v-model="page" class="pages" label="Page" is-hidden-label :choices="PAGES" />
      <template v-if="page === 'RULES'">
        <p class="zb-soft">
          <template v-if="view?.sinceMillis"
            >In force since {{ dayOf(view.sinceMillis) }}, by {{ view.who }}.</template
          >
          <template v-else>The defaults are in force.</template>
          Each judgement keeps the rules it was made under.
        </p>
        <p v-if="wrong" role="alert">
          <b>{{ wrong }}</b>
        </p>
        <BothValues
          v-if="clash"
          :words="clash.words"
          :of="view?.schools.find((s) => s.key === asked.key)?.question"
          :now="wordsOf(asked.key, inForce(clash.now.rules, asked.key))"
          :given="wordsOf(asked.key, asked.value)"
          @leave="leave"
          @insist="clash.insist"
        />
        <section v-for="s in view?.schools" :key="s.key" class="school">
          <div>
            <h2>{{ s.question }}</h2>
            <p class="zb-soft">{{ s.reason }}</p>
          </div>
          <div>
            <ChoiceButtons
              v-if="view"
              :label="s.question"
              is-hidden-label
              :choices="s.choices"
              :model-value="inForce(view.rules, s.key)"
              @update:model-value="change(s.key, $event)"
            />
            <p class="zb-soft default">
              default: {{ s.choices.find((c) => c.value === s.byDefault)?.words }}
            </p>
          </div>
        </section>
      </template>
      <MetersList v-else-if="page === 'METERS'" />
      <RefrigerantTables v-else-if="page === 'TABLES'" />
      <CarryBox v-else-if="page === 'CARRY'" />
      <DevicesBox v-else-if="page === 'DEVICES'" />
      <PassesList v-else />
    </div>
  </div>
</template>

<style scoped>
.pages {
  margin: 10px 0 16px;
}
h1 {
  font-size: 32px;
}
.school {
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 6fr);
  gap: 8px 32px;
  padding: 18px 0;
  border-bottom: 1px solid var(--zb-hair);
}
h2 {
  font-size: 19px;
}
.default {
  margin-top: 6px;
}
@media (max-width: 839px) {
  .school {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
