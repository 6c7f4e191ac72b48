import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api, body, NoConnection } from '@/api/client'
import type { Fields, ReadAnswer } from '@/api/types'
import { useDraft } from '@/shared/useDraft'

/**
 * The text of a label or plate being typed, what the server reads in it, and what is corrected by hand; both kept on the
 * device until they are let go.
 */
export function useLabel(key: string, kind: () => string, kept: () => string) {
  const { text, letGo: letTextGo } = useDraft(`label ${key}`, kept)
  const corrections = useDraft(`fields ${key}`, () => '{}')
  const read = ref<ReadAnswer | null>(null)
  const readText = ref('')
  const wrong = ref('')

  /** By field; null where it was taken out. */
  const corrected = computed<Fields>(() => JSON.parse(corrections.text.value || '{}') as Fields)
  const isKept = computed(
    () => text.value.trim() === kept().trim() && Object.keys(corrected.value).length === 0,
  )
  const isRead = computed(() => readText.value === text.value)

  /** What the server makes of the text; throws where it cannot be asked. */
  async function readNow(typed: string) {
    const seen = await body(api.POST('/api/read', { body: { kind: kind(), text: typed } }))
    if (text.value === typed) {
      read.value = seen
      readText.value = typed
      wrong.value = ''
    }
  }
  const look = useDebounceFn(async (typed: string) => {
    if (typed.trim() === '') {
      read.value = null
      return
    }
    try {
      await readNow(typed)
    } catch (problem) {
      wrong.value =
        problem instanceof NoConnection
          ? 'No connection: the text is kept here and read once it is back.'
          : (problem as Error).message
    }
  }, 180)
  watch(text, (typed) => void look(typed), { immediate: true })

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
