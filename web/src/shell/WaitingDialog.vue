<script setup lang="ts">
import { computed } from 'vue'
import { useWaiting } from '@/stores/waiting'

/** What waited for a connection and was then refused: shown with its words, so that nothing typed is lost. */
const waiting = useWaiting()
const isOpen = computed(() => waiting.stuck.length > 0)
</script>

<template>
  <v-dialog :model-value="isOpen" persistent aria-label="Refused after waiting">
    <div class="box">
      <h2>This waited for a connection and was then refused</h2>
      <div v-for="s in waiting.stuck" :key="s.change.id" class="zb-caution">
        <p>
          <b>{{ s.change.what }}</b>
        </p>
        <p>{{ s.problem }}</p>
        <v-btn @click="waiting.forget(s.change)">Seen, let it go</v-btn>
      </div>
    </div>
  </v-dialog>
</template>

<style scoped>
.box {
  padding: 20px 24px;
  display: grid;
  gap: 12px;
}
</style>
