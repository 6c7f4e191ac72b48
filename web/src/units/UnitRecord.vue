<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRoute } from 'vue-router'
import { api, body } from '@/api/client'
import type { Attribute, Fields, HistoryView, RecordView, VisitView } from '@/api/types'
import { textOf } from '@/bench/fieldText'
import { usePlateAttributes } from '@/shared/useAttributes'
import { dateWords, dayOf } from '@/shared/time'
import VerdictMark from '@/shared/VerdictMark.vue'
import { useSession } from '@/stores/session'
import SiteForm from './SiteForm.vue'
import UnitTrends from './UnitTrends.vue'

/** A unit's own record: its plates with the serial whole, what drifts in it, and what every visit found and left. */
const route = useRoute()
const session = useSession()
const attributes = usePlateAttributes()
const record = ref<RecordView | null>(null)
const visits = ref<VisitView[]>([])
/** Of a visit's account; what was found stands with its parts. */
const OF_VISIT = ['Done', 'As left', 'Advised', 'Temporary until', 'By']
const history = ref<HistoryView | null>(null)
const wrong = ref('')
const plates = computed(() =>
  [
    { title: 'Plate', fields: (record.value?.plate ?? {}) as Fields, photos: photosOf('OUTDOOR') },
    { title: 'Indoor coil', fields: (record.value?.indoorPlate ?? {}) as Fields, photos: photosOf('INDOOR') },
  ].filter((p) => Object.keys(p.fields).length > 0),
)
const standstill = computed(
  () => history.value?.writeUps.filter((w) => history.value?.standstill.includes(w.id)) ?? [],
)

function photosOf(which: 'OUTDOOR' | 'INDOOR') {
  return history.value?.platePhotos.find((p) => p.which === which)?.photos ?? []
}
function words(attribute: Attribute, value: unknown): string {
  if (attribute.type === 'NUMBERS') return (value as number[]).join('/')
  if (attribute.type !== 'ROWS') return textOf(attribute, value)
  return (value as Fields[])
    .map((row) =>
      attribute.rows
        .filter((a) => row[a.name] !== undefined)
        .map((a) => (a.label === a.unit ? '' : `${a.label} `) + `${textOf(a, row[a.name])} ${a.unit}`)
        .join(', '),
    )
    .join('; ')
}
onMounted(async () => {
  const path = { path: { id: Number(route.params.id) } }
  try {
    // shown in one go: what came later would push down what is read already
    ;[record.value, history.value, visits.value] = await Promise.all([
      body(api.GET('/api/units/{id}', { params: path })),
      body(api.GET('/api/units/{id}/history', { params: path })),
      body(api.GET('/api/units/{id}/visits', { params: path })),
    ])
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
      <template v-if="record && attributes.length">
        <p class="zb-printed">{{ dayOf(Date.now()) }} · {{ session.who?.name }}</p>
        <header class="head">
          <div>
            <h1>{{ record.unit.site }}, {{ record.unit.name }}</h1>
            <p class="line">{{ record.unit.line }}</p>
            <p v-for="w in standstill" :key="w.id" class="zb-stands">
              <b class="zb-name">{{ w.flag }}</b> {{ w.what
              }}<template v-if="w.until">, look again {{ dateWords(w.until) }}</template>
              <span class="by">{{ w.who }}, {{ dayOf(w.atMillis) }}</span>
            </p>
          </div>
          <nav class="take" aria-label="To take along">
            <a :href="`/api/units/${record.unit.id}/sticker.pdf`" target="_blank" class="zb-file">Sticker</a>
            <a :href="`/api/units/${record.unit.id}/unit.json`" class="zb-file" download>All of it as JSON</a>
          </nav>
        </header>
        <section class="zb-section" v-if="history?.writeUps.length" aria-labelledby="ups">
          <h2 id="ups">Seen and not done</h2>
          <router-link v-for="w in history.writeUps" :key="w.id" :to="`/calls/${w.callId}`" class="up">
            <b class="zb-name urgency">{{ w.flag }}</b>
            <span
              ><b>{{ w.what }}</b> <span class="zb-soft">{{ w.place }}</span></span
            >
            <span>{{ w.why }}</span>
            <span class="zb-soft seen">seen {{ dayOf(w.atMillis) }}</span>
          </router-link>
        </section>
        <div class="two">
          <div>
            <section class="zb-section" v-for="p in plates" :key="p.title">
              <h2>{{ p.title }}</h2>
              <dl class="zb-facts">
                <template v-for="a in attributes.filter((x) => p.fields[x.name] !== undefined)" :key="a.name">
                  <dt>{{ a.label }}</dt>
                  <dd>
                    {{ words(a, p.fields[a.name])
                    }}<span v-if="a.type !== 'ROWS' && a.unit" class="zb-soft">&nbsp;{{ a.unit }}</span>
                  </dd>
                </template>
              </dl>
              <a
                v-for="name in p.photos"
                :key="name"
                :href="`/api/photos/${name}`"
                target="_blank"
                class="shot"
              >
                <img
                  :src="`/api/photos/${name}`"
                  :alt="`Photo of the ${p.title.toLowerCase()}`"
                  height="120"
                />
              </a>
            </section>
            <SiteForm :key="record.unit.id" :record="record" @kept="record = $event" />
            <p v-if="plates.length === 0" class="zb-note">No plate read yet. The next call asks for it.</p>
          </div>
          <div>
            <UnitTrends v-if="history" :trends="history.trends" />
            <section class="zb-section" v-if="history?.best">
              <h2>At its best, {{ history.best.outdoor }}</h2>
              <dl class="zb-facts">
                <template v-for="f in history.best.figures" :key="f.title">
                  <dt>{{ f.title }}</dt>
                  <dd class="zb-figure">{{ f.best }} {{ f.unit }}</dd>
                </template>
              </dl>
              <p class="zb-soft">kept {{ dayOf(history.best.atMillis) }}</p>
            </section>
            <section class="zb-section" v-if="history?.parts.length">
              <h2>Installed</h2>
              <router-link
                v-for="p in history.parts"
                :key="p.part.place + p.part.title"
                :to="`/calls/${p.part.call}`"
                class="put"
              >
                <b>{{ p.part.title }}</b>
                <span>{{ p.part.asLeft }}{{ p.part.measured ? `, read ${p.part.measured}` : '' }}</span>
                <span class="zb-soft"
                  >{{ p.part.place }}, in for {{ p.age
                  }}{{ p.part.returnDate ? `, stopgap until ${dateWords(p.part.returnDate)}` : ''
                  }}{{
                    p.part.warrantyUntil ? `, warranty until ${dateWords(p.part.warrantyUntil)}` : ''
                  }}</span
                >
              </router-link>
            </section>
            <section class="zb-section" v-if="history?.foundAndLeft.length">
              <h2>As found, as left</h2>
              <table class="zb-table small">
                <tbody>
                  <tr v-for="(f, i) in history.foundAndLeft" :key="i">
                    <td class="zb-soft day">{{ dayOf(f.atMillis) }}</td>
                    <td>
                      <b>{{ f.title }}</b> <span class="zb-soft">{{ f.place }}</span><span class="pair"
                        >{{ f.asFound }} → {{ f.asLeft || 'as found' }}</span
                      >
                    </td>
                    <td class="zb-soft">{{ f.how }}</td>
                  </tr>
                </tbody>
              </table>
            </section>
            <section class="zb-section">
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
                <span
                  v-for="l in v.account.filter((a) => OF_VISIT.includes(a.name))"
                  :key="l.name"
                  class="told"
                >
                  <span class="zb-soft">{{ l.name }}</span> {{ l.text }}
                </span>
              </router-link>
            </section>
            <section class="zb-section">
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
.shot {
  display: inline-block;
  margin: 10px 8px 0 0;
}
.shot img {
  display: block;
  border: var(--zb-line);
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: start;
  gap: 12px;
  flex-wrap: wrap;
}
.line {
  margin: 2px 0 16px;
}
.take {
  margin-bottom: 14px;
  display: flex;
  gap: 12px;
}
.up {
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr) minmax(0, 1fr) 150px;
  gap: 4px 16px;
  padding: 9px 0;
  border-bottom: 1px solid var(--zb-hair);
  text-decoration: none;
  align-items: center;
  min-height: 48px;
}
.urgency {
  font-size: 17px;
  border: var(--zb-line);
  padding: 0 8px;
  justify-self: start;
}
.seen {
  text-align: right;
}
.put {
  display: grid;
  padding: 9px 0;
  border-bottom: 1px solid var(--zb-hair);
  text-decoration: none;
  min-height: 48px;
}
.small {
  font-size: 15px;
}
.day {
  white-space: nowrap;
}
.pair {
  display: block;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.25fr);
  gap: 20px 40px;
  align-items: start;
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
  .up {
    grid-template-columns: 84px minmax(0, 1fr);
  }
  .up > :nth-child(n + 3) {
    grid-column: 2;
    text-align: left;
  }
}
</style>
