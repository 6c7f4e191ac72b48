<script setup lang="ts">
import { ref } from 'vue'
import LabelledField from '@/shared/LabelledField.vue'
import { useSession } from '@/stores/session'

/** Asked of another device once: the code that the bench shows, and a name to know the device by. */
const emit = defineEmits<{ opened: [] }>()
const session = useSession()
const code = ref('')
const name = ref('')
const wrong = ref('')

async function give() {
  if (!code.value.trim() || !name.value.trim()) {
    wrong.value = 'Give the code and a name for this device.'
    return
  }
  try {
    const answer = await fetch(`/api/door?name=${encodeURIComponent(name.value.trim())}`, {
      method: 'PUT',
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
    <h1>Let this device in</h1>
    <p>The bench shows a code where it runs; each code works for ten minutes.</p>
    <form class="form" @submit.prevent="give">
      <LabelledField v-model="code" label="Access code" :wrong="wrong" autofocus />
      <LabelledField v-model="name" label="Name of this device, such as Truck 1 phone" has-no-wrong-line />
      <v-btn type="submit" color="secondary" variant="flat" height="48">Let it in</v-btn>
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
.form {
  display: grid;
  gap: 12px;
}
</style>
