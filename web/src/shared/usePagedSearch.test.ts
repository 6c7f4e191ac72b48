import { expect, it } from 'vitest'
import { usePagedSearch } from './usePagedSearch'

it('adds pages, and drops what comes for words that are no longer typed', async () => {
  const waiting: (() => void)[] = []
  const list = usePagedSearch<string>(
    (words, page) =>
      new Promise((done) => {
        waiting.push(() => done({ rows: [`${words}${page}`], hasMore: page < 1 }))
      }),
  )
  const answer = async (asked: Promise<boolean>) => {
    waiting.shift()?.()
    return asked
  }
  expect(await answer(list.first())).toBe(true)
  expect(await answer(list.more())).toBe(true)
  expect(list.rows.value).toEqual(['0', '1'])
  expect(list.hasMore.value).toBe(false)

  const late = list.first()
  list.words.value = 'loft'
  expect(await answer(late)).toBe(false)
  expect(list.rows.value).toEqual(['0', '1'])
  expect(await answer(list.first())).toBe(true)
  expect(list.rows.value).toEqual(['loft0'])
})

it('says what went wrong and keeps what is there', async () => {
  const list = usePagedSearch<string>(() => Promise.reject(new Error('no connection')))
  expect(await list.first()).toBe(false)
  expect(list.wrong.value).toBe('no connection')
})
