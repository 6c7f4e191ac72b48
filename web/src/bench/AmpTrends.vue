<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, body } from '@/api/client'
import type { AmpTrend } from '@/api/types'
import TrendPlot from '@/shared/TrendPlot.vue'
import { useCall } from '@/stores/call'

/** Amps of one motor over the visits to its unit; a new motor starts a new line. */
const props = defineProps<{ place: string }>()
const store = useCall()
const trend = ref<AmpTrend | null>(null)
watch(
  () => [props.place, store.call?.tape.length],
  async () => {
    const id = store.call?.id
    if (id === undefined) return
    try {
      const seen = await body(api.GET('/api/calls/{id}/amps/trends', { params: { path: { id } } }))
      trend.value = seen.trends.find((t) => t.place === props.place) ?? null
    } catch {
      trend.value = null
    }
  },
  { immediate: true },
)
</script>

<template>
  <section v-if="trend" class="trend">
    <h3>Over the visits</h3>
    <p class="zb-soft">{{ trend.words }}</p>
    <TrendPlot
      v-if="trend.points.length > 1"
      :name="`Amps of ${place}`"
      :points="trend.points.map((p) => ({ atMillis: p.atMillis, value: p.amps }))"
      unit="A"
    />
  </section>
</template>

<style scoped>
.trend {
  margin-top: 16px;
  border-top: 1px solid var(--zb-hair);
  padding-top: 10px;
}
h3 {
  font-size: 19px;
}
</style>
