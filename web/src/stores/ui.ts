import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { LabelAnswer } from '@/api/types'

export type Pane = 'PARTS' | 'WORK' | 'TAPE'

/** Which of the three zones a phone shows, and what lies over them. */
export const useUi = defineStore('ui', () => {
  const pane = ref<Pane>('WORK')
  /** whether the tape lies over the work where it is a spine else */
  const isTapeOpen = ref(false)
  const isQuickOpen = ref(false)
  const areKeysOpen = ref(false)
  const isWhoOpen = ref(false)
  const isAddingPart = ref(false)
  /** how many pads are open; the screen stays on while one is */
  const pads = ref(0)
  /** counts up each time the quick line is asked for */
  const quickAsked = ref(0)

  /** a label to be put on the call that is being made */
  const pendingLabel = ref('')
  /** the photo that it was read from */
  const pendingPhoto = ref<File | null>(null)
  /** What its plate says of a unit that may be new. */
  const pendingUnit = ref<LabelAnswer['unit'] | null>(null)
  /** whether the bench opens where it was left by whoever leads there */
  const keepsPlace = ref(false)

  /** a label from the quick line that the truck is to take in */
  const label = ref('')

  function askQuick() {
    isQuickOpen.value = true
    quickAsked.value++
  }
  return {
    pane,
    isTapeOpen,
    isQuickOpen,
    areKeysOpen,
    isWhoOpen,
    isAddingPart,
    pads,
    quickAsked,
    pendingLabel,
    pendingPhoto,
    pendingUnit,
    keepsPlace,
    label,
    askQuick,
  }
})
