<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Fields } from '@/api/types'
import AmpTrends from '@/bench/AmpTrends.vue'
import ClosePart from '@/bench/ClosePart.vue'
import LookButtons from '@/bench/LookButtons.vue'
import MotorAmps from '@/bench/MotorAmps.vue'
import { useAmps } from '@/bench/useAmps'
import { useTestAction } from '@/bench/useTestAction'
import { useWindings } from '@/bench/useWindings'
import WindingsDesk from '@/bench/WindingsDesk.vue'
import ActionBar from '@/shared/ActionBar.vue'
import PageTabs from '@/shared/PageTabs.vue'
import { useCall } from '@/stores/call'
import BeltDesk from './BeltDesk.vue'

/** A motor is turned by hand, its windings read, its amps taken where it still runs. */
const store = useCall()
const part = computed(() => store.part)
type Page = 'LOOK' | 'WINDINGS' | 'AMPS' | 'BELT'
/** Where a test that is asked for is done. */
const PAGES: Readonly<Record<string, Page>> = { SHAFT: 'LOOK', WINDINGS: 'WINDINGS' }
const page = ref<Page>(PAGES[part.value?.test.test ?? ''] ?? 'WINDINGS')
const isBelt = computed(() => (part.value?.fields as Fields | undefined)?.drive === 'BELT')
const pages = computed<{ value: Page; words: string }[]>(() => [
  { value: 'LOOK', words: part.value?.looks.some((l) => l.key === 'SHAFT') ? 'By hand' : 'Seen and heard' },
  { value: 'WINDINGS', words: 'Windings' },
  { value: 'AMPS', words: 'Amps' },
  ...(isBelt.value ? [{ value: 'BELT', words: 'Belt' } as const] : []),
])
const name = computed(() => part.value?.place ?? '')
const which = () => (part.value ? { part: part.value.id, name: name.value } : null)
const windings = useWindings(
  which,
  () => store.call?.windings.find((w) => w.place === part.value?.place) ?? null,
)
const amps = useAmps(
  which,
  () => false,
  () => store.call?.amps.find((a) => a.place === part.value?.place)?.legs ?? [],
)
amps.speed.value = part.value?.speeds[0]?.name ?? ''
const belt = ref<InstanceType<typeof BeltDesk> | null>(null)
const { isEnough } = windings
const { canKeep } = amps
const plateRating = computed(() => store.call?.amps.find((a) => a.place === part.value?.place)?.rating ?? '')

const { action: follows, closing } = useTestAction()
const action = computed(() => {
  const p = part.value
  if (!p) return { words: '', go: () => {} }
  if (page.value === 'WINDINGS' && isEnough.value)
    return { words: 'Put the windings on the tape', go: () => void windings.keep() }
  if (page.value === 'AMPS' && canKeep.value)
    return { words: 'Put the amps on the tape', go: () => void amps.keep() }
  if (page.value === 'BELT') {
    return {
      words: belt.value?.words ?? '',
      go: belt.value?.canKeep ? () => void belt.value?.keep() : null,
    }
  }
  const asked = p.test.test ? PAGES[p.test.test] : undefined
  if (asked === undefined) return follows.value
  return { words: p.test.words, go: asked === page.value ? null : () => (page.value = asked) }
})
</script>

<template>
  <div v-if="part">
    <PageTabs v-model="page" :pages="pages" label="Tests of the motor" />
    <div tabindex="0" class="zb-scroll">
      <LookButtons v-if="page === 'LOOK'" />
      <WindingsDesk v-else-if="page === 'WINDINGS'" :at="windings" />
      <template v-else-if="page === 'AMPS'">
        <MotorAmps
          :at="amps"
          :rating="plateRating"
          :speeds="part.speeds"
          :known="part.readings.filter((r) => r.unit !== 'Ω' && r.unit !== 'MΩ')"
        />
        <AmpTrends :place="part.place" />
      </template>
      <BeltDesk v-else ref="belt" />
    </div>
    <ActionBar
      :words="action.words"
      :is-off="!action.go || !store.isWorking"
      :keeps="(page === 'WINDINGS' && isEnough) || (page === 'AMPS' && canKeep) || page === 'BELT'"
      @act="action.go?.()"
    />
    <ClosePart v-model="closing" />
  </div>
</template>
