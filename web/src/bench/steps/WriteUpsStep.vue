<script setup lang="ts">
import { computed, ref } from 'vue'
import type { WriteUpView } from '@/api/types'
import ActionBar from '@/shared/ActionBar.vue'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import LabelledField from '@/shared/LabelledField.vue'
import { dateWords, whenOf } from '@/shared/time'
import { useDraft } from '@/shared/useDraft'
import { useCall } from '@/stores/call'

/** Seen and not done: what, why it matters, how long it can wait. Those of earlier visits stay until they are ended. */
type Urgency = WriteUpView['urgency']
const store = useCall()
const urgencies = computed(() => store.call?.leave.urgencies ?? [])
const choices = computed(() =>
  urgencies.value.map((u) => ({ value: u.urgency, words: u.flag.toLowerCase() })),
)
const open = computed(() => store.call?.leave.writeUps ?? [])
const of = (field: string) => `write-up ${store.call?.id} ${field}`
const place = useDraft(
  () => of('place'),
  () => '',
)
const what = useDraft(
  () => of('what'),
  () => '',
)
const why = useDraft(
  () => of('why'),
  () => '',
)
const { text: placeText } = place
const { text: whatText } = what
const { text: whyText } = why
const urgency = ref<Urgency | null>(null)
const until = ref('')
const chosen = computed(() => urgencies.value.find((u) => u.urgency === urgency.value))
const ending = ref<string | null>(null)
const how = ref('')
const isReady = computed(() => whatText.value.trim() !== '' && urgency.value !== null)

async function keep() {
  if (urgency.value === null) return
  const isKept = await store.change('POST', '/write-ups', `write-up: ${whatText.value}`, {
    place: placeText.value,
    what: whatText.value,
    why: whyText.value,
    urgency: urgency.value,
    ...(chosen.value?.isStandstill && until.value ? { until: until.value } : {}),
  })
  if (isKept || store.notice) {
    for (const draft of [place, what, why]) {
      draft.text.value = ''
      draft.letGo()
    }
    urgency.value = null
    until.value = ''
  }
}
async function end(w: WriteUpView) {
  if (
    await store.change(
      'POST',
      '/write-ups/{writeUp}/end',
      `ended: ${w.what}`,
      { how: how.value },
      { writeUp: w.id },
    )
  ) {
    ending.value = null
    how.value = ''
  }
}
</script>

<template>
  <div>
    <div tabindex="0" class="zb-scroll ups">
      <ul v-if="open.length" class="open" aria-label="Open write-ups">
        <li v-for="w in open" :key="w.id">
          <div class="line">
            <b class="zb-name flag" :class="{ now: !['SOON', 'WATCH'].includes(w.urgency) }">{{ w.flag }}</b>
            <span class="what">
              <b>{{ w.what }}</b>
              <span v-if="w.place" class="zb-soft"> {{ w.place }}</span>
              <span v-if="w.why" class="why">{{ w.why }}</span>
              <span class="zb-soft"
                >{{ w.isHere ? 'this visit' : `seen ${whenOf(w.atMillis)}` }}, {{ w.words
                }}{{ w.until ? `, look again ${dateWords(w.until)}` : '' }}</span
              >
            </span>
            <v-btn
              v-if="store.isWorking && ending !== w.id"
              height="48"
              @click="((ending = w.id), (how = ''))"
              >Done</v-btn
            >
          </div>
          <div v-if="ending === w.id" class="end">
            <LabelledField
              v-model="how"
              label="How it ended"
              hint="done, or no longer so"
              has-no-wrong-line
              autofocus
            />
            <v-btn height="48" :disabled="!how.trim()" @click="end(w)">Put it on the tape</v-btn>
          </div>
        </li>
      </ul>
      <p v-else class="zb-note">
        Nothing open. What was seen and not done goes here, so that the next person knows.
      </p>
      <section v-if="store.isWorking" class="new" aria-label="New write-up">
        <LabelledField
          v-model="whatText"
          label="What was seen"
          hint="Base pan rusted through under the coil"
          has-no-wrong-line
        />
        <div class="two">
          <LabelledField v-model="placeText" label="Where" hint="outdoor unit" has-no-wrong-line />
          <LabelledField
            v-model="whyText"
            label="Why it matters"
            hint="the coil sags onto its lines"
            has-no-wrong-line
          />
        </div>
        <ChoiceButtons v-model="urgency" label="How long it can wait" :choices="choices" />
        <template v-if="chosen?.isStandstill">
          <p class="zb-soft">
            Without a place it is the whole unit, and stands at its head until it is ended.
          </p>
          <div class="usual">
            <button v-for="u in chosen.usual" :key="u" type="button" class="zb-tap" @click="whatText = u">
              {{ u }}
            </button>
          </div>
          <LabelledField v-model="until" kind="date" label="Look again on, if you like" has-no-wrong-line />
        </template>
      </section>
    </div>
    <ActionBar
      v-if="whatText.trim()"
      words="Put it on the tape"
      keeps
      :is-off="!isReady"
      :why="urgency ? '' : 'say how long it can wait'"
      @act="keep"
    />
    <ActionBar v-else words="Go on" :is-off="!store.isWorking" @act="store.go({ call: 'OPTIONS' })" />
  </div>
</template>

<style scoped>
.ups {
  display: grid;
  gap: 18px;
  align-content: start;
}
.open {
  list-style: none;
  margin: 0;
  padding: 0;
  border-top: var(--zb-line);
}
.open li {
  border-bottom: 1px solid var(--zb-hair);
  padding: 10px 0;
}
.line {
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr) auto;
  gap: 14px;
  align-items: start;
}
.what {
  display: block;
}
.what > span {
  display: block;
}
.why {
  padding: 2px 0;
}
.flag {
  font-size: 19px;
  border: var(--zb-line);
  background: var(--zb-sheet);
  padding: 0 8px;
  justify-self: start;
}
.now {
  background: var(--zb-ink);
  color: var(--zb-paper);
}
.end,
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 12px;
  align-items: end;
  margin-top: 8px;
}
.two {
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.6fr);
  margin: 0;
}
.usual {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.new {
  display: grid;
  gap: 12px;
}
@media (max-width: 839px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
  .line {
    grid-template-columns: 76px minmax(0, 1fr);
  }
  .line > :last-child:not(.what) {
    grid-column: 2;
    justify-self: start;
  }
}
</style>
