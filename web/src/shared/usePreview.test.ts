import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { effectScope, ref } from 'vue'
import { NoConnection } from '@/api/client'
import { usePreview } from './usePreview'

beforeEach(() => vi.useFakeTimers())
afterEach(() => vi.useRealTimers())

async function rest() {
  await vi.advanceTimersByTimeAsync(200)
  await flushPromises()
}
function previewOf(text: { value: string }, ask: (typed: string) => Promise<string>, keeps = false) {
  return effectScope().run(() => usePreview(() => text.value || null, ask, { keeps }))!
}

it('drops an answer to what is no longer typed, whichever comes last', async () => {
  const text = ref('')
  const answers: Record<string, (said: string) => void> = {}
  const preview = previewOf(text, (typed) => new Promise((done) => (answers[typed] = done)))
  text.value = 'a'
  await rest()
  text.value = 'ab'
  await rest()
  answers.ab!('second')
  await flushPromises()
  answers.a!('first')
  await flushPromises()
  expect(preview.seen.value).toBe('second')
  expect(preview.isAsking.value).toBe(false)
})

it('asks nothing while nothing is given, and forgets what it saw', async () => {
  const text = ref('a')
  const ask = vi.fn((typed: string) => Promise.resolve(typed))
  const preview = previewOf(text, ask, true)
  await rest()
  expect(preview.seen.value).toBe('a')
  text.value = ''
  await rest()
  expect(preview.seen.value).toBeNull()
  expect(ask).toHaveBeenCalledTimes(1)
})

it('says that there is no connection, and what is wrong, until it is given anew', async () => {
  const text = ref('a')
  const preview = previewOf(text, (typed) =>
    Promise.reject(typed === 'a' ? new NoConnection() : new Error('Give volts.')),
  )
  await rest()
  expect(preview.wrong.value).toBe('No connection: judged once it is back.')
  text.value = 'b'
  await rest()
  expect(preview.wrong.value).toBe('Give volts.')
})
