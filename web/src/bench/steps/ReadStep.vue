<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api, body, NoConnection } from '@/api/client'
import type { Fields, ReadAnswer } from '@/api/types'
import { FAMILIES } from '@/families'
import ActionBar from '@/shared/ActionBar.vue'
import { dayOf } from '@/shared/time'
import { useDraft } from '@/shared/useDraft'
import { useCall } from '@/stores/call'
import FieldEditor from '../FieldEditor.vue'
import LabelText from '../LabelText.vue'

/** The label: typed in any form, each field with the piece it came from, corrected by hand where needed. */
const store = useCall()
const key = `${store.call?.id} ${store.part?.id}`
const { text, letGo } = useDraft(`label ${key}`, () => store.part?.text ?? '')
const corrections = useDraft(`fields ${key}`, () => '{}')
const read = ref<ReadAnswer | null>(null)
const lit = ref<string | null>(null)
const isAll = ref(false)
const wrong = ref('')

const part = computed(() => store.part)
const canEdit = computed(() => store.isWorking && !part.value?.chosen && !part.value?.closed)
const corrected = computed<Fields>(() => JSON.parse(corrections.text.value || '{}') as Fields)
/** An unchanged text stands with the fields as kept, a new one with what was read from it. */
const base = computed<Fields>(() =>
  text.value === part.value?.text ? (part.value.fields as Fields) : ((read.value?.fields ?? {}) as Fields),
)
const fields = computed<Fields>(() =>
  Object.fromEntries(Object.entries({ ...base.value, ...corrected.value }).filter(([, v]) => v !== null)),
)
const isKept = computed(
  () =>
    text.value.trim() === part.value?.text &&
    Object.keys(corrected.value).length === 0 &&
    text.value.trim() !== '',
)
const doubts = computed(() => (read.value?.doubts ?? []).filter((d) => fields.value[d.field] === undefined))
const shown = computed(() =>
  (part.value?.attributes ?? []).filter(
    (a) =>
      isAll.value ||
      fields.value[a.name] !== undefined ||
      doubts.value.some((d) => d.field === a.name) ||
      (a.decides && text.value !== ''),
  ),
)

const readText = ref('')

/** What the server makes of the text; throws where it cannot be asked. */
async function readNow(typed: string) {
  const seen = await body(api.POST('/api/read', { body: { kind: part.value?.kind ?? 'auto', text: typed } }))
  if (text.value === typed) {
    read.value = seen
    readText.value = typed
    wrong.value = ''
  }
}
const look = useDebounceFn(async (typed: string) => {
  if (typed.trim() === '') {
    read.value = null
    return
  }
  try {
    await readNow(typed)
  } catch (problem) {
    wrong.value =
      problem instanceof NoConnection
        ? 'No connection: the text is kept here and read once it is back.'
        : (problem as Error).message
  }
}, 180)
watch(text, (typed) => void look(typed), { immediate: true })

function correct(name: string, value: unknown) {
  corrections.text.value = JSON.stringify({ ...corrected.value, [name]: value ?? null })
}
const sliceOf = (name: string) =>
  (read.value?.reads ?? [])
    .filter((r) => r.field === name || r.field.startsWith(`${name}[`))
    .map((r) => r.text)

async function keep() {
  if (isKept.value) {
    store.goStep('TEST')
    return
  }
  if (readText.value !== text.value) {
    // kept before it was read: with no connection the server reads it when it gets it
    await readNow(text.value).catch(() => undefined)
  }
  const isRead = readText.value === text.value
  const json = { text: text.value.trim(), ...(isRead ? { fields: fields.value } : {}) }
  if (await store.changePart('POST', '/label', `label ${json.text}`, json)) {
    letGo()
    corrections.text.value = '{}'
    corrections.letGo()
    text.value = part.value?.text ?? text.value
    if (part.value?.missing.length === 0) store.goStep('TEST')
  }
}
function sameAsLastTime() {
  text.value = part.value?.lastTime?.text ?? ''
}
</script>

<template>
  <div v-if="part">
    <div tabindex="0" class="zb-scroll">
      <label class="zb-label" for="label-text">Label, as it is printed or as you would say it</label>
      <v-textarea
        id="label-text"
        v-model="text"
        :placeholder="FAMILIES[part.kind]?.labelHint"
        :readonly="!canEdit"
        spellcheck="false"
        class="zb-figure box"
        max-rows="6"
      />
      <p class="zb-wrong" role="status">{{ wrong }}</p>
      <v-btn v-if="part.lastTime && text === ''" class="last" @click="sameAsLastTime">
        Same as on {{ dayOf(part.lastTime.atMillis) }}: {{ part.lastTime.shortRating }}
      </v-btn>
      <p v-if="part.lastTime && text === ''" class="zb-soft">
        It then read {{ part.lastTime.readings.join(', ') }}.
      </p>
      <LabelText v-if="read && text" :text="text" :read="read" :lit="lit" />
      <p v-if="read?.unread.length" class="zb-soft">
        Not understood, kept in the text: <b>{{ read.unread.join('  ') }}</b>
      </p>
      <div class="fields">
        <div
          v-for="a in shown"
          :key="a.name"
          class="field"
          @pointerenter="lit = a.name"
          @pointerleave="lit = null"
          @focusin="lit = a.name"
          @focusout="lit = null"
        >
          <span class="name">{{ a.label }}</span>
          <FieldEditor
            :attribute="a"
            :value="fields[a.name]"
            :is-off="!canEdit"
            @change="correct(a.name, $event)"
          />
          <span class="from zb-small">
            <template v-if="a.name in corrected">by hand</template>
            <template v-else-if="sliceOf(a.name).length">from “{{ sliceOf(a.name).join('” “') }}”</template>
            <template v-else-if="fields[a.name] === undefined">printed {{ a.where }}</template>
          </span>
          <div v-for="d in doubts.filter((x) => x.field === a.name)" :key="d.field" class="doubt">
            <span>{{ d.why }}</span>
            <v-btn v-if="d.suggest !== undefined && canEdit" height="40" @click="correct(d.field, d.suggest)">
              take {{ d.suggest }} {{ a.unit }}
            </v-btn>
          </div>
        </div>
      </div>
      <v-btn v-if="text" variant="text" @click="isAll = !isAll">{{
        isAll ? 'only what is known' : 'every field'
      }}</v-btn>
      <p v-if="part.chosen" class="zb-soft">A replacement is chosen; put it back to change the label.</p>
    </div>
    <ActionBar
      :words="isKept ? (part.missing.length ? 'Go on, though half read' : 'Test it') : 'Keep this label'"
      :is-off="text.trim() === '' || (!canEdit && !isKept)"
      @act="keep"
    >
      <span v-if="part.missing.length && part.text" class="zb-soft">
        Still needed for a match: {{ part.missing.map((m) => m.label.toLowerCase()).join(', ') }}
      </span>
    </ActionBar>
  </div>
</template>

<style scoped>
.box :deep(textarea) {
  font-family: var(--zb-figures);
  font-size: 19px;
}
.last {
  margin-bottom: 6px;
  white-space: normal;
}
.fields {
  margin-top: 8px;
  border-top: var(--zb-line);
}
.field {
  display: grid;
  grid-template-columns: 112px minmax(0, 1fr) minmax(110px, 150px);
  gap: 4px 14px;
  align-items: center;
  padding: 4px 0;
  border-bottom: 1px solid var(--zb-hair);
}
.name {
  font-weight: 600;
}
.from {
  color: var(--zb-soft);
  overflow-wrap: anywhere;
}
.doubt {
  grid-column: 2 / -1;
  display: flex;
  gap: 8px 12px;
  align-items: center;
  flex-wrap: wrap;
}
@media (max-width: 839px) {
  .field {
    grid-template-columns: minmax(0, 1fr);
  }
  .doubt {
    grid-column: 1;
  }
}
</style>
