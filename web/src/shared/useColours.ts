import { api, body } from '@/api/client'
import { toldOnce } from '@/stores/toldOnce'

const useRows = toldOnce('wire colours', () => body(api.GET('/api/wire-colours')))

/** The colours a wire can be given by name. */
export function useColours() {
  const colours = useRows()
  const cssOf = (name: string) => colours.value.find((c) => c.name === name)?.css ?? 'var(--zb-sheet)'
  return { colours, cssOf }
}
