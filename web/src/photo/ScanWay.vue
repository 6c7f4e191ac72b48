<script setup lang="ts">
import { mdiQrcodeScan } from '@mdi/js'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { NoConnection, sendFile } from '@/api/client'
import FilePick from '@/shared/FilePick.vue'
import { drawnAnew } from './picture'

/** The code inside of a unit's panel, from the camera to the unit's record. */
const router = useRouter()
const wrong = ref('')
const isLooking = ref(false)

async function scan(photo: File) {
  if (isLooking.value) return
  isLooking.value = true
  wrong.value = ''
  try {
    const sticker = await sendFile('/api/scan', { photo: await drawnAnew(photo) })
    if (sticker.unit) await router.push(`/units/${sticker.unit}`)
    else wrong.value = sticker.words
  } catch (problem) {
    wrong.value =
      problem instanceof NoConnection
        ? 'The bench cannot be reached: find the unit by its name.'
        : (problem as Error).message
  } finally {
    isLooking.value = false
  }
}
</script>

<template>
  <FilePick :label="isLooking ? 'Looking …' : 'Scan'" accept="image/*" is-camera @pick="scan">
    <svg width="24" height="24" viewBox="0 0 24 24" aria-hidden="true">
      <path :d="mdiQrcodeScan" fill="currentColor" />
    </svg>
  </FilePick>
  <p v-if="wrong" role="alert" class="wrong">
    <b>{{ wrong }}</b>
  </p>
</template>

<style scoped>
.wrong {
  flex: 1 0 100%;
  order: 4;
}
</style>
