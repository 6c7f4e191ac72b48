<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import { api, body } from '@/api/client'
import type { JudgedView } from '@/api/types'
import { usePreview } from '@/shared/usePreview'
import { useCall } from '@/stores/call'
import ReadingPad from './ReadingPad.vue'
import ReadingRow from './ReadingRow.vue'
import { useReadingDesk } from './useReadingDesk'

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

const { typed, active, waits, wrong, isReady, read, readFirstOpen, next } = useReadingDesk<string>({
  draft: (section) => `reading ${store.call?.id} ${store.part?.id} ${props.piece ?? ''} ${section ?? ''}`,
  firstOpen: (isUnderWay) =>
    props.sections.find((s) => !isUnderWay(s) && !props.known.some((k) => k.subject === s)) ?? null,
  send: (section, figure) =>
    store.changePart('POST', '/readings', `${section} ${figure}`, {
      readings: [taken(section, figure)],
      piece: props.piece,
    }),
})
readFirstOpen()

/** A reading as the server takes it. */
function taken(section: string, figure: string) {
  return figure === 'OL' ? { section, overRange: true } : { section, value: Number(figure) }
}
const { seen, wrong: unjudged } = usePreview(
  () =>
    active.value !== null && isReady.value
      ? { id: store.call?.id ?? 0, part: store.part?.id ?? '', reading: taken(active.value, typed.value) }
      : null,
  (asked) =>
    body(
      api.POST('/api/calls/{id}/parts/{part}/preview', {
        params: { path: { id: asked.id, part: asked.part } },
        body: { readings: [asked.reading], piece: props.piece },
      }),
    ),
)
const preview = computed(() => seen.value?.verdicts[0] ?? null)
/** A struck reading is to be taken again. */
watch(
  () => props.known.length,
  (now, before) => {
    if (now < before && active.value === null) readFirstOpen()
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
  section === active.value && typed.value !== ''
    ? preview.value
    : (props.known.find((k) => k.subject === section) ?? null)
const unitOf = (section: string) => props.units[section] ?? 'µF'
const isBeside = computed(() => width.value > 560)
</script>

<template>
  <div ref="desk" class="desk" :class="{ beside: isBeside, reading: active !== null }">
    <div class="rows">
      <ReadingRow
        v-for="s in sections"
        :key="s"
        :subject="s"
        :judged="judgedOf(s)"
        :typed="s === active ? typed : waits[s]"
        :is-waiting="s !== active && waits[s] !== undefined && judgedOf(s) === null"
        :is-active="s === active"
        :can-read="store.isWorking"
        :unit="unitOf(s)"
        :has-no-scale="
          (unitOf(s) !== 'µF' && !judgedOf(s)?.scale) || (!isBeside && active !== null && s !== active)
        "
        @read="read(s)"
      />
      <p class="zb-wrong" role="status">{{ wrong || unjudged }}</p>
      <slot v-if="isBeside || active === null" />
    </div>
    <div v-if="active !== null && store.isWorking" class="pad">
      <ReadingPad
        v-model="typed"
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
