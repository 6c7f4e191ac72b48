<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRoute } from 'vue-router'
import { api, body } from '@/api/client'
import type { Attribute, Fields, RecordView, VisitView } from '@/api/types'
import { textOf } from '@/bench/fieldText'
import { usePlateAttributes } from '@/shared/useAttributes'
import { dayOf } from '@/shared/time'
import VerdictMark from '@/shared/VerdictMark.vue'

/** A unit's own record: its plates with the serial whole, its places, and what every visit found. */
const route = useRoute()
const attributes = usePlateAttributes()
const record = ref<RecordView | null>(null)
const visits = ref<VisitView[]>([])
const wrong = ref('')
const plates = computed(() =>
  [
    { title: 'Plate', fields: (record.value?.plate ?? {}) as Fields },
    { title: 'Indoor coil', fields: (record.value?.indoorPlate ?? {}) as Fields },
  ].filter((p) => Object.keys(p.fields).length > 0),
)

function words(attribute: Attribute, value: unknown): string {
  if (attribute.type === 'NUMBERS') return (value as number[]).join('/')
  if (attribute.type !== 'ROWS') return textOf(attribute, value)
  return (value as Fields[])
    .map((row) =>
      attribute.rows
        .filter((a) => row[a.name] !== undefined)
        .map((a) => (a.label === a.unit ? `${row[a.name]} ${a.unit}` : `${a.label} ${row[a.name]} ${a.unit}`))
        .join(', '),
    )
    .join('; ')
}
onMounted(async () => {
  const path = { path: { id: Number(route.params.id) } }
  try {
    record.value = await body(api.GET('/api/units/{id}', { params: path }))
    visits.value = await body(api.GET('/api/units/{id}/visits', { params: path }))
  } catch (problem) {
    wrong.value = (problem as Error).message
  }
})
</script>

<template>
  <div class="zb-page">
    <div class="zb-page-inner">
      <p v-if="wrong" role="alert">
        <b>{{ wrong }}</b>
      </p>
      <template v-if="record">
        <h1>{{ record.unit.site }}, {{ record.unit.name }}</h1>
        <p class="line">{{ record.unit.line }}</p>
        <div class="two">
          <div>
            <section v-for="p in plates" :key="p.title">
              <h2>{{ p.title }}</h2>
              <dl class="plate">
                <template v-for="a in attributes.filter((x) => p.fields[x.name] !== undefined)" :key="a.name">
                  <dt>{{ a.label }}</dt>
                  <dd>
                    {{ words(a, p.fields[a.name])
                    }}<span v-if="a.type !== 'ROWS' && a.unit" class="zb-soft">&nbsp;{{ a.unit }}</span>
                  </dd>
                </template>
              </dl>
            </section>
            <p v-if="plates.length === 0" class="zb-note">No plate read yet. The next call asks for it.</p>
          </div>
          <div>
            <section>
              <h2>Visits</h2>
              <p v-if="visits.length === 0" class="zb-note">No visit yet.</p>
              <router-link v-for="v in visits" :key="v.callId" :to="`/calls/${v.callId}`" class="visit">
                <span class="when">
                  <b>{{ dayOf(v.openedAtMillis) }}</b>
                  <span>{{ v.complaint }}</span>
                  <span v-if="v.status !== 'CLOSED'" class="zb-name">{{ v.status }}</span>
                </span>
                <span v-for="part in v.parts" :key="part.title + part.place" class="part">
                  <VerdictMark
                    v-if="part.verdict"
                    :verdict="part.verdict"
                    :word="part.verdict.replace('_', ' ')"
                  />
                  <span>{{ part.readings.join(', ') || part.title }}</span>
                  <span class="zb-soft">{{ part.rating }}</span>
                  <span v-if="part.how" class="zb-soft">{{ part.how }}</span>
                </span>
              </router-link>
            </section>
            <section>
              <h2>Places</h2>
              <ul class="places">
                <li v-for="p in record.unit.places" :key="p.id">
                  {{ p.name }} <span v-if="p.serves" class="zb-soft">for {{ p.serves }}</span>
                </li>
              </ul>
            </section>
          </div>
        </div>
      </template>
    </div>
  </div>
</template>

<style scoped>
.line {
  margin: 2px 0 16px;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.25fr);
  gap: 20px 40px;
  align-items: start;
}
section {
  margin-bottom: 24px;
}
h2 {
  font-size: 19px;
  border-bottom: var(--zb-line);
  padding-bottom: 4px;
}
.plate {
  margin: 0;
  display: grid;
  grid-template-columns: minmax(120px, auto) minmax(0, 1fr);
}
.plate dt,
.plate dd {
  margin: 0;
  padding: 7px 0;
  border-bottom: 1px solid var(--zb-hair);
  overflow-wrap: anywhere;
}
.plate dt {
  padding-right: 16px;
  color: var(--zb-soft);
  font-size: 15px;
}
.plate dd {
  font-weight: 600;
}
.visit {
  display: grid;
  gap: 4px;
  padding: 9px 0;
  border-bottom: 1px solid var(--zb-hair);
  text-decoration: none;
  min-height: 48px;
}
.when {
  display: flex;
  gap: 12px;
  flex-wrap: wrap;
}
.part {
  display: flex;
  gap: 4px 12px;
  flex-wrap: wrap;
  align-items: center;
}
.places {
  margin: 0;
  padding: 0;
  list-style: none;
}
.places li {
  padding: 6px 0;
  border-bottom: 1px solid var(--zb-hair);
}
@media (max-width: 839px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
