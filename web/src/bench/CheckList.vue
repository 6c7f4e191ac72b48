<script setup lang="ts">
import type { CheckView } from '@/api/types'
import { useCall } from '@/stores/call'

/** What is looked at and ticked off, a line each. */
defineProps<{ checks: readonly CheckView[] }>()
const emit = defineEmits<{ tick: [key: string, on: boolean] }>()
const store = useCall()
</script>

<template>
  <ul class="checks">
    <li v-for="c in checks" :key="c.key">
      <label class="tick">
        <span>{{ c.text }}</span>
        <input
          type="checkbox"
          :checked="c.done"
          :disabled="!store.isWorking"
          @change="emit('tick', c.key, !c.done)"
        />
      </label>
    </li>
  </ul>
</template>

<style scoped>
.checks {
  list-style: none;
  padding: 0;
  margin: 0;
}
.tick {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 16px;
  min-height: 56px;
  border-bottom: 1px solid var(--zb-hair);
  cursor: pointer;
  font-size: 19px;
}
</style>
