<script setup lang="ts">
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
import WaitingDialog from '@/shell/WaitingDialog.vue'
import WelcomeView from '@/shell/WelcomeView.vue'
import WhoDialog from '@/shell/WhoDialog.vue'
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
/** On a phone the work takes the whole height; the other zones keep the bar. */
const isWork = computed(() => ui.pane === 'WORK' && /^\/(calls\/\d+|quick)$/.test(route.path))

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
watch(
  () => session.isNight,
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
useKeys({ '/': ui.askQuick, '?': () => (ui.areKeysOpen = true) })
</script>

<template>
  <v-app :class="{ 'left-hand': session.isLeftHand, 'has-timer': timers.first }">
    <AccessCode v-if="session.isDoorShut" @opened="start" />
    <p v-else-if="!session.isLoaded" class="loading zb-soft" role="status">Opening the bench …</p>
    <WelcomeView v-else-if="!session.isReady" />
    <div v-else class="frame" :class="{ work: isWork }">
      <TopBar />
      <QuickLine class="quick-over" :class="{ open: ui.isQuickOpen }" />
      <main class="main"><router-view :key="route.path" /></main>
      <ThumbBar />
    </div>
    <WhoDialog v-model="ui.isWhoOpen" />
    <KeysDialog v-model="ui.areKeysOpen" />
    <WaitingDialog />
  </v-app>
</template>

<style>
.frame {
  height: 100dvh;
  display: grid;
  grid-template: 56px minmax(0, 1fr) / minmax(0, 1fr);
}
.main {
  min-height: 0;
  overflow: hidden;
}
.loading {
  padding: 24px;
}
.quick-over {
  position: fixed;
  top: 8px;
  left: 288px;
  width: min(640px, calc(100vw - 288px - 370px));
  z-index: 20;
}
.has-timer .quick-over {
  width: min(640px, calc(100vw - 288px - 530px));
}
.left-hand .quick-over {
  left: auto;
  right: 288px;
}
@media (max-width: 1100px) {
  .quick-over,
  .has-timer .quick-over {
    left: 170px;
    width: calc(100vw - 170px - 350px);
  }
}
@media (max-width: 839px) {
  .frame {
    grid-template-rows: auto minmax(0, 1fr) 64px;
  }
  .frame.work {
    grid-template-rows: minmax(0, 1fr) 64px;
  }
  .frame.work > header {
    display: none;
  }
  .quick-over {
    display: none;
    left: 0;
    right: 0;
    top: 0;
    width: 100vw !important;
  }
  .quick-over.open {
    display: block;
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
