import { useDebounceFn } from '@vueuse/core'
import { type Ref, ref, watch } from 'vue'

/** What one asking brings: some rows, and whether there are more behind them. */
export interface Page<T> {
  rows: T[]
  hasMore: boolean
}

/**
 * A list that is searched and cut into pages by the bench. What comes late, for words that are no longer typed, is dropped.
 *
 * @param fetch one page for words, from 0
 */
export function usePagedSearch<T>(fetch: (words: string, page: number) => Promise<Page<T>>) {
  const words = ref('')
  const rows = ref([]) as Ref<T[]>
  const hasMore = ref(false)
  const isLoaded = ref(false)
  const wrong = ref('')
  let page = 0

  async function ask(next: number) {
    const typed = words.value
    try {
      const got = await fetch(typed.trim(), next)
      if (words.value !== typed) return false
      rows.value = next === 0 ? got.rows : [...rows.value, ...got.rows]
      hasMore.value = got.hasMore
      page = next
      isLoaded.value = true
      wrong.value = ''
      return true
    } catch (problem) {
      wrong.value = (problem as Error).message
      return false
    }
  }
  const first = () => ask(0)
  const more = () => ask(page + 1)
  const look = useDebounceFn(first, 150)
  watch(words, () => void look())
  return { words, rows, hasMore, isLoaded, wrong, first, more }
}
