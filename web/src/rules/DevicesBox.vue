<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, body } from '@/api/client'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'

/** The simulated counter and meter, and how they behave. */
type Counter = 'NORMAL' | 'SLOW' | 'DOWN'
type Meter = 'NORMAL' | 'NOISY' | 'DROPPED'
const counter = ref<Counter | null>(null)
const meter = ref<Meter | null>(null)
const wrong = ref('')

async function ask(work: () => Promise<void>) {
  try {
    await work()
    wrong.value = ''
  } catch (problem) {
    wrong.value = (problem as Error).message
  }
}
onMounted(() =>
  ask(async () => {
    counter.value = (await body(api.GET('/counter/v1/mode'))).mode
    meter.value = (await body(api.GET('/meter/v1/mode'))).mode
  }),
)
const setCounter = (mode: Counter | null) =>
  mode &&
  ask(async () => {
    counter.value = (await body(api.PUT('/counter/v1/mode', { body: { mode } }))).mode
  })
const setMeter = (mode: Meter | null) =>
  mode &&
  ask(async () => {
    meter.value = (await body(api.PUT('/meter/v1/mode', { body: { mode } }))).mode
  })
</script>

<template>
  <section class="devices" aria-labelledby="devices">
    <h2 id="devices" class="zb-hidden">Counter and meter</h2>
    <p class="zb-soft">Both are simulated here. How a real one takes their place is in the documentation.</p>
    <div class="two">
      <ChoiceButtons
        :model-value="counter"
        label="The counter"
        :choices="[
          { value: 'NORMAL', words: 'answers' },
          { value: 'SLOW', words: 'slow' },
          { value: 'DOWN', words: 'down' },
        ]"
        @update:model-value="setCounter"
      />
      <ChoiceButtons
        :model-value="meter"
        label="The meter"
        :choices="[
          { value: 'NORMAL', words: 'steady' },
          { value: 'NOISY', words: 'noisy' },
          { value: 'DROPPED', words: 'drops out' },
        ]"
        @update:model-value="setMeter"
      />
    </div>
    <p class="zb-wrong" role="alert">{{ wrong }}</p>
  </section>
</template>

<style scoped>
.devices {
}
.two {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 40px;
  margin-top: 10px;
}
</style>
