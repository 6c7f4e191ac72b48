import { computed, ref } from 'vue'
import { api, body } from '@/api/client'
import type { TerminalMarking, WindingsPreview, WindingsView } from '@/api/types'
import { useCall } from '@/stores/call'
import { useReadings } from './useReadings'

/** Which motor is read: a place of the unit, or a part in question. */
export interface WhichMotor {
  placeId?: number
  part?: string
  name: string
}

/** Ohms between three terminals and to ground of one motor, as they are typed and as they were last kept. */
export function useWindings(which: () => WhichMotor | null, known: () => WindingsView | null) {
  const store = useCall()
  const ways = computed(() => store.call?.markings ?? [])
  const chosen = ref<TerminalMarking | null>(null)
  const way = computed(() => ways.value.find((w) => w.marking === chosen.value) ?? ways.value[0])
  const marking = computed({
    get: () => way.value?.marking ?? null,
    set: (picked: TerminalMarking | null) => (chosen.value = picked),
  })
  const shell = ref<'hot' | 'cool' | null>(null)
  const asked = computed(() => way.value?.asked ?? [])
  const rows = computed(() => asked.value.map((a) => a.pair))
  const unitOf = (pair: string) => asked.value.find((a) => a.pair === pair)?.unit ?? ''
  /** What is read together: something, and of each set that was begun, all. */
  const sets = computed(() => [...new Set(asked.value.map((a) => a.set))])
  const isEnough = (read: Record<string, string>) => {
    const begun = asked.value.filter((a) => read[a.pair] !== undefined).map((a) => a.set)
    return begun.length > 0 && asked.value.every((a) => read[a.pair] !== undefined || !begun.includes(a.set))
  }

  function given(read: Record<string, string>) {
    const readings = rows.value
      .filter((p) => read[p] !== undefined)
      .map((pair) => {
        const figure = read[pair] as string
        if (figure === 'OL') return { pair, overRange: true }
        return { pair, [unitOf(pair) === 'MΩ' ? 'megohms' : 'ohms']: Number(figure) }
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
    (read) => which() !== null && isEnough(read),
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
  return { ...readings, marking, ways, sets, shell, rows, unitOf, shown, known, keep }
}

export type WindingsAt = ReturnType<typeof useWindings>
