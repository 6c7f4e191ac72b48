<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { useTimers } from '@/stores/timers'

/** What is due next, on every view; it leads to its call, and says whose it is where one is elsewhere. */
const timers = useTimers()
const route = useRoute()
const isElsewhere = computed(() => timers.first && !route.path.endsWith(`/${timers.first.callId}`))
</script>

<template>
  <span v-if="timers.first" class="plate">
    <router-link :to="`/calls/${timers.first.callId}`" class="timer zb-plate">
      <span role="timer">{{ timers.first.title }} {{ timers.first.left }}</span>
      <span v-if="isElsewhere && timers.first.unit" class="unit">{{ timers.first.unit }}</span>
    </router-link>
    <button
      v-if="timers.first.left === 'now'"
      type="button"
      class="gone zb-bare"
      :aria-label="`Take ${timers.first.title} off the bar`"
      @click="timers.dismiss"
    >
      ✕
    </button>
  </span>
</template>

<style scoped>
.plate {
  display: inline-flex;
  align-items: center;
  margin-right: 8px;
  min-width: 0;
}
.timer {
  text-decoration: none;
  background: var(--zb-lemon);
  color: var(--zb-on-lemon);
  font-size: 17px;
  line-height: 1.15;
  padding: 2px 8px;
  min-height: 44px;
  display: inline-grid;
  align-content: center;
  min-width: 0;
}
.unit {
  font-size: 14px;
  max-width: 180px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.gone {
  min-width: 48px;
  min-height: 48px;
  text-align: center;
}
</style>
