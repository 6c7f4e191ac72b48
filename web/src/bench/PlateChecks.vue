<script setup lang="ts">
import { computed } from 'vue'
import type { CorrectionView, PlateCheckView, SizeView } from '@/api/types'
import VerdictMark from '@/shared/VerdictMark.vue'

/** How a plate's figures go together; where they do not, the digits that may be misread, or the load that is left out. */
const props = defineProps<{
  checks: readonly PlateCheckView[]
  sizes: readonly SizeView[]
  /** the size that is known, in Btu/h */
  size?: number
  isOff: boolean
}>()
const emit = defineEmits<{ correct: [c: CorrectionView]; size: [btuPerHour: number] }>()
const failed = computed(() => props.checks.filter((c) => !c.agrees))
const agreeing = computed(() => props.checks.filter((c) => c.agrees))
const isAsking = computed(() => props.sizes.length > 0 && props.size === undefined)
</script>

<template>
  <section v-for="c in failed" :key="c.name" class="failed">
    <p class="head">
      <VerdictMark verdict="FAILED" word="DOES NOT AGREE" /> <b>{{ c.name }}</b>
    </p>
    <p class="why">{{ c.reckoning }}</p>
    <template v-if="c.corrections.length">
      <p class="zb-soft">Misread? Look at the plate, then tap what it says:</p>
      <div class="taps">
        <button
          v-for="x in c.corrections"
          :key="x.text"
          type="button"
          class="tap"
          :disabled="isOff"
          @click="emit('correct', x)"
        >
          {{ x.text }} <span v-if="x.usual" class="zb-soft">often mistaken</span>
        </button>
      </div>
    </template>
    <p v-if="c.leftOut" class="why"><b v-if="c.corrections.length">Or</b> {{ c.leftOut }}.</p>
    <p v-if="!c.corrections.length && !c.leftOut" class="zb-soft">
      No one digit explains it: read the figures of this line again.
    </p>
  </section>
  <section v-if="isAsking" class="failed">
    <p class="head"><VerdictMark verdict="TOO_CLOSE" word="WHICH SIZE?" /></p>
    <p class="why">Groups of the model number that can be thousands of Btu/h:</p>
    <div class="taps">
      <button
        v-for="s in sizes"
        :key="s.group"
        type="button"
        class="tap"
        :disabled="isOff"
        @click="emit('size', s.btuPerHour)"
      >
        {{ s.group }}: {{ s.tons }} <span v-if="s.likely" class="zb-soft">likely by the RLA</span>
      </button>
    </div>
    <p v-for="s in sizes.filter((x) => x.reckoning)" :key="s.group" class="zb-soft">
      {{ s.group }}: {{ s.reckoning }}
    </p>
  </section>
  <details v-if="agreeing.length" class="agreeing">
    <summary>
      <VerdictMark verdict="GOOD" :word="`${agreeing.length} OF ${checks.length} AGREE`" />
      <span class="names">{{ agreeing.map((c) => c.name).join(', ') }}</span>
    </summary>
    <p v-for="c in agreeing" :key="c.name" class="agrees">
      <b>{{ c.name }}</b> <span>{{ c.reckoning }}</span> <span class="zb-soft">{{ c.mark }}</span>
    </p>
  </details>
</template>

<style scoped>
.failed {
  border: var(--zb-line);
  background: var(--zb-sheet);
  padding: 10px 16px 12px;
  margin: 8px 0;
  display: grid;
  gap: 6px;
}
.head {
  display: flex;
  gap: 6px 14px;
  flex-wrap: wrap;
  align-items: center;
}
.taps {
  display: flex;
  flex-wrap: wrap;
}
.tap {
  min-height: 48px;
  border: var(--zb-line);
  background: var(--zb-paper);
  padding: 4px 14px;
  margin: 0 -2px -2px 0;
  cursor: pointer;
  text-align: left;
}
.tap:disabled {
  cursor: default;
}
.agreeing {
  margin: 8px 0;
  border-bottom: 1px solid var(--zb-hair);
}
summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  gap: 14px;
  cursor: pointer;
}
.names {
  flex: 1;
  min-width: 0;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  color: var(--zb-soft);
  font-size: 15px;
}
details[open] .names {
  display: none;
}
.agrees {
  padding: 3px 0 3px 26px;
  font-size: 15px;
}
</style>
