<script setup lang="ts">
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { STEPS } from '@/api/types'
import { Refused } from '@/api/client'
import { useKeys } from '@/shared/useKeys'
import { useCall } from '@/stores/call'
import { useUi } from '@/stores/ui'
import CallStrip from './CallStrip.vue'
import PartsRail from './PartsRail.vue'
import TapePane from './TapePane.vue'
import WorkSurface from './WorkSurface.vue'

/** The working screen of a call: parts rail, work surface, tape. On a phone one of them at a time. */
const route = useRoute()
const router = useRouter()
const store = useCall()
const ui = useUi()
const wrong = ref('')
/** Where the work needs the width the tape is a spine, opened over the work. */
const isWide = computed(() => store.step === 'MATCH' || store.step === 'HOOK_UP')
watch(
  () => store.place,
  () => (ui.isTapeOpen = false),
)

async function load() {
  wrong.value = ''
  try {
    if (ui.keepsPlace && store.call) {
      ui.keepsPlace = false
      return
    }
    if (route.path === '/quick') await store.openQuickCheck()
    else await store.open(Number(route.params.id))
  } catch (problem) {
    if (problem instanceof Refused && problem.status === 404) {
      void router.replace('/calls')
      return
    }
    wrong.value = (problem as Error).message
    window.setTimeout(() => void load(), 4000)
  }
}
onMounted(() => {
  ui.pane = 'WORK'
  void load()
})

const steps = Object.fromEntries(
  STEPS.flatMap(({ step }, i) => [
    [String(i + 1), () => store.goStep(step)],
    [`Alt+${i + 1}`, () => store.goStep(step)],
  ]),
)
useKeys({
  ...steps,
  '[': () => store.goPart(-1),
  ']': () => store.goPart(1),
  t: async () => {
    ui.pane = 'TAPE'
    ui.isTapeOpen = !ui.isTapeOpen
    await nextTick()
    document.querySelector<HTMLElement>('[data-tape] button')?.focus()
  },
  Enter: () => document.querySelector<HTMLButtonElement>('[data-action]:not(:disabled)')?.click(),
})
</script>

<template>
  <div v-if="store.call" class="whole">
    <CallStrip />
    <div class="bench" :class="[`shows-${ui.pane.toLowerCase()}`, { spine: isWide, over: ui.isTapeOpen }]">
      <PartsRail class="rail" />
      <WorkSurface class="work" />
      <TapePane class="tape" :is-spine="isWide && !ui.isTapeOpen" />
    </div>
  </div>
  <p v-else class="zb-page" role="status">{{ wrong || 'Opening the call …' }}</p>
</template>

<style scoped>
.whole {
  height: 100%;
  display: flex;
  flex-direction: column;
}
.bench {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: 272px minmax(0, 1fr) 320px;
}
@media (min-width: 840px) {
  .bench.spine {
    grid-template-columns: 272px minmax(0, 1fr) 56px;
    position: relative;
  }
  .bench.spine.over .tape {
    position: absolute;
    inset: 0 0 0 auto;
    width: 320px;
    z-index: 5;
  }
  .left-hand .bench.spine.over .tape {
    inset: 0 auto 0 0;
  }
}
.rail {
  border-right: var(--zb-line);
}
.tape {
  border-left: 2px dashed var(--zb-ink);
  background: var(--zb-sheet);
}
.left-hand .bench {
  direction: rtl;
}
.left-hand .bench > * {
  direction: ltr;
}
.left-hand .rail {
  border-right: 0;
  border-left: var(--zb-line);
}
.left-hand .tape {
  border-left: 0;
  border-right: 2px dashed var(--zb-ink);
}
@media (max-width: 1100px) {
  .bench {
    grid-template-columns: 232px minmax(0, 1fr) 264px;
  }
}
@media (min-width: 840px) and (max-width: 1100px) {
  .bench.spine {
    grid-template-columns: 232px minmax(0, 1fr) 56px;
  }
}
@media (max-width: 839px) {
  .bench {
    grid-template-columns: minmax(0, 1fr);
  }
  .rail,
  .work,
  .tape {
    display: none;
    border: 0 !important;
  }
  .shows-parts .rail,
  .shows-work .work,
  .shows-tape .tape {
    display: flex;
  }
}
@media print {
  .bench {
    display: block;
    height: auto;
  }
  .rail,
  .tape {
    display: none;
  }
}
</style>
