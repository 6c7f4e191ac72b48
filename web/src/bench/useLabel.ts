import { computed } from 'vue'
import { api, body } from '@/api/client'
import type { Fields, ReadAnswer } from '@/api/types'
import { useDraft } from '@/shared/useDraft'
import { usePreview } from '@/shared/usePreview'

/**
 * The text of a label or plate being typed, what the server reads in it, and what is corrected by hand; both kept on the
 * device until they are let go.
 */
export function useLabel(key: string, kind: () => string, kept: () => string) {
  const { text, letGo: letTextGo } = useDraft(`label ${key}`, kept)
  const corrections = useDraft(`fields ${key}`, () => '{}')
  /** By field; null where it was taken out. */
  const corrected = computed<Fields>(() => JSON.parse(corrections.text.value || '{}') as Fields)
  const isKept = computed(
    () => text.value.trim() === kept().trim() && Object.keys(corrected.value).length === 0,
  )
  const ask = async (typed: string) => ({
    text: typed,
    answer: await body(api.POST('/api/read', { body: { kind: kind(), text: typed } })),
  })
  const { seen, wrong } = usePreview(() => (text.value.trim() === '' ? null : text.value), ask, {
    offline: 'the text is kept here and read once it is back.',
    keeps: true,
    restMillis: 180,
  })
  const read = computed<ReadAnswer | null>(() => seen.value?.answer ?? null)
  const isRead = computed(() => seen.value?.text === text.value)

  /** What the server makes of the text, at once; throws where it cannot be asked. */
  async function readNow(typed: string) {
    seen.value = await ask(typed)
  }

  function correct(name: string, value: unknown) {
    corrections.text.value = JSON.stringify({ ...corrected.value, [name]: value ?? null })
  }
  /** The pieces of the text that a field came from. */
  function piecesOf(name: string): string[] {
    const pieces = (read.value?.reads ?? [])
      .filter((r) => r.field === name || r.field.startsWith(`${name}[`))
      .map((r) => r.text)
    return [...new Set(pieces)]
  }
  function letGo() {
    text.value = kept()
    corrections.text.value = '{}'
    letTextGo()
    corrections.letGo()
  }
  return { text, corrected, read, wrong, isKept, isRead, readNow, correct, piecesOf, letGo }
}

export type Label = ReturnType<typeof useLabel>
