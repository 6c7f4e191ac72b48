import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Change } from '@/api/client'
import { useWaiting } from './waiting'

const kept = new Map<string, unknown>()
vi.mock('idb-keyval', () => ({
  get: async (key: string) => kept.get(key),
  set: async (key: string, value: unknown) => void kept.set(key, value),
}))

const change = (id: string): Change => ({
  id,
  callId: 7,
  method: 'POST',
  path: `/api/${id}`,
  what: `change ${id}`,
  json: { id },
})
const ok = () => new Response(JSON.stringify({ id: 7 }), { status: 200 })

describe('changes that wait for a connection', () => {
  beforeEach(() => {
    kept.clear()
    setActivePinia(createPinia())
  })

  it('are kept on the device and come back after a reload', async () => {
    await useWaiting().keep(change('a'))
    setActivePinia(createPinia())
    const later = useWaiting()
    await later.load()
    expect(later.changes.map((c) => c.id)).toEqual(['a'])
  })

  it('are sent in their order, each under its own id, once the connection is back', async () => {
    const waiting = useWaiting()
    await waiting.keep(change('a'))
    await waiting.keep(change('b'))
    vi.stubGlobal('fetch', vi.fn().mockRejectedValue(new TypeError('offline')))
    await waiting.sendAll()
    expect(waiting.count).toBe(2)

    const fetched = vi.fn().mockImplementation(async () => ok())
    vi.stubGlobal('fetch', fetched)
    await waiting.sendAll()
    expect(waiting.count).toBe(0)
    expect(fetched.mock.calls.map(([path, init]) => [path, init.headers['X-Request-Id']])).toEqual([
      ['/api/a', 'a'],
      ['/api/b', 'b'],
    ])
    expect(kept.get('zest-waiting')).toEqual([])
  })

  it('that are then refused are shown with their words and do not hold up the others', async () => {
    const waiting = useWaiting()
    await waiting.keep(change('a'))
    await waiting.keep(change('b'))
    vi.stubGlobal(
      'fetch',
      vi
        .fn()
        .mockImplementation(async (path: string) =>
          path === '/api/a'
            ? new Response(JSON.stringify({ detail: 'The part is closed.' }), { status: 409 })
            : ok(),
        ),
    )
    await waiting.sendAll()
    expect(waiting.count).toBe(0)
    expect(waiting.stuck).toMatchObject([{ change: { what: 'change a' }, problem: 'The part is closed.' }])
  })
})
