<script setup lang="ts">
import type { BestView } from '@/api/types'

/** What a unit, or one circuit of it, can do at its best, beside today. */
defineProps<{ best: BestView; of?: string }>()
</script>

<template>
  <section class="best">
    <h3>At its best{{ of ? `, ${of}` : '' }}, {{ best.outdoor }}</h3>
    <p v-if="best.words" class="zb-soft">{{ best.words }}</p>
    <table class="zb-table">
      <thead>
        <tr>
          <th scope="col">Figure</th>
          <th scope="col">Best</th>
          <th scope="col">Now</th>
          <th scope="col">Between</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="f in best.figures" :key="f.title">
          <td>{{ f.title }}</td>
          <td class="zb-figure">{{ f.best }} {{ f.unit }}</td>
          <td class="zb-figure">{{ f.now ?? '–' }}</td>
          <td>
            <b v-if="f.isWorse">Worse. </b><span class="zb-soft">{{ f.reckoning }}</span>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
h3 {
  font-size: 19px;
}
</style>
