import { get, set } from 'idb-keyval'
import { defineStore } from 'pinia'
import { computed, ref, toRaw } from 'vue'
import { NoConnection, Refused, send, type Change } from '@/api/client'
import type { CallView } from '@/api/types'

const KEY = 'zest-waiting'
const TRY_AGAIN_MS = 4000

/** A change that could not be carried out once the connection was back. */
interface Stuck {
  change: Change
  problem: string
}

/** Changes that wait for a connection, kept on the device, sent in their order. */
export const useWaiting = defineStore('waiting', () => {
  const changes = ref<Change[]>([])
  const stuck = ref<Stuck[]>([])
  const arrived = ref<CallView | null>(null)
  const count = computed(() => changes.value.length)
  let timer: number | undefined
  let isSending = false

  async function load() {
    changes.value = (await get<Change[]>(KEY)) ?? []
    if (changes.value.length > 0) schedule()
  }

  async function keep(change: Change) {
    changes.value.push(change)
    await store()
    schedule()
  }

  /** Sends what waits, first come first; stops where the connection is still gone. */
  async function sendAll() {
    if (isSending) return
    isSending = true
    try {
      for (let next = changes.value[0]; next; next = changes.value[0]) {
        try {
          arrived.value = await send<CallView>(toRaw(next))
        } catch (problem) {
          if (problem instanceof NoConnection || (problem instanceof Refused && problem.status === 401)) {
            schedule()
            return
          }
          stuck.value.push({ change: next, problem: (problem as Error).message })
        }
        changes.value.shift()
        await store()
      }
    } finally {
      isSending = false
    }
  }

  function forget(change: Change) {
    stuck.value = stuck.value.filter((s) => s.change.id !== change.id)
  }

  function schedule() {
    window.clearTimeout(timer)
    timer = window.setTimeout(() => void sendAll(), TRY_AGAIN_MS)
  }

  async function store() {
    await set(KEY, JSON.parse(JSON.stringify(changes.value)))
  }

  window.addEventListener('online', () => void sendAll())
  return { changes, stuck, arrived, count, load, keep, sendAll, forget }
})
