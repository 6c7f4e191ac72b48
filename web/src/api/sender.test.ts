import { afterEach, expect, it, vi } from 'vitest'
import { lastSeenMillis, noteAge } from './sender'

const ago = (minutes: number) => new Date(Date.now() - minutes * 60_000).toUTCString()
afterEach(() => vi.unstubAllGlobals())

it('says since when, where the bench cannot be reached', async () => {
  vi.stubGlobal('fetch', vi.fn().mockRejectedValue(new TypeError('offline')))
  const date = ago(30)
  await noteAge(date)
  expect(lastSeenMillis.value).toBe(Date.parse(date))
  await noteAge(ago(0))
  expect(lastSeenMillis.value).toBeNull()
})

it('takes a clock that is off for what it is', async () => {
  vi.stubGlobal('fetch', vi.fn().mockResolvedValue(new Response()))
  await noteAge(ago(30))
  expect(lastSeenMillis.value).toBeNull()
})
