<script setup lang="ts">
import type { RestockView } from '@/api/types'

/** What to bring back: what ran low, and what repairs wanted and did not find. */
defineProps<{ restock: RestockView | null }>()
</script>

<template>
  <section v-if="restock">
    <div class="head">
      <h2>For {{ restock.depot }}</h2>
      <a href="/api/truck/restock.csv" class="zb-file" download>As CSV</a>
    </div>
    <p v-if="restock.low.length + restock.wanted.length === 0" class="zb-note">
      Nothing to bring back: all is at its minimum, and every repair found its part.
    </p>
    <template v-if="restock.wanted.length">
      <h3>Wanted and not found</h3>
      <router-link v-for="(w, i) in restock.wanted" :key="i" :to="`/calls/${w.callId}`" class="wanted">
        <b>{{ w.rating }}</b> <span>{{ w.why }}</span>
        <span class="zb-soft">{{ w.site }}, {{ w.unit }}</span>
      </router-link>
    </template>
    <template v-if="restock.low.length">
      <h3>Under minimum</h3>
      <table class="zb-table">
        <thead>
          <tr>
            <th scope="col">Bring</th>
            <th scope="col">Rating</th>
            <th scope="col">Bin</th>
            <th scope="col">Has</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="l in restock.low" :key="l.stock.id">
            <td class="zb-figure bring">{{ l.pieces }}</td>
            <td>
              <b>{{ l.stock.rating }}</b>
              <span class="zb-soft">{{ l.stock.name }} · {{ l.stock.partNumber }}</span>
            </td>
            <td class="zb-name">{{ l.stock.bin }}</td>
            <td>{{ l.stock.quantity }} of {{ l.stock.minimum }}</td>
          </tr>
        </tbody>
      </table>
    </template>
  </section>
</template>

<style scoped>
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
h2 {
  font-size: 22px;
}
h3 {
  font-size: 19px;
  border-bottom: var(--zb-line);
  margin-top: 18px;
  padding-bottom: 4px;
}
.wanted {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.4fr) minmax(0, 1fr);
  gap: 4px 16px;
  align-items: center;
  min-height: 52px;
  border-bottom: 1px solid var(--zb-hair);
  text-decoration: none;
}
.bring {
  font-size: 22px;
  font-weight: 600;
  width: 76px;
}
@media (max-width: 839px) {
  .wanted {
    grid-template-columns: minmax(0, 1fr);
    padding: 8px 0;
  }
}
</style>
