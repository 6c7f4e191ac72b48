import { useDebounceFn } from '@vueuse/core'
import { ref, shallowRef, watch, type Ref } from 'vue'
import { NoConnection } from '@/api/client'

interface Options {
  /** said where there is no connection, behind "No connection: " */
  offline?: string
  /** keeps the answer before in view while the next is asked for */
  keeps?: boolean
  restMillis?: number
}

/**
 * What the server makes of what is being given, asked once it rests. An answer to what is no longer given is dropped; why there
 * is none is said once. Nothing is asked while `given` is null.
 */
export function usePreview<G, A>(
  given: () => G | null,
  ask: (given: G) => Promise<A>,
  { offline = 'judged once it is back.', keeps = false, restMillis = 150 }: Options = {},
) {
  const seen = shallowRef(null) as Ref<A | null>
  const wrong = ref('')
  const isAsking = ref(false)
  let latest = ''

  async function look(what: G, as: string) {
    try {
      const answer = await ask(what)
      if (as !== latest) return
      seen.value = answer
      wrong.value = ''
    } catch (problem) {
      if (as !== latest) return
      if (!keeps) seen.value = null
      wrong.value = problem instanceof NoConnection ? `No connection: ${offline}` : (problem as Error).message
    } finally {
      if (as === latest) isAsking.value = false
    }
  }
  const rested = useDebounceFn(
    (what: G, as: string) => (as === latest ? look(what, as) : undefined),
    restMillis,
  )

  watch(
    () => JSON.stringify(given()),
    (now) => {
      latest = now
      wrong.value = ''
      const what = given()
      isAsking.value = what !== null
      if (what === null || !keeps) seen.value = null
      if (what !== null) void rested(what, now)
    },
    { immediate: true },
  )
  return { seen, wrong, isAsking }
}
