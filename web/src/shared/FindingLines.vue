<script setup lang="ts">
import type { FindingView } from '@/api/types'

/** What is to be said beside a verdict or grade; STOP and CAUTION say so. */
defineProps<{ findings: readonly FindingView[] }>()
const WORDS = { STOP: 'STOP', CAUTION: 'CAUTION', INFO: '' } as const
</script>

<template>
  <ul v-if="findings.length" class="findings">
    <li v-for="f in findings" :key="f.text" :class="{ loud: f.severity !== 'INFO' }">
      <b v-if="WORDS[f.severity]" class="zb-name">{{ WORDS[f.severity] }}</b> {{ f.text }}
    </li>
  </ul>
</template>

<style scoped>
.findings {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 4px;
}
.loud {
  border: var(--zb-line);
  background: var(--zb-sheet);
  padding: 6px 12px;
}
</style>
