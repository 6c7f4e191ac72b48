<script setup lang="ts">
import { ref } from 'vue'
import LabelledField from '@/shared/LabelledField.vue'
import { useCall } from '@/stores/call'

/** A STOP that stands, and the way past it for whoever knows better: with a reason that stays on the tape. */
const store = useCall()
const isGoingOn = ref(false)
const reason = ref('')

async function goOn() {
  const stop = store.stop
  if (!stop) return
  const json = { part: stop.part, demand: stop.demand, reason: reason.value }
  if (await store.change('POST', '/override', `on past STOP: ${stop.action}`, json)) {
    isGoingOn.value = false
    reason.value = ''
  }
}
</script>

<template>
  <section v-if="store.stop" class="stop" aria-label="STOP">
    <p>
      <b class="word">STOP</b> {{ store.stop.text }} <b>{{ store.stop.action }}.</b>
      <button
        v-if="store.isWorking && !isGoingOn"
        type="button"
        class="past zb-soft"
        @click="isGoingOn = true"
      >
        go on all the same
      </button>
    </p>
    <form v-if="isGoingOn" class="reason" @submit.prevent="goOn">
      <LabelledField v-model="reason" label="Why it is right to go on" has-no-wrong-line class="grow" />
      <v-btn type="submit" height="48" :disabled="!reason.trim()">Go on</v-btn>
      <v-btn variant="text" height="48" @click="isGoingOn = false">no</v-btn>
    </form>
  </section>
</template>

<style scoped>
.stop {
  margin: 8px 20px 0;
  border: var(--zb-line);
  border-left-width: 10px;
  background: var(--zb-sheet);
  padding: 6px 14px;
}
.word {
  font-size: 20px;
  letter-spacing: 0.06em;
}
.past {
  border: 0;
  background: none;
  min-height: 32px;
  padding: 0 6px;
  text-decoration: underline;
  cursor: pointer;
}
.reason {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: end;
  margin: 6px 0;
}
.grow {
  flex: 1 1 220px;
}
@media (max-width: 839px) {
  .stop {
    margin: 0;
    border-right: 0;
    border-top: 0;
  }
  .past {
    min-height: 44px;
  }
}
</style>
