<script setup lang="ts">
import type { OptionView } from '@/api/types'

/** What speaks for an option and against it, a line each. */
defineProps<{ reasons: OptionView['weighs'] }>()
</script>

<template>
  <ul v-if="reasons.length" class="reasons">
    <li v-for="r in reasons" :key="r.words" :class="{ against: !r.speaksFor }">
      <b aria-hidden="true">{{ r.speaksFor ? '+' : '–' }}</b>
      <span
        ><span class="d-sr-only">{{ r.speaksFor ? 'For it:' : 'Against it:' }}</span> {{ r.words }}</span
      >
    </li>
  </ul>
</template>

<style scoped>
.reasons {
  list-style: none;
  padding: 0;
  margin: 6px 0 0;
}
li {
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr);
}
.against {
  color: var(--zb-soft);
}
</style>
