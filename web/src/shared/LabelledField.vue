<script setup lang="ts">
import { useId } from 'vue'

/** A field with its own label above and a line for what is wrong below, which is always there so that nothing jumps. */
defineProps<{
  label: string
  wrong?: string
  kind?: 'text' | 'number' | 'date' | 'area'
  hint?: string
  hasNoWrongLine?: boolean
  autofocus?: boolean
}>()
const text = defineModel<string>({ required: true })
const id = useId()
</script>

<template>
  <div>
    <label class="zb-label" :for="id">{{ label }}</label>
    <v-textarea
      v-if="kind === 'area'"
      :id="id"
      v-model="text"
      :placeholder="hint"
      :aria-describedby="`${id}-wrong`"
    />
    <v-text-field
      v-else
      :id="id"
      v-model="text"
      :type="kind === 'date' ? 'date' : 'text'"
      :inputmode="kind === 'number' ? 'decimal' : undefined"
      :placeholder="hint"
      :autofocus="autofocus"
      :aria-describedby="`${id}-wrong`"
      autocomplete="off"
    />
    <div v-if="!hasNoWrongLine" :id="`${id}-wrong`" class="zb-wrong" role="alert">{{ wrong }}</div>
  </div>
</template>
