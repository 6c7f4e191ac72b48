<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue'
import { api, body } from '@/api/client'
import type { Wire, WireGiven } from '@/api/types'
import { useColours } from '@/shared/useColours'
import { useDraft } from '@/shared/useDraft'
import WireSwatch from '@/shared/WireSwatch.vue'
import { usePreview } from '@/shared/usePreview'
import { useCall } from '@/stores/call'

/** The wires as they were found, a line each: terminal, colour, tracer, where it leads; drawn as they are typed where asked. */
const props = defineProps<{
  /** the name what is typed is kept under on the device */
  of: string
  /** sends them; whether the server has them */
  send: (wires: WireGiven[]) => Promise<boolean>
  wires: readonly Wire[]
  terminals: readonly string[]
  /** of the drawing; with one, terminals are typed freely and drawn as they are typed */
  caption?: string
  /** leads of a new part lead nowhere yet */
  hasNoNames?: boolean
}>()
const emit = defineEmits<{ kept: [] }>()
/** Where a wire of a terminal usually leads; an example, no claim. */
const EXAMPLES: Record<string, string> = {
  HERM: 'compressor S',
  FAN: 'fan motor',
  C: 'contactor T1',
  L1: 'line, leg 1',
  L2: 'line, leg 2',
  T1: 'compressor',
  T2: 'compressor',
}
const store = useCall()
const id = useId()
const { colours } = useColours()
const { text, letGo } = useDraft(`wires ${store.call?.id} ${props.of}`, () => JSON.stringify(asKept()))
const rows = ref<WireGiven[]>([])
const names = computed(() => ['', ...colours.value.map((c) => c.name)])
const named = computed(() => rows.value.filter((w) => w.colour !== '' || w.name.trim() !== ''))

function asKept(): WireGiven[] {
  const bare = props.terminals.filter((t) => !props.wires.some((w) => w.terminal === t))
  return [
    ...props.wires.map((w) => ({
      terminal: w.terminal,
      colour: w.colour,
      tracer: w.tracer ?? '',
      name: w.name,
    })),
    ...bare.map((terminal) => ({ terminal, colour: '', tracer: '', name: '' })),
  ]
}
const { seen, wrong } = usePreview(
  () => {
    const wires = named.value.filter((w) => w.terminal.trim() !== '')
    return props.caption === undefined || wires.length === 0 ? null : { caption: props.caption, wires }
  },
  (shown) => body(api.POST('/api/wire-map', { body: shown })),
  { offline: 'drawn once it is back.', keeps: true, restMillis: 250 },
)
const drawn = computed(() => seen.value?.svg ?? '')
watch(
  text,
  (typed) => {
    if (typed && typed !== JSON.stringify(rows.value)) rows.value = JSON.parse(typed) as WireGiven[]
  },
  { immediate: true },
)
watch(
  rows,
  (now) => {
    text.value = JSON.stringify(now)
  },
  { deep: true, immediate: true },
)

function add() {
  rows.value.push({ terminal: props.terminals[0] ?? '', colour: '', tracer: '', name: '' })
}
async function keep() {
  if (await props.send(named.value)) {
    letGo()
    emit('kept')
  }
}
defineExpose({ keep, named })
</script>

<template>
  <div class="editor">
    <p v-if="wrong" class="zb-wrong" role="alert">{{ wrong }}</p>
    <div v-if="drawn" class="drawn" v-html="drawn" />
    <div class="head" aria-hidden="true">
      <span>on</span><span>colour</span><span>tracer</span><span>{{ hasNoNames ? '' : 'leads to' }}</span>
    </div>
    <datalist v-if="caption !== undefined" :id="id">
      <option v-for="t in terminals" :key="t" :value="t" />
    </datalist>
    <div v-for="(w, i) in rows" :key="i" class="wire">
      <input
        v-if="caption !== undefined"
        v-model="w.terminal"
        :list="id"
        :aria-label="`Wire ${i + 1}: terminal`"
        class="pick zb-name"
        maxlength="20"
      />
      <select v-else v-model="w.terminal" :aria-label="`Wire ${i + 1}: terminal`" class="pick zb-name">
        <option v-for="t in terminals" :key="t">{{ t }}</option>
      </select>
      <span class="colour">
        <WireSwatch :colour="w.colour" :tracer="w.tracer" />
        <select v-model="w.colour" :aria-label="`Wire ${i + 1}: colour`" class="pick">
          <option v-for="n in names" :key="n" :value="n">{{ n || 'colour?' }}</option>
        </select>
      </span>
      <select v-model="w.tracer" :aria-label="`Wire ${i + 1}: tracer`" class="pick">
        <option v-for="n in names" :key="n" :value="n">{{ n || 'plain' }}</option>
      </select>
      <span v-if="hasNoNames" />
      <input
        v-else
        v-model="w.name"
        :aria-label="`Wire ${i + 1}: leads to`"
        class="pick text"
        :placeholder="EXAMPLES[w.terminal.toUpperCase()] ?? 'where it leads'"
        maxlength="60"
      />
      <button
        type="button"
        class="zb-bare drop"
        :aria-label="`Remove wire ${i + 1}`"
        @click="rows.splice(i, 1)"
      >
        ✕
      </button>
    </div>
    <v-btn v-if="rows.length < 24" variant="text" @click="add">add a wire</v-btn>
  </div>
</template>

<style scoped>
.editor {
  display: grid;
  gap: 6px;
  justify-items: start;
}
.drawn {
  width: 100%;
}
.drawn :deep(svg) {
  width: 100%;
  height: auto;
  max-height: 250px;
  display: block;
}
.head,
.wire {
  width: 100%;
  display: grid;
  grid-template-columns: 96px 150px 116px minmax(0, 1fr) 48px;
  gap: 6px;
  align-items: center;
}
.head {
  font-size: 14px;
  color: var(--zb-soft);
}
.pick {
  min-height: 48px;
  border: var(--zb-line);
  background: var(--zb-sheet);
  padding: 0 8px;
  width: 100%;
  border-radius: 0;
}
.colour {
  display: flex;
  gap: 6px;
  align-items: center;
}
.drop {
  min-width: 48px;
  min-height: 48px;
  text-align: center;
}
@media (max-width: 839px) {
  .head {
    display: none;
  }
  .wire {
    grid-template-columns: 84px minmax(0, 1fr) 48px;
    padding-bottom: 8px;
    border-bottom: 1px solid var(--zb-hair);
  }
  .wire .pick:nth-child(3) {
    grid-column: 1 / 2;
    grid-row: 2;
  }
  .wire .text {
    grid-column: 2 / 4;
    grid-row: 2;
  }
  .wire .drop {
    grid-column: 3;
    grid-row: 1;
  }
}
</style>
