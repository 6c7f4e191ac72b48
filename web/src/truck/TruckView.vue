<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, body } from '@/api/client'
import type { StockView } from '@/api/types'
import LabelledField from '@/shared/LabelledField.vue'

/** What is in stock and where. */
const stock = ref<StockView[]>([])
const wrong = ref('')
const search = ref('')
const isLowOnly = ref(false)
const found = computed(() => {
  const words = search.value.toLowerCase().split(/\s+/)
  return stock.value.filter(
    (s) =>
      (!isLowOnly.value || s.isLow) &&
      words.every((w) => `${s.bin} ${s.kind} ${s.name} ${s.rating} ${s.id}`.toLowerCase().includes(w)),
  )
})
onMounted(async () => {
  try {
    stock.value = await body(api.GET('/api/truck'))
  } catch (problem) {
    wrong.value = (problem as Error).message
  }
})
</script>

<template>
  <div class="zb-page">
    <div class="zb-page-inner">
      <header class="head">
        <h1>Truck</h1>
        <LabelledField v-model="search" label="Find by rating, kind, bin" has-no-wrong-line class="find" />
        <label class="low"><input v-model="isLowOnly" type="checkbox" /> under minimum only</label>
      </header>
      <p v-if="wrong" role="alert">
        <b>{{ wrong }}</b>
      </p>
      <table class="zb-table">
        <thead>
          <tr>
            <th scope="col">Bin</th>
            <th scope="col">Rating</th>
            <th scope="col" class="wide">Part</th>
            <th scope="col" class="count">Count</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="s in found" :key="s.id">
            <td class="zb-name bin">{{ s.bin }}</td>
            <td>
              <b>{{ s.rating }}</b><span class="zb-soft narrow">{{ s.kind }}</span>
            </td>
            <td class="wide">
              {{ s.name }} <span class="zb-soft">{{ s.kind }} · {{ s.id }}</span>
            </td>
            <td class="count">
              <span class="zb-figure">{{ s.quantity }}</span><span class="zb-soft under">{{
                s.isLow ? `of ${s.minimum}, low` : ''
              }}</span>
            </td>
          </tr>
        </tbody>
      </table>
      <p v-if="stock.length && found.length === 0" class="zb-note none">
        Nothing on the truck by these words.
      </p>
    </div>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 24px;
  align-items: end;
  margin-bottom: 12px;
}
h1 {
  font-size: 32px;
  flex: 1;
}
.find {
  width: min(320px, 100%);
}
.low {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 48px;
  cursor: pointer;
}
.low input {
  width: 24px;
  height: 24px;
  accent-color: var(--zb-ink);
}
.bin {
  font-size: 19px;
}
.count {
  white-space: nowrap;
  font-size: 19px;
}
.under {
  margin-left: 10px;
}
.narrow {
  display: none;
}
.none {
  margin-top: 16px;
}
@media (max-width: 839px) {
  .wide {
    display: none;
  }
  .narrow {
    display: block;
  }
}
</style>
