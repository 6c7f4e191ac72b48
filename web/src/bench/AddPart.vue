<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { FAMILIES } from '@/families'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import LabelledField from '@/shared/LabelledField.vue'
import { useCall } from '@/stores/call'
import { useUi } from '@/stores/ui'

/** Takes a part into question: one of the unit's places in one tap, or another place by name. */
const isOpen = defineModel<boolean>({ required: true })
const store = useCall()
const ui = useUi()
const place = ref('')
const serves = ref('')
const kind = ref<string | null>('capacitor')
const KINDS = Object.entries(FAMILIES).map(([value, f]) => ({ value, words: f.title }))
const wrong = ref('')
const places = computed(() => store.call?.unit?.places.filter((p) => p.isFamily) ?? [])

watch(isOpen, (open) => {
  if (open) {
    place.value = store.call?.unit ? '' : 'At hand'
    serves.value = ''
    wrong.value = ''
  }
})

async function add(json: { kind: string; placeId?: number; place?: string; serves?: string }) {
  const known = store.call?.parts.length ?? 0
  if (await store.change('POST', '/parts', `part: ${json.place ?? json.kind}`, json)) {
    const added = store.call?.parts[known]
    if (added) store.go({ part: added.id, step: 'READ' })
    ui.pane = 'WORK'
    isOpen.value = false
  } else {
    wrong.value = store.problem || store.notice
  }
}
function addNamed() {
  if (place.value.trim() === '') {
    wrong.value = 'Say where it sits, such as outdoor unit.'
    return
  }
  void add({ kind: kind.value ?? 'capacitor', place: place.value, serves: serves.value })
}
</script>

<template>
  <v-dialog v-model="isOpen" max-width="640" aria-label="Add a part">
    <div class="zb-ask">
      <h2>Which part is in question?</h2>
      <div v-if="places.length" class="places">
        <button
          v-for="p in places"
          :key="p.id"
          type="button"
          class="place"
          @click="add({ kind: p.kind, placeId: p.id, place: p.name })"
        >
          <b>{{ p.title }}</b>
          <span v-if="p.serves" class="zb-soft">for {{ p.serves }}</span>
        </button>
      </div>
      <form class="other" @submit.prevent="addNamed">
        <h3>{{ places.length ? 'In another place' : 'What it is' }}</h3>
        <ChoiceButtons v-model="kind" label="Kind of part" is-hidden-label :choices="KINDS" />
        <LabelledField v-model="place" label="Where it sits" has-no-wrong-line />
        <LabelledField v-model="serves" label="What hangs on it" has-no-wrong-line />
        <div class="zb-wrong" role="alert">{{ wrong }}</div>
        <div class="row">
          <v-btn type="submit" color="secondary" variant="flat">Add it</v-btn>
          <v-btn variant="text" @click="isOpen = false">Not now</v-btn>
        </div>
      </form>
    </div>
  </v-dialog>
</template>

<style scoped>
h3 {
  font-size: 17px;
}
.places {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 8px;
}
.place {
  min-height: 56px;
  border: var(--zb-line);
  background: var(--zb-sheet);
  display: grid;
  text-align: left;
  padding: 6px 16px;
  cursor: pointer;
}
.other {
  display: grid;
  gap: 10px;
  border-top: 1px solid var(--zb-hair);
  padding-top: 12px;
}
.row {
  display: flex;
  gap: 12px;
}
</style>
