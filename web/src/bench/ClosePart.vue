<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import LabelledField from '@/shared/LabelledField.vue'
import { useCall } from '@/stores/call'

/** Closes a part that needs no replacement, with a word on what was done. */
type Outcome = 'NOT_NEEDED' | 'FIXED_WITHOUT_PART'
const outcome = defineModel<Outcome | null>({ required: true })
const store = useCall()
const note = ref('')
const wrong = ref('')
const isOpen = computed({ get: () => outcome.value !== null, set: () => (outcome.value = null) })
watch(outcome, () => {
  note.value = ''
  wrong.value = ''
})

async function close() {
  if (outcome.value === 'FIXED_WITHOUT_PART' && note.value.trim() === '') {
    wrong.value = 'Say what was done, such as spade tightened.'
    return
  }
  if (outcome.value === null) return
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
    <form class="box" @submit.prevent="close">
      <h2>{{ outcome === 'NOT_NEEDED' ? 'Good as it is' : 'Fixed without a part' }}</h2>
      <LabelledField
        v-model="note"
        :label="
          outcome === 'NOT_NEEDED'
            ? 'A word for the next person, if any'
            : 'What was done (tightened, cleaned)'
        "
        :wrong="wrong"
        autofocus
      />
      <div class="row">
        <v-btn type="submit" color="primary" variant="flat">Close the part</v-btn>
        <v-btn variant="text" @click="outcome = null">Not yet</v-btn>
      </div>
    </form>
  </v-dialog>
</template>

<style scoped>
.box {
  padding: 20px 24px;
  display: grid;
  gap: 10px;
}
.row {
  display: flex;
  gap: 12px;
}
</style>
