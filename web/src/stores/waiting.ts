import { get, set } from 'idb-keyval'
import { defineStore } from 'pinia'
import { computed, ref, toRaw } from 'vue'
import { NoConnection, Refused, send, type Change } from '@/api/client'
import type { CallView } from '@/api/types'

const KEY = 'zest-waiting'
const TRY_AGAIN_MS = 4000
/** Not let in, too many at once, no room to keep it: nothing is wrong with the change, it can be sent again as it is. */
const LATER = [401, 429, 507]

/** A change that waits, with the words it was refused in where it was. */
interface Kept extends Change {
  refused?: string
}

/**
 * Changes that wait for a connection, kept on the device, sent in their order. One that is refused stops what was done
 * after it on the same call, until somebody drops it or has it sent again; other calls go on.
 */
export const useWaiting = defineStore('waiting', () => {
  const changes = ref<Kept[]>([])
  const arrived = ref<CallView | null>(null)
  const count = computed(() => changes.value.length)
  const refused = computed(() => changes.value.filter((c) => c.refused !== undefined))
  let timer: number | undefined
  let isSending = false

  async function load() {
    changes.value = (await get<Kept[]>(KEY)) ?? []
    if (changes.value.length > 0) schedule()
  }

  async function keep(change: Change) {
    changes.value.push(change)
    await store()
    schedule()
  }

  const isBefore = (callId: number) => changes.value.some((c) => c.callId === callId)
  /** How many wait behind a refused one. */
  const behind = (change: Kept) =>
    changes.value.filter((c) => c.callId === change.callId && c.id !== change.id).length

  /** The first change of each call that nothing holds up. */
  function next(): Kept | undefined {
    const seen = new Set<number>()
    return changes.value.find((c) => {
      const isFirst = !seen.has(c.callId)
      seen.add(c.callId)
      return isFirst && c.refused === undefined
    })
  }

  /** Sends what waits, first come first; stops where the connection is still gone. */
  async function sendAll() {
    if (isSending) return
    isSending = true
    try {
      for (let now = next(); now; now = next()) {
        try {
          arrived.value = await send<CallView>(toRaw(now))
          changes.value = changes.value.filter((c) => c.id !== now?.id)
        } catch (problem) {
          if (
            problem instanceof NoConnection ||
            (problem instanceof Refused && LATER.includes(problem.status))
          ) {
            schedule()
            return
          }
          now.refused = (problem as Error).message
        }
        await store()
      }
    } finally {
      isSending = false
    }
  }

  async function drop(change: Kept) {
    changes.value = changes.value.filter((c) => c.id !== change.id)
    await store()
    await sendAll()
  }

  async function tryAgain(change: Kept) {
    const found = changes.value.find((c) => c.id === change.id)
    if (found) delete found.refused
    await store()
    await sendAll()
  }

  function schedule() {
    window.clearTimeout(timer)
    timer = window.setTimeout(() => void sendAll(), TRY_AGAIN_MS)
  }

  async function store() {
    await set(KEY, JSON.parse(JSON.stringify(changes.value)))
  }

  window.addEventListener('online', () => void sendAll())
  return { changes, refused, arrived, count, load, keep, isBefore, behind, sendAll, drop, tryAgain }
})
