<script setup lang="ts">
import { ref } from 'vue'
import { useCall, type Photographed } from '@/stores/call'

/** Photos as found of a part or a place; location is taken out of them before they are kept. */
const props = defineProps<{ photos: readonly string[]; of: Photographed }>()
const store = useCall()
const isSending = ref(false)

async function attach(event: Event) {
  const input = event.target as HTMLInputElement
  const photo = input.files?.[0]
  if (!photo) return
  isSending.value = true
  await store.addPhoto(photo, props.of)
  isSending.value = false
  input.value = ''
}
</script>

<template>
  <div class="strip zb-noprint">
    <a v-for="(p, i) in photos" :key="p" :href="`/api/photos/${p}`" target="_blank" class="photo">
      <img :src="`/api/photos/${p}`" :alt="`Photo ${i + 1} as found`" />
    </a>
    <label v-if="store.isWorking" class="take" :class="{ busy: isSending }">
      {{ isSending ? 'keeping …' : 'add a photo' }}
      <input type="file" accept="image/*" class="zb-hidden" :disabled="isSending" @change="attach" />
    </label>
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
  align-items: center;
}
.photo img {
  height: 72px;
  border: var(--zb-line);
  display: block;
}
.take {
  position: relative;
  min-height: 48px;
  display: inline-flex;
  align-items: center;
  text-decoration: underline;
  text-underline-offset: 3px;
  font-weight: 600;
  cursor: pointer;
  padding: 0 8px;
}
.take:focus-within {
  outline: 3px solid var(--zb-ink);
}
</style>
