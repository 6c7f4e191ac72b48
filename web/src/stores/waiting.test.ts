import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Change } from '@/api/client'
import { useWaiting } from './waiting'
import { kept } from '@/tests/kept'

const change = (id: string): Change => ({
  id,
  callId: 7,
  method: 'POST',
  path: `/api/${id}`,
  what: `change ${id}`,
  json: { id },
  whoId: 2,
  tappedAt: 1764200000000,
})
const ok = () => new Response(JSON.stringify({ id: 7 }), { status: 200 })

describe('changes that wait for a connection', () => {
  beforeEach(() => {
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

  it('that are then refused stop their own call until they are dropped or sent again, and no other', async () => {
    const waiting = useWaiting()
    await waiting.keep(change('a'))
    await waiting.keep(change('b'))
    await waiting.keep({ ...change('c'), callId: 8 })
    let answer = () => new Response(JSON.stringify({ detail: 'The part is closed.' }), { status: 409 })
    const fetched = vi.fn().mockImplementation(async (path: string) => (path === '/api/a' ? answer() : ok()))
    vi.stubGlobal('fetch', fetched)
    await waiting.sendAll()
    expect(waiting.refused).toMatchObject([{ what: 'change a', refused: 'The part is closed.' }])
    expect(waiting.changes.map((c) => c.id)).toEqual(['a', 'b'])
    expect(waiting.isBefore(7)).toBe(true)
    expect(waiting.isBefore(8)).toBe(false)
    expect(waiting.behind(waiting.refused[0]!)).toBe(1)

    await waiting.tryAgain(waiting.refused[0]!)
    expect(waiting.refused).toHaveLength(1)
    answer = ok
    await waiting.tryAgain(waiting.refused[0]!)
    expect(waiting.count).toBe(0)
    expect(fetched.mock.calls.map(([path]) => path)).toEqual([
      '/api/a',
      '/api/c',
      '/api/a',
      '/api/a',
      '/api/b',
    ])
  })

  it('that are dropped let the others of their call go on', async () => {
    const waiting = useWaiting()
    await waiting.keep(change('a'))
    await waiting.keep(change('b'))
    vi.stubGlobal(
      'fetch',
      vi
        .fn()
        .mockImplementation(async (path: string) =>
          path === '/api/a' ? new Response('{"detail":"no"}', { status: 409 }) : ok(),
        ),
    )
    await waiting.sendAll()
    await waiting.drop(waiting.refused[0]!)
    expect(waiting.count).toBe(0)
  })

  it('wait on where the bench has no room, is busy or does not know the device', async () => {
    const waiting = useWaiting()
    await waiting.keep(change('a'))
    for (const status of [401, 429, 503, 507]) {
      vi.stubGlobal(
        'fetch',
        vi.fn().mockImplementation(async () => new Response('{}', { status })),
      )
      await waiting.sendAll()
      expect(waiting.changes, String(status)).toHaveLength(1)
      expect(waiting.refused, String(status)).toHaveLength(0)
    }
  })

  it('go out under who tapped and when, whoever works on the device by then', async () => {
    const waiting = useWaiting()
    await waiting.keep(change('a'))
    localStorage.setItem('zest-who', '9')
    const fetched = vi.fn().mockImplementation(async () => ok())
    vi.stubGlobal('fetch', fetched)
    await waiting.sendAll()
    expect(fetched.mock.calls[0]![1].headers).toMatchObject({
      'X-Technician': '2',
      'X-Tapped-At': '1764200000000',
    })
  })
})
