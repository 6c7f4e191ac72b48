<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, body } from '@/api/client'
import type { RecordView } from '@/api/types'
import BothValues from '@/shared/BothValues.vue'
import LabelledField from '@/shared/LabelledField.vue'
import { dayOf } from '@/shared/time'
import { useClash } from '@/shared/useClash'

/** How high the site lies, which moves the zero of a gauge, and until when whose warranty runs. */
const props = defineProps<{ record: RecordView }>()
const emit = defineEmits<{ kept: [record: RecordView] }>()
const isOpen = ref(false)
const { clash, wrong, attempt, settle } = useClash<RecordView['site']>((now) => now.version)
const altitude = ref(String(props.record.site.altitudeFeet))
const { parts, compressor, labour } = props.record.site.warranty
const dates = ref({ parts: parts ?? '', compressor: compressor ?? '', labour: labour ?? '' })
const DATES = [
  { key: 'parts', title: 'Parts' },
  { key: 'compressor', title: 'Compressor' },
  { key: 'labour', title: 'Labour' },
] as const

const asDay = (date: string | undefined) => (date ? dayOf(Date.parse(`${date}T12:00:00`)) : 'not known')
async function keep() {
  const given = Object.fromEntries(Object.entries(dates.value).filter(([, date]) => date !== ''))
  await attempt(props.record.site.version, async (version) => {
    const record = await body(
      api.PUT('/api/units/{id}/site', {
        params: { path: { id: props.record.unit.id } },
        body: { altitudeFeet: Number(altitude.value || 0), ...given, version },
      }),
    )
    emit('kept', record)
    isOpen.value = false
  })
}
function leave() {
  if (clash.value) emit('kept', { ...props.record, site: clash.value.now })
  settle()
  isOpen.value = false
}
type Site = Pick<RecordView['site'], 'altitudeFeet' | 'warranty'>
/** What one says of a site that the other does not. */
function inWords(one: Site, other: Site) {
  const dates = DATES.filter((d) => (one.warranty[d.key] || '') !== (other.warranty[d.key] || '')).map(
    (d) => `${d.title} ${asDay(one.warranty[d.key] || undefined)}`,
  )
  return [...(one.altitudeFeet === other.altitudeFeet ? [] : [`${one.altitudeFeet} ft`]), ...dates].join(', ')
}
const typed = computed<Site>(() => ({ altitudeFeet: Number(altitude.value || 0), warranty: dates.value }))
</script>

<template>
  <section class="zb-section">
    <h2>Site and warranty</h2>
    <template v-if="!isOpen">
      <dl class="zb-facts">
        <dt>Elevation</dt>
        <dd>{{ record.site.altitudeFeet }} ft</dd>
        <template v-for="d in DATES" :key="d.key">
          <dt>{{ d.title }} until</dt>
          <dd>{{ asDay(record.site.warranty[d.key]) }}</dd>
        </template>
      </dl>
      <v-btn class="open" height="48" @click="isOpen = true">Change</v-btn>
    </template>
    <form v-else class="form" @submit.prevent="keep">
      <LabelledField v-model="altitude" label="Elevation, ft" kind="number" has-no-wrong-line />
      <LabelledField
        v-for="d in DATES"
        :key="d.key"
        v-model="dates[d.key]"
        :label="`${d.title} until`"
        kind="date"
        has-no-wrong-line
      />
      <p class="zb-wrong" role="alert">{{ wrong }}</p>
      <BothValues
        v-if="clash"
        :words="clash.words"
        :now="inWords(clash.now, typed)"
        :given="inWords(typed, clash.now)"
        @leave="leave"
        @insist="clash.insist"
      />
      <v-btn type="submit" color="primary" variant="flat" height="48">Keep</v-btn>
    </form>
  </section>
</template>

<style scoped>
.open,
.form {
  margin-top: 10px;
}
.form {
  display: grid;
  gap: 10px;
}
</style>
