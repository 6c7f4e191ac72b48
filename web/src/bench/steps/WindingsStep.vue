<script setup lang="ts">
import { computed, ref } from 'vue'
import ActionBar from '@/shared/ActionBar.vue'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import { useCall } from '@/stores/call'
import { useWindings } from '../useWindings'
import WindingsDesk from '../WindingsDesk.vue'

/** Windings of any motor of the unit, compressors first. */
const store = useCall()
const places = computed(() => store.call?.windings ?? [])
const placeId = ref<string | null>(places.value[0] ? String(places.value[0].placeId) : null)
const place = computed(() => places.value.find((p) => String(p.placeId) === placeId.value) ?? null)
const at = useWindings(
  () => (place.value ? { placeId: place.value.placeId, name: place.value.place } : null),
  () => place.value,
)
const { isEnough, read, sets } = at
/** Where a STOP asks for every load to ground: the next one that was not read so. */
const toGround = computed(() =>
  store.stop?.demand === 'LOADS_TO_GROUND' ? places.value.find((p) => !p.isReadToGround) : undefined,
)
const action = computed(() => {
  if (isEnough.value) return { words: 'Put it on the tape', go: () => void at.keep() }
  const load = toGround.value
  if (load)
    return {
      words: `Read to ground: ${load.place.toLowerCase()}`,
      go: load.placeId === place.value?.placeId ? null : () => (placeId.value = String(load.placeId)),
    }
  return { words: store.call?.next.text ?? 'Go on', go: () => store.goNext() }
})
</script>

<template>
  <div>
    <div tabindex="0" class="zb-scroll">
      <p v-if="places.length === 0" class="zb-note">A quick check has no unit with motors.</p>
      <template v-else>
        <ChoiceButtons
          v-model="placeId"
          class="which"
          label="Which windings"
          is-hidden-label
          :choices="places.map((p) => ({ value: String(p.placeId), words: p.place }))"
        />
        <WindingsDesk :at="at" />
      </template>
    </div>
    <ActionBar
      :words="action.words"
      :is-off="!store.isWorking || !action.go"
      :keeps="isEnough"
      @act="action.go?.()"
    >
      <span v-if="!isEnough && Object.keys(read).length" class="zb-soft">{{ sets.join(', or ') }}</span>
    </ActionBar>
  </div>
</template>

<style scoped>
.which {
  margin-bottom: 10px;
}
</style>
