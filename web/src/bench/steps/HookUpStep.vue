<script lang="ts">
/** Parts whose wires, or whose new leads, somebody chose not to name: not asked again while the bench is open. */
const unnamed = new Set<string>()
</script>

<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api, body } from '@/api/client'
import type { SheetView } from '@/api/types'
import { FAMILIES } from '@/families'
import ActionBar from '@/shared/ActionBar.vue'
import { savePng, saveSvg } from '@/shared/drawing'
import { timeOf } from '@/shared/time'
import WireSwatch from '@/shared/WireSwatch.vue'
import { useCall } from '@/stores/call'
import MeasureFields from '../MeasureFields.vue'
import PhotoStrip from '../PhotoStrip.vue'
import WireEditor from '../WireEditor.vue'

/** Which wire goes where: as found, as left, then the list to tick off. */
const store = useCall()
const part = computed(() => store.part)
const sheet = ref<SheetView | null>(null)
const isEditing = ref(
  !unnamed.has(`wires ${part.value?.id}`) &&
    part.value?.wires.length === 0 &&
    !part.value.isSheetOpened &&
    !part.value.isDead,
)
/** Leads of the new part are told before its sheet is made, by families that have such. */
const newPart = computed(() => FAMILIES[part.value?.kind ?? '']?.newPart)
const isNaming = ref(
  !unnamed.has(`leads ${part.value?.id}`) &&
    !!newPart.value &&
    part.value?.leads?.wires.length === 0 &&
    !part.value.isSheetOpened,
)
const leadsView = ref<{ keep: () => unknown } | null>(null)
const wrong = ref('')
const editor = ref<InstanceType<typeof WireEditor> | null>(null)
const canOpen = computed(() => !!part.value?.chosen && part.value.isDead)
/** What moves or is new is ticked by itself; wires that go back where they were are one tick, unless it is only one. */
const staying = computed(() => {
  const all = sheet.value?.steps.filter((s) => s.stays) ?? []
  return all.length > 1 ? all : []
})
const moving = computed(() => sheet.value?.steps.filter((s) => !staying.value.includes(s)) ?? [])
const left = computed(() => sheet.value?.steps.filter((s) => !s.done).length ?? 0)

async function look() {
  const id = store.call?.id
  const at = part.value?.id
  if (id === undefined || at === undefined || !canOpen.value || isEditing.value || isNaming.value) return
  try {
    const isFirst = !part.value?.isSheetOpened
    sheet.value = await body(
      api.POST('/api/calls/{id}/parts/{part}/sheet', { params: { path: { id, part: at } } }),
    )
    wrong.value = ''
    if (isFirst) store.take(await body(api.GET('/api/calls/{id}', { params: { path: { id } } })))
  } catch (problem) {
    wrong.value = (problem as Error).message
  }
}
watch([() => store.call?.tape.length, canOpen, isEditing, isNaming], () => void look(), { immediate: true })

const action = computed(() => {
  const p = part.value
  if (isEditing.value) return { words: 'Keep the wires as found', go: () => editor.value?.keep() }
  if (!p?.chosen) {
    return p?.filled.includes('TEST')
      ? { words: 'Choose a replacement first', go: () => store.goStep('MATCH') }
      : { words: 'Back to the test', go: () => store.goStep('TEST') }
  }
  if (isNaming.value) return { words: 'Keep the leads of the new motor', go: () => leadsView.value?.keep() }
  if (p.toMeasure.length)
    return { words: `Measure the new ${p.toMeasure.join(' and ')} first`, go: () => store.goStep('PROVE') }
  if (!canOpen.value) return { words: 'Make safe first', go: () => store.go({ call: 'SAFE' }) }
  if (!sheet.value) return { words: 'Opening the sheet …', go: null }
  const next = moving.value.find((s) => !s.done)
  if (next) return { words: `Next: ${next.text}`, go: isResting.value ? null : () => void tickNext(next.key) }
  if (left.value > 0)
    return {
      words: 'All others stay by name: tick them',
      go: isResting.value ? null : () => void tickStaying(),
    }
  return { words: 'Prove it', go: () => store.goStep('PROVE') }
})
function leaveUnnamed(what: 'wires' | 'leads') {
  unnamed.add(`${what} ${part.value?.id}`)
  if (what === 'wires') isEditing.value = false
  else isNaming.value = false
}
function tick(key: string, on: boolean) {
  void store.changePart('POST', '/ticks', `tick ${key}`, { list: 'SHEET', key, on })
}
/** After a tick by the action it rests: a hasty second tap is not a tick of the line behind it, which nobody has read. */
const REST_MILLIS = 800
const isResting = ref(false)
async function tickNext(key: string) {
  isResting.value = true
  window.setTimeout(() => (isResting.value = false), REST_MILLIS)
  await store.changePart('POST', '/ticks', `tick ${key}`, { list: 'SHEET', key, on: true })
}
function tickStaying() {
  void store.changePart('POST', '/ticks/staying', 'tick what stays')
}
const print = () => window.print()
const drawings = ref<HTMLElement | null>(null)
const work = ref<HTMLElement | null>(null)
/** Drawing and list stand side by side where there is room for both. */
const { width } = useElementSize(work)
/** Both drawings as files, found and left. */
async function saveDrawings(kind: 'svg' | 'png') {
  for (const figure of drawings.value?.querySelectorAll<HTMLElement>('[data-drawing]') ?? []) {
    const svg = figure.querySelector('svg')
    if (!svg) continue
    const name = `call-${store.call?.id}-${figure.dataset.drawing}`
    if (kind === 'svg') saveSvg(svg, name)
    else await savePng(svg, name)
  }
}

/** The run capacitor that goes with the motor: its part is opened, or added where none is in question. */
async function openCapacitor() {
  const beside = part.value?.capacitor
  if (!beside) return
  if (beside.part) {
    store.openPart(beside.part)
    return
  }
  const known = store.call?.parts.length ?? 0
  if (await store.changePart('POST', '/capacitor', 'run capacitor')) {
    const added = store.call?.parts[known]
    if (added) store.openPart(added.id)
  }
}
</script>

<template>
  <div v-if="part">
    <div ref="work" tabindex="0" class="zb-scroll" :class="{ wide: width > 720 }">
      <p v-if="wrong" class="zb-caution" role="alert">{{ wrong }}</p>
      <template v-if="isEditing">
        <h3>What is on each terminal, before anything is moved</h3>
        <p class="zb-soft">A colour tells wires apart on this unit; it is no code for what they do.</p>
        <WireEditor
          ref="editor"
          :of="`part ${part.id}`"
          :send="(wires) => store.changePart('PUT', '/wires', 'wires as found', { wires })"
          :wires="part.foundOrPrinted"
          :terminals="part.terminals"
          @kept="isEditing = false"
        />
        <MeasureFields />
        <PhotoStrip :photos="part.photos" :of="{ part: part.id }" />
      </template>
      <template v-else-if="!part.chosen">
        <p class="zb-note">
          The sheet shows the chosen part in place of the old one. Choose it on the match board.
        </p>
      </template>
      <component :is="newPart" v-else-if="isNaming && newPart" ref="leadsView" @kept="isNaming = false" />
      <template v-else-if="!canOpen">
        <p class="zb-caution">
          <b>Not read dead yet.</b> The sheet opens once every pair of this unit and of its capacitors reads
          under 5 V.
        </p>
        <PhotoStrip :photos="part.photos" :of="{ part: part.id }" />
      </template>
      <template v-else-if="sheet">
        <div ref="drawings" class="sheet">
          <figure class="left" data-drawing="as-left">
            <figcaption class="zb-name">
              AS LEFT <span class="zb-soft">lemon edge: moves or is new</span>
            </figcaption>
            <div v-html="sheet.left" />
          </figure>
          <ol class="steps">
            <li v-for="(s, i) in moving" :key="s.key">
              <label class="tick">
                <span class="number">{{ i + 1 }}</span>
                <WireSwatch v-if="s.colour" :colour="s.colour" :tracer="s.tracer" />
                <span v-else class="no-wire" />
                <span class="text">{{ s.text }}</span>
                <input
                  type="checkbox"
                  class="zb-tick"
                  :checked="s.done"
                  :disabled="!store.isWorking || part.toMeasure.length > 0"
                  @change="tick(s.key, !s.done)"
                />
              </label>
            </li>
            <li v-if="staying.length">
              <label class="tick">
                <span class="number">{{ moving.length + 1 }}</span>
                <span class="no-wire" />
                <span class="text"
                  ><b>{{ moving.length ? 'All others stay by name' : 'All stay by name' }}</b>
                  <span v-for="s in staying" :key="s.key" class="stays">
                    <WireSwatch v-if="s.colour" :colour="s.colour" :tracer="s.tracer" /> {{ s.text }}</span
                  ></span
                >
                <input
                  type="checkbox"
                  class="zb-tick"
                  :checked="staying.every((s) => s.done)"
                  :disabled="!store.isWorking || part.toMeasure.length > 0 || staying.every((s) => s.done)"
                  aria-label="All others stay by name"
                  @change="tickStaying"
                />
              </label>
            </li>
          </ol>
          <figure class="found" data-drawing="as-found">
            <figcaption class="zb-name">AS FOUND</figcaption>
            <div v-html="sheet.found" />
          </figure>
        </div>
        <p v-if="part.capacitor && !part.capacitor.isDone" class="beside">
          <b>Capacitor for this motor: {{ part.capacitor.wanted }}</b>
          <v-btn height="48" @click="openCapacitor">{{
            part.capacitor.part ? 'to its part' : 'open its part'
          }}</v-btn>
        </p>
        <details v-if="sheet.notes.length" class="notes">
          <summary>What the line does across each pair of leads</summary>
          <p v-for="n in sheet.notes" :key="n">{{ n }}</p>
        </details>
        <p class="zb-caution safe">
          <b v-if="sheet.sinceMillis">Power is off since {{ timeOf(sheet.sinceMillis) }}.</b>
          No screw into a coil or can. The unit's own diagram and the new part's own label decide over this
          sheet.
        </p>
        <PhotoStrip :photos="part.photos" :of="{ part: part.id }" />
      </template>
    </div>
    <ActionBar
      :words="action.words"
      :is-off="!action.go || !store.isWorking"
      :keeps="isEditing || isNaming"
      @act="action.go?.()"
    >
      <v-btn v-if="isNaming && !isEditing" variant="text" @click="leaveUnnamed('leads')"
        >without naming leads</v-btn
      >
      <template v-else-if="part.chosen && !isEditing">
        <v-btn variant="text" @click="isEditing = true">change the wires as found</v-btn>
        <v-btn v-if="newPart" variant="text" @click="isNaming = true">leads of the new motor</v-btn>
        <template v-if="sheet">
          <v-btn variant="text" @click="print">print</v-btn>
          <v-btn variant="text" @click="saveDrawings('svg')">drawings as SVG</v-btn>
          <v-btn variant="text" @click="saveDrawings('png')">PNG</v-btn>
        </template>
      </template>
      <v-btn v-else-if="isEditing" variant="text" @click="leaveUnnamed('wires')">without naming wires</v-btn>
    </ActionBar>
  </div>
</template>

<style scoped>
.stays {
  display: block;
  color: var(--zb-soft);
  font-size: 16px;
}
h3 {
  font-size: 19px;
  margin-bottom: 4px;
}
.sheet {
  display: grid;
  grid-template: 'left' 'steps' 'found' / minmax(0, 1fr);
  gap: 12px 20px;
}
.left {
  grid-area: left;
}
.found {
  grid-area: found;
  max-width: 440px;
}
.steps {
  grid-area: steps;
}
figure {
  margin: 0;
  min-width: 0;
}
figcaption {
  border-bottom: var(--zb-line);
  font-size: 18px;
  margin-bottom: 8px;
}
figure :deep(svg) {
  width: 100%;
  max-width: 560px;
  height: auto;
  display: block;
}
figcaption span {
  font: 400 16px var(--zb-text);
  margin-left: 10px;
  text-transform: none;
  letter-spacing: 0;
}
.beside {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 16px;
  margin: 12px 0 0;
}
.steps {
  list-style: none;
  padding: 0;
  margin: 12px 0;
  border-top: 1px solid var(--zb-hair);
}
.tick {
  display: grid;
  grid-template-columns: 30px 30px minmax(0, 1fr) 48px;
  gap: 10px;
  align-items: center;
  min-height: 48px;
  border-bottom: 1px solid var(--zb-hair);
  cursor: pointer;
}
.number {
  width: 28px;
  height: 28px;
  border: 2px solid var(--zb-ink);
  border-radius: 50%;
  display: grid;
  place-items: center;
  font-weight: 700;
  font-size: 16px;
}
li:has(input:checked) .number {
  background: var(--zb-ink);
  color: var(--zb-paper);
}
.safe {
  margin: 12px 0;
}
.notes summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  cursor: pointer;
  font-weight: 600;
}
.wide .sheet {
  grid-template:
    'left steps' auto
    'left found' 1fr / minmax(0, 1.15fr) minmax(0, 1fr);
}
.wide .steps {
  margin-top: 0;
}
/* on the narrowest phones the drawing takes the whole width, so that its letters stay as large as those beside it */
@media (max-width: 380px) {
  .left,
  .found {
    margin-inline: -12px;
  }
}
</style>
