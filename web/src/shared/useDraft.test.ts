import { flushPromises } from '@vue/test-utils'
import { effectScope, ref } from 'vue'
import { expect, it } from 'vitest'
import { useDraft } from './useDraft'
import { kept } from '@/tests/kept'

const draft = (name: string | ReturnType<typeof ref<string>>, initial = '') =>
  effectScope().run(() => useDraft(name as string, () => initial))!

it('comes back after a reload', async () => {
  const before = draft('label')
  before.text.value = '55/7.5 MF'
  await flushPromises()
  const after = draft('label', 'what the server has')
  expect(after.text.value).toBe('what the server has')
  await flushPromises()
  expect(after.text.value).toBe('55/7.5 MF')
})

it('typed before the kept text arrives wins over it', async () => {
  kept.set('draft label', 'old')
  const now = draft('label')
  now.text.value = 'new'
  await flushPromises()
  expect(now.text.value).toBe('new')
  expect(kept.get('draft label')).toBe('new')
})

it('is let go once the server has it', async () => {
  const now = draft('label')
  now.text.value = 'kept on the tape'
  await flushPromises()
  now.letGo()
  await flushPromises()
  expect(kept.size).toBe(0)
})

it('goes with its name: another section has a draft of its own', async () => {
  const name = ref('HERM')
  const now = effectScope().run(() => useDraft(name, () => ''))!
  now.text.value = '52'
  await flushPromises()
  name.value = 'FAN'
  expect(now.text.value).toBe('')
  now.text.value = '5'
  await flushPromises()
  name.value = 'HERM'
  await flushPromises()
  expect(now.text.value).toBe('52')
})
