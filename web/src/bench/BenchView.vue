<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { STEPS } from '@/api/types'
import { Refused } from '@/api/client'
import { useKeys } from '@/shared/useKeys'
import { useCall } from '@/stores/call'
import { useUi } from '@/stores/ui'
import PartsRail from './PartsRail.vue'
import TapePane from './TapePane.vue'
import WorkSurface from './WorkSurface.vue'

/** The working screen of a call: parts rail, work surface, tape. On a phone one of them at a time. */
const route = useRoute()
const router = useRouter()
const store = useCall()
const ui = useUi()
const wrong = ref('')

async function load() {
  wrong.value = ''
  try {
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
  t: () => {
    ui.pane = 'TAPE'
    document.querySelector<HTMLElement>('[data-tape] button')?.focus()
  },
  Enter: () => document.querySelector<HTMLButtonElement>('[data-action]:not(:disabled)')?.click(),
})
</script>

<template>
  <div v-if="store.call" class="bench" :class="`shows-${ui.pane.toLowerCase()}`">
    <PartsRail class="rail" />
    <WorkSurface class="work" />
    <TapePane class="tape" />
  </div>
  <p v-else class="zb-page" role="status">{{ wrong || 'Opening the call …' }}</p>
</template>

<style scoped>
.bench {
  height: 100%;
  display: grid;
  grid-template-columns: 272px minmax(0, 1fr) 320px;
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
