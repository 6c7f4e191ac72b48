<script setup lang="ts">
import { mdiCameraOutline } from '@mdi/js'
import { ref, useId, watch } from 'vue'
import PhotoLook from './PhotoLook.vue'

/** The photo beside typing: taken or picked, looked at once, then its text stands where it would have been typed. */
defineProps<{ kind: string; isShort?: boolean }>()
const emit = defineEmits<{ keep: [text: string, photo: File]; busy: [is: boolean] }>()
const id = useId()
const taken = ref<File | null>(null)
// the camera and the look at its photo are over the page: what stood under a finger must still be there after them
watch(taken, (photo) => emit('busy', photo !== null))

function pick(event: Event) {
  const input = event.target as HTMLInputElement
  taken.value = input.files?.[0] ?? null
  input.value = ''
}
</script>

<template>
  <label :for="id" class="photo-way">
    <svg width="24" height="24" viewBox="0 0 24 24" aria-hidden="true">
      <path :d="mdiCameraOutline" fill="currentColor" />
    </svg>
    <span :class="{ 'zb-hidden': isShort }">Photo</span>
    <input
      :id="id"
      type="file"
      class="zb-hidden"
      accept="image/*"
      capture="environment"
      @click="emit('busy', true)"
      @cancel="emit('busy', false)"
      @change="pick"
    />
    <PhotoLook v-model="taken" :kind="kind" @keep="(text, photo) => emit('keep', text, photo)" />
  </label>
</template>

<style scoped>
.photo-way {
  position: relative;
  min-width: 72px;
  min-height: 48px;
  display: inline-flex;
  align-items: center;
  justify-content: center;
  gap: 6px;
  padding: 0 12px;
  font-weight: 600;
  cursor: pointer;
}
.photo-way:focus-within {
  outline: 3px solid var(--zb-ink);
  outline-offset: -3px;
}
</style>
