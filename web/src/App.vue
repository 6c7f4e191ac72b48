<script setup lang="ts">
import { useTitle } from '@vueuse/core'
import { computed, onMounted, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useTheme } from 'vuetify'
import { NoConnection } from '@/api/client'
import { useKeys } from '@/shared/useKeys'
import AccessCode from '@/shell/AccessCode.vue'
import KeysDialog from '@/shell/KeysDialog.vue'
import QuickLine from '@/shell/QuickLine.vue'
import ThumbBar from '@/shell/ThumbBar.vue'
import TopBar from '@/shell/TopBar.vue'
import UndoBar from '@/shell/UndoBar.vue'
import WaitingDialog from '@/shell/WaitingDialog.vue'
import { useFeel, useNight } from '@/shell/useFeel'
import { useFocusBack } from '@/shell/useFocusBack'
import WelcomeView from '@/shell/WelcomeView.vue'
import WhoDialog from '@/shell/WhoDialog.vue'
import { STEPS, type Step } from '@/api/types'
import { useCall } from '@/stores/call'
import { useSession } from '@/stores/session'
import { useTimers } from '@/stores/timers'
import { useUi } from '@/stores/ui'
import { useWaiting } from '@/stores/waiting'

const session = useSession()
const waiting = useWaiting()
const ui = useUi()
const timers = useTimers()
const theme = useTheme()
const route = useRoute()
/** On a phone a call has a strip of its own in place of the bar. */
const isBench = computed(() => /^\/(calls\/\d+|quick)$/.test(route.path))

async function start() {
  try {
    await session.load()
  } catch (problem) {
    if (problem instanceof NoConnection) window.setTimeout(start, 2000)
  }
}
onMounted(() => {
  void start()
  void waiting.load()
})
useFeel()
useFocusBack()
watch(
  useNight(),
  (isNight) => {
    theme.change(isNight ? 'night' : 'paper')
    document.documentElement.classList.toggle('zb-night', isNight)
  },
  { immediate: true },
)
watch(
  () => session.isDoorShut,
  (isShut) => {
    if (!isShut && !session.isLoaded) void start()
  },
)
const titleOf = (step: Step) => STEPS.find((s) => s.step === step)?.title ?? ''
const VIEWS: Record<string, string> = {
  calls: 'Calls',
  units: 'Units',
  truck: 'Truck',
  rules: 'Rules',
  quick: 'Quick check',
}
/** The start page has the box for labels itself. */
const isStart = computed(() => route.path === '/calls')
/** Where one is: step, part and unit on a call, else the view. */
useTitle(
  computed(() => {
    const call = isBench.value ? useCall().call : null
    const at = useCall().place
    const part = useCall().part
    const unit = call?.unit
      ? `${call.unit.site}, ${call.unit.name}`
      : (VIEWS[route.path.split('/')[1] ?? ''] ?? 'Calls')
    const where = !call
      ? ''
      : part && 'step' in at
        ? `${titleOf(at.step)}, ${part.title.toLowerCase()} · `
        : ''
    return `${where}${unit} · Zest Bench`
  }),
)
useKeys({ '/': ui.askQuick, '?': () => (ui.areKeysOpen = true) })
</script>

<template>
  <v-app :class="{ 'left-hand': session.isLeftHand, 'has-timer': timers.first }">
    <AccessCode v-if="session.isDoorShut" @opened="start" />
    <p v-else-if="!session.isLoaded" class="loading zb-soft" role="status">Opening the bench …</p>
    <WelcomeView v-else-if="!session.isReady" />
    <div v-else class="frame" :class="{ bench: isBench }">
      <TopBar />
      <span v-if="isStart" class="quick-over" />
      <QuickLine v-else class="quick-over" :class="{ open: ui.isQuickOpen }" />
      <main class="main"><router-view :key="route.path" /></main>
      <ThumbBar />
      <UndoBar />
    </div>
    <WhoDialog v-model="ui.isWhoOpen" />
    <KeysDialog v-model="ui.areKeysOpen" />
    <WaitingDialog />
  </v-app>
</template>

<style>
.frame {
  height: 100dvh;
  overflow: hidden;
  display: grid;
  grid-template:
    'home quick ways' 56px
    'main main main' minmax(0, 1fr) / auto minmax(0, 1fr) auto;
}
.left-hand .frame {
  grid-template-areas:
    'ways quick home'
    'main main main';
}
.main {
  grid-area: main;
  min-height: 0;
  overflow: hidden;
}
.loading {
  padding: 24px;
}
.quick-over {
  grid-area: quick;
  border-bottom: var(--zb-line);
  padding: 7px 12px 0;
  z-index: 20;
}
@media (max-width: 839px) {
  .frame {
    grid-template:
      'home ways' auto
      'main main' minmax(0, 1fr)
      'thumb thumb' 64px / auto minmax(0, 1fr);
  }
  .left-hand .frame {
    grid-template-areas:
      'ways home'
      'main main'
      'thumb thumb';
  }
  .frame.bench {
    grid-template:
      'main' minmax(0, 1fr)
      'thumb' 64px / minmax(0, 1fr);
  }
  .frame.bench > .home,
  .frame.bench > .ways {
    display: none;
  }
  .quick-over {
    display: none;
    position: fixed;
    inset: 0 0 auto;
    padding: 0;
    border-bottom: 0;
  }
  .quick-over.open {
    display: block;
  }
}
@media (max-width: 839px) and (max-height: 500px) {
  .frame.bench {
    grid-template:
      'main' minmax(0, 1fr)
      'thumb' 46px / minmax(0, 1fr);
  }
}
@media print {
  .frame {
    display: block;
    height: auto;
  }
  .quick-over {
    display: none;
  }
  .main {
    overflow: visible;
  }
}
</style>
