<script setup lang="ts">
import { computed } from 'vue'
import { useColours } from './useColours'

/** A wire's colour with its tracer; the name always stands beside it. */
const props = defineProps<{ colour: string; tracer?: string }>()
const { cssOf } = useColours()
const base = computed(() => cssOf(props.colour))
const stripe = computed(() => (props.tracer ? cssOf(props.tracer) : null))
</script>

<template>
  <svg width="28" height="16" viewBox="0 0 28 16" aria-hidden="true" class="swatch">
    <rect x="1" y="1" width="26" height="14" :fill="base" stroke="var(--zb-ink)" stroke-width="2" />
    <path v-if="stripe" d="M4 8h20" :stroke="stripe" stroke-width="4" stroke-dasharray="5 3" />
    <path v-if="!colour" d="M5 12L23 4" stroke="var(--zb-soft)" stroke-width="1.5" />
  </svg>
</template>

<style scoped>
.swatch {
  flex: none;
  display: block;
}
</style>
