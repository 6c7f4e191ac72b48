<script setup lang="ts">
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useUi, type Pane } from '@/stores/ui'

/** On a phone: the zones of the bench, or the views, within reach of the thumb. */
const ui = useUi()
const route = useRoute()
const router = useRouter()

const isBench = computed(() => route.path === '/quick' || /^\/calls\/\d+/.test(route.path))
const PANES: readonly { pane: Pane; words: string }[] = [
  { pane: 'PARTS', words: 'Parts' },
  { pane: 'WORK', words: 'Work' },
  { pane: 'TAPE', words: 'Tape' },
]
const VIEWS = [
  { path: '/calls', words: 'Calls' },
  { path: '/units', words: 'Units' },
  { path: '/truck', words: 'Truck' },
  { path: '/rules', words: 'Rules' },
]
</script>

<template>
  <nav class="thumb zb-noprint" :aria-label="isBench ? 'Zones' : 'Main views'">
    <template v-if="isBench">
      <button
        v-for="p in PANES"
        :key="p.pane"
        type="button"
        class="zone"
        :class="{ on: ui.pane === p.pane }"
        :aria-pressed="ui.pane === p.pane"
        @click="ui.pane = p.pane"
      >
        {{ p.words }}
      </button>
    </template>
    <template v-else>
      <button
        v-for="v in VIEWS"
        :key="v.path"
        type="button"
        class="zone"
        :class="{ on: route.path.startsWith(v.path) }"
        @click="router.push(v.path)"
      >
        {{ v.words }}
      </button>
    </template>
    <button type="button" class="slash" aria-label="Quick line: type a label" @click="ui.askQuick()">
      / <span class="say">Label</span>
    </button>
  </nav>
</template>

<style scoped>
.thumb {
  display: none;
}
.say {
  font-family: var(--zb-text);
  font-size: 17px;
}
@media (max-width: 839px) {
  .thumb {
    grid-area: thumb;
    display: flex;
    border-top: var(--zb-line);
    background: var(--zb-paper);
  }
  .left-hand .thumb {
    direction: rtl;
  }
  .zone,
  .slash {
    border: 0;
    background: none;
    cursor: pointer;
    min-height: 62px;
    border-top: 6px solid transparent;
    padding-bottom: 6px;
    direction: ltr;
  }
  .zone {
    flex: 1;
  }
  .on {
    font-weight: 700;
    border-top-color: var(--zb-ink);
  }
  .slash {
    flex: 0 0 104px;
    display: inline-flex;
    align-items: center;
    justify-content: center;
    gap: 8px;
    background: var(--zb-lemon);
    color: var(--zb-on-lemon);
    border: 0;
    border-inline-start: var(--zb-line);
    font-family: var(--zb-figures);
    font-size: 28px;
    font-weight: 700;
  }
}
@media (max-width: 839px) and (max-height: 500px) {
  .zone,
  .slash {
    min-height: 42px;
    padding-bottom: 2px;
    border-top-width: 4px;
  }
}
</style>
