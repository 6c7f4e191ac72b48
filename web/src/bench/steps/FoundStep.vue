<script setup lang="ts">
import { computed, ref } from 'vue'
import type { FoundView } from '@/api/types'
import ActionBar from '@/shared/ActionBar.vue'
import type { WireGiven } from '@/api/types'
import { useCall } from '@/stores/call'
import PhotoStrip from '../PhotoStrip.vue'
import WireEditor from '../WireEditor.vue'

/** What every place of the unit looked like before anything was moved: photos, and which wire sits where. */
const store = useCall()
const at = ref<number | null>(null)
const editor = ref<InstanceType<typeof WireEditor> | null>(null)
const places = computed(() =>
  (store.call?.unit?.places ?? []).map((p) => ({ ...p, found: foundAt(p.id), said: wordsOf(foundAt(p.id)) })),
)
const place = computed(() => places.value.find((p) => p.id === at.value) ?? null)

function foundAt(id: number): FoundView | undefined {
  return store.call?.found.find((f) => f.placeId === id)
}
function wordsOf(found: FoundView | undefined): string {
  const words = []
  if (found?.wires.length) words.push(`${found.wires.length} ${found.wires.length === 1 ? 'wire' : 'wires'}`)
  if (found?.photos.length)
    words.push(`${found.photos.length} ${found.photos.length === 1 ? 'photo' : 'photos'}`)
  return words.join(', ')
}
const action = computed(() =>
  place.value
    ? { words: 'Keep the wires as found', go: () => void editor.value?.keep() }
    : { words: store.call?.next.text ?? 'Go on', go: () => store.goNext() },
)
/** Keeps the wires of the place that is open. */
const send = (wires: WireGiven[]) =>
  store.change('PUT', '/places/{place}/wires', 'wires as found', { wires }, { place: at.value ?? 0 })
</script>

<template>
  <div>
    <div tabindex="0" class="zb-scroll">
      <template v-if="place">
        <h3 class="name">{{ place.name }}</h3>
        <PhotoStrip :photos="place.found?.photos ?? []" :of="{ place: place.id }" />
        <p class="zb-soft">A colour tells wires apart on this unit; it is no code for what they do.</p>
        <WireEditor
          :key="place.id"
          ref="editor"
          :of="`place ${place.id}`"
          :send="send"
          :wires="place.found?.wires ?? []"
          :terminals="place.found?.terminals ?? []"
          :caption="place.name"
          @kept="at = null"
        />
      </template>
      <template v-else>
        <p v-if="places.length === 0" class="zb-note">A quick check has no unit with places.</p>
        <p v-else class="zb-soft">Before a wire is moved: a photo, then a line for each wire.</p>
        <div class="places">
          <button v-for="p in places" :key="p.id" type="button" class="place zb-bare" @click="at = p.id">
            <b>{{ p.name }}</b>
            <span class="zb-small">{{ p.said || (p.serves ? `for ${p.serves}` : '') }}</span>
            <span v-if="p.said" class="dot" aria-hidden="true" />
          </button>
        </div>
      </template>
    </div>
    <ActionBar
      :words="action.words"
      :is-off="!store.isWorking && place !== null"
      :keeps="place !== null"
      @act="action.go"
    >
      <v-btn v-if="place" variant="text" height="32" @click="at = null">all places</v-btn>
    </ActionBar>
  </div>
</template>

<style scoped>
.name {
  font-size: 20px;
}
.places {
  margin-top: 8px;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 20px;
  border-top: var(--zb-line);
}
.place {
  min-height: 58px;
  padding: 6px 8px 6px 0;
  border-bottom: 1px solid var(--zb-hair) !important;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 20px;
  align-items: center;
}
.place .zb-small {
  grid-column: 1;
}
.dot {
  grid-column: 2;
  grid-row: 1 / 3;
  width: 14px;
  height: 14px;
  border-radius: 50%;
  border: 2px solid var(--zb-ink);
  background: var(--zb-lemon);
}
@media (max-width: 839px) {
  .places {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
