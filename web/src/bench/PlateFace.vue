<script setup lang="ts">
import { computed } from 'vue'
import type { Fields } from '@/api/types'

/** The figures of a plate that are asked for all day, as they stand on it, to be read at arm's length. */
const props = defineProps<{ fields: Fields }>()
interface Cell {
  name: string
  value: string
  unit: string
}
const rows = (name: string) => (props.fields[name] as Fields[] | undefined) ?? []
const joined = (value: unknown) => (Array.isArray(value) ? value.join('/') : String(value))

const cells = computed<Cell[]>(() => {
  const f = props.fields
  const out: Cell[] = []
  const add = (name: string, value: unknown, unit: string) => {
    if (value !== undefined && value !== '') out.push({ name, value: joined(value), unit })
  }
  const of = (list: readonly Fields[], title: string, members: readonly [string, string][]) =>
    list.forEach((row, i) => {
      const at = list.length > 1 ? ` ${i + 1}` : ''
      members.forEach(([member, words]) => add(`${title}${at} ${words}`, row[member], 'A'))
    })
  add('VOLTS', f.volts, 'V')
  add('PHASE', f.phase, '')
  of(rows('compressors'), 'COMPR', [
    ['ratedLoadAmps', 'RLA'],
    ['lockedRotorAmps', 'LRA'],
  ])
  of(rows('outdoorFans'), 'FAN', [['fullLoadAmps', 'FLA']])
  of(rows('indoorFans'), 'BLOWER', [['fullLoadAmps', 'FLA']])
  add('HEAT', f.heaterKilowatts, 'kW')
  add('HEAT', f.heaterAmps, 'A')
  add('MCA', f.minimumCircuitAmps, 'A')
  add('MAX FUSE', f.maximumFuseAmps, 'A')
  if (f.maximumBreakerAmps !== f.maximumFuseAmps) add('MAX BREAKER', f.maximumBreakerAmps, 'A')
  if (f.minVolts !== undefined && f.maxVolts !== undefined)
    add('ALLOWED', `${String(f.minVolts)}–${String(f.maxVolts)}`, 'V')
  add('REFRIGERANT', f.refrigerant, '')
  return out
})
const heading = computed(() =>
  [
    ['MODEL', props.fields.model],
    ['SERIAL', props.fields.serial],
    ['MADE', props.fields.manufactured],
  ].filter(([, value]) => value !== undefined),
)
</script>

<template>
  <div v-if="cells.length" class="plate-face">
    <p v-if="heading.length" class="zb-name heading">
      <span v-for="[name, value] in heading" :key="String(name)"
        ><span class="key">{{ name }}</span> {{ value }}</span
      >
    </p>
    <dl>
      <div v-for="c in cells" :key="c.name + c.unit" class="cell">
        <dt class="zb-name">{{ c.name }}</dt>
        <dd>
          <span class="zb-figure">{{ c.value }}</span> <span class="unit">{{ c.unit }}</span>
        </dd>
      </div>
    </dl>
  </div>
</template>

<style scoped>
.plate-face {
  border: var(--zb-line);
  background: var(--zb-sheet);
  margin-bottom: 12px;
}
.heading {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 24px;
  padding: 6px 14px;
  border-bottom: var(--zb-line);
  font-size: 18px;
}
.key {
  font-weight: 500;
  color: var(--zb-soft);
}
dl {
  margin: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(140px, 1fr));
}
.cell {
  padding: 6px 8px 8px 14px;
  border-right: 1px solid var(--zb-hair);
  border-bottom: 1px solid var(--zb-hair);
  margin: 0 -1px -1px 0;
}
dl {
  overflow: hidden;
}
dt {
  font-size: 15px;
  color: var(--zb-soft);
}
dd {
  margin: 0;
  font-size: 24px;
  line-height: 1.15;
  white-space: nowrap;
}
.unit {
  font-size: 16px;
  color: var(--zb-soft);
}
</style>
