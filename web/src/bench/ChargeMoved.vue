<script setup lang="ts">
import type { ChargeView } from '@/api/types'

/** What was weighed in or out, with the figures of its circuit before and after. */
defineProps<{ charge: readonly ChargeView[] }>()
</script>

<template>
  <section v-if="charge.length" aria-label="Refrigerant">
    <h3>Refrigerant</h3>
    <div v-for="(c, i) in charge" :key="i" class="moved">
      <b>{{ c.words }}</b>
      <span v-for="f in c.figures" :key="f.title" class="figure">
        {{ f.title }} <span class="zb-figure">{{ f.before ?? '–' }}</span> →
        <span class="zb-figure">{{ f.after ?? '–' }}</span> {{ f.unit }}
      </span>
      <span v-if="c.missing" class="zb-soft">{{ c.missing }}</span>
    </div>
  </section>
</template>

<style scoped>
h3 {
  font-size: 19px;
}
.moved {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  align-items: baseline;
  padding: 8px 0;
  border-bottom: 1px solid var(--zb-hair);
}
.figure .zb-figure {
  font-size: 21px;
  font-weight: 600;
}
</style>
