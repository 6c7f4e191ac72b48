<script setup lang="ts">
import { computed } from 'vue'
import { timeOf } from '@/shared/time'
import { useWaiting } from '@/stores/waiting'

/** What waited for a connection and was then refused: shown with its words, so that nothing typed is lost. */
const waiting = useWaiting()
const isOpen = computed(() => waiting.refused.length > 0)
</script>

<template>
  <v-dialog :model-value="isOpen" persistent aria-label="Refused after waiting">
    <div class="box">
      <h2>This waited for a connection and was then refused</h2>
      <div v-for="c in waiting.refused" :key="c.id" class="zb-caution one">
        <p>
          <b>{{ c.what }}</b> <span class="zb-soft">of {{ timeOf(c.tappedAt) }}</span>
        </p>
        <p>{{ c.refused }}</p>
        <p v-if="waiting.behind(c)" class="zb-soft">
          {{ waiting.behind(c) }} more of this call {{ waiting.behind(c) === 1 ? 'waits' : 'wait' }} behind
          it.
        </p>
        <div class="two">
          <v-btn height="48" @click="waiting.tryAgain(c)">Try again</v-btn>
          <v-btn height="48" @click="waiting.drop(c)">Drop it</v-btn>
        </div>
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
.one {
  display: grid;
  gap: 6px;
}
.two {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-top: 6px;
}
</style>
