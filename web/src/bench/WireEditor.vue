<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { WireGiven } from '@/api/types'
import { useColours } from '@/shared/useColours'
import { useDraft } from '@/shared/useDraft'
import WireSwatch from '@/shared/WireSwatch.vue'
import { useCall } from '@/stores/call'

/** The wires as they were found, a line each: terminal, colour, tracer, where it leads. */
const emit = defineEmits<{ kept: [] }>()
const store = useCall()
const { colours } = useColours()
const terminals = computed(() => store.part?.terminals ?? [])
const { text, letGo } = useDraft(`wires ${store.call?.id} ${store.part?.id}`, () => JSON.stringify(asKept()))
const wires = ref<WireGiven[]>([])
const names = computed(() => ['', ...colours.value.map((c) => c.name)])

function asKept(): WireGiven[] {
  const known = store.part?.wires ?? []
  return known.length
    ? known.map((w) => ({ terminal: w.terminal, colour: w.colour, tracer: w.tracer ?? '', name: w.name }))
    : terminals.value.map((terminal) => ({ terminal, colour: '', tracer: '', name: '' }))
}
watch(
  text,
  (typed) => {
    if (typed && typed !== JSON.stringify(wires.value)) wires.value = JSON.parse(typed) as WireGiven[]
  },
  { immediate: true },
)
watch(wires, (now) => (text.value = JSON.stringify(now)), { deep: true })

function add() {
  wires.value.push({ terminal: terminals.value[0] ?? '', colour: '', tracer: '', name: '' })
}
async function keep() {
  const json = { wires: wires.value.filter((w) => w.colour !== '' || w.name.trim() !== '') }
  if (await store.changePart('PUT', '/wires', 'wires as found', json)) {
    letGo()
    emit('kept')
  }
}
defineExpose({ keep })
</script>

<template>
  <div class="editor">
    <div class="head" aria-hidden="true">
      <span>on</span><span>colour</span><span>tracer</span><span>leads to</span>
    </div>
    <div v-for="(w, i) in wires" :key="i" class="wire">
      <select v-model="w.terminal" :aria-label="`Wire ${i + 1}: terminal`" class="pick zb-name">
        <option v-for="t in terminals" :key="t">{{ t }}</option>
      </select>
      <span class="colour">
        <WireSwatch :colour="w.colour" :tracer="w.tracer" />
        <select v-model="w.colour" :aria-label="`Wire ${i + 1}: colour`" class="pick">
          <option v-for="n in names" :key="n" :value="n">{{ n || 'colour?' }}</option>
        </select>
      </span>
      <select v-model="w.tracer" :aria-label="`Wire ${i + 1}: tracer`" class="pick">
        <option v-for="n in names" :key="n" :value="n">{{ n || 'no tracer' }}</option>
      </select>
      <input
        v-model="w.name"
        :aria-label="`Wire ${i + 1}: leads to`"
        class="pick text"
        placeholder="compressor S"
        maxlength="60"
      />
      <button
        type="button"
        class="zb-bare drop"
        :aria-label="`Remove wire ${i + 1}`"
        @click="wires.splice(i, 1)"
      >
        ✕
      </button>
    </div>
    <v-btn v-if="wires.length < 12" variant="text" @click="add">add a wire</v-btn>
  </div>
</template>

<style scoped>
.editor {
  display: grid;
  gap: 6px;
  justify-items: start;
}
.head,
.wire {
  width: 100%;
  display: grid;
  grid-template-columns: 84px 150px 116px minmax(0, 1fr) 48px;
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
