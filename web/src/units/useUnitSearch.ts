import { useDebounceFn } from '@vueuse/core'
import { ref, watch } from 'vue'
import { api, body } from '@/api/client'
import type { UnitView } from '@/api/types'

/** Units found as one types: by site, name, place, model, or the last signs of the serial. */
export function useUnitSearch() {
  const words = ref('')
  const found = ref<UnitView[]>([])
  const isLoaded = ref(false)
  const wrong = ref('')

  async function ask() {
    const typed = words.value
    try {
      const units = await body(api.GET('/api/units', { params: { query: { words: typed.trim() } } }))
      if (words.value !== typed) return
      found.value = units
      isLoaded.value = true
      wrong.value = ''
    } catch (problem) {
      wrong.value = (problem as Error).message
    }
  }
  const look = useDebounceFn(ask, 150)
  watch(words, () => void look())
  return { words, found, isLoaded, wrong, ask }
}
