<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, body } from '@/api/client'
import type { RulesView } from '@/api/types'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import { dayOf } from '@/shared/time'
import CarryBox from './CarryBox.vue'
import DevicesBox from './DevicesBox.vue'
import MetersList from './MetersList.vue'
import RefrigerantTables from './RefrigerantTables.vue'

/** The schools in force, each with its reason; a change holds from the next judgement on. */
type Page = 'RULES' | 'METERS' | 'TABLES' | 'CARRY' | 'DEVICES'
const PAGES: readonly { value: Page; words: string }[] = [
  { value: 'RULES', words: 'Rules' },
  { value: 'METERS', words: 'Meters' },
  { value: 'TABLES', words: 'Saturation tables' },
  { value: 'CARRY', words: 'In and out' },
  { value: 'DEVICES', words: 'Counter, meter' },
]
const page = ref<Page | null>('RULES')
const view = ref<RulesView | null>(null)
const wrong = ref('')

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
  try {
    view.value = await body(api.PUT('/api/rules', { body: { [key]: given } }))
    wrong.value = ''
  } catch (problem) {
    wrong.value = (problem as Error).message
  }
}
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
      <DevicesBox v-else />
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
