<script setup lang="ts">
import type { UnitView } from '@/api/types'

/** A unit in two lines: where it is, what it is. */
defineProps<{ unit: UnitView }>()
</script>

<template>
  <b>{{ unit.site }}, {{ unit.name }}</b>
  <span class="zb-small">
    {{ unit.line }}<template v-if="unit.model"> · {{ unit.model }}</template
    ><template v-if="unit.serial"> · {{ unit.serial }}</template>
  </span>
</template>
