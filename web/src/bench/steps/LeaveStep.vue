<script setup lang="ts">
import { useClipboard } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { PartView } from '@/api/types'
import ActionBar from '@/shared/ActionBar.vue'
import LabelledField from '@/shared/LabelledField.vue'
import { useCall } from '@/stores/call'

/** How every part ended, the call in words to be pasted elsewhere, and the end of the visit. */
const store = useCall()
const { copy, copied } = useClipboard({ legacy: true })
const note = ref('')
const summary = ref('')
const isOpen = computed(() => store.call?.status === 'OPEN')
const hasReturn = computed(() => store.call?.parts.some((p) => p.closed?.returnDate) ?? false)
const jumper = computed(() => store.call?.jumpers[0])
const open = computed(() => store.call?.parts.filter((p) => !p.closed) ?? [])

watch(
  () => store.call?.tape.length,
  async () => {
    const answer = await fetch(`/api/calls/${store.call?.id}/summary`).catch(() => null)
    if (answer?.ok) summary.value = await answer.text()
  },
  { immediate: true },
)
/** The account as it is pasted elsewhere. */
const account = computed(() => (store.call?.account ?? []).map((l) => `${l.name}: ${l.text}`).join('\n'))
/** Where it sits, what it was left with, and until when. */
function endOf(p: PartView): string {
  const until = p.closed?.returnDate ? `, stopgap until ${p.closed.returnDate}` : ''
  return `${p.place.toLowerCase()}: ${p.closed?.asLeft}${until}`
}
function end(how: 'CLOSED' | 'CANCELLED') {
  void store.change('POST', '/end', `end: ${how.toLowerCase()}`, { end: how, note: note.value })
}
</script>

<template>
  <div>
    <div tabindex="0" class="zb-scroll leave">
      <div class="row">
        <h3>The call in short</h3>
        <v-btn @click="copy(account)">{{ copied ? 'Copied' : 'Copy' }}</v-btn>
      </div>
      <dl class="account">
        <template v-for="l in store.call?.account" :key="l.name">
          <dt class="zb-soft">{{ l.name }}</dt>
          <dd>{{ l.text }}</dd>
        </template>
      </dl>
      <p v-if="open.length && isOpen" class="zb-note">
        Still open: {{ open.map((p) => `${p.title.toLowerCase()}, ${p.place.toLowerCase()}`).join('; ') }}.
      </p>
      <ul v-if="store.call?.parts.some((p) => p.closed)" class="closed">
        <li v-for="p in store.call.parts.filter((x) => x.closed)" :key="p.id">
          <b>{{ p.title }}</b> {{ endOf(p) }}
        </li>
      </ul>
      <nav class="papers" aria-label="To take along">
        <a :href="`/api/calls/${store.call?.id}/report.pdf`" target="_blank" class="zb-file">Report, PDF</a>
        <a
          v-if="store.call?.unit"
          :href="`/api/units/${store.call.unit.id}/sticker.pdf`"
          target="_blank"
          class="zb-file"
          >Panel sticker</a
        >
        <a v-if="hasReturn" :href="`/api/calls/${store.call?.id}/returns.ics`" class="zb-file">Return date</a>
        <a v-if="store.call?.unit" :href="`/api/calls/${store.call.id}/call.json`" class="zb-file" download
          >JSON</a
        >
      </nav>
      <LabelledField v-if="isOpen" v-model="note" label="Note for the next visit" has-no-wrong-line />
      <details class="whole">
        <summary>The whole tape in words</summary>
        <pre class="summary">{{ summary }}</pre>
      </details>
    </div>
    <ActionBar
      v-if="isOpen"
      :words="jumper ? `Take the jumper out first: ${jumper.across}` : 'Close the call'"
      :is-off="jumper !== undefined"
      @act="end('CLOSED')"
    >
      <v-btn variant="text" @click="end('CANCELLED')">cancel it instead</v-btn>
    </ActionBar>
    <ActionBar v-else words="Open the call again" @act="store.change('POST', '/reopen', 'reopen call')">
      <span class="zb-soft">{{ store.call?.status.toLowerCase() }}</span>
    </ActionBar>
  </div>
</template>

<style scoped>
.leave {
  display: grid;
  gap: 12px;
  align-content: start;
}
.closed {
  margin: 0;
  padding-left: 20px;
}
.papers {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.row {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
h3 {
  font-size: 19px;
}
.account {
  display: grid;
  grid-template-columns: 130px minmax(0, 1fr);
  gap: 6px 16px;
  border: var(--zb-line);
  background: var(--zb-sheet);
  padding: 12px 16px;
  margin: 0;
  font-size: 18px;
}
dd {
  margin: 0;
}
.whole summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.summary {
  white-space: pre-wrap;
  font-family: var(--zb-text);
  font-size: 15px;
  border: var(--zb-line);
  background: var(--zb-sheet);
  padding: 12px 16px;
  margin: 0;
}
@media (max-width: 839px) {
  .account {
    grid-template-columns: minmax(0, 1fr);
    gap: 0;
  }
  dd {
    margin-bottom: 8px;
  }
}
</style>
