<script setup lang="ts">
import { ref } from 'vue'
import { api, body } from '@/api/client'
import type { DepotView } from '@/api/types'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import LabelledField from '@/shared/LabelledField.vue'

/** Another truck, or a shop with shelves of its own. */
const emit = defineEmits<{ added: [all: DepotView[], name: string] }>()
type Kind = 'TRUCK' | 'SHOP'
const isOpen = ref(false)
const name = ref('')
const kind = ref<Kind | null>('TRUCK')
const wrong = ref('')

async function add() {
  try {
    const all = await body(
      api.POST('/api/truck/depots', { body: { name: name.value, isShop: kind.value === 'SHOP' } }),
    )
    emit('added', all, name.value.trim())
    name.value = ''
    wrong.value = ''
    isOpen.value = false
  } catch (problem) {
    wrong.value = (problem as Error).message
  }
}
</script>

<template>
  <v-btn v-if="!isOpen" variant="text" height="48" @click="isOpen = true">+ another</v-btn>
  <form v-else class="depot" aria-label="Another truck" @submit.prevent="add">
    <LabelledField v-model="name" label="Name" hint="Truck 3" :wrong="wrong" autofocus />
    <ChoiceButtons
      v-model="kind"
      label="What it is"
      is-hidden-label
      :choices="[
        { value: 'TRUCK', words: 'truck' },
        { value: 'SHOP', words: 'shop' },
      ]"
    />
    <v-btn type="submit" height="48" :disabled="!name.trim()">Add</v-btn>
  </form>
</template>

<style scoped>
.depot {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
</style>
