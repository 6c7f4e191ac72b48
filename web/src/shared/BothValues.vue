<script setup lang="ts">
import { onMounted, useTemplateRef } from 'vue'

/** Two people changed the same: what stands, what was given, one tap on either. */
defineProps<{ words: string; of?: string; now: string; given: string }>()
defineEmits<{ leave: []; insist: [] }>()

/** The question comes to where it is seen, above what is fixed at the foot of a phone. */
const box = useTemplateRef<HTMLElement>('box')
onMounted(() => box.value?.scrollIntoView?.({ block: 'center' }))
</script>

<template>
  <div ref="box" class="both zb-caution" role="alert">
    <p>
      <b>{{ words }}</b> {{ of }}
    </p>
    <div class="two">
      <v-btn min-height="48" @click="$emit('leave')">Leave: {{ now }}</v-btn>
      <v-btn min-height="48" @click="$emit('insist')">Change to: {{ given }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.both {
  display: grid;
  gap: 10px;
  margin: 10px 0;
}
.two {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
/* a value may be longer than the screen is wide */
.two :deep(.v-btn) {
  height: auto;
  max-width: 100%;
  padding-block: 10px;
}
.two :deep(.v-btn__content) {
  white-space: normal;
  text-align: left;
}
</style>
