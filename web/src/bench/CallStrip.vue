<script setup lang="ts">
import { computed } from 'vue'
import { useCall } from '@/stores/call'
import { useSession } from '@/stores/session'
import { useTimers } from '@/stores/timers'
import { useUi } from '@/stores/ui'
import TimerPlate from '@/shell/TimerPlate.vue'

/** On a phone: which call one is in, the way back, what runs down, who works. */
const store = useCall()
const session = useSession()
const timers = useTimers()
const ui = useUi()
const name = computed(() =>
  store.call?.unit ? `${store.call.unit.site}, ${store.call.unit.name}` : 'Quick check',
)
</script>

<template>
  <header class="strip zb-noprint">
    <router-link to="/calls" class="back">‹ Calls</router-link>
    <span class="name">{{ name }}</span>
    <TimerPlate v-if="timers.first" />
    <button
      v-else
      type="button"
      class="who zb-bare"
      aria-label="Who works, night, left hand"
      @click="ui.isWhoOpen = true"
    >
      <span class="zb-plate">{{ session.who?.name.toUpperCase() }}</span>
    </button>
  </header>
</template>

<style scoped>
.strip {
  display: none;
}
@media (max-width: 839px) {
  .strip {
    display: flex;
    align-items: center;
    height: 48px;
    border-bottom: var(--zb-line);
    background: var(--zb-paper);
    min-width: 0;
  }
}
@media (max-height: 500px) {
  .strip {
    height: 44px;
  }
}
.left-hand .strip {
  flex-direction: row-reverse;
}
.back {
  min-height: 48px;
  padding: 0 12px;
  display: inline-flex;
  align-items: center;
  text-decoration: none;
  font-weight: 600;
  border-right: 1px solid var(--zb-hair);
  white-space: nowrap;
}
.name {
  flex: 1;
  min-width: 0;
  padding: 0 10px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.who {
  min-height: 48px;
  padding: 0 10px;
}
</style>
