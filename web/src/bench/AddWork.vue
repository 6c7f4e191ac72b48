<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, body } from '@/api/client'
import type { UsualWorkView } from '@/api/types'
import LabelledField from '@/shared/LabelledField.vue'
import { numberIn } from './fieldText'
import { useCall } from '@/stores/call'
import { useUi } from '@/stores/ui'

/** Work for which no part goes in: done, with what was read before and after, or written up. */
const isOpen = defineModel<boolean>({ required: true })
const store = useCall()
const ui = useUi()
const usual = ref<UsualWorkView[]>([])
const work = ref<UsualWorkView | null>(null)
const place = ref('')
const detail = ref('')
const before = ref('')
const after = ref('')
const returnDate = ref('')
const wrong = ref('')

watch(isOpen, async (open) => {
  if (!open) return
  for (const field of [place, detail, before, after, returnDate, wrong]) field.value = ''
  work.value = null
  usual.value = await body(api.GET('/api/work', {})).catch(() => usual.value)
})
function choose(w: UsualWorkView) {
  work.value = w
  place.value = w.place
}
function shut(isKept: boolean) {
  if (isKept) {
    isOpen.value = false
    ui.pane = 'WORK'
  } else wrong.value = store.problem || store.notice
}
async function done(w: UsualWorkView) {
  const read = { before: numberIn(before.value), after: numberIn(after.value) }
  if ((before.value.trim() && read.before === null) || (after.value.trim() && read.after === null)) {
    wrong.value = `Give ${w.shows} as a number in ${w.unit}.`
    return
  }
  shut(
    await store.change('POST', '/work', w.words, {
      work: w.work,
      place: place.value,
      detail: detail.value,
      ...(read.before === null ? {} : { before: read.before }),
      ...(read.after === null ? {} : { after: read.after }),
      ...(returnDate.value ? { returnDate: returnDate.value } : {}),
    }),
  )
}
async function writeUp(w: UsualWorkView) {
  shut(
    await store.change('POST', '/write-ups', `write-up: ${w.still}`, {
      place: place.value,
      what: w.still,
      why: detail.value,
      urgency: w.urgency,
    }),
  )
}
</script>

<template>
  <v-dialog v-model="isOpen" max-width="640" aria-label="Work that is no part">
    <div class="zb-ask">
      <h2>What was done without a part?</h2>
      <div class="works">
        <button
          v-for="w in usual"
          :key="w.work"
          type="button"
          class="zb-tap"
          :aria-pressed="work?.work === w.work"
          @click="choose(w)"
        >
          {{ w.words }}
        </button>
      </div>
      <template v-if="work">
        <div class="pair">
          <LabelledField v-model="place" label="Where" has-no-wrong-line />
          <LabelledField v-model="detail" label="What exactly" :hint="work.hint" has-no-wrong-line />
        </div>
        <div v-if="work.shows" class="pair">
          <LabelledField
            v-model="before"
            kind="number"
            :label="`${work.shows} before, ${work.unit}`"
            has-no-wrong-line
          />
          <LabelledField v-model="after" kind="number" :label="`after, ${work.unit}`" has-no-wrong-line />
        </div>
        <LabelledField
          v-model="returnDate"
          kind="date"
          label="Temporary? The day it is done properly"
          :wrong="wrong"
        />
        <div class="ends">
          <v-btn color="primary" variant="flat" height="52" @click="done(work)"
            >Done: put it on the tape</v-btn
          >
          <v-btn height="52" @click="writeUp(work)">Not done: write it up</v-btn>
        </div>
      </template>
      <v-btn variant="text" class="shut" @click="isOpen = false">Not now</v-btn>
    </div>
  </v-dialog>
</template>

<style scoped>
.works,
.ends {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.pair {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
  gap: 12px;
}
</style>
