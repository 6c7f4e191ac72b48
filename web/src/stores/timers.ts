import { useLocalStorage, useNow } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed } from 'vue'
import type { CallView } from '@/api/types'

/** Something that becomes due at an instant, on one call. */
interface Timer {
  callId: number
  title: string
  /** where it runs, for whoever is elsewhere */
  unit?: string
  dueMillis: number
}

/** A timer that ran out is shown so long. */
const SHOWN_AFTER = 10 * 60_000

/** What runs down: kept as instants, so that it survives a reload and shows on every view. */
export const useTimers = defineStore('timers', () => {
  const timers = useLocalStorage<Timer[]>('zest-timers', [])
  const now = useNow({ interval: 1000 })

  /** Takes the call's timers in place of those it had before. */
  function follow(call: CallView) {
    const others = timers.value.filter((t) => t.callId !== call.id)
    const unit = call.unit ? `${call.unit.site}, ${call.unit.name}` : 'Quick check'
    const own = call.safe.pairs
      .filter((p) => p.againAtMillis !== undefined)
      .map((p) => ({
        callId: call.id,
        title: `Re-check ${(p.placeTitle || p.pair).toLowerCase()} dead`,
        dueMillis: p.againAtMillis as number,
      }))
    const cooling = call.windings
      .filter((w) => w.againAtMillis !== undefined)
      .map((w) => ({ callId: call.id, title: `${w.place} cool`, dueMillis: w.againAtMillis as number }))
    const tried = call.parts
      .filter((p) => p.coolAtMillis !== undefined && !p.closed)
      .map((p) => ({ callId: call.id, title: `${p.title} cool`, dueMillis: p.coolAtMillis as number }))
    const settling = call.leave.proof.settling
    const settles =
      settling && !settling.isSettled && !call.leave.proof.kept
        ? [{ callId: call.id, title: 'settles', dueMillis: settling.fromMillis }]
        : []
    timers.value = [...others, ...[...own, ...cooling, ...tried, ...settles].map((t) => ({ ...t, unit }))]
  }

  /** What is over by more than a while is not shown any more. */
  const first = computed(() => {
    const next = timers.value
      .filter((t) => now.value.getTime() - t.dueMillis < SHOWN_AFTER)
      .sort((a, b) => a.dueMillis - b.dueMillis)[0]
    return next ? { ...next, left: clock(next.dueMillis - now.value.getTime()) } : null
  })

  /** Takes it off the bar; its call still knows. */
  function dismiss() {
    const gone = first.value
    timers.value = timers.value.filter((t) => t.callId !== gone?.callId || t.title !== gone.title)
  }

  return { timers, now, first, follow, dismiss }
})

/** Minutes and seconds left; "now" once there is nothing left. */
export function clock(millis: number): string {
  if (millis <= 0) return 'now'
  const seconds = Math.ceil(millis / 1000)
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}
