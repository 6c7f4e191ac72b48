import { flushPromises } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { CallView, PartView, Step } from '@/api/types'
import { useCall } from './call'
import { clock, useTimers } from './timers'
import { useWaiting } from './waiting'

const part = (id: string, filled: Step[], more: Partial<PartView> = {}) =>
  ({ id, filled, readings: [], isGood: false, title: 'Run capacitor', ...more }) as unknown as PartView
const call = (more: Partial<CallView> = {}) =>
  ({
    id: 7,
    status: 'OPEN',
    tape: [],
    next: { text: '' },
    safe: { pairs: [] },
    windings: [],
    leave: { proof: { kept: '' }, writeUps: [] },
    parts: [part('a', ['READ', 'TEST']), part('b', [])],
    ...more,
  }) as unknown as CallView

beforeEach(() => {
  localStorage.clear()
  setActivePinia(createPinia())
})

describe('the call on the bench', () => {
  it('opens a part at the first step that is not done, a good one at its judgement', () => {
    const store = useCall()
    store.take(
      call({ parts: [part('a', ['READ', 'TEST']), part('b', ['READ', 'TEST', 'JUDGE'], { isGood: true })] }),
    )
    store.openPart('a')
    expect(store.place).toEqual({ part: 'a', step: 'JUDGE' })
    store.openPart('b')
    expect(store.place).toEqual({ part: 'b', step: 'JUDGE' })
  })

  it('goes around its parts either way', () => {
    const store = useCall()
    store.take(call())
    store.go({ part: 'a', step: 'READ' })
    store.goPart(1)
    expect(store.part?.id).toBe('b')
    store.goPart(1)
    expect(store.part?.id).toBe('a')
    store.goPart(-1)
    expect(store.part?.id).toBe('b')
  })

  it('keeps the later of two answers that overtook each other', () => {
    const store = useCall()
    const line = (number: number) => [{ number }] as unknown as CallView['tape']
    store.take(call({ tape: line(9), complaint: 'later' }))
    store.take(call({ tape: line(8), complaint: 'earlier' }))
    expect(store.call?.complaint).toBe('later')
    store.take(call({ id: 8, tape: line(1), complaint: 'another call' }))
    expect(store.call?.complaint).toBe('another call')
  })

  it('goes to the next thing the server names, of a part or of the call', () => {
    const store = useCall()
    store.take(call({ next: { text: 'Measure', callStep: 'SUPPLY' } }))
    store.goNext()
    expect(store.place).toEqual({ call: 'SUPPLY' })
    store.take(call({ next: { text: 'Test', part: 'b', step: 'TEST' } }))
    store.goNext()
    expect(store.place).toEqual({ part: 'b', step: 'TEST' })
  })

  it('shows what the server refused and keeps nothing waiting', async () => {
    const store = useCall()
    store.take(call())
    vi.stubGlobal(
      'fetch',
      vi
        .fn()
        .mockResolvedValue(new Response(JSON.stringify({ detail: 'put it back first' }), { status: 409 })),
    )
    expect(await store.change('POST', '/notes', 'note', { text: 'x' })).toBe(false)
    expect(store.problem).toBe('put it back first')
    expect(useWaiting().count).toBe(0)
  })

  it('takes two taps on the same thing for one', async () => {
    const store = useCall()
    store.take(call())
    const fetched = vi
      .fn()
      .mockImplementation(async () => new Response(JSON.stringify(call()), { status: 200 }))
    vi.stubGlobal('fetch', fetched)
    const wires = { wires: [] }
    expect(
      await Promise.all(
        [1, 2].map(() => store.change('PUT', '/places/{place}/wires', 'wires', wires, { place: 3 })),
      ),
    ).toEqual([true, true])
    expect(fetched).toHaveBeenCalledOnce()
    await store.change('PUT', '/places/{place}/wires', 'wires', wires, { place: 3 })
    expect(fetched).toHaveBeenCalledTimes(2)
  })

  it('keeps a change in line behind what already waits, so that the order stays', async () => {
    const store = useCall()
    store.take(call())
    vi.stubGlobal('fetch', vi.fn().mockRejectedValue(new TypeError('offline')))
    await store.change('POST', '/notes', 'first', { text: '1' })
    const answered = vi
      .fn()
      .mockImplementation(async () => new Response(JSON.stringify(call()), { status: 200 }))
    vi.stubGlobal('fetch', answered)
    await store.change('POST', '/notes', 'second', { text: '2' })
    expect(answered).not.toHaveBeenCalled()
    await useWaiting().sendAll()
    await flushPromises()
    expect(answered.mock.calls.map(([, init]) => JSON.parse(init.body).text)).toEqual(['1', '2'])
  })
})

describe('timers', () => {
  it.each([
    [60_000, '1:00'],
    [59_400, '1:00'],
    [5_000, '0:05'],
    [0, 'now'],
    [-3_000, 'now'],
  ])('%i ms left reads %s', (millis, words) => expect(clock(millis)).toBe(words))

  it('are instants that survive a reload; the soonest shows first', async () => {
    const due = Date.now() + 60_000
    const pairs = [
      { place: 'p', placeTitle: 'Run capacitor', pair: 'C–FAN', isDead: true, againAtMillis: due + 5_000 },
      { place: 'p', placeTitle: 'Run capacitor', pair: 'C–HERM', isDead: true, againAtMillis: due },
    ]
    useTimers().follow(call({ safe: { pairs } as CallView['safe'] }))
    await flushPromises()
    setActivePinia(createPinia())
    expect(useTimers().first?.title).toBe('Re-check run capacitor dead')
    const parts = [{ title: 'Start device', coolAtMillis: due - 5_000 }] as CallView['parts']
    useTimers().follow(call({ parts }))
    expect(useTimers().first?.title, 'a tried start device cools').toBe('Start device cool')
    useTimers().follow(call())
    expect(useTimers().first).toBeNull()
  })
})
