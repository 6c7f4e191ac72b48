<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import { useCall } from '@/stores/call'

/** Which two primary leads are on the line: held against their design volts before power goes on. */
const store = useCall()
const leads = computed(() =>
  (store.part?.primaryLeads ?? []).map((words, i) => ({ value: String(i), words })),
)
const one = ref<string | null>(null)
const two = ref<string | null>(null)
watch([one, two], () => {
  if (one.value === null || two.value === null || one.value === two.value) return
  void store.changePart('POST', '/pair', 'leads on the line', {
    one: Number(one.value),
    two: Number(two.value),
  })
})
</script>

<template>
  <section v-if="leads.length > 1" class="pair">
    <ChoiceButtons v-model="one" label="One side of the line is on" :choices="leads" />
    <ChoiceButtons v-model="two" label="The other side is on" :choices="leads" />
    <p v-if="store.part?.pair" role="status" :class="{ 'zb-caution': store.part.pair.seen === 'FAILED' }">
      <b>{{ store.part.pair.question }}</b>
    </p>
  </section>
</template>

<style scoped>
.pair {
  display: grid;
  gap: 12px;
  margin-bottom: 14px;
}
</style>
