<script setup lang="ts">
import { useDebounceFn, useElementSize } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import { api, body, NoConnection } from '@/api/client'
import type { JudgedView } from '@/api/types'
import { useDraft } from '@/shared/useDraft'
import { useCall } from '@/stores/call'
import ReadingPad from './ReadingPad.vue'
import ReadingRow from './ReadingRow.vue'

/** Takes readings section by section: pad while reading, verdict while typing, onto the tape with "next". */
const props = defineProps<{
  sections: readonly string[]
  units: Readonly<Record<string, string>>
  known: readonly JudgedView[]
  piece?: number
}>()
const store = useCall()
const desk = ref<HTMLElement | null>(null)
const { width } = useElementSize(desk)

/** Sections whose reading is on its way to the tape. */
const underWay = ref<string[]>([])
/** What waits on the device for a connection, by section. */
const waits = ref<Record<string, string>>({})
const active = ref<string | null>(firstOpen())
const preview = ref<JudgedView | null>(null)
const wrong = ref('')
const { text, letGo } = useDraft(
  () => `reading ${store.call?.id} ${store.part?.id} ${props.piece ?? ''} ${active.value ?? ''}`,
  () => '',
)

function firstOpen(): string | null {
  return (
    props.sections.find((s) => !underWay.value.includes(s) && !props.known.some((k) => k.subject === s)) ??
    null
  )
}
/** A struck reading is to be taken again. */
watch(
  () => props.known.length,
  (now, before) => {
    if (now < before && active.value === null) active.value = firstOpen()
  },
)
watch(
  active,
  async () => {
    await nextTick()
    desk.value?.querySelector('.row.active')?.scrollIntoView({ block: 'nearest' })
  },
  { immediate: true },
)
const judgedOf = (section: string) =>
  section === active.value && text.value !== ''
    ? preview.value
    : (props.known.find((k) => k.subject === section) ?? null)
const isReady = computed(() => text.value === 'OL' || (text.value !== '' && text.value !== '.'))
const unitOf = (section: string) => props.units[section] ?? 'µF'
const isBeside = computed(() => width.value > 560)

/** What is on the pad, as the server takes it. */
function taken() {
  const section = active.value ?? undefined
  return text.value === 'OL' ? { section, overRange: true } : { section, value: Number(text.value) }
}

const look = useDebounceFn(async (typed: string) => {
  const id = store.call?.id
  const part = store.part?.id
  if (typed === '' || id === undefined || part === undefined) return
  try {
    const seen = await body(
      api.POST('/api/calls/{id}/parts/{part}/preview', {
        params: { path: { id, part } },
        body: { readings: [taken()], piece: props.piece },
      }),
    )
    if (text.value === typed) preview.value = seen.verdicts[0] ?? null
  } catch (problem) {
    wrong.value =
      problem instanceof NoConnection ? 'No connection: judged once it is back.' : (problem as Error).message
  }
}, 150)

watch(
  text,
  (typed) => {
    preview.value = null
    wrong.value = ''
    void look(typed)
  },
  { immediate: true },
)

/** On to the next section at once, so that fast fingers lose nothing; back to this one if it is refused. */
async function next() {
  const section = active.value
  if (!isReady.value || section === null) return
  const typed = text.value
  const readings = [taken()]
  letGo()
  underWay.value.push(section)
  active.value = firstOpen()
  const isKept = await store.changePart('POST', '/readings', `${section} ${typed}`, {
    readings,
    piece: props.piece,
  })
  if (!isKept && store.notice !== '') {
    waits.value = { ...waits.value, [section]: typed }
    return
  }
  underWay.value = underWay.value.filter((s) => s !== section)
  if (!isKept && store.notice === '') {
    active.value = section
    text.value = typed
    wrong.value = store.problem
  }
}
function read(section: string) {
  active.value = section
}
</script>

<template>
  <div ref="desk" class="desk" :class="{ beside: isBeside, reading: active !== null }">
    <div class="rows">
      <ReadingRow
        v-for="s in sections"
        :key="s"
        :subject="s"
        :judged="judgedOf(s)"
        :typed="s === active ? text : waits[s]"
        :is-waiting="s !== active && waits[s] !== undefined && judgedOf(s) === null"
        :is-active="s === active"
        :can-read="store.isWorking"
        :unit="unitOf(s)"
        :has-no-scale="unitOf(s) !== 'µF' || (!isBeside && active !== null && s !== active)"
        @read="read(s)"
      />
      <p class="zb-wrong" role="status">{{ wrong }}</p>
      <slot v-if="isBeside || active === null" />
    </div>
    <div v-if="active !== null && store.isWorking" class="pad">
      <ReadingPad
        v-model="text"
        :subject="active"
        :unit="unitOf(active)"
        has-over-range
        :is-ready="isReady"
        :verdict="preview?.verdict"
        :word="preview?.word"
        :is-beside="isBeside"
        @next="next"
      />
    </div>
  </div>
</template>

<style scoped>
.desk {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px 20px;
}
.desk.beside.reading {
  grid-template-columns: minmax(0, 1fr) 236px;
}
.left-hand .desk.beside.reading {
  grid-template-columns: 236px minmax(0, 1fr);
}
.left-hand .desk.beside .pad {
  order: -1;
}
.pad {
  align-self: start;
}
.desk.reading:not(.beside) :deep(.row.active) {
  scroll-margin-bottom: 330px;
}
.desk.reading:not(.beside) .pad {
  position: sticky;
  bottom: -10px;
  background: var(--zb-paper);
  padding: 6px 0;
}
</style>
