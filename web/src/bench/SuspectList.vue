<script setup lang="ts">
import { computed, ref } from 'vue'
import type { SuspectView } from '@/api/types'

/** Faults, the likeliest first, each with its share, what speaks for and against it, and the test that settles it. */
const props = defineProps<{
  suspects: readonly SuspectView[]
  other: string
  canQuestion: (s: SuspectView) => boolean
}>()
const emit = defineEmits<{ question: [s: SuspectView] }>()
const SHOWN = 6
const isAll = ref(false)
const at = ref<string | null>(null)
const shown = computed(() => (isAll.value ? props.suspects : props.suspects.slice(0, SHOWN)))
</script>

<template>
  <ol class="suspects">
    <li v-for="s in shown" :key="s.key">
      <button
        type="button"
        class="suspect zb-bare"
        :aria-expanded="at === s.key"
        @click="at = at === s.key ? null : s.key"
      >
        <span class="title">{{ s.title }}</span>
        <b class="share">{{ s.share }}</b>
        <span class="bar" aria-hidden="true"
          ><span class="full" :style="{ width: `${Math.max(1, s.percent)}%` }"
        /></span>
      </button>
      <div v-if="at === s.key" class="why">
        <p><b>Settled by</b> {{ s.test }}</p>
        <p v-if="s.speaksFor.length"><b>For</b> {{ s.speaksFor.join('; ') }}</p>
        <p v-if="s.speaksAgainst.length"><b>Against</b> {{ s.speaksAgainst.join('; ') }}</p>
        <p v-if="!s.speaksFor.length && !s.speaksAgainst.length" class="zb-soft">
          Nothing known speaks either way.
        </p>
        <v-btn v-if="canQuestion(s)" height="48" @click="emit('question', s)">Put it in question</v-btn>
      </div>
    </li>
    <li v-if="isAll" class="suspect">
      <span class="title">something else</span> <b class="share">{{ other }}</b>
    </li>
  </ol>
  <v-btn variant="text" @click="isAll = !isAll">{{
    isAll ? 'only the likeliest' : `all ${suspects.length} faults`
  }}</v-btn>
  <p class="zb-soft">
    Shares by what is usual in practice, each fault for itself, so that they need not add up: a proposal, no
    finding.
  </p>
</template>

<style scoped>
.suspects {
  list-style: none;
  margin: 0;
  padding: 0;
}
.suspect {
  width: 100%;
  min-height: 52px;
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 2px 10px;
  align-items: baseline;
  align-content: center;
  padding: 5px 0;
}
li {
  border-bottom: 1px solid var(--zb-hair);
}
.share {
  white-space: nowrap;
}
.bar {
  grid-column: 1 / -1;
  height: 8px;
  border: 1px solid var(--zb-ink);
  background: var(--zb-sheet);
  display: block;
}
.full {
  display: block;
  height: 100%;
  background: var(--zb-ink);
}
.why {
  padding: 2px 0 10px 14px;
  border-left: 4px solid var(--zb-ink);
  margin-bottom: 8px;
  display: grid;
  gap: 4px;
  justify-items: start;
  font-size: 16px;
}
</style>
