<script setup lang="ts">
import { computed } from 'vue'
import type { Fields } from '@/api/types'
import { useCall } from '@/stores/call'
import FieldEditor from './FieldEditor.vue'

/** What no label prints: measured on the part before it comes off, and given back on the sheet. */
const store = useCall()
const measures = computed(() => store.part?.attributes.filter((a) => a.measured) ?? [])
const fields = computed(() => (store.part?.fields ?? {}) as Fields)
function keep(name: string, value: unknown) {
  void store.changePart('PUT', '/measures', name, {
    name,
    ...(value === undefined ? {} : { fields: { [name]: value } }),
  })
}
</script>

<template>
  <section v-if="measures.length" class="measures">
    <h3>Measured before it comes off</h3>
    <div class="fields">
      <div v-for="a in measures" :key="a.name">
        <span class="zb-label" aria-hidden="true">{{ a.label }}</span>
        <FieldEditor
          :attribute="a"
          :value="fields[a.name]"
          :is-off="!store.isWorking"
          @change="keep(a.name, $event)"
        />
      </div>
    </div>
  </section>
</template>

<style scoped>
h3 {
  font-size: 19px;
  margin: 14px 0 4px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 8px 16px;
}
</style>
