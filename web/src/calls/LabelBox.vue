<script setup lang="ts">
import { mdiMicrophoneOutline } from '@mdi/js'
import { useSpeechRecognition } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { CallsView } from '@/api/types'
import PhotoWay from '@/photo/PhotoWay.vue'
import { useDraft } from '@/shared/useDraft'
import { useCall } from '@/stores/call'
import { useUi } from '@/stores/ui'
import LabelOnTruck from './LabelOnTruck.vue'
import SaidByLabel from './SaidByLabel.vue'
import { useLabelBox } from './useLabelBox'

/** The job is the start page: what a label says, what its readings mean and what the truck has, before any call exists. */
defineProps<{ open: CallsView['calls'] }>()
const emit = defineEmits<{ new: [] }>()
const ui = useUi()
const store = useCall()
const router = useRouter()
const box = ref<HTMLTextAreaElement | null>(null)
/** Once opened it stays so: nothing below may move under the finger that leaves it. */
const isFocused = ref(false)
const isChoosing = ref(false)
const isBusy = ref(false)
const notKept = ref('')
const { text, letGo } = useDraft('label box', () => '')
const { answer, wrong, isAsking } = useLabelBox(text)
const {
  isSupported: canHear,
  isListening,
  result: heard,
  toggle,
} = useSpeechRecognition({ lang: navigator.language, continuous: false })
watch(heard, (words) => words && (text.value = words))
// a photo goes with the label that was read from it, not with the next one
watch(text, (now) => now === '' && (ui.pendingPhoto = null))

const EXAMPLES = [
  '45/5 MFD 440VAC ±6% : 44.1 4.2',
  '2 pole 30 FLA 40 RES 24V coil',
  '1/4 HP 1075 RPM 208-230V 1.9A CW',
]
const isOpen = computed(() => isFocused.value || text.value !== '')
const ways = computed(() => answer.value?.found?.offers.filter((o) => o.canBeChosen) ?? [])
const isUsable = computed(() => answer.value !== null && !answer.value.problem && answer.value.kind !== '')
const words = computed(() => {
  if (ways.value.length > 1) return `See the ${ways.value.length} ways`
  if (ways.value.length === 1) return 'See the way'
  return answer.value?.verdicts.length ? 'See it on the bench' : 'Open it on the bench'
})

watch(
  () => ui.quickAsked,
  () => {
    box.value?.focus()
    box.value?.select()
  },
)

function seen(label: string, photo: File) {
  if (label) text.value = label
  ui.pendingPhoto = photo
}

/** Puts what is typed onto a call and goes there. */
async function put(open: () => Promise<void>, path: string) {
  if (isBusy.value) return
  isBusy.value = true
  notKept.value = ''
  try {
    await open()
    const before = store.call?.tape.length ?? 0
    const hasWays = ways.value.length > 0
    if (await store.change('POST', '/quick', text.value, { text: text.value })) {
      letGo()
      text.value = ''
      const newest = (store.call?.tape.length ?? 0) > before ? store.call?.tape[0] : undefined
      if (newest?.part) {
        if (ui.pendingPhoto) void store.addPhoto(ui.pendingPhoto, { part: newest.part })
        ui.pendingPhoto = null
        // the ways were asked for; else the bench knows what is next
        if (hasWays) store.go({ part: newest.part, step: 'MATCH' })
        else store.goNext()
      }
      ui.keepsPlace = true
      void router.push(path)
    } else {
      notKept.value = store.problem || store.notice
    }
  } catch (problem) {
    notKept.value = (problem as Error).message
  } finally {
    isBusy.value = false
  }
}
const check = () => put(() => store.openQuickCheck(), '/quick')
const onto = (id: number) => put(() => store.open(id), `/calls/${id}`)
function fresh() {
  ui.pendingLabel = text.value
  ui.pendingUnit = answer.value?.unit ?? null
  emit('new')
}
function enter() {
  if (isUsable.value) void check()
}
</script>

<template>
  <section class="job" aria-labelledby="label-box">
    <header class="over">
      <h1 id="label-box">What does the label say?</h1>
      <span class="zb-soft hint"
        >Any label, with or without readings behind a colon. <kbd class="zb-plate">/</kbd></span
      >
    </header>
    <form class="sheet" @submit.prevent="enter" @focusin="isFocused = true">
      <div class="line">
        <span class="slash" aria-hidden="true">/</span>
        <textarea
          ref="box"
          v-model="text"
          class="box zb-figure"
          rows="1"
          aria-label="Label: as printed, then a colon and readings"
          placeholder="45/5 MFD 440VAC ±6% : 44.1 4.2"
          autocapitalize="off"
          spellcheck="false"
          @keydown.enter.exact.prevent="enter"
        />
        <button v-if="text" type="button" class="way" @click="((text = ''), box?.focus())">clear</button>
        <button v-if="canHear" type="button" class="way" :aria-pressed="isListening" @click="() => toggle()">
          <svg width="24" height="24" viewBox="0 0 24 24" aria-hidden="true">
            <path :d="mdiMicrophoneOutline" fill="currentColor" />
          </svg>
          {{ isListening ? 'Stop' : 'Say' }}
        </button>
        <PhotoWay kind="auto" class="way" @keep="seen" />
      </div>
      <p v-if="ui.pendingPhoto" class="waits" role="status">
        Photo kept for this label
        <button type="button" class="zb-bare" @click="ui.pendingPhoto = null">Leave it out</button>
      </p>
      <div v-if="isOpen" class="answer">
        <p v-if="wrong || notKept" role="alert" class="whole">
          <b>{{ wrong || notKept }}</b>
        </p>
        <template v-else-if="answer && text">
          <SaidByLabel :answer="answer" class="said" />
          <LabelOnTruck :found="answer.found" :ways="ways.length">
            <button type="submit" class="act" :disabled="!isUsable || isBusy">
              <span>{{ words }}</span>
            </button>
            <button type="button" class="put" :disabled="!isUsable || isBusy" @click="isChoosing = true">
              Put it on a call
            </button>
          </LabelOnTruck>
        </template>
        <p v-else-if="isAsking" class="zb-soft whole" role="status">Reading …</p>
        <p v-else class="whole examples">
          <span class="zb-soft">for example</span>
          <button
            v-for="e in EXAMPLES"
            :key="e"
            type="button"
            class="zb-bare zb-figure example"
            @mousedown.prevent
            @click="text = e"
          >
            {{ e }}
          </button>
        </p>
      </div>
    </form>
    <v-dialog v-model="isChoosing" max-width="520" aria-label="Put it on a call">
      <div class="choose">
        <h2>On which call?</h2>
        <button v-for="c in open" :key="c.id" type="button" class="call" @click="onto(c.id)">
          <b>{{ c.site }}, {{ c.unit }}</b> <span class="zb-soft">{{ c.complaint }}</span>
        </button>
        <button type="button" class="call" @click="((isChoosing = false), fresh())"><b>A new call</b></button>
        <v-btn variant="text" @click="isChoosing = false">Not now</v-btn>
      </div>
    </v-dialog>
  </section>
</template>

<style scoped>
.over {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 16px;
  margin-bottom: 6px;
}
h1 {
  font-size: 27px;
}
h2 {
  font-size: 21px;
}
kbd {
  padding: 0 6px;
}
.sheet {
  border: var(--zb-line);
  background: var(--zb-sheet);
}
.line {
  display: flex;
  align-items: stretch;
  min-height: 72px;
}
.slash {
  flex: 0 0 60px;
  display: flex;
  align-items: center;
  justify-content: center;
  background: var(--zb-lemon);
  color: var(--zb-on-lemon);
  border-right: var(--zb-line);
  font-family: var(--zb-figures);
  font-weight: 700;
  font-size: 34px;
}
.box {
  flex: 1;
  min-width: 0;
  border: 0;
  background: none;
  resize: none;
  field-sizing: content;
  padding: 18px;
  font-size: 26px;
  line-height: 1.3;
}
.box::placeholder {
  color: var(--zb-soft);
  opacity: 1;
  font-style: italic;
}
.way {
  display: inline-flex;
  align-items: center;
  justify-content: center;
  gap: 6px;
  min-width: 72px;
  border: 0;
  border-left: var(--zb-line);
  background: var(--zb-paper);
  font-weight: 600;
  cursor: pointer;
  padding: 0 12px;
}
.way[aria-pressed='true'] {
  box-shadow: inset 0 -6px 0 var(--zb-ink);
}
.waits {
  border-top: var(--zb-line);
  padding: 0 18px;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 0 16px;
}
.waits .zb-bare {
  min-height: 48px;
  font-weight: 600;
  text-decoration: underline;
  text-underline-offset: 4px;
}
.answer {
  border-top: var(--zb-line);
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 400px);
  min-height: 150px;
}
.whole {
  grid-column: 1 / -1;
  padding: 12px 18px;
}
.said {
  padding: 10px 18px 12px;
  min-width: 0;
}
.act,
.put {
  min-height: 56px;
  padding: 0 16px;
  border: var(--zb-line);
  background: var(--zb-sheet);
  font-weight: 600;
  cursor: pointer;
}
.act {
  flex: 1;
  background: var(--zb-lemon);
  color: var(--zb-on-lemon);
  font-weight: 700;
  font-size: 18px;
  text-align: left;
}
.act:disabled,
.put:disabled {
  background: none;
  color: var(--zb-soft);
  border-color: var(--zb-hair);
  cursor: default;
}
.examples {
  display: flex;
  flex-wrap: wrap;
  gap: 0 24px;
  align-items: center;
  align-content: center;
}
.example {
  min-height: 48px;
  font-size: 18px;
  text-decoration: underline;
  text-underline-offset: 4px;
}
.choose {
  padding: 20px 24px;
  display: grid;
  gap: 8px;
}
.call {
  min-height: 56px;
  border: var(--zb-line);
  background: var(--zb-sheet);
  padding: 6px 14px;
  display: grid;
  text-align: left;
  cursor: pointer;
}
@media (max-width: 839px) {
  .hint {
    display: none;
  }
  h1 {
    font-size: 22px;
  }
  .answer {
    grid-template-columns: minmax(0, 1fr);
  }
  .slash {
    flex-basis: 48px;
  }
  /* the ways stand under what is typed: it keeps the width */
  .line {
    flex-wrap: wrap;
  }
  .box {
    flex-basis: calc(100% - 48px);
  }
  .way {
    flex: 1;
    min-height: 48px;
    border-left: 0;
    border-top: var(--zb-line);
  }
  .way + .way {
    border-left: var(--zb-line);
  }
  .box {
    font-size: 20px;
    padding: 14px 12px;
  }
}
</style>
