import { api, body } from '@/api/client'
import { usePagedSearch } from '@/shared/usePagedSearch'

/** So many come at a time. */
const PAGE = 100

/** Units found as one types: by site, name, place, model, or the last signs of the serial. */
export function useUnitSearch() {
  const { rows, first, ...rest } = usePagedSearch(async (words, page) => {
    const units = await body(api.GET('/api/units', { params: { query: { words, page } } }))
    return { rows: units, hasMore: units.length === PAGE }
  })
  return { ...rest, found: rows, ask: first }
}
