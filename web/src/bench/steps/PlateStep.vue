<script setup lang="ts">
import { computed, ref } from 'vue'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import { useCall } from '@/stores/call'
import PlateSide from '../PlateSide.vue'

/** The unit's plates: the outdoor or packaged one, and that of the indoor coil. */
const store = useCall()
const which = ref<'OUTDOOR' | 'INDOOR' | null>('OUTDOOR')
const WHICH = [
  { value: 'OUTDOOR', words: 'Outdoor or packaged' },
  { value: 'INDOOR', words: 'Indoor coil' },
] as const
const at = computed(() => which.value ?? 'OUTDOOR')
</script>

<template>
  <div v-if="store.call">
    <PlateSide :key="at" :which="at">
      <ChoiceButtons v-model="which" label="Which plate" is-hidden-label :choices="WHICH" class="which" />
    </PlateSide>
  </div>
</template>

<style scoped>
.which {
  margin-bottom: 10px;
}
</style>
