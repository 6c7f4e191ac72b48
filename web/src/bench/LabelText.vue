<script setup lang="ts">
import { computed } from 'vue'
import type { ReadAnswer } from '@/api/types'

/** The typed text with the pieces that were understood marked in it. */
const props = defineProps<{ text: string; read: ReadAnswer | null; lit: string | null }>()

const pieces = computed(() => {
  const marks = [...(props.read?.reads ?? [])].sort((a, b) => a.start - b.start || b.end - a.end)
  const out: { text: string; field: string | null; isLit: boolean }[] = []
  let at = 0
  for (const m of marks) {
    if (m.start < at) continue
    if (m.start > at) out.push({ text: props.text.slice(at, m.start), field: null, isLit: false })
    const isLit = marks.some((o) => o.start >= m.start && o.end <= m.end && o.field === props.lit)
    out.push({ text: props.text.slice(m.start, m.end), field: m.field, isLit })
    at = m.end
  }
  if (at < props.text.length) out.push({ text: props.text.slice(at), field: null, isLit: false })
  return out
})
</script>

<template>
  <p class="seen zb-figure" aria-label="What was understood">
    <template v-for="(p, i) in pieces" :key="i">
      <span v-if="p.field" class="piece" :class="{ lit: p.isLit }">{{ p.text }}</span>
      <span v-else class="rest">{{ p.text }}</span>
    </template>
  </p>
</template>

<style scoped>
.seen {
  font-size: 18px;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
  line-height: 1.7;
}
.piece {
  border-bottom: 3px solid var(--zb-ink);
}
.lit {
  background: var(--zb-lemon);
  color: var(--zb-on-lemon);
}
.rest {
  color: var(--zb-soft);
}
</style>
