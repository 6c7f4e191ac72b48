<script setup lang="ts">
import { onMounted } from 'vue'
import LabelledField from '@/shared/LabelledField.vue'
import UnitLine from './UnitLine.vue'
import { useUnitSearch } from './useUnitSearch'

/** The units that are looked after. */
const { words, found, hasMore, isLoaded, wrong, ask, more } = useUnitSearch()
const year = new Date().getFullYear()
onMounted(ask)
</script>

<template>
  <div class="zb-page">
    <div class="zb-page-inner">
      <header class="head">
        <h1>Units</h1>
        <a :href="`/api/refrigerant-log/${year}.csv`" class="zb-file" download
          >Refrigerant of {{ year }}, CSV</a
        >
      </header>
      <LabelledField
        v-model="words"
        class="search"
        label="Site, place, model, or the last signs of the serial"
        :wrong="wrong"
      />
      <router-link v-for="u in found" :key="u.id" :to="`/units/${u.id}`" class="unit">
        <UnitLine :unit="u" />
      </router-link>
      <v-btn v-if="hasMore" class="more" @click="more">Show more units</v-btn>
      <p v-if="isLoaded && found.length === 0" class="zb-note">
        {{
          words ? `No unit by "${words}".` : 'No unit yet. The first call to one adds it: New call on Calls.'
        }}
      </p>
    </div>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 8px 16px;
  margin-bottom: 12px;
}
.more {
  margin-top: 12px;
}
.search {
  max-width: 560px;
}
.unit {
  min-height: 64px;
  display: grid;
  align-content: center;
  padding: 6px 0;
  border-bottom: 1px solid var(--zb-hair);
  text-decoration: none;
}
.unit:first-of-type {
  border-top: var(--zb-line);
}
.unit:hover b {
  text-decoration: underline;
  text-underline-offset: 3px;
}
</style>
