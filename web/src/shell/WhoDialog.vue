<script setup lang="ts">
import { ref } from 'vue'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import LabelledField from '@/shared/LabelledField.vue'
import { useSession } from '@/stores/session'

/** Who works, switched in one tap; and how this device shows the bench. */
const isOpen = defineModel<boolean>({ required: true })
const session = useSession()
const LOOKS = [
  { value: 'DEVICE', words: 'as this device' },
  { value: 'DAY', words: 'day' },
  { value: 'NIGHT', words: 'night, for attics' },
] as const
const name = ref('')
const wrong = ref('')

function choose(id: number) {
  session.whoId = id
  isOpen.value = false
}
async function add() {
  try {
    await session.add(name.value)
    name.value = ''
    isOpen.value = false
  } catch (problem) {
    wrong.value = (problem as Error).message
  }
}
</script>

<template>
  <v-dialog v-model="isOpen" max-width="460" aria-label="Who works here">
    <div class="box">
      <h2>Who works here</h2>
      <div class="people">
        <button
          v-for="p in session.people"
          :key="p.id"
          type="button"
          class="person"
          :class="{ on: p.id === session.whoId }"
          :aria-pressed="p.id === session.whoId"
          @click="choose(p.id)"
        >
          {{ p.name }}
        </button>
      </div>
      <form class="add" @submit.prevent="add">
        <LabelledField v-model="name" label="Someone else" :wrong="wrong" class="grow" />
        <v-btn type="submit" :disabled="!name.trim()">Add</v-btn>
      </form>
      <h2>This device</h2>
      <ChoiceButtons v-model="session.look" label="Colours" :choices="LOOKS" />
      <label class="tick"
        ><input v-model="session.isLeftHand" type="checkbox" /> Mirrored for the left hand</label
      >
      <label class="tick"><input v-model="session.hasCelsius" type="checkbox" /> °C beside °F</label>
      <label class="tick"
        ><input v-model="session.hasSingleKeys" type="checkbox" /> Single keys without Alt</label
      >
      <label class="tick"
        ><input v-model="session.vibrates" type="checkbox" /> A pulse for a verdict, two for FAILED</label
      >
      <label class="tick"><input v-model="session.sounds" type="checkbox" /> A tone when a timer ends</label>
    </div>
  </v-dialog>
</template>

<style scoped>
.box {
  padding: 20px 24px;
  display: grid;
  gap: 12px;
}
h2 {
  font-size: 20px;
}
.people {
  display: grid;
  gap: 6px;
}
.person {
  min-height: 52px;
  border: var(--zb-line);
  background: var(--zb-sheet);
  text-align: left;
  padding: 0 16px;
  cursor: pointer;
}
.on {
  background: var(--zb-lemon);
  color: var(--zb-on-lemon);
  font-weight: 700;
}
.add {
  display: flex;
  gap: 8px;
  align-items: center;
}
.grow {
  flex: 1;
}
.tick {
  min-height: 48px;
  display: flex;
  align-items: center;
  gap: 12px;
  cursor: pointer;
}
.tick input {
  width: 24px;
  height: 24px;
  accent-color: var(--zb-ink);
}
</style>
