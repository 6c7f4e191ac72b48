<script setup lang="ts">
import Slice from '@/shared/Slice.vue'
import { useSession } from '@/stores/session'
import { useUi } from '@/stores/ui'
import { useWaiting } from '@/stores/waiting'
import AsOf from './AsOf.vue'
import TimerPlate from './TimerPlate.vue'

/** Name, ways to the other views, what runs down, who works. */
const session = useSession()
const waiting = useWaiting()
const ui = useUi()
</script>

<template>
  <div class="home zb-noprint">
    <router-link to="/calls" class="mark" aria-label="Zest Bench, to the calls">
      <Slice :filled="['READ', 'TEST', 'JUDGE', 'MATCH', 'HOOK_UP', 'PROVE']" :size="32" aria-hidden="true" />
      <span class="zb-name word">Zest Bench</span>
    </router-link>
  </div>
  <div class="ways zb-noprint">
    <nav aria-label="Views" class="row">
      <TimerPlate />
      <AsOf />
      <span v-if="waiting.count" class="zb-plate" role="status">{{ waiting.count }} waiting</span>
      <router-link to="/calls" class="way">Calls</router-link>
      <router-link to="/units" class="way">Units</router-link>
      <router-link to="/truck" class="way">Truck</router-link>
      <router-link to="/rules" class="way">Rules</router-link>
      <button type="button" class="who" @click="ui.isWhoOpen = true">
        <span class="zb-plate">{{ session.who?.name.toUpperCase() }}</span>
      </button>
      <button type="button" class="way ask" aria-label="Keys" @click="ui.areKeysOpen = true">?</button>
    </nav>
  </div>
</template>

<style scoped>
.home,
.ways {
  border-bottom: var(--zb-line);
  background: var(--zb-paper);
  min-width: 0;
}
.home {
  grid-area: home;
  padding: 0 8px 0 16px;
}
.ways {
  grid-area: ways;
  padding: 0 8px;
}
.mark {
  display: flex;
  gap: 10px;
  align-items: center;
  text-decoration: none;
  min-height: 54px;
}
.word {
  font-size: 26px;
  white-space: nowrap;
}
.row {
  display: flex;
  align-items: center;
  justify-content: flex-end;
  gap: 2px;
  min-height: 54px;
}
.way {
  min-height: 48px;
  min-width: 48px;
  padding: 0 8px;
  display: inline-flex;
  align-items: center;
  justify-content: center;
  text-decoration: none;
  font-size: 16px;
  background: none;
  border: 0;
  cursor: pointer;
}
.way.router-link-active {
  font-weight: 700;
  text-decoration: underline;
  text-decoration-thickness: 2px;
  text-underline-offset: 6px;
}
.who {
  background: none;
  border: 0;
  padding: 0 6px;
  min-height: 48px;
  cursor: pointer;
  font-size: 17px;
  max-width: 140px;
  overflow: hidden;
}
.ask {
  font-weight: 700;
}
@media (max-width: 1100px) {
  .word {
    display: none;
  }
}
@media (max-width: 839px) {
  .word {
    display: inline;
  }
  .has-timer .word {
    display: none;
  }
  .way:not(.ask) {
    display: none;
  }
}
</style>
