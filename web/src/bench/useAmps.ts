import { computed, ref } from 'vue'
import { api, body } from '@/api/client'
import type { Preview } from '@/api/types'
import { useCall } from '@/stores/call'
import { useReadings } from './useReadings'
import type { WhichMotor } from './useWindings'

/** Running amps of one motor with the volts they were read at and what it took to start. */
export function useAmps(
  which: () => WhichMotor | null,
  isCompressor: () => boolean,
  /** legs that are read one by one; none on a single phase */
  legs: () => readonly string[] = () => [],
) {
  const store = useCall()
  const speed = ref('')
  const rated = ref('')
  const pressures = ref<'equal' | 'apart' | null>(null)
  const rows = computed(() => [...(legs().length ? legs() : ['AMPS']), 'VOLTS', 'INRUSH'])

  function given(read: Record<string, string>) {
    const { placeId, part } = which() ?? {}
    const figure = (row: string) =>
      read[row] === undefined ? {} : { [row.toLowerCase()]: Number(read[row]) }
    return {
      placeId,
      part,
      speed: speed.value || undefined,
      ...(read.AMPS === undefined ? {} : { amps: Number(read.AMPS) }),
      ...(legs().some((leg) => read[leg] !== undefined)
        ? { legs: legs().map((leg) => Number(read[leg])) }
        : {}),
      ...figure('VOLTS'),
      ...figure('INRUSH'),
      ...(Number(rated.value) > 0 ? { rated: Number(rated.value) } : {}),
      ...(isCompressor() && pressures.value ? { pressuresEqual: pressures.value === 'equal' } : {}),
    }
  }
  const readings = useReadings<Preview>(
    () => `amps ${store.call?.id} ${which()?.placeId ?? which()?.part} ${speed.value}`,
    () => rows.value,
    (read) =>
      which() !== null &&
      (legs().length ? legs().every((leg) => read[leg] !== undefined) : read.AMPS !== undefined),
    (read) =>
      body(
        api.POST('/api/calls/{id}/amps/preview', {
          params: { path: { id: store.call?.id ?? 0 } },
          body: given(read),
        }),
      ),
    () => [rated.value, pressures.value],
  )
  const canKeep = computed(() => readings.isEnough.value)

  async function keep() {
    const what = `amps ${which()?.name ?? ''} ${legs().length ? 'by leg' : `${readings.read.value.AMPS} A`}`
    if (await store.change('POST', '/amps', what, given(readings.read.value))) {
      readings.letGo()
      pressures.value = null
      return true
    }
    return false
  }
  /** It was called to run and drew nothing: a finding of its own, in a tap. */
  const didNotStart = () =>
    store.change('POST', '/amps', `${which()?.name ?? ''} did not start`, given({ AMPS: '0' }))
  return { ...readings, rows, speed, rated, pressures, isCompressor, canKeep, keep, didNotStart }
}

export type AmpsAt = ReturnType<typeof useAmps>
