<script setup lang="ts">
import { ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, body, Refused } from '@/api/client'
import type { UnitView } from '@/api/types'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import LabelledField from '@/shared/LabelledField.vue'
import { useDraft } from '@/shared/useDraft'
import { useCall } from '@/stores/call'
import { useUi } from '@/stores/ui'
import UnitLine from '@/units/UnitLine.vue'
import { useUnitSearch } from '@/units/useUnitSearch'

/** A visit: to which unit, and what is complained of. */
const isOpen = defineModel<boolean>({ required: true })
const router = useRouter()
const store = useCall()
const ui = useUi()
const { words, found, isLoaded, wrong: searchWrong, ask } = useUnitSearch()
const unit = ref<UnitView | null>(null)
const isNewUnit = ref(false)
/** Which of the two forms is shown depends on whether there are units; neither is until that is known. */
const isAsked = ref(false)
const fresh = ref({ site: '', name: '', volts: '208/230', tons: '' })
const phase = ref<'1' | '3' | null>('1')
const { text: complaint, letGo } = useDraft('new call', () => '')
const wrong = ref<Record<string, string>>({})

watch(isOpen, async (open) => {
  if (!open) return
  wrong.value = {}
  isAsked.value = false
  words.value = ''
  fill()
  await ask()
  isAsked.value = true
  isNewUnit.value = isLoaded.value && found.value.length === 0
})

/** What the plate says needs no typing. */
function fill() {
  const said = ui.pendingUnit
  if (!said) return
  if (said.volts) fresh.value.volts = said.volts
  if (said.tons !== undefined) fresh.value.tons = String(said.tons)
  phase.value = said.phase === 3 ? '3' : '1'
  ui.pendingUnit = null
}
async function start() {
  wrong.value = {}
  try {
    const at = isNewUnit.value ? await addUnit() : unit.value
    if (!at) {
      wrong.value = { all: 'Choose the unit.' }
      return
    }
    const call = await body(api.POST('/api/calls', { body: { unitId: at.id, complaint: complaint.value } }))
    letGo()
    complaint.value = ''
    isOpen.value = false
    if (ui.pendingLabel) await putLabel(call.id)
    void router.push(`/calls/${call.id}`)
  } catch (problem) {
    wrong.value =
      problem instanceof Refused && problem.errors.length
        ? Object.fromEntries(problem.errors.map((e) => [e.field, e.problem]))
        : { all: (problem as Error).message }
  }
}
/** What was typed into the label box is the first thing on it. */
async function putLabel(id: number) {
  const text = ui.pendingLabel
  ui.pendingLabel = ''
  await store.open(id)
  await store.change('POST', '/quick', text, { text })
  const part = store.call?.tape[0]?.part
  if (ui.pendingPhoto && part) await store.addPhoto(ui.pendingPhoto, { part })
  ui.pendingPhoto = null
}
async function addUnit(): Promise<UnitView> {
  const tons = fresh.value.tons.trim() === '' ? undefined : Number(fresh.value.tons.replace(',', '.'))
  if (tons !== undefined && Number.isNaN(tons))
    throw new Refused(400, '', [{ field: 'tons', problem: 'give tons as 3.5' }])
  const made = await body(
    api.POST('/api/units', {
      body: {
        site: fresh.value.site,
        name: fresh.value.name,
        volts: fresh.value.volts,
        phase: Number(phase.value ?? 1),
        tons,
      },
    }),
  )
  unit.value = made
  isNewUnit.value = false
  return made
}
</script>

<template>
  <v-dialog v-model="isOpen" max-width="620" aria-label="New call">
    <form class="box" @submit.prevent="start">
      <h2>New call</h2>
      <p v-if="!isAsked" class="zb-soft" role="status">Looking for the units …</p>
      <template v-else-if="!isNewUnit">
        <LabelledField
          v-model="words"
          label="Which unit? Site, place, model or last signs of the serial"
          has-no-wrong-line
          autofocus
        />
        <div class="units" role="group" aria-label="Units">
          <button
            v-for="u in found"
            :key="u.id"
            type="button"
            class="unit"
            :class="{ on: unit?.id === u.id }"
            :aria-pressed="unit?.id === u.id"
            @click="unit = u"
          >
            <UnitLine :unit="u" />
          </button>
          <p v-if="found.length === 0" class="zb-soft none">
            {{ searchWrong || `No unit by "${words}".` }}
          </p>
        </div>
        <v-btn variant="text" class="other" @click="isNewUnit = true">a unit not seen before</v-btn>
      </template>
      <template v-else>
        <div class="two">
          <LabelledField v-model="fresh.site" label="Site" :wrong="wrong.site" />
          <LabelledField v-model="fresh.name" label="Unit" hint="rooftop 1" :wrong="wrong.name" />
          <LabelledField v-model="fresh.volts" label="Rated volts" :wrong="wrong.volts" />
          <LabelledField v-model="fresh.tons" kind="number" label="Tons, if known" :wrong="wrong.tons" />
        </div>
        <ChoiceButtons
          v-model="phase"
          label="Phase"
          :choices="[
            { value: '1', words: 'one' },
            { value: '3', words: 'three' },
          ]"
        />
        <v-btn variant="text" class="other" @click="isNewUnit = false">one of the known units</v-btn>
      </template>
      <LabelledField v-model="complaint" label="Complaint, in their words" :wrong="wrong.complaint" />
      <p v-if="wrong.all" class="zb-wrong" role="alert">{{ wrong.all }}</p>
      <div class="row">
        <v-btn type="submit" color="primary" variant="flat" class="go">Start the call</v-btn>
        <v-btn variant="text" @click="isOpen = false">Not now</v-btn>
      </div>
    </form>
  </v-dialog>
</template>

<style scoped>
.box {
  padding: 20px 24px;
  display: grid;
  gap: 10px;
  overflow-y: auto;
}
.units {
  max-height: 280px;
  overflow-y: auto;
  border: var(--zb-line);
}
.unit {
  width: 100%;
  min-height: 56px;
  border: 0;
  border-bottom: 1px solid var(--zb-hair);
  background: var(--zb-sheet);
  display: grid;
  text-align: left;
  padding: 6px 14px;
  cursor: pointer;
}
.on {
  background: var(--zb-lemon);
  color: var(--zb-on-lemon);
}
.none {
  padding: 14px;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 14px;
}
.other {
  justify-self: start;
}
.row {
  display: flex;
  gap: 12px;
}
.go {
  border: var(--zb-line) !important;
}
@media (max-width: 520px) {
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
