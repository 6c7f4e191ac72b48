import type { Ref } from 'vue'
import { api, body } from '@/api/client'
import { usePreview } from '@/shared/usePreview'

/** What the bench makes of a label as it is typed. */
export function useLabelBox(text: Ref<string>) {
  const { seen, wrong, isAsking } = usePreview(
    () => (text.value.trim() === '' ? null : text.value),
    (typed) => body(api.POST('/api/label-box', { body: { text: typed } })),
    { offline: 'read once it is back.', keeps: true },
  )
  return { answer: seen, wrong, isAsking }
}
