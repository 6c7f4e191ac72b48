<script setup lang="ts">
import { ref } from 'vue'
import LabelledField from '@/shared/LabelledField.vue'
import { useSession } from '@/stores/session'

/** Asked of another device once: the code that was printed where the bench was started. */
const emit = defineEmits<{ opened: [] }>()
const session = useSession()
const code = ref('')
const wrong = ref('')

async function give() {
  try {
    const answer = await fetch('/api/door', {
      method: 'POST',
      headers: { 'X-Access-Code': code.value.trim() },
    })
    if (answer.ok) {
      session.isDoorShut = false
      emit('opened')
      return
    }
    wrong.value = ((await answer.json()) as { detail?: string }).detail ?? 'That is not the code.'
  } catch {
    wrong.value = 'No connection to the bench.'
  }
}
</script>

<template>
  <main class="door">
    <h1>This bench asks for its code</h1>
    <p>It was printed where the bench was started. This device gives it once.</p>
    <form @submit.prevent="give">
      <LabelledField v-model="code" label="Access code" :wrong="wrong" autofocus />
      <v-btn type="submit" color="secondary" variant="flat" :disabled="!code.trim()">Open</v-btn>
    </form>
  </main>
</template>

<style scoped>
.door {
  width: min(440px, 100%);
  margin: 12vh auto;
  padding: 24px;
  display: grid;
  gap: 16px;
}
</style>
