import { useLocalStorage } from '@vueuse/core'
import { ref } from 'vue'

/** Who sends from this device, and what the bench last said of that; the session shows it, the client goes by it. */
export const whoId = useLocalStorage<number | null>('zest-who', null, {
  serializer: { read: (v) => (v === '' ? null : Number(v)), write: (v) => (v === null ? '' : String(v)) },
})
/** Whether the bench lets nobody in without a word. */
export const isDoorShut = ref(false)
/** Whether the last change bears the bench's time, since this device's clock cannot be right. */
export const isClockOff = ref(false)
/** When what is shown was fetched, in milliseconds, where it is what was last seen and no connection gave anything newer. */
export const lastSeenMillis = ref<number | null>(null)

const FRESH_MILLIS = 120_000
/** Never kept on the device, so that only the bench itself answers. */
const PROBE = '/api/rules'

/**
 * Takes note of how old an answer is. One that looks old by this device's clock is so only where the bench cannot be reached: a
 * clock may be off.
 *
 * @param date as the server stamped it
 */
export async function noteAge(date: string | null) {
  const at = date === null ? NaN : Date.parse(date)
  if (!(Date.now() - at > FRESH_MILLIS)) {
    lastSeenMillis.value = null
    return
  }
  try {
    await fetch(PROBE, { method: 'HEAD' })
    lastSeenMillis.value = null
  } catch {
    lastSeenMillis.value = at
  }
}

/** What was last seen goes from the device together with its pass. */
export function forgetLastSeen() {
  if ('caches' in globalThis) void caches.delete('last-seen')
}
