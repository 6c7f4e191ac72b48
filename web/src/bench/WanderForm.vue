<script setup lang="ts">
import { ref } from 'vue'
import type { FigureView } from '@/api/types'
import LabelledField from '@/shared/LabelledField.vue'
import { useCall } from '@/stores/call'
import { numberIn } from './fieldText'

/** A figure that does not stand still: from where to where it goes, and for how long that was watched. */
const props = defineProps<{ figure: FigureView; circuit?: number }>()
const store = useCall()
const isOpen = ref(false)
const low = ref('')
const high = ref('')
const minutes = ref('')
const wrong = ref('')

async function keep() {
  const read = { low: numberIn(low.value), high: numberIn(high.value), minutes: numberIn(minutes.value) }
  const { figureOf } = props.figure
  if (!figureOf || read.low === null || read.high === null || read.minutes === null) {
    wrong.value = 'Give the least, the most and the minutes as numbers.'
    return
  }
  const of = props.circuit === undefined ? {} : { circuit: props.circuit }
  const json = { figure: figureOf, low: read.low, high: read.high, minutes: read.minutes, ...of }
  if (await store.change('POST', '/proof/wanders', `${props.figure.title} wanders`, json)) {
    isOpen.value = false
    for (const field of [low, high, minutes, wrong]) field.value = ''
  } else wrong.value = store.problem || store.notice
}
</script>

<template>
  <div class="wander">
    <v-btn v-if="!isOpen" variant="text" height="44" @click="isOpen = true">it wanders</v-btn>
    <form v-else class="form" @submit.prevent="keep">
      <LabelledField
        v-model="low"
        kind="number"
        :label="`Least, ${figure.unit}`"
        has-no-wrong-line
        autofocus
      />
      <LabelledField v-model="high" kind="number" :label="`Most, ${figure.unit}`" has-no-wrong-line />
      <LabelledField v-model="minutes" kind="number" label="Watched, minutes" has-no-wrong-line />
      <v-btn type="submit" height="48">Put it on the tape</v-btn>
      <p class="zb-wrong whole" role="alert">{{ wrong }}</p>
    </form>
  </div>
</template>

<style scoped>
.wander {
  grid-column: 1 / -1;
}
.form {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(130px, 1fr));
  gap: 8px 12px;
  align-items: end;
}
.whole {
  grid-column: 1 / -1;
}
</style>
