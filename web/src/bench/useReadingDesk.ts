import { computed, ref } from 'vue'
import { useDraft } from '@/shared/useDraft'
import { useCall } from '@/stores/call'

interface Desk<R extends string> {
  /** the name what is typed in a row is kept under on the device */
  draft: (row: R | null) => string
  /** the row that is read next, those left out whose reading is on its way */
  firstOpen: (isUnderWay: (row: R) => boolean) => R | null
  /** sends what was typed; whether the server has it */
  send: (row: R, typed: string) => Promise<boolean>
  /** whether a row that was read has to be read again at once */
  isAgain?: (row: R) => boolean
}

/**
 * Rows that are read one after the other on one pad: "next" sends what was typed and goes on at once, so that fast fingers lose
 * nothing. A reading that is refused comes back into its row with what was typed; one that waits for a connection is shown there.
 */
export function useReadingDesk<R extends string>(desk: Desk<R>) {
  const store = useCall()
  const underWay = ref<R[]>([])
  const waits = ref<Record<string, string>>({})
  const wrong = ref('')
  const active = ref<R | null>(null)
  const { text: typed, letGo } = useDraft(
    () => desk.draft(active.value as R | null),
    () => '',
  )
  const isReady = computed(
    () => active.value !== null && typed.value !== '' && !['-', '.', '-.'].includes(typed.value),
  )
  const firstOpen = () => desk.firstOpen((row) => (underWay.value as R[]).includes(row))

  function read(row: R | null) {
    active.value = row as typeof active.value
  }
  const readFirstOpen = () => read(firstOpen())

  async function next() {
    const row = active.value as R | null
    if (row === null || !isReady.value) return
    const figure = typed.value
    letGo()
    wrong.value = ''
    underWay.value.push(row as never)
    readFirstOpen()
    const isKept = await desk.send(row, figure)
    if (!isKept && store.notice !== '') {
      waits.value = { ...waits.value, [row]: figure }
      return
    }
    underWay.value = (underWay.value as R[]).filter((r) => r !== row) as typeof underWay.value
    if (!isKept) {
      read(row)
      typed.value = figure
      wrong.value = store.problem
    } else if (active.value === null) {
      read(desk.isAgain?.(row) ? row : firstOpen())
    }
  }
  return { typed, letGo, active, underWay, waits, wrong, isReady, read, readFirstOpen, next }
}
