import { useDebounceFn } from '@vueuse/core'
import { ref, watch, type Ref } from 'vue'
import { api, body, NoConnection } from '@/api/client'
import type { LabelAnswer } from '@/api/types'

/** What the bench makes of a label as it is typed; an answer to what is no longer typed is dropped. */
export function useLabelBox(text: Ref<string>) {
  const answer = ref<LabelAnswer | null>(null)
  const wrong = ref('')
  const isAsking = ref(false)

  const ask = useDebounceFn(async (typed: string) => {
    if (typed.trim() === '') return
    try {
      const seen = await body(api.POST('/api/label-box', { body: { text: typed } }))
      if (text.value !== typed) return
      answer.value = seen
      wrong.value = ''
    } catch (problem) {
      if (text.value !== typed) return
      wrong.value =
        problem instanceof NoConnection ? 'No connection: read once it is back.' : (problem as Error).message
    } finally {
      if (text.value === typed) isAsking.value = false
    }
  }, 150)

  watch(
    text,
    (typed) => {
      isAsking.value = typed.trim() !== ''
      if (typed.trim() === '') {
        answer.value = null
        wrong.value = ''
      }
      void ask(typed)
    },
    { immediate: true },
  )
  return { answer, wrong, isAsking }
}
