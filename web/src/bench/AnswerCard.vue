<script setup lang="ts">
import type { OfferView } from '@/api/types'
import GradePlate from '@/shared/GradePlate.vue'

/** What to take, in one sentence with the places it lies in, what then has to be done, and what it costs. */
defineProps<{ offer: OfferView; verb: string }>()
</script>

<template>
  <section class="answer" aria-label="The answer">
    <p class="grade">
      <GradePlate :grade="offer.grade" :word="offer.word" is-chosen />
      <span v-if="offer.isPartlyThere" class="zb-soft">one stays in</span>
    </p>
    <p class="take">
      {{ verb }}
      <template v-for="(p, i) in offer.pieces" :key="p.title + p.where">
        <template v-if="i > 0">{{ i === offer.pieces.length - 1 ? ' and ' : ', ' }}</template>
        <span class="piece"
          >{{ p.title }} <span class="zb-plate bin">{{ p.where }}</span></span
        >
      </template>
    </p>
    <div class="below">
      <div v-if="offer.changes.length || offer.asks.length" class="then">
        <h3 class="zb-name">THEN</h3>
        <ol>
          <li v-for="c in offer.changes" :key="c">{{ c }}</li>
          <li v-for="c in offer.asks" :key="c" class="zb-soft">{{ c }}</li>
        </ol>
      </div>
      <div v-if="offer.price" class="costs">
        <h3 class="zb-name">COSTS</h3>
        <dl>
          <template v-for="p in offer.pieces" :key="p.title + p.where">
            <dt v-if="offer.pieces.length > 1">{{ p.title }}</dt>
            <dd v-if="offer.pieces.length > 1" class="zb-figure">{{ p.price }}</dd>
          </template>
          <dt class="sum">$</dt>
          <dd class="sum zb-figure">{{ offer.price }}</dd>
        </dl>
      </div>
    </div>
  </section>
</template>

<style scoped>
.answer {
  container-type: inline-size;
  border: var(--zb-line);
  background: var(--zb-sheet);
  padding: 10px 16px 12px;
}
.grade {
  display: flex;
  align-items: center;
  gap: 12px;
}
.take {
  font-size: 27px;
  font-weight: 700;
  line-height: 1.3;
  margin: 4px 0 8px;
}
.piece {
  white-space: normal;
}
.bin {
  font-size: 22px;
  padding: 0 6px;
  white-space: nowrap;
}
.below {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 4px 28px;
  border-top: 1px solid var(--zb-hair);
  padding-top: 6px;
}
h3 {
  font-size: 16px;
  color: var(--zb-soft);
}
ol {
  list-style: none;
  counter-reset: then;
  margin: 2px 0 0;
  padding: 0;
  display: grid;
  gap: 4px;
}
li {
  counter-increment: then;
  display: grid;
  grid-template-columns: 30px minmax(0, 1fr);
  align-items: baseline;
}
li::before {
  content: counter(then);
  width: 22px;
  height: 22px;
  border: var(--zb-line);
  border-radius: 50%;
  font-weight: 700;
  font-size: 14px;
  display: inline-flex;
  align-items: center;
  justify-content: center;
}
.costs:first-child {
  display: flex;
  align-items: baseline;
  gap: 14px;
}
dl {
  display: grid;
  grid-template-columns: minmax(0, auto) auto;
  gap: 0 14px;
  margin: 2px 0 0;
}
dd {
  margin: 0;
  text-align: right;
}
.sum {
  font-weight: 700;
  border-top: var(--zb-line);
}
.sum:first-child,
.sum:first-child + .sum {
  border-top: 0;
}
@container (max-width: 520px) {
  .take {
    font-size: 21px;
  }
  .bin {
    font-size: 18px;
  }
  .below {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
