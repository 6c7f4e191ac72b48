<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, body } from '@/api/client'
import type { CorrectionView, Fields } from '@/api/types'
import PhotoWay from '@/photo/PhotoWay.vue'
import ActionBar from '@/shared/ActionBar.vue'
import FindingLines from '@/shared/FindingLines.vue'
import { usePlateAttributes } from '@/shared/useAttributes'
import { usePreview } from '@/shared/usePreview'
import { useCall } from '@/stores/call'
import { withPlace } from './fieldPath'
import LabelFields from './LabelFields.vue'
import LabelText from './LabelText.vue'
import PlateChecks from './PlateChecks.vue'
import PhotoStrip from './PhotoStrip.vue'
import PlateFace from './PlateFace.vue'
import { useLabel } from './useLabel'

/** One plate: typed in any form, proof-read by its own figures, corrected by a tap. */
const props = defineProps<{ which: 'OUTDOOR' | 'INDOOR' }>()
const store = useCall()
const attributes = usePlateAttributes()
const side = computed(() =>
  props.which === 'OUTDOOR' ? store.call?.plates.outdoor : store.call?.plates.indoor,
)
const label = useLabel(
  `${store.call?.id} plate ${props.which}`,
  () => 'unit-plate',
  () => side.value?.text ?? '',
)
const { text, read, wrong, corrected } = label
const lit = ref<string | null>(null)
const photo = ref<File | null>(null)

const fields = computed<Fields>(() => (seen.value?.fields ?? side.value?.fields ?? {}) as Fields)
const isKnown = computed(() => Object.keys(fields.value).length > 0)
const size = computed(() => fields.value.nominalBtuPerHour as number | undefined)

/** What is typed and corrected, as the server takes it. */
function given() {
  const entries = Object.entries(corrected.value)
  return {
    which: props.which,
    text: text.value.trim(),
    fields: Object.fromEntries(entries.filter(([, v]) => v !== null)) as Record<string, never>,
    cleared: entries.filter(([, v]) => v === null).map(([name]) => name),
  }
}
const { seen, wrong: problem } = usePreview(
  () => (label.isKept.value ? null : { id: store.call?.id ?? 0, given: given() }),
  (typed) =>
    body(
      api.POST('/api/calls/{id}/plate/preview', { params: { path: { id: typed.id } }, body: typed.given }),
    ),
  { offline: 'proof-read once it is back.', keeps: true, restMillis: 200 },
)

function correct(c: CorrectionView) {
  const { name, value } = withPlace(fields.value, c.field, c.likely)
  label.correct(name, value)
}
function photographed(words: string, taken: File) {
  if (!words) {
    // nothing was read of it that could be kept later
    void store.addPhoto(taken, { plate: props.which })
    return
  }
  text.value = words
  photo.value = taken
}
async function keep() {
  if (label.isKept.value) {
    store.goNext()
    return
  }
  if (await store.change('POST', '/plate', 'plate', given())) {
    label.letGo()
    // the photo goes with the plate that was read from it
    if (photo.value) void store.addPhoto(photo.value, { plate: props.which })
    photo.value = null
  }
}
const action = computed(() => {
  if (!label.isKept.value) return 'Keep this plate'
  if (!isKnown.value) return 'Type the plate'
  return store.call?.next.callStep === 'PLATE' ? 'Go on' : (store.call?.next.text ?? 'Go on')
})
</script>

<template>
  <div tabindex="0" class="zb-scroll">
    <slot />
    <PlateFace :fields="fields" />
    <label class="zb-label" for="plate-text">{{
      isKnown ? 'Type more of it, or all of it again' : 'Plate, as it is printed, in any order'
    }}</label>
    <v-textarea
      id="plate-text"
      v-model="text"
      :placeholder="
        which === 'OUTDOOR'
          ? 'MODEL … SERIAL … 208/230-1-60 RLA 17.9 LRA 96 FAN FLA 1.4 MCA 23.8 MAX FUSE 40'
          : 'COIL MODEL … R-410A TXV'
      "
      :readonly="!store.isWorking"
      spellcheck="false"
      class="zb-figure zb-typed"
      max-rows="5"
    />
    <div class="photos">
      <PhotoWay v-if="store.isWorking" kind="unit-plate" class="zb-file" @keep="photographed" />
      <PhotoStrip v-if="side?.photos.length" :photos="side.photos" :of="{ plate: which }" />
    </div>
    <p class="zb-wrong" role="status">{{ wrong || problem }}</p>
    <LabelText v-if="read && text && !label.isKept.value" :text="text" :read="read" :lit="lit" />
    <PlateChecks
      :checks="seen?.checks ?? side?.checks ?? []"
      :sizes="seen?.sizes ?? side?.sizes ?? []"
      :size="size"
      :is-off="!store.isWorking"
      @correct="correct"
      @size="label.correct('nominalBtuPerHour', $event)"
    />
    <FindingLines :findings="store.call?.plates.findings ?? []" />
    <p v-if="!isKnown" class="zb-note">
      Nothing known of this plate yet. Type what can be read, the rest is asked about.
    </p>
    <LabelFields
      v-model:lit="lit"
      :attributes="attributes"
      :fields="fields"
      :label="label"
      :is-off="!store.isWorking"
    />
    <p class="zb-soft">RLA, FLA and LRA are ratings of the plate. They are not the amps it should draw.</p>
  </div>
  <ActionBar
    :words="action"
    :is-off="label.isKept.value && !isKnown"
    :keeps="!label.isKept.value"
    @act="keep"
  />
</template>

<style scoped>
.photos {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
}
</style>
