<script setup lang="ts">
import { computed, inject } from 'vue'
import type { FindingView } from '@/api/types'
import { BENCH } from '@/shared/bench'

/**
 * What is to be said beside a verdict or grade; STOP and CAUTION say so. On the bench each is written up in a tap; the STOP
 * that stands above the step is not said twice.
 */
const props = defineProps<{ findings: readonly FindingView[]; isPlain?: boolean }>()
const bench = inject(BENCH, null)
const shown = computed(() => props.findings.filter((f) => f.text !== bench?.said))
const WORDS = { STOP: 'STOP', CAUTION: 'CAUTION', INFO: '' } as const
</script>

<template>
  <ul v-if="shown.length" class="findings">
    <li v-for="f in shown" :key="f.text" :class="{ loud: f.severity !== 'INFO' }">
      <b v-if="WORDS[f.severity]" class="zb-name">{{ WORDS[f.severity] }}</b> {{ f.text }}
      <template v-if="bench && !isPlain">
        <span v-if="bench.isWritten(f)" class="zb-soft up">written up</span>
        <button v-else-if="bench.canWriteUp" type="button" class="up zb-soft" @click="bench.writeUp(f)">
          write it up
        </button>
      </template>
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
.up {
  border: 0;
  background: none;
  min-height: 32px;
  padding: 0 6px;
}
button.up {
  text-decoration: underline;
  cursor: pointer;
}
.loud {
  border: var(--zb-line);
  background: var(--zb-sheet);
  padding: 6px 12px;
}
</style>
