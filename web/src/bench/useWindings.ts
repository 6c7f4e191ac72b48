import { computed, ref } from 'vue'
import { api, body } from '@/api/client'
import type { WindingsPreview, WindingsView } from '@/api/types'
import { useCall } from '@/stores/call'
import { useReadings } from './useReadings'

type Marking = 'NUMBERS' | 'CRS' | 'T'
const PAIRS: Record<Marking, readonly string[]> = {
  NUMBERS: ['1-2', '1-3', '2-3'],
  CRS: ['C-R', 'C-S', 'R-S'],
  T: ['T1-T2', 'T1-T3', 'T2-T3'],
}
const GROUNDED: Record<Marking, string> = { NUMBERS: '1-GROUND', CRS: 'C-GROUND', T: 'T1-GROUND' }

/** Which motor is read: a place of the unit, or a part in question. */
export interface WhichMotor {
  placeId?: number
  part?: string
  name: string
}

/** Ohms between three terminals and to ground of one motor, as they are typed and as they were last kept. */
export function useWindings(which: () => WhichMotor | null, known: () => WindingsView | null) {
  const store = useCall()
  const marking = ref<Marking | null>('NUMBERS')
  const shell = ref<'hot' | 'cool' | null>(null)
  const at = computed<Marking>(() => marking.value ?? 'NUMBERS')
  const rows = computed(() => [...PAIRS[at.value], GROUNDED[at.value]])
  const isGround = (pair: string) => pair.endsWith('GROUND')

  const isWhole = (read: Record<string, string>) => PAIRS[at.value].every((p) => read[p] !== undefined)
  const isGroundAlone = (read: Record<string, string>) =>
    read[GROUNDED[at.value]] !== undefined && PAIRS[at.value].every((p) => read[p] === undefined)

  function given(read: Record<string, string>) {
    const readings = rows.value
      .filter((p) => read[p] !== undefined)
      .map((pair) => {
        const figure = read[pair] as string
        if (figure === 'OL') return { pair, overRange: true }
        return isGround(pair) ? { pair, megohms: Number(figure) } : { pair, ohms: Number(figure) }
      })
    const { placeId, part } = which() ?? {}
    return {
      placeId,
      part,
      readings,
      ...(shell.value === null ? {} : { shellHot: shell.value === 'hot' }),
    }
  }

  const readings = useReadings<WindingsPreview>(
    () => `windings ${store.call?.id} ${which()?.placeId ?? which()?.part} ${marking.value}`,
    () => rows.value,
    (read) => which() !== null && (isWhole(read) || isGroundAlone(read)),
    (read) =>
      body(
        api.POST('/api/calls/{id}/windings/preview', {
          params: { path: { id: store.call?.id ?? 0 } },
          body: given(read),
        }),
      ),
    () => shell.value,
  )

  async function keep() {
    const what = `windings ${which()?.name ?? ''}`
    if (await store.change('POST', '/windings', what, given(readings.read.value))) {
      readings.letGo()
      shell.value = null
    }
  }
  const shown = computed(() => readings.seen.value ?? (readings.isEnough.value ? null : known()))
  return { ...readings, marking, shell, rows, isGround, shown, known, keep }
}

export type WindingsAt = ReturnType<typeof useWindings>
