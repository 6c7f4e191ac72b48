<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, body } from '@/api/client'
import type { UsualWaitView } from '@/api/types'
import LabelledField from '@/shared/LabelledField.vue'
import { dateWords } from '@/shared/time'
import { useCall } from '@/stores/call'

/** Says what a call waits for, and when to look again: as usual, unless a day is given. */
const isOpen = defineModel<boolean>({ required: true })
const store = useCall()
const usual = ref<UsualWaitView[]>([])
const until = ref('')
const note = ref('')
const wrong = ref('')

watch(isOpen, async (open) => {
  if (!open) return
  until.value = ''
  note.value = ''
  wrong.value = ''
  usual.value = await body(api.GET('/api/waits', {})).catch(() => usual.value)
})
async function wait(w: UsualWaitView) {
  const json = { what: w.what, until: until.value || w.until, note: note.value }
  if (await store.change('POST', '/wait', `waits for ${w.words}`, json)) isOpen.value = false
  else wrong.value = store.problem || store.notice
}
</script>

<template>
  <v-dialog v-model="isOpen" max-width="560" aria-label="It waits">
    <div class="zb-ask">
      <h2>What does it wait for?</h2>
      <LabelledField v-model="note" label="Who or what exactly, if you like" has-no-wrong-line />
      <LabelledField v-model="until" kind="date" label="Look again on, if you like" :wrong="wrong" />
      <button v-for="w in usual" :key="w.what" type="button" class="way" @click="wait(w)">
        <b>{{ w.words }}</b>
        <span class="zb-soft">until {{ dateWords(until || w.until) }}</span>
      </button>
      <v-btn variant="text" class="shut" @click="isOpen = false">Not now</v-btn>
    </div>
  </v-dialog>
</template>

<style scoped>
.way {
  min-height: 52px;
  padding: 6px 14px;
  border: var(--zb-line);
  background: var(--zb-sheet);
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 2px 12px;
  align-items: center;
  text-align: left;
  cursor: pointer;
}
</style>
