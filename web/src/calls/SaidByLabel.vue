<script setup lang="ts">
import type { LabelAnswer } from '@/api/types'
import JudgedScale from '@/shared/JudgedScale.vue'
import VerdictMark from '@/shared/VerdictMark.vue'

/** Each piece of a label with what it was taken for, and a verdict for each reading. */
defineProps<{ answer: LabelAnswer }>()
</script>

<template>
  <div>
    <p class="zb-soft kind">
      <b>{{ answer.title || 'Not told what part it is of' }}</b> {{ answer.rating }}
    </p>
    <ul v-if="answer.pieces.length" class="pieces">
      <li v-for="p in answer.pieces" :key="p.start">
        <span class="zb-figure piece">{{ p.text }}</span>
        <span class="zb-soft">{{ p.what.toLowerCase() }}</span>
      </li>
      <li v-for="u in answer.unread" :key="u">
        <span class="zb-figure piece rest">{{ u }}</span>
        <span class="zb-soft">not understood, kept</span>
      </li>
    </ul>
    <div v-for="v in answer.verdicts" :key="v.subject" class="verdict">
      <b class="zb-name subject">{{ v.subject === 'CAPACITOR' ? 'CAP' : v.subject }}</b>
      <span class="fig"
        ><span class="zb-figure">{{ v.figure }}</span> {{ v.unit }}</span
      >
      <JudgedScale class="scale" :judged="v" :subject="v.subject" />
      <VerdictMark :verdict="v.verdict" :word="v.word" class="mark" />
    </div>
    <p v-for="d in answer.doubts" :key="d" class="doubt">{{ d }}</p>
    <p v-if="answer.problem">
      <b>{{ answer.problem }}</b>
    </p>
  </div>
</template>

<style scoped>
.pieces {
  list-style: none;
  margin: 4px 0 6px;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 22px;
}
.pieces li {
  display: grid;
}
.piece {
  font-size: 20px;
  border-bottom: 3px solid var(--zb-ink);
  justify-self: start;
}
.rest {
  border-bottom: 3px dotted var(--zb-soft);
  color: var(--zb-soft);
}
.verdict {
  display: grid;
  grid-template-columns: 64px 130px minmax(0, 1fr) auto;
  gap: 12px;
  align-items: center;
  border-top: 1px solid var(--zb-hair);
  min-height: 56px;
}
.subject {
  font-size: 22px;
}
.fig {
  font-size: 20px;
  text-align: right;
}
.fig .zb-figure {
  font-size: 30px;
}
.mark {
  grid-column: 4;
}
.doubt {
  border: 2px dashed var(--zb-ink);
  padding: 4px 10px;
  margin-top: 6px;
}
@media (max-width: 839px) {
  .verdict {
    grid-template-columns: 52px minmax(0, 1fr) auto;
  }
  .scale {
    grid-column: 1 / -1;
    grid-row: 2;
  }
  .mark {
    grid-column: 3;
  }
}
</style>
