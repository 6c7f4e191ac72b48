<script setup lang="ts">
import { computed } from 'vue'
import type { JudgedView } from '@/api/types'
import ValueScale from './ValueScale.vue'

/** Where a verdict's figure lies between its limits; where it has none nothing, or the bare axis. */
const props = defineProps<{
  judged: JudgedView | null | undefined
  subject: string
  keepsAxis?: boolean
}>()
const words = computed(() =>
  props.judged
    ? `${props.subject}: ${props.judged.figure} ${props.judged.unit}, limits ${props.judged.low} to ${props.judged.high}, ${props.judged.word}`
    : `${props.subject}: not read yet`,
)
</script>

<template>
  <ValueScale
    v-if="judged?.scale || keepsAxis"
    :scale="judged?.scale"
    :low="judged?.low ?? ''"
    :high="judged?.high ?? ''"
    :rated="judged?.rated ?? ''"
    :words="words"
  />
</template>
