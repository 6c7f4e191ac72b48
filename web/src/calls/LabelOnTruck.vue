<script setup lang="ts">
import { computed } from 'vue'
import type { LabelAnswer } from '@/api/types'
import FindingLines from '@/shared/FindingLines.vue'
import GradePlate from '@/shared/GradePlate.vue'

/** What the truck has for a label, the nearest first; in the slot what can be done with it. */
const props = defineProps<{ found: LabelAnswer['found']; ways: number }>()
const shown = computed(() => {
  const possible = props.found?.offers.filter((o) => o.canBeChosen) ?? []
  const own = possible.filter((o) => o.isWay)
  return (own.length ? own : possible).slice(0, 2)
})
</script>

<template>
  <div class="has">
    <template v-if="found">
      <h2>
        {{ ways ? `On the truck: ${ways === 1 ? '1 way' : `${ways} ways`}` : 'Nothing on the truck fits' }}
      </h2>
      <p class="zb-soft">by this label alone; the unit's own circuit is not asked here</p>
      <FindingLines :findings="found.findings.filter((f) => f.severity !== 'INFO')" />
      <p v-for="o in shown" :key="o.offer.join(' ')" class="offer">
        <GradePlate :grade="o.grade" :word="o.word" />
        <span>
          <template v-for="(p, i) in o.pieces" :key="p.title"
            >{{ i ? ' and ' : '' }}<b>{{ p.title }}</b
            >{{ ' ' }}<span class="zb-plate bin">{{ p.where }}</span></template
          >
        </span>
      </p>
    </template>
    <div class="do"><slot /></div>
  </div>
</template>

<style scoped>
.has {
  padding: 10px 18px 14px;
  border-left: 1px solid var(--zb-hair);
  display: flex;
  flex-direction: column;
  gap: 8px;
}
h2 {
  font-size: 21px;
}
.offer {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
}
.bin {
  padding: 0 5px;
}
.do {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-top: auto;
}
@media (max-width: 839px) {
  .has {
    border-left: 0;
    border-top: 1px solid var(--zb-hair);
  }
}
</style>
