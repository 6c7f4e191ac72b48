<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import FilePick from '@/shared/FilePick.vue'
import AlsoOnPhoto from './AlsoOnPhoto.vue'
import DoubtedPiece from './DoubtedPiece.vue'
import PhotoBoxes, { type Boxed } from './PhotoBoxes.vue'
import PhotoCut from './PhotoCut.vue'
import { useLook } from './useLook'

/** One look at what was read of a photo, the doubted first, and one tap to keep it: nothing is kept unseen. */
const props = defineProps<{ kind: string }>()
const given = defineModel<File | null>({ required: true })
const emit = defineEmits<{ keep: [text: string, photo: File] }>()
const {
  photo,
  url,
  seen,
  wrong,
  isReading,
  ahead,
  instead,
  pieces,
  doubtful,
  open,
  strange,
  read,
  stop,
  text,
} = useLook(() => props.kind)
const lit = ref<number | null>(null)
const isCutting = ref(false)
const fields = ref<HTMLElement | null>(null)
const isOpen = computed({
  get: () => given.value !== null,
  set: () => {
    stop()
    given.value = null
  },
})
watch(given, (file) => {
  lit.value = null
  isCutting.value = false
  if (file) void read(file)
})
watch(lit, async (start) => {
  await nextTick()
  fields.value?.querySelector(`[data-start="${start}"]`)?.scrollIntoView({ block: 'nearest' })
})
const certain = computed(() => pieces.value.filter((p) => !p.doubt))
const boxes = computed<Boxed[]>(() => [
  ...strange.value.map((l) => ({ start: l.start, box: l.box, isStrange: true })),
  ...certain.value.map((p) => ({ start: p.start, box: p.box, isPrivate: p.isPrivate })),
  ...doubtful.value.map((p, i) => ({ start: p.start, box: p.box, number: i + 1 })),
])
/** Nothing came of it: the photo is worth keeping beside what is typed. */
const isUnread = computed(() => wrong.value !== '' || seen.value?.read.text === '')
const words = computed(() =>
  open.value ? `Keep this label, ask the ${open.value === 1 ? 'one' : open.value} later` : 'Keep this label',
)
function again(degrees: number) {
  isCutting.value = false
  if (photo.value) void read(photo.value, degrees)
}
function take(start: number, value: string) {
  lit.value = start
  instead.value = { ...instead.value, [start]: value }
}
function typed(event: Event, start: number) {
  take(start, (event.target as HTMLInputElement).value)
}
function keep() {
  if (!photo.value) return
  emit('keep', seen.value ? text() : '', photo.value)
  given.value = null
}
</script>

<template>
  <v-dialog v-model="isOpen" max-width="1180" scrollable aria-label="Read from your photo">
    <div class="look">
      <header>
        <h2>{{ seen?.read.title || 'Your photo' }}</h2>
        <span v-if="seen" class="zb-soft">read from your photo</span>
        <v-btn variant="text" class="shut" @click="isOpen = false">Not now</v-btn>
      </header>
      <div class="both">
        <section class="picture" aria-label="Photo">
          <PhotoBoxes
            v-if="url && seen"
            v-model:lit="lit"
            :url="url"
            :width="seen.width"
            :height="seen.height"
            :boxes="boxes"
            :is-cutting="isCutting"
            @cut="photo && read(photo, 0, $event)"
          />
          <img v-else-if="url" :src="url" alt="Your photo" class="plain" />
          <p v-if="isCutting" class="zb-soft cutting" role="status">Draw a frame around the label.</p>
          <div class="ways">
            <FilePick label="Retake" accept="image/*" @pick="given = $event" />
            <button
              type="button"
              class="zb-file"
              :aria-pressed="isCutting"
              :disabled="!seen"
              @click="isCutting = !isCutting"
            >
              Crop
            </button>
            <button type="button" class="zb-file" :disabled="!photo || isReading" @click="again(90)">
              Turn
            </button>
          </div>
        </section>
        <section ref="fields" class="fields" tabindex="0" aria-label="What was read">
          <div v-if="isReading" role="status" class="waits">
            <p>
              <b>Reading your photo …</b>
              <span v-if="ahead" class="zb-soft"
                >{{ ahead === 1 ? 'one photo is' : `${ahead} photos are` }} before it</span
              >
            </p>
            <v-progress-linear indeterminate color="primary" />
            <v-btn variant="text" @click="isOpen = false">Stop</v-btn>
          </div>
          <p v-if="wrong" role="alert" class="zb-caution">
            <b>{{ wrong }}</b>
          </p>
          <v-btn v-if="wrong && photo" height="48" @click="again(0)">Try it again</v-btn>
          <template v-if="seen">
            <AlsoOnPhoto :seen="seen" @cut="photo && read(photo, 0, $event)" />
            <template v-if="doubtful.length">
              <h3>{{ doubtful.length }} to confirm <span class="zb-soft">tap the one you see</span></h3>
              <DoubtedPiece
                v-for="(p, i) in doubtful"
                :key="p.start"
                :data-start="p.start"
                :piece="p"
                :number="i + 1"
                :url="url"
                :width="seen.width"
                :height="seen.height"
                :taken="instead[p.start]"
                @take="take(p.start, $event)"
              />
            </template>
            <template v-if="certain.length">
              <h3>{{ certain.length }} read <span class="zb-soft">tap one to see it on the photo</span></h3>
              <div class="grid">
                <button
                  v-for="p in certain"
                  :key="p.start"
                  type="button"
                  class="field zb-bare"
                  :class="{ lit: lit === p.start }"
                  :data-start="p.start"
                  @click="lit = p.start"
                >
                  <PhotoCut
                    :url="url"
                    :width="seen.width"
                    :height="seen.height"
                    :box="p.isPrivate ? null : p.box"
                    class="cut"
                  />
                  <span class="said"
                    ><span class="zb-soft">{{ p.what }}</span> <b class="zb-figure">{{ p.shown }}</b></span
                  >
                </button>
              </div>
            </template>
            <template v-if="strange.length">
              <h3>Not understood, kept <span class="zb-soft">type what it says</span></h3>
              <label v-for="l in strange" :key="l.start" :data-start="l.start" class="strange">
                <PhotoCut :url="url" :width="seen.width" :height="seen.height" :box="l.box" class="cut" />
                <input
                  class="value zb-value zb-figure"
                  :value="l.text"
                  :aria-label="`Not understood: ${l.text}`"
                  @focus="lit = l.start"
                  @change="typed($event, l.start)"
                />
              </label>
            </template>
          </template>
        </section>
      </div>
      <button v-if="isUnread" type="button" class="act" :disabled="!photo" @click="keep">
        Keep the photo, type the label
      </button>
      <button v-else type="button" class="act" :disabled="!seen" @click="keep">
        {{ words }}
      </button>
    </div>
  </v-dialog>
</template>

<style scoped>
.look {
  display: flex;
  flex-direction: column;
  max-height: 94dvh;
  background: var(--zb-paper);
  border: var(--zb-line);
}
header {
  display: flex;
  align-items: baseline;
  gap: 12px;
  padding: 14px 20px 8px;
}
.shut {
  margin-left: auto;
  align-self: center;
}
.both {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 20px;
  padding: 0 20px 12px;
}
.picture {
  min-height: 0;
  display: flex;
  flex-direction: column;
}
.plain {
  width: 100%;
  min-height: 0;
  object-fit: contain;
  border: var(--zb-line);
}
.cutting {
  margin: 6px 0 0;
}
.ways {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  margin-top: -1px;
}
.ways > * {
  justify-content: center;
  text-align: center;
  min-height: 52px;
  font-weight: 600;
  cursor: pointer;
}
.ways [aria-pressed='true'] {
  background: var(--zb-ink);
  color: var(--zb-paper);
}
.fields {
  min-height: 0;
  overflow-y: auto;
}
.fields h3 .zb-soft {
  font-weight: 400;
}
.fields h3 {
  border-bottom: var(--zb-line);
  padding: 6px 0;
  margin-bottom: 8px;
}
.waits {
  display: grid;
  gap: 12px;
  justify-items: start;
}
.cut {
  height: 56px;
}
.grid {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 18px;
}
.field {
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr);
  gap: 10px;
  align-items: center;
  padding: 6px 0;
  min-height: 52px;
  border-bottom: 1px solid var(--zb-hair);
}
.field .cut {
  height: 36px;
}
.field.lit {
  background: var(--zb-lemon);
  color: var(--zb-on-lemon);
}
.field.lit .zb-soft {
  color: inherit;
}
.said {
  display: grid;
  overflow-wrap: anywhere;
}
.strange {
  display: grid;
  grid-template-columns: 132px minmax(0, 1fr);
  gap: 10px;
  align-items: center;
  padding: 4px 0;
}
.act {
  margin: 0 20px 16px;
  min-height: 56px;
  padding: 8px 22px;
  border: var(--zb-line);
  background: var(--zb-lemon);
  color: var(--zb-on-lemon);
  font-size: 19px;
  font-weight: 700;
  text-align: left;
  cursor: pointer;
}
.act:disabled {
  background: none;
  color: var(--zb-soft);
  border-color: var(--zb-hair);
  cursor: default;
}
@media (max-width: 839px) {
  header {
    padding: 8px 12px;
  }
  header .zb-soft {
    display: none;
  }
  .both {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto minmax(0, 1fr);
    padding: 0 12px 8px;
    gap: 8px;
  }
  .picture :deep(.photo),
  .plain {
    max-height: 30dvh;
  }
  .act {
    margin: 0 12px 12px;
  }
  .grid {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
