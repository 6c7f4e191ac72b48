<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import LabelledField from '@/shared/LabelledField.vue'
import { useCall } from '@/stores/call'

/** Closes a part for which nothing goes in, with a word on what was done or why. */
type Outcome = 'NOT_NEEDED' | 'FIXED_WITHOUT_PART' | 'CONDEMNED'
/** @property wrong what is said where nothing is typed; none where nothing has to be */
const ENDS: Readonly<Record<Outcome, { title: string; ask: string; wrong?: string }>> = {
  NOT_NEEDED: { title: 'Good as it is', ask: 'A word for the next person, if any' },
  FIXED_WITHOUT_PART: {
    title: 'Fixed without a part',
    ask: 'What was done (tightened, cleaned)',
    wrong: 'Say what was done, such as spade tightened.',
  },
  CONDEMNED: {
    title: 'Condemned: it may not run again',
    ask: 'Why (grounded, burst, seized)',
    wrong: 'Say why it may not run again, such as winding to ground.',
  },
}
const outcome = defineModel<Outcome | null>({ required: true })
const store = useCall()
const note = ref('')
const wrong = ref('')
const end = computed(() => (outcome.value ? ENDS[outcome.value] : null))
const isOpen = computed({ get: () => outcome.value !== null, set: () => (outcome.value = null) })
watch(outcome, () => {
  note.value = ''
  wrong.value = ''
})

async function close() {
  if (outcome.value === null) return
  const missing = ENDS[outcome.value].wrong
  if (missing && note.value.trim() === '') {
    wrong.value = missing
    return
  }
  if (await store.changePart('POST', '/close', 'close part', { outcome: outcome.value, note: note.value })) {
    outcome.value = null
    store.goNext()
  } else {
    wrong.value = store.problem || store.notice
  }
}
</script>

<template>
  <v-dialog v-model="isOpen" max-width="480" aria-label="Close this part">
    <form class="zb-ask" @submit.prevent="close">
      <h2>{{ end?.title }}</h2>
      <div v-if="outcome === 'CONDEMNED' && store.part" class="whys">
        <button
          v-for="why in store.part.condemnedFor"
          :key="why"
          type="button"
          class="zb-tap"
          :aria-pressed="note === why"
          @click="note = why"
        >
          {{ why }}
        </button>
      </div>
      <LabelledField v-model="note" :label="end?.ask ?? ''" :wrong="wrong" autofocus />
      <div class="row">
        <v-btn type="submit" color="primary" variant="flat">Close the part</v-btn>
        <v-btn variant="text" @click="outcome = null">Not yet</v-btn>
      </div>
    </form>
  </v-dialog>
</template>

<style scoped>
.whys {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.row {
  display: flex;
  gap: 12px;
}
</style>
