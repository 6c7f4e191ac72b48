<script setup lang="ts">
import { computed, watch } from 'vue'
import AmpTrends from '@/bench/AmpTrends.vue'
import CheckList from '@/bench/CheckList.vue'
import MotorAmps from '@/bench/MotorAmps.vue'
import { useAmps } from '@/bench/useAmps'
import { useCall } from '@/stores/call'

/** The new motor with the power on: which way it turns, amps and volts on every speed that is used. */
const emit = defineEmits<{ tick: [key: string, on: boolean] }>()
const store = useCall()
const part = computed(() => store.part)
const at = useAmps(
  () => (part.value ? { part: part.value.id, name: part.value.place } : null),
  () => false,
  () => store.call?.amps.find((a) => a.place === part.value?.place)?.legs ?? [],
)
watch(
  () => part.value?.speeds,
  (speeds) => {
    const open = speeds?.find((s) => !s.isProved) ?? speeds?.[0]
    if (open && !at.isEnough.value) at.speed.value = open.name
  },
  { immediate: true },
)
const { canKeep } = at
/** The amps of the speed that is shown, and what was read with them. */
const known = computed(() => {
  const all = part.value?.amps ?? []
  const name = at.speed.value
  return all.filter((a) => name === '' || a.subject.endsWith(name) || /(INRUSH|VOLTS|LEGS)$/.test(a.subject))
})
defineExpose({ canKeep, keep: at.keep })
</script>

<template>
  <div v-if="part">
    <CheckList :checks="part.running" @tick="(key, on) => emit('tick', key, on)" />
    <MotorAmps class="amps" :at="at" rating="" :speeds="part.speeds" :known="known" />
    <AmpTrends :place="part.place" />
  </div>
</template>

<style scoped>
.amps {
  margin-top: 14px;
}
</style>
