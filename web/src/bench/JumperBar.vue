<script setup lang="ts">
import { ref } from 'vue'
import LabelledField from '@/shared/LabelledField.vue'
import { timeOf } from '@/shared/time'
import { useCall } from '@/stores/call'

/** What is jumpered stands over every step until it is out, or somebody says why it stays. */
const store = useCall()
const staying = ref<string | null>(null)
const why = ref('')

async function leave(id: string) {
  const json = { why: why.value }
  if (await store.change('POST', '/jumpers/{jumper}/leave', 'jumper stays in', json, { jumper: id })) {
    staying.value = null
    why.value = ''
  }
}
const out = (id: string) =>
  store.change('POST', '/jumpers/{jumper}/out', 'jumper out', undefined, { jumper: id })
</script>

<template>
  <section v-for="j in store.call?.jumpers" :key="j.id" class="jumper" aria-label="Jumper in">
    <p class="said">
      <b class="zb-name word">JUMPER IN</b>
      <span
        ><b>{{ j.across }}</b>
        <span class="zb-soft">
          since {{ timeOf(j.atMillis) }}, {{ j.who }}{{ j.why ? `: ${j.why}` : '' }}</span
        ></span
      >
      <span v-if="j.caution">{{ j.caution }}</span>
    </p>
    <div v-if="store.isWorking && staying !== j.id" class="row">
      <v-btn height="48" variant="flat" color="secondary" @click="out(j.id)">It is out</v-btn>
      <v-btn height="48" variant="text" @click="staying = j.id">it stays in</v-btn>
    </div>
    <form v-if="staying === j.id" class="row reason" @submit.prevent="leave(j.id)">
      <LabelledField v-model="why" label="Why it stays, and who knows" has-no-wrong-line class="grow" />
      <v-btn type="submit" height="48" :disabled="!why.trim()">Write it up</v-btn>
      <v-btn variant="text" height="48" @click="staying = null">no</v-btn>
    </form>
  </section>
</template>

<style scoped>
.jumper {
  margin: 8px 20px 0;
  border: var(--zb-line);
  border-left: 10px solid var(--zb-lemon);
  background: var(--zb-sheet);
  padding: 4px 14px;
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 2px 16px;
}
.said {
  margin: 0;
  flex: 1 1 240px;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  align-items: baseline;
}
.word {
  font-size: 20px;
}
.row {
  display: flex;
  gap: 8px;
  align-items: end;
}
.reason {
  flex: 1 1 100%;
  flex-wrap: wrap;
}
.grow {
  flex: 1 1 220px;
}
@media (max-width: 839px) {
  .jumper {
    margin: 0;
    border-right: 0;
    border-top: 0;
  }
}
</style>
