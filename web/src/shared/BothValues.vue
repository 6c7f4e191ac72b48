<script setup lang="ts">
/** Two people changed the same: what stands, what was given, one tap on either. */
defineProps<{ words: string; now: string; given: string }>()
defineEmits<{ leave: []; insist: [] }>()
</script>

<template>
  <div class="both zb-caution" role="alert">
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
