<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, body } from '@/api/client'
import type { MatchesView, OfferView } from '@/api/types'
import ActionBar from '@/shared/ActionBar.vue'
import FindingLines from '@/shared/FindingLines.vue'
import GradePlate from '@/shared/GradePlate.vue'
import LabelledField from '@/shared/LabelledField.vue'
import { useDraft } from '@/shared/useDraft'
import { useCall } from '@/stores/call'
import MatchBoard from '../MatchBoard.vue'

/** What the circuit needs, and what can do it: the truck, or a part bought on the way. */
const store = useCall()
const part = computed(() => store.part)
const found = ref<MatchesView | null>(null)
const wrong = ref('')
const picked = ref<OfferView | null>(null)
const isTyped = ref(false)
const { text: typed, letGo } = useDraft(`offer ${store.call?.id} ${store.part?.id}`, () => '')
const returnDate = ref('')
const dateWrong = ref('')

async function look() {
  const id = store.call?.id
  const at = part.value?.id
  if (id === undefined || at === undefined || part.value?.chosen) return
  wrong.value = ''
  try {
    const path = { id, part: at }
    found.value = isTyped.value
      ? await body(
          api.POST('/api/calls/{id}/parts/{part}/offer', { params: { path }, body: { text: typed.value } }),
        )
      : await body(api.GET('/api/calls/{id}/parts/{part}/matches', { params: { path } }))
    // what was picked stays picked though the call has moved on meanwhile
    const before = picked.value?.offer.join(' ')
    const open = found.value.offers.filter((o) => fits(o))
    picked.value = open.find((o) => o.offer.join(' ') === before) ?? open[0] ?? null
  } catch (problem) {
    found.value = null
    wrong.value = (problem as Error).message
  }
}
watch(
  () => [part.value?.id, part.value?.chosen?.title, part.value?.fields],
  () => void look(),
  { immediate: true },
)

const fits = (o: OfferView) => o.grade !== 'REFUSED' && o.grade !== 'UNDECIDED'
/** What has to be known before anything is picked stands before the board. */
const said = (isBefore: boolean) =>
  found.value?.findings.filter((f) => (f.severity === 'INFO') !== isBefore) ?? []
const isStopgap = computed(() => picked.value?.grade === 'STOPGAP')
const words = computed(() => {
  const p = part.value
  if (p?.chosen) return p.closed ? 'Proved and closed' : 'Hook it up'
  if (!picked.value) return isTyped.value ? 'Type what its label says' : 'Nothing on the truck fits'
  return isTyped.value ? `Use ${picked.value.title}` : `Take ${picked.value.title} from the truck`
})

async function act() {
  if (part.value?.chosen) {
    store.goStep('HOOK_UP')
    return
  }
  const offer = picked.value
  if (!offer) return
  if (isStopgap.value && returnDate.value === '') {
    dateWrong.value = 'A stopgap comes out again: say by which day.'
    return
  }
  const json = {
    ...(isTyped.value ? { text: typed.value } : { offer: offer.offer }),
    ...(isStopgap.value ? { returnDate: returnDate.value } : {}),
  }
  if (await store.changePart('POST', '/choice', `choose ${offer.title}`, json)) {
    letGo()
    store.goStep('HOOK_UP')
  }
}
function setTyped(on: boolean) {
  isTyped.value = on
  found.value = null
  picked.value = null
  if (!on || typed.value.trim() !== '') void look()
}
</script>

<template>
  <div v-if="part">
    <div tabindex="0" class="zb-scroll">
      <template v-if="part.chosen">
        <p class="chosen">
          <GradePlate :grade="part.chosen.grade" :word="part.chosen.word" is-chosen />
          <b>{{ part.chosen.title }}</b>
        </p>
        <ul class="changes">
          <li v-for="c in part.chosen.changes" :key="c">{{ c }}</li>
        </ul>
        <p v-if="part.chosen.returnDate">
          Comes out by <b>{{ part.chosen.returnDate }}</b>.
        </p>
      </template>
      <template v-else>
        <form v-if="isTyped" class="typed" @submit.prevent="look">
          <LabelledField
            v-model="typed"
            label="Label of the part at hand"
            hint="45+5 µF 440 VAC ±6%"
            has-no-wrong-line
            class="grow"
          />
          <v-btn type="submit" :disabled="!typed.trim()">Compare it</v-btn>
        </form>
        <p v-if="wrong" class="zb-wrong" role="alert">{{ wrong }}</p>
        <FindingLines v-if="found" :findings="said(true)" class="before zb-small" />
        <MatchBoard v-if="found" v-model="picked" :found="found" />
        <FindingLines v-if="found" :findings="said(false)" class="findings zb-small" />
      </template>
    </div>
    <ActionBar
      :words="words"
      :is-off="(!part.chosen && !picked) || !!part.closed || !store.isWorking"
      @act="act"
    >
      <LabelledField
        v-if="isStopgap && !part.chosen"
        v-model="returnDate"
        kind="date"
        label="Stopgap: comes out by"
        :wrong="dateWrong"
        class="date"
      />
      <v-btn
        v-if="part.chosen && !part.closed && store.isWorking"
        variant="text"
        height="32"
        @click="store.changePart('DELETE', '/choice', 'put back')"
      >
        put it back on the truck
      </v-btn>
      <v-btn v-if="!part.chosen" variant="text" height="32" @click="setTyped(!isTyped)">
        {{ isTyped ? 'what is on the truck' : 'a part bought on the way' }}
      </v-btn>
    </ActionBar>
  </div>
</template>

<style scoped>
.chosen {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  font-size: 21px;
  margin-bottom: 12px;
}
.changes {
  padding-left: 22px;
  margin: 0 0 12px;
}
.typed {
  display: flex;
  gap: 12px;
  align-items: end;
  margin-bottom: 12px;
}
.grow {
  flex: 1;
}
.before {
  margin-bottom: 10px;
}
.findings {
  margin-top: 14px;
  color: var(--zb-soft);
}
.date {
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
  align-items: center;
}
</style>
