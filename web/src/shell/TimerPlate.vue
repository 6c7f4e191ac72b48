<script setup lang="ts">
import { useTimers } from '@/stores/timers'

/** What is due next, on every view; it leads to its call. */
const timers = useTimers()
</script>

<template>
  <router-link v-if="timers.first" :to="`/calls/${timers.first.callId}`" class="timer zb-plate" role="timer">
    {{ timers.first.title }} {{ timers.first.left }}
  </router-link>
</template>

<style scoped>
.timer {
  text-decoration: none;
  background: var(--zb-lemon);
  color: var(--zb-on-lemon);
  font-size: 17px;
  padding: 2px 8px;
  margin-right: 8px;
}
</style>
