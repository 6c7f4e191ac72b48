<script setup lang="ts">
import { useId } from 'vue'

/** A button that asks for a file. The same file can be picked again once it was mended. */
defineProps<{ label: string; accept: string; isCamera?: boolean }>()
const emit = defineEmits<{ pick: [file: File] }>()
const id = useId()

function change(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (file) emit('pick', file)
  input.value = ''
}
</script>

<template>
  <label :for="id" class="zb-file file-pick">
    <slot />
    {{ label }}
    <input
      :id="id"
      type="file"
      class="zb-hidden"
      :accept="accept"
      :capture="isCamera ? 'environment' : undefined"
      @change="change"
    />
  </label>
</template>

<style scoped>
.file-pick {
  cursor: pointer;
  position: relative;
  justify-content: center;
  gap: 8px;
  white-space: nowrap;
}
.file-pick:focus-within {
  outline: 3px solid var(--zb-ink);
  outline-offset: 2px;
}
</style>
