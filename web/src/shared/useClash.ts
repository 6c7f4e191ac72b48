import { ref, shallowRef } from 'vue'
import { Refused } from '@/api/client'

/** What stands now and what was to be kept, where somebody else has changed it meanwhile. */
interface Clash<T> {
  words: string
  now: T
  /** Keeps what was given over what stands now. */
  insist: () => Promise<void>
}

/**
 * Sends changes of something that several people change: one that was made against an older version is not kept, and both
 * values are shown to choose from.
 */
export function useClash<T extends object>(versionOf: (now: T) => number) {
  const clash = shallowRef<Clash<T> | null>(null)
  const wrong = ref('')

  async function attempt(version: number | undefined, send: (version: number | undefined) => Promise<void>) {
    try {
      await send(version)
      clash.value = null
      wrong.value = ''
    } catch (problem) {
      if (problem instanceof Refused && problem.now !== undefined) {
        const now = problem.now as T
        wrong.value = ''
        clash.value = { words: problem.message, now, insist: () => attempt(versionOf(now), send) }
      } else {
        wrong.value = (problem as Error).message
      }
    }
  }

  return { clash, wrong, attempt, settle: () => (clash.value = null) }
}
