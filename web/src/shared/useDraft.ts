import { get, set, del } from 'idb-keyval'
import { ref, toValue, watch, type MaybeRefOrGetter, type Ref } from 'vue'

/**
 * Text being typed, kept on the device under a name until it is let go, so that neither a reload nor a lost
 * connection loses it.
 */
export function useDraft(name: MaybeRefOrGetter<string>, initial: () => string): { text: Ref<string>; letGo: () => void } {
  const text = ref('')
  let isLoading = false

  watch(
    () => toValue(name),
    async (key) => {
      isLoading = true
      text.value = initial()
      const kept = await get<string>(`draft ${key}`)
      if (toValue(name) === key) {
        if (kept !== undefined) text.value = kept
        isLoading = false
      }
    },
    { immediate: true },
  )
  watch(text, (typed) => {
    if (!isLoading) void set(`draft ${toValue(name)}`, typed)
  }, { flush: 'sync' })

  function letGo() {
    void del(`draft ${toValue(name)}`)
  }
  return { text, letGo }
}
