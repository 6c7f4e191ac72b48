<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import LabelledField from '@/shared/LabelledField.vue'
import { useDraft } from '@/shared/useDraft'
import { useCall } from '@/stores/call'
import { useUi } from '@/stores/ui'
import { numberIn } from './fieldText'

/** What is done to the refrigerant: weighed in or out, a leak, a pressure test, a vacuum. */
const isOpen = defineModel<boolean>({ required: true })
type What = 'ADDED' | 'RECOVERED' | 'LEAK' | 'PRESSURE' | 'VACUUM'
const WHATS: readonly { value: What; words: string }[] = [
  { value: 'RECOVERED', words: 'recovered' },
  { value: 'LEAK', words: 'leak' },
  { value: 'PRESSURE', words: 'pressure test' },
  { value: 'VACUUM', words: 'vacuum' },
  { value: 'ADDED', words: 'added' },
]
const store = useCall()
const ui = useUi()
const what = ref<What | null>(null)
const blank = () => ({
  pounds: '',
  ounces: '',
  refrigerant: '',
  returnDate: '',
  place: '',
  how: '',
  psig: '',
  microns: '',
  after: '',
  minutes: '',
  fahrenheit: '',
  fahrenheitAfter: '',
})
const field = ref(blank())
const isRepaired = ref(false)
const wrong = ref('')
/** The same cylinder and certificate serve for the next call too. */
const { text: cylinder } = useDraft(
  () => 'refrigerant cylinder',
  () => '',
)
const { text: holder } = useDraft(
  () => 'refrigerant certificate',
  () => '',
)
const refrigerant = computed(() => store.call?.leave.proof.refrigerant ?? '')
const circuits = computed(() => store.call?.leave.proof.chargeCircuits ?? [])
const circuit = ref<string | null>(null)
const at = computed(
  () =>
    circuits.value.find((c) => c.circuit === circuit.value) ??
    (circuits.value.length > 1 ? null : circuits.value[0]),
)
const isWeight = computed(() => what.value === 'ADDED' || what.value === 'RECOVERED')

watch(what, () => (wrong.value = ''))
watch(isOpen, (open) => {
  if (open) {
    field.value = blank()
    isRepaired.value = false
    circuit.value = null
    what.value = null
  }
})
type Name = keyof ReturnType<typeof blank>
const text = (name: Name) => field.value[name].trim()
const figure = (name: Name) => numberIn(text(name)) ?? undefined

function send(): Promise<boolean> {
  const figures = { after: figure('after') as number, minutes: figure('minutes') as number }
  switch (what.value) {
    case 'LEAK':
      return store.change('POST', '/charge/leak', 'leak', {
        place: text('place'),
        how: text('how'),
        isRepaired: isRepaired.value,
      })
    case 'PRESSURE':
      return store.change('POST', '/charge/pressure-test', 'pressure test', {
        psig: figure('psig') as number,
        fahrenheit: figure('fahrenheit'),
        fahrenheitAfter: figure('fahrenheitAfter'),
        ...figures,
      })
    case 'VACUUM':
      return store.change('POST', '/charge/vacuum', 'vacuum', {
        microns: figure('microns') as number,
        ...figures,
      })
    default:
      return store.change('POST', '/charge', `${what.value?.toLowerCase()} by weight`, {
        way: what.value as 'ADDED' | 'RECOVERED',
        ...(text('refrigerant') ? { refrigerant: text('refrigerant') } : {}),
        pounds: figure('pounds'),
        ounces: figure('ounces'),
        cylinder: cylinder.value,
        holder: holder.value,
        circuit: circuits.value.length > 1 ? (circuit.value ?? '') : '',
        ...(text('returnDate') ? { returnDate: text('returnDate') } : {}),
      })
  }
}
const FIGURES: Readonly<Record<What, readonly Name[]>> = {
  ADDED: ['pounds', 'ounces'],
  RECOVERED: ['pounds', 'ounces'],
  LEAK: [],
  PRESSURE: ['psig', 'after', 'minutes', 'fahrenheit', 'fahrenheitAfter'],
  VACUUM: ['microns', 'after', 'minutes'],
}
async function keep() {
  if (what.value === null) return
  if (isWeight.value && circuits.value.length > 1 && circuit.value === null) {
    wrong.value = 'Say which circuit it goes into or comes out of.'
    return
  }
  const unread = FIGURES[what.value].find((name) => text(name) !== '' && figure(name) === undefined)
  if (unread !== undefined) {
    wrong.value = `"${text(unread)}" is no number: give ${unread} in figures.`
    return
  }
  if (await send()) {
    isOpen.value = false
    ui.pane = 'WORK'
  } else wrong.value = store.problem || store.notice
}
</script>

<template>
  <v-dialog v-model="isOpen" max-width="640" aria-label="Refrigerant">
    <form class="zb-ask" @submit.prevent="keep">
      <h2>What was done to the refrigerant?</h2>
      <p class="zb-soft">By whoever holds the certificate that local law asks for.</p>
      <ChoiceButtons v-model="what" label="What was done" :choices="WHATS" />
      <template v-if="isWeight">
        <div class="pair">
          <LabelledField v-model="field.pounds" kind="number" label="Pounds" has-no-wrong-line />
          <LabelledField v-model="field.ounces" kind="number" label="Ounces" has-no-wrong-line />
        </div>
        <div class="pair">
          <LabelledField v-model="cylinder" label="Cylinder" hint="as C-114" has-no-wrong-line />
          <LabelledField
            v-model="field.refrigerant"
            label="Refrigerant"
            :hint="refrigerant || 'as R-410A'"
            has-no-wrong-line
          />
        </div>
        <LabelledField v-model="holder" label="Certificate of" hint="name or number" has-no-wrong-line />
        <ChoiceButtons
          v-if="circuits.length > 1"
          v-model="circuit"
          label="Which circuit"
          :choices="circuits.map((c) => ({ value: c.circuit, words: c.words }))"
        />
        <p v-if="what === 'ADDED' && at" class="zb-soft">{{ at.now }}</p>
        <LabelledField
          v-if="what === 'ADDED'"
          v-model="field.returnDate"
          kind="date"
          label="It still leaks? The day to come back"
          has-no-wrong-line
        />
      </template>
      <template v-else-if="what === 'LEAK'">
        <div class="pair">
          <LabelledField v-model="field.place" label="Where; empty if none was found" has-no-wrong-line />
          <LabelledField
            v-model="field.how"
            label="How it was looked for"
            hint="bubbles, detector"
            has-no-wrong-line
          />
        </div>
        <v-checkbox v-model="isRepaired" label="It is repaired" hide-details />
      </template>
      <div v-else-if="what" class="three">
        <LabelledField
          v-if="what === 'PRESSURE'"
          v-model="field.psig"
          kind="number"
          label="Nitrogen, psig"
          has-no-wrong-line
        />
        <LabelledField
          v-else
          v-model="field.microns"
          kind="number"
          label="Shut off at, microns"
          has-no-wrong-line
        />
        <LabelledField
          v-model="field.after"
          kind="number"
          :label="what === 'PRESSURE' ? 'At the end, psig' : 'At the end, microns'"
          has-no-wrong-line
        />
        <LabelledField v-model="field.minutes" kind="number" label="After, minutes" has-no-wrong-line />
        <template v-if="what === 'PRESSURE'">
          <LabelledField
            v-model="field.fahrenheit"
            kind="number"
            label="The line at first, °F, if read"
            has-no-wrong-line
          />
          <LabelledField
            v-model="field.fahrenheitAfter"
            kind="number"
            label="At the end, °F"
            has-no-wrong-line
          />
        </template>
      </div>
      <p v-if="wrong" role="alert">
        <b>{{ wrong }}</b>
      </p>
      <div class="ends">
        <v-btn v-if="what" type="submit" color="primary" variant="flat" height="52">Put it on the tape</v-btn>
        <v-btn variant="text" height="52" @click="isOpen = false">Not now</v-btn>
      </div>
    </form>
  </v-dialog>
</template>

<style scoped>
.ends {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.pair,
.three {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 12px;
}
.three {
  grid-template-columns: repeat(3, minmax(0, 1fr));
  align-items: end;
}
</style>
