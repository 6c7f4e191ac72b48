<script setup lang="ts">
import { computed, ref } from 'vue'
import type { TrendView } from '@/api/types'
import ChoiceButtons from '@/shared/ChoiceButtons.vue'
import { dayOf } from '@/shared/time'
import TrendPlot from '@/shared/TrendPlot.vue'

/** What drifts in a unit: one figure over its visits at a time, the others a tap away. */
const props = defineProps<{ trends: readonly TrendView[] }>()
const chosen = ref<string | null>(props.trends[0]?.name ?? null)
const trend = computed(() => props.trends.find((t) => t.name === chosen.value) ?? null)
</script>

<template>
  <section class="zb-section" v-if="trends.length" aria-labelledby="drift">
    <h2 id="drift">Over the visits</h2>
    <ChoiceButtons
      v-model="chosen"
      class="which"
      label="Which figure"
      is-hidden-label
      :choices="trends.map((t) => ({ value: t.name, words: t.name }))"
    />
    <template v-if="trend">
      <p class="words">
        {{ trend.words }} <b v-if="trend.crossesMillis">{{ dayOf(trend.crossesMillis) }}.</b>
      </p>
      <TrendPlot
        v-if="trend.points.length > 1"
        :name="trend.name"
        :unit="trend.unit"
        :points="trend.points"
        :limits="trend.limits"
      />
      <p v-else-if="trend.points[0]" class="zb-soft">
        {{ dayOf(trend.points[0].atMillis) }}: {{ trend.points[0].value }} {{ trend.unit }}
      </p>
    </template>
  </section>
</template>

<style scoped>
.which {
  margin: 10px 0;
}
.words {
  min-height: 46px;
}
</style>
