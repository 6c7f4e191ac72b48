<script setup lang="ts">
/** One reading: which pair, the figure, what it means. */
defineProps<{ name: string; figure: string; isOn: boolean; isOff: boolean; unit?: string }>()
const emit = defineEmits<{ read: [] }>()
</script>

<template>
  <button type="button" class="pair zb-bare" :class="{ on: isOn }" :disabled="isOff" @click="emit('read')">
    <span class="zb-name name">{{ name }}</span>
    <span class="volts"
      ><span class="zb-figure">{{ figure || '–' }}</span
      >{{ figure === 'OL' ? '' : ` ${unit ?? 'V'}` }}</span
    >
    <span class="state"><slot /></span>
  </button>
</template>

<style scoped>
.pair {
  scroll-margin: 8px 0 345px;
  width: 100%;
  min-height: 52px;
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr) minmax(100px, auto);
  align-items: center;
  border-bottom: 1px solid var(--zb-hair) !important;
  border-left: 6px solid transparent;
  padding-left: 8px;
}
.pair.on {
  background: var(--zb-sheet);
  box-shadow:
    inset 6px 0 0 var(--zb-lemon),
    inset 8px 0 0 var(--zb-ink);
  padding-left: 16px;
}
.name {
  font-size: 20px;
}
.volts {
  font-size: 24px;
}
.state {
  text-align: right;
}
</style>
