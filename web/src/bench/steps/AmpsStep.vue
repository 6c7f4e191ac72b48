<script setup lang="ts">
import { computed, ref } from 'vue'
import ActionBar from '@/shared/ActionBar.vue'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import { useCall } from '@/stores/call'
import AmpTrends from '../AmpTrends.vue'
import MotorAmps from '../MotorAmps.vue'
import StartDesk from '../StartDesk.vue'
import { useAmps } from '../useAmps'

/** Running amps of any motor of the unit against what the plate rates it for. */
const store = useCall()
const places = computed(() => store.call?.amps ?? [])
const placeId = ref<string | null>(places.value[0] ? String(places.value[0].placeId) : null)
const what = ref<'running' | 'start'>('running')
const place = computed(() => places.value.find((p) => String(p.placeId) === placeId.value) ?? null)
const at = useAmps(
  () => (place.value ? { placeId: place.value.placeId, name: place.value.place } : null),
  () => place.value?.kind === 'COMPRESSOR',
  () => place.value?.legs ?? [],
)
const { canKeep } = at
const start = ref<{ canKeep: boolean; keep: () => Promise<void> } | null>(null)
const keeps = computed(() => (what.value === 'start' ? (start.value?.canKeep ?? false) : canKeep.value))
const action = computed(() =>
  keeps.value
    ? {
        words: 'Put it on the tape',
        go: () => void (what.value === 'start' ? start.value?.keep() : at.keep()),
      }
    : { words: store.call?.next.text ?? 'Go on', go: () => store.goNext() },
)
</script>

<template>
  <div>
    <div tabindex="0" class="zb-scroll">
      <p v-if="places.length === 0" class="zb-note">
        A quick check has no unit: write it in the quick line, as amps fan 1.7 of 1.9.
      </p>
      <template v-else>
        <ChoiceButtons
          v-model="placeId"
          class="which"
          label="Which motor"
          is-hidden-label
          :choices="places.map((p) => ({ value: String(p.placeId), words: p.place }))"
        />
        <template v-if="place">
          <ChoiceButtons
            v-model="what"
            class="which"
            label="What is read"
            is-hidden-label
            :choices="[
              { value: 'running', words: 'Running' },
              { value: 'start', words: 'The start' },
            ]"
          />
          <StartDesk
            v-if="what === 'start'"
            ref="start"
            :key="`start ${place.placeId}`"
            :place-id="place.placeId"
            :place="place.place"
            :known="place.start"
          />
          <MotorAmps
            v-else
            :key="place.placeId"
            :at="at"
            :rating="place.rating"
            :locked-rotor="place.lockedRotorAmps"
            :known="place.readings"
          />
          <AmpTrends :place="place.place" />
        </template>
      </template>
    </div>
    <ActionBar :words="action.words" :is-off="!store.isWorking" :keeps="keeps" @act="action.go" />
  </div>
</template>

<style scoped>
.which {
  margin-bottom: 10px;
}
</style>
