<script setup lang="ts">
import { computed } from 'vue'
import type { UnitView } from '@/api/types'
import { whenInWords } from '@/shared/time'

/** A unit in two lines: where it is, what it is; a third says who was there last and what was left open. */
const props = defineProps<{ unit: UnitView }>()
const visits = computed(() => {
  const v = props.unit.visits
  if (!v) return ''
  const who = v.lastWho ? `, ${v.lastWho}` : ''
  const seen = v.writeUps === 0 ? '' : ` · ${v.writeUps} seen and not done`
  return `last visit ${whenInWords(v.lastAtMillis)}${who}${seen}`
})
</script>

<template>
  <b>{{ unit.site }}, {{ unit.name }}</b>
  <span class="zb-small">
    {{ unit.line }}<template v-if="unit.model"> · {{ unit.model }}</template
    ><template v-if="unit.serial"> · {{ unit.serial }}</template>
  </span>
  <span v-if="visits" class="zb-small">{{ visits }}</span>
</template>
