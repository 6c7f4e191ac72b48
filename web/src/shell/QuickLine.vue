<script setup lang="ts">
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, body } from '@/api/client'
import PhotoWay from '@/photo/PhotoWay.vue'
import { useDraft } from '@/shared/useDraft'
import VerdictMark from '@/shared/VerdictMark.vue'
import { usePreview } from '@/shared/usePreview'
import { useCall } from '@/stores/call'
import { useUi } from '@/stores/ui'

/** The one box that takes a label, readings, or both; it says what it understood before Enter. */
const store = useCall()
const ui = useUi()
const route = useRoute()
const router = useRouter()
const box = ref<HTMLInputElement | null>(null)
const isAtHand = ref(false)
const problem = ref('')
const isPhotographing = ref(false)
/** The photo that the label in the box was read from. */
const photo = ref<File | null>(null)
const isOnBench = computed(() => /^\/(calls\/\d+|quick)$/.test(route.path))
const { text, letGo } = useDraft(
  () => `quick ${route.path}`,
  () => '',
)

// the start page has a box of its own: what was asked for there is not open here
onMounted(() => (ui.isQuickOpen = false))

/** On the truck's own view a label is a part to be taken in. */
const isOnTruck = computed(() => route.path === '/truck')

async function callId(): Promise<number> {
  if (isOnBench.value && store.call) return store.call.id
  return (await body(api.POST('/api/quick-check', {}))).id
}
const partAtHand = () => (isOnBench.value ? (store.part?.id ?? undefined) : undefined)

const { seen: preview, wrong: unread } = usePreview(
  () => (text.value.trim() === '' || isOnTruck.value ? null : { text: text.value, part: partAtHand() }),
  async (typed) => {
    const id = await callId()
    return body(api.POST('/api/calls/{id}/quick/preview', { params: { path: { id } }, body: typed }))
  },
  { offline: 'Enter keeps it here until it is back.', keeps: true, restMillis: 180 },
)
/** What the truck would take in. */
const { seen: intake, wrong: notTaken } = usePreview(
  () => (text.value.trim() === '' || !isOnTruck.value ? null : text.value.trim()),
  (typed) => body(api.POST('/api/truck/label', { body: { text: typed } })),
  { offline: 'Enter opens it here until it is back.', restMillis: 180 },
)
watch(notTaken, (words) => isOnTruck.value && (problem.value = words))
watch(unread, (words) => (problem.value = words))
watch(text, (now) => {
  problem.value = ''
  if (now === '') photo.value = null
})
watch(
  () => ui.quickAsked,
  async () => {
    await nextTick()
    box.value?.focus()
    // a new label takes the place of what is left there; a tap in the line goes on with it
    box.value?.select()
  },
)

/** @param isCheck whether it is judged where a label is taken in else */
async function enter(isCheck = false) {
  const typed = text.value.trim()
  if (typed === '' || preview.value?.problem) return
  if (isOnTruck.value && !isCheck) {
    ui.label = typed
    text.value = ''
    letGo()
    close()
    return
  }
  if (!isOnBench.value) {
    try {
      await store.openQuickCheck()
    } catch (failure) {
      problem.value = (failure as Error).message
      return
    }
  }
  const before = store.call?.tape.length ?? 0
  const isKept = await store.change('POST', '/quick', typed, { text: typed, part: partAtHand() })
  if (isKept || store.notice) {
    const taken = photo.value
    text.value = ''
    letGo()
    preview.value = null
    close()
    if (isKept) showNewest(before, taken)
    if (!isOnBench.value) void router.push('/quick')
  } else {
    problem.value = store.problem
  }
}

/** To the part that the new line belongs to. */
function showNewest(before: number, taken: File | null) {
  const call = store.call
  const newest = call && call.tape.length > before ? call.tape[0] : undefined
  if (newest?.part && taken) void store.addPhoto(taken, { part: newest.part })
  if (newest?.part) store.go({ part: newest.part, step: newest.text.verdict ? 'JUDGE' : 'READ' })
}

async function photographed(label: string, taken: File) {
  // the box has one line; its lines stay apart in it
  if (label) text.value = label.replace(/\s*\n\s*/g, '   ')
  await nextTick()
  photo.value = taken
  box.value?.focus()
}
function close() {
  isAtHand.value = false
  ui.isQuickOpen = false
  box.value?.blur()
}
function leave(event: FocusEvent) {
  if (!(event.currentTarget as HTMLElement).contains(event.relatedTarget as Node | null)) {
    isAtHand.value = false
    if (text.value === '' && !isPhotographing.value) ui.isQuickOpen = false
  }
}
</script>

<template>
  <div class="quick zb-noprint" @focusin="isAtHand = true" @focusout="leave">
    <form class="line" @submit.prevent="enter()">
      <span class="slash" aria-hidden="true">/</span>
      <input
        ref="box"
        v-model="text"
        class="box zb-figure"
        aria-label="Quick line: a label, a colon, readings"
        :placeholder="isOnTruck ? 'label to take in' : 'label : readings'"
        autocomplete="off"
        autocapitalize="off"
        spellcheck="false"
        @keydown.escape="close"
        @keydown.alt.enter.prevent="enter(true)"
      />
      <span class="hint zb-soft" aria-hidden="true">{{ text ? 'Enter' : 'press /' }}</span>
      <PhotoWay
        v-if="!isOnTruck"
        kind="auto"
        is-short
        class="photo"
        @busy="isPhotographing = $event"
        @keep="photographed"
      />
      <button type="submit" class="send" :disabled="!text || !!preview?.problem">Keep</button>
      <button type="button" class="send shut" aria-label="Close the quick line" @click="close">✕</button>
    </form>
    <div v-if="isAtHand && isOnTruck && intake && !problem" class="seen" role="status">
      <p>
        <b>Takes in</b> <span class="zb-name rating">{{ intake.rating }}</span> ({{
          intake.kind.replaceAll('_', ' ')
        }}): Enter
      </p>
      <p v-if="intake.unread.length" class="zb-soft">kept unread: {{ intake.unread.join(' ') }}</p>
      <button type="button" class="check" @click="enter(true)">Judge it as a quick check: Alt+Enter</button>
    </div>
    <div v-else-if="isAtHand && (preview || problem)" class="seen" role="status">
      <p v-if="problem">
        <b>{{ problem }}</b>
      </p>
      <template v-else-if="preview">
        <p v-if="preview.rating" class="zb-name rating">{{ preview.rating }}</p>
        <p v-for="v in preview.verdicts" :key="v.subject" class="verdict">
          <b class="zb-name subject">{{ v.subject === 'CAPACITOR' ? '' : v.subject }}</b>
          <span class="zb-figure fig">{{ v.figure }}</span> {{ v.unit }}
          <span v-if="v.high" class="zb-soft">{{ v.low }} to {{ v.high }}</span>
          <VerdictMark :verdict="v.verdict" :word="v.word" />
        </p>
        <p v-if="preview.problem">
          <b>{{ preview.problem }}</b>
        </p>
        <p v-if="preview.unread.length" class="zb-soft">kept unread: {{ preview.unread.join(' ') }}</p>
        <p v-for="d in preview.doubts" :key="d" class="zb-soft">{{ d }}</p>
      </template>
    </div>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  align-items: stretch;
  height: 40px;
  border: var(--zb-line);
  background: var(--zb-sheet);
}
.line:focus-within {
  outline: 2px solid var(--zb-ink);
}
.slash {
  width: 40px;
  flex: none;
  display: flex;
  align-items: center;
  justify-content: center;
  background: var(--zb-lemon);
  color: var(--zb-on-lemon);
  border-right: var(--zb-line);
  font-family: var(--zb-figures);
  font-weight: 700;
  font-size: 20px;
}
.box {
  flex: 1;
  min-width: 0;
  border: 0;
  outline: none !important;
  background: none;
  padding: 0 12px;
  font-size: 18px;
}
.box::placeholder {
  color: var(--zb-soft);
  opacity: 1;
}
.hint {
  align-self: center;
  padding-right: 12px;
  white-space: nowrap;
}
.photo {
  min-width: 48px;
  min-height: 0;
  padding: 0;
  border-left: var(--zb-line);
}
.send {
  display: none;
}
.seen {
  position: absolute;
  left: 12px;
  right: 12px;
  top: 47px;
  border: var(--zb-line);
  border-top: 0;
  background: var(--zb-sheet);
  padding: 10px 14px;
  display: grid;
  gap: 4px;
}
.check {
  min-height: 48px;
  justify-self: start;
  border: var(--zb-line);
  background: var(--zb-sheet);
  padding: 0 14px;
  font-weight: 600;
  cursor: pointer;
}
.rating {
  font-size: 20px;
}
.verdict {
  display: flex;
  gap: 8px;
  align-items: baseline;
  flex-wrap: wrap;
}
.subject {
  min-width: 48px;
  font-size: 18px;
}
.fig {
  font-size: 22px;
}
/* below that it lies over the view, see .quick-over */
@media (min-width: 840px) {
  .quick {
    position: relative;
  }
}
@media (max-width: 839px) {
  .seen {
    inset: 56px 0 auto;
  }
  .line {
    height: 56px;
  }
  .hint {
    display: none;
  }
  .send {
    display: block;
    border: 0;
    border-left: var(--zb-line);
    background: var(--zb-ink);
    color: var(--zb-paper);
    padding: 0 14px;
    font-weight: 600;
    cursor: pointer;
  }
  .send:disabled {
    background: var(--zb-sheet);
    color: var(--zb-soft);
  }
  .shut {
    background: var(--zb-sheet);
    color: var(--zb-ink);
    min-width: 48px;
  }
}
</style>
