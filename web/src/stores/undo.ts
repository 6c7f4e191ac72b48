import { defineStore } from 'pinia'
import { ref } from 'vue'

const OFFERED_MILLIS = 6000

/** What was just done, to be taken back by a tap for six seconds. */
export const useUndo = defineStore('undo', () => {
  const words = ref('')
  let back: (() => Promise<unknown>) | null = null
  let forget = 0

  /** @param done in words */
  function offer(done: string, takeBack: () => Promise<unknown>) {
    words.value = done
    back = takeBack
    window.clearTimeout(forget)
    forget = window.setTimeout(drop, OFFERED_MILLIS)
  }
  function drop() {
    words.value = ''
    back = null
  }
  async function take() {
    const what = back
    drop()
    await what?.()
  }
  return { words, offer, drop, take }
})
