import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import { useCall } from '@/stores/call'
import { useSession } from '@/stores/session'
import { callWith } from '@/tests/bench'
import { useFeel, useNight } from './useFeel'

const line = (number: number, verdict?: 'GOOD' | 'FAILED') => ({ number, text: { verdict } }) as never
const vibrate = vi.fn(() => true)

beforeEach(() => {
  localStorage.clear()
  vibrate.mockClear()
  Object.defineProperty(navigator, 'vibrate', { value: vibrate, configurable: true })
  setActivePinia(createPinia())
})

async function felt(verdict?: 'GOOD' | 'FAILED', may = true) {
  useSession().vibrates = may
  mount({ setup: () => (useFeel(), () => null) })
  useCall().take(callWith([], { tape: [line(1)] }))
  await flushPromises()
  useCall().take(callWith([], { tape: [line(2, verdict), line(1)] }))
  await flushPromises()
  return vibrate.mock.calls
}

it('feels a verdict once and FAILED twice, and nothing that is none', async () => {
  expect(await felt('GOOD')).toEqual([[[60]]])
  vibrate.mockClear()
  setActivePinia(createPinia())
  expect(await felt('FAILED')).toEqual([[[60, 90, 60]]])
  vibrate.mockClear()
  setActivePinia(createPinia())
  expect(await felt()).toEqual([])
})

it('feels nothing where it is switched off, nor on opening a call', async () => {
  expect(await felt('FAILED', false)).toEqual([])
})

it('is night by the setting, which goes before the device', () => {
  const session = useSession()
  let night: ReturnType<typeof useNight> | undefined
  mount({ setup: () => ((night = useNight()), () => null) })
  session.look = 'DAY'
  expect(night?.value).toBe(false)
  session.look = 'NIGHT'
  expect(night?.value).toBe(true)
})
