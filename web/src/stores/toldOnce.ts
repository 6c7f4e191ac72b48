import { defineStore } from 'pinia'
import { ref, shallowRef, toRef, type Ref } from 'vue'

/** Rows that the server tells once: asked for when they are first used, and again after a try that failed. */
export function toldOnce<Row>(name: string, ask: () => Promise<Row[]>): () => Ref<Row[]> {
  const useRows = defineStore(name, () => ({ rows: shallowRef<Row[]>([]), isAsked: ref(false) }))
  return () => {
    const store = useRows()
    if (!store.isAsked) {
      store.isAsked = true
      ask()
        .then((rows) => (store.rows = rows))
        .catch(() => (store.isAsked = false))
    }
    return toRef(store, 'rows') as Ref<Row[]>
  }
}
