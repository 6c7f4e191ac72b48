import { ref } from 'vue'
import { api, body } from '@/api/client'
import type { Attribute } from '@/api/types'

const attributes = ref<Attribute[]>([])
let isAsked = false

/** What a plate can say; told by the server once. */
export function usePlateAttributes() {
  if (!isAsked) {
    isAsked = true
    body(api.GET('/api/plate-attributes'))
      .then((known) => (attributes.value = known))
      .catch(() => (isAsked = false))
  }
  return attributes
}
