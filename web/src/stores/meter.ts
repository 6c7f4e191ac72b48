import { useEventSource, useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'

/** Where the leads sit, as the meter's stream is asked for. */
export interface Clip {
  callId: number
  part?: string
  place?: string
  subject: string
  sign: string
  isNew?: boolean
}
interface Window {
  value?: number
  isOverRange: boolean
  sign: string
}

/** The meter's window, while the meter is switched on and something is to be read. */
export const useMeter = defineStore('meter', () => {
  const isOn = useLocalStorage('zest-meter', false)
  const clip = ref<Clip | null>(null)
  const address = computed(() => {
    const at = clip.value
    if (!isOn.value || !at) return undefined
    const query = new URLSearchParams({ subject: at.subject, sign: at.sign })
    if (at.part) query.set('part', at.part)
    if (at.place) query.set('place', at.place)
    if (at.isNew) query.set('isNew', 'true')
    return `/api/calls/${at.callId}/meter?${query}`
  })
  const { event, data, status } = useEventSource(address, ['reading', 'other', 'lost'] as const, {
    autoReconnect: { retries: -1, delay: 2000 },
  })
  const words = ref('')
  const window = ref<Window | null>(null)

  watch(address, () => {
    window.value = null
    words.value = ''
  })
  watch([event, data], ([name, text]) => {
    if (!text) return
    const json = JSON.parse(text) as Window & { words?: string }
    if (name === 'reading') {
      window.value = json
      words.value = ''
    } else {
      window.value = null
      words.value = json.words ?? ''
    }
  })
  /** What would be typed to take the reading; empty while there is none. */
  const figure = computed(() => {
    const now = window.value
    if (!now) return ''
    return now.isOverRange ? 'OL' : String(now.value)
  })

  return { isOn, clip, figure, words, status }
})
