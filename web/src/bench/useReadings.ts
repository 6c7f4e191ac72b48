import { computed, ref, watch } from 'vue'
import { useDraft } from '@/shared/useDraft'
import { usePreview } from '@/shared/usePreview'

/**
 * Several readings that are judged together: typed row by row, kept on the device until they are on the tape, judged
 * while they are typed.
 */
export function useReadings<P>(
  name: () => string,
  rows: () => readonly string[],
  canJudge: (read: Record<string, string>) => boolean,
  ask: (read: Record<string, string>) => Promise<P>,
  /** what is told with them; they are judged anew where it changes */
  beside: () => unknown = () => null,
) {
  const { text: drafted, letGo: letDraftGo } = useDraft(name, () => '{}')
  const read = computed<Record<string, string>>(
    () => JSON.parse(drafted.value || '{}') as Record<string, string>,
  )
  const typed = ref('')
  const active = ref<string | null>(null)
  const isReady = computed(() => typed.value === 'OL' || (typed.value !== '' && typed.value !== '.'))
  const isEnough = computed(() => canJudge(read.value))

  watch(
    [name, rows, drafted],
    () => {
      const all = rows()
      if (active.value === null || !all.includes(active.value) || read.value[active.value] !== undefined)
        active.value = all.find((row) => read.value[row] === undefined) ?? null
    },
    { immediate: true },
  )

  const { seen, wrong } = usePreview(
    () => (isEnough.value ? { of: name(), read: read.value, beside: beside() } : null),
    ({ read }) => ask(read),
  )

  function next() {
    if (active.value === null || !isReady.value) return
    drafted.value = JSON.stringify({ ...read.value, [active.value]: typed.value })
    typed.value = ''
  }
  function again(row: string) {
    drafted.value = JSON.stringify(
      Object.fromEntries(Object.entries(read.value).filter(([name]) => name !== row)),
    )
    active.value = row
  }
  function letGo() {
    drafted.value = '{}'
    letDraftGo()
  }
  const figureOf = (row: string) =>
    row === active.value && typed.value ? typed.value : (read.value[row] ?? '')

  return { read, typed, active, seen, wrong, isReady, isEnough, next, again, letGo, figureOf }
}
