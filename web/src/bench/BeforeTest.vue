<script setup lang="ts">
import { useCall } from '@/stores/call'
import PhotoStrip from './PhotoStrip.vue'

/** What comes before the first lead comes off: what the bench asks for, and the part as it was found. */
const store = useCall()
</script>

<template>
  <div v-if="store.part && !store.part.closed && !store.part.readings.length" class="before">
    <p v-if="store.part.benchFirst" class="first">
      <b>{{ store.part.benchFirst }}</b>
    </p>
    <template v-if="!store.part.isFoundKept && store.part.sections.length && store.isWorking">
      <span class="zb-soft">As found:</span>
      <PhotoStrip :photos="[]" :of="{ part: store.part.id }" />
      <v-btn height="44" variant="text" @click="store.goStep('HOOK_UP')">wires</v-btn>
    </template>
  </div>
</template>

<style scoped>
.before {
  margin: 8px 20px 0;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 12px;
}
.first {
  flex: 1 1 auto;
}
@media (max-width: 839px) {
  .before {
    margin: 6px 16px 0;
  }
}
</style>
