<script setup lang="ts">
import type { JudgedView } from '@/api/types'
import ValueScale from './ValueScale.vue'

/** Where a verdict's figure lies between its limits; nothing where it has none. */
defineProps<{ judged: JudgedView | null | undefined; subject?: string }>()
</script>

<template>
  <ValueScale
    v-if="judged?.scale"
    :scale="judged.scale"
    :low="judged.low"
    :high="judged.high"
    :rated="judged.rated"
    :words="`${subject ?? judged.subject}: ${judged.figure} ${judged.unit}, limits ${judged.low} to ${judged.high}, ${judged.word}`"
  />
</template>
