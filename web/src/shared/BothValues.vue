<script setup lang="ts">
import { onMounted, useTemplateRef } from 'vue'

/** Two people changed the same: what stands, what was given, one tap on either. */
defineProps<{ words: string; now: string; given: string }>()
defineEmits<{ leave: []; insist: [] }>()

/** The question comes to where it is seen, above what is fixed at the foot of a phone. */
const box = useTemplateRef<HTMLElement>('box')
onMounted(() => box.value?.scrollIntoView?.({ block: 'center' }))
</script>

<template>
  <div ref="box" class="both zb-caution" role="alert">
    <p>
      <b>{{ words }}</b>
    </p>
    <div class="two">
      <v-btn height="48" @click="$emit('leave')">Leave {{ now }}</v-btn>
      <v-btn height="48" @click="$emit('insist')">Change to {{ given }}</v-btn>
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
</style>
