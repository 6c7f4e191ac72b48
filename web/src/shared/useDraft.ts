import { get, set, del } from 'idb-keyval'
import { ref, toValue, watch, type MaybeRefOrGetter, type Ref } from 'vue'

/**
 * Text being typed, kept on the device under a name until it is let go, so that neither a reload nor a lost
 * connection loses it.
 */
export function useDraft(
  name: MaybeRefOrGetter<string>,
  initial: () => string,
): { text: Ref<string>; letGo: () => void } {
  const text = ref('')
  let isTyped = false
  let isSetting = false

  function show(value: string) {
    isSetting = true
    text.value = value
    isSetting = false
  }

  watch(
    () => toValue(name),
    async (key) => {
      isTyped = false
      show(initial())
      const kept = await get<string>(`draft ${key}`)
      // what was typed while the kept text was being fetched is newer than it
      if (toValue(name) === key && !isTyped && kept !== undefined) show(kept)
    },
    { immediate: true, flush: 'sync' },
  )
  watch(
    text,
    (typed) => {
      if (isSetting) return
      isTyped = true
      void set(`draft ${toValue(name)}`, typed)
    },
    { flush: 'sync' },
  )

  function letGo() {
    void del(`draft ${toValue(name)}`)
  }
  return { text, letGo }
}
