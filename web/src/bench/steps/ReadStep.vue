<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Fields } from '@/api/types'
import { FAMILIES } from '@/families'
import PhotoWay from '@/photo/PhotoWay.vue'
import ActionBar from '@/shared/ActionBar.vue'
import { dayOf } from '@/shared/time'
import { useCall } from '@/stores/call'
import LabelFields from '../LabelFields.vue'
import LabelText from '../LabelText.vue'
import UsualPieces from '../UsualPieces.vue'
import { useLabel } from '../useLabel'

/** The label: typed in any form, each field with the piece it came from, corrected by hand where needed. */
const store = useCall()
const part = computed(() => store.part)
const label = useLabel(
  `${store.call?.id} ${store.part?.id}`,
  () => part.value?.kind ?? 'auto',
  () => part.value?.text ?? '',
)
const { text, read, wrong, corrected } = label
const lit = ref<string | null>(null)

const canEdit = computed(() => store.isWorking && !part.value?.chosen && !part.value?.closed)
/** An unchanged text stands with the fields as kept, a new one with what was read from it. */
const base = computed<Fields>(() =>
  text.value === part.value?.text ? (part.value.fields as Fields) : ((read.value?.fields ?? {}) as Fields),
)
const fields = computed<Fields>(() =>
  Object.fromEntries(Object.entries({ ...base.value, ...corrected.value }).filter(([, v]) => v !== null)),
)
const isKept = computed(() => label.isKept.value && text.value.trim() !== '')

async function keep() {
  if (isKept.value) {
    store.goStep('TEST')
    return
  }
  if (!label.isRead.value) {
    // kept before it was read: with no connection the server reads it when it gets it
    await label.readNow(text.value).catch(() => undefined)
  }
  const json = {
    text: text.value.trim(),
    ...(label.isRead.value ? { fields: fields.value } : {}),
    checked: label.isRead.value ? Object.keys(corrected.value) : [],
  }
  if (await store.changePart('POST', '/label', `label ${json.text}`, json)) {
    label.letGo()
    if (part.value?.missing.length === 0) store.goStep('TEST')
  }
}
/** What was read of a photo stands as if typed; the photo stays with the part. */
function seen(label: string, photo: File) {
  if (label) text.value = label
  if (part.value) void store.addPhoto(photo, { part: part.value.id })
}
function sameAsLastTime() {
  text.value = part.value?.lastTime?.text ?? ''
}
</script>

<template>
  <div v-if="part">
    <div tabindex="0" class="zb-scroll">
      <label class="zb-label" for="label-text">Label, as it is printed or as you would say it</label>
      <v-textarea
        id="label-text"
        v-model="text"
        :placeholder="FAMILIES[part.kind]?.labelHint"
        :readonly="!canEdit"
        spellcheck="false"
        class="zb-figure zb-typed"
        max-rows="6"
      />
      <PhotoWay v-if="canEdit" :kind="part.kind" class="zb-file" @keep="seen" />
      <p class="zb-wrong" role="status">{{ wrong }}</p>
      <UsualPieces
        v-if="canEdit && text.trim() !== ''"
        :attributes="part.attributes"
        :fields="fields"
        @take="text = `${text.trimEnd()} ${$event}`"
      />
      <v-btn v-if="part.lastTime && text === ''" class="last" @click="sameAsLastTime">
        Same as on {{ dayOf(part.lastTime.atMillis) }}: {{ part.lastTime.shortRating }}
      </v-btn>
      <p v-if="part.lastTime && text === ''" class="zb-soft">
        It then read {{ part.lastTime.readings.join(', ') }}.
      </p>
      <LabelText v-if="read && text" :text="text" :read="read" :lit="lit" />
      <LabelFields
        v-model:lit="lit"
        :attributes="part.attributes"
        :fields="fields"
        :label="label"
        :views="FAMILIES[part.kind]?.fields"
        :is-off="!canEdit"
        :open="isKept ? part.doubts.map((d) => d.attribute) : undefined"
      />
      <p v-if="part.chosen" class="zb-soft">A replacement is chosen; put it back to change the label.</p>
    </div>
    <ActionBar
      :words="isKept ? (part.missing.length ? 'Go on, though not complete' : 'Test it') : 'Keep this label'"
      :is-off="text.trim() === '' || (!canEdit && !isKept)"
      :keeps="!isKept"
      @act="keep"
    >
      <span v-if="part.missing.length && part.text" class="zb-soft">
        Still needed for a match: {{ part.missing.map((m) => m.label.toLowerCase()).join(', ') }}
      </span>
    </ActionBar>
  </div>
</template>

<style scoped>
.last {
  margin-bottom: 6px;
  white-space: normal;
}
</style>
