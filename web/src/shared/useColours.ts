import { ref } from 'vue'
import { api, body } from '@/api/client'
import type { WireColour } from '@/api/types'

const colours = ref<WireColour[]>([])
let isAsked = false

/** The colours a wire can be given by name; told by the server once. */
export function useColours() {
  if (!isAsked) {
    isAsked = true
    body(api.GET('/api/wire-colours'))
      .then((known) => (colours.value = known))
      .catch(() => (isAsked = false))
  }
  const cssOf = (name: string) => colours.value.find((c) => c.name === name)?.css ?? 'var(--zb-sheet)'
  return { colours, cssOf }
}
