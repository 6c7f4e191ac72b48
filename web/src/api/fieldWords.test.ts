import { describe, expect, it } from 'vitest'
import { fieldWords } from './fieldWords'

describe('what is wrong with a field, in words', () => {
  it.each([
    ['options[0].words', '', 'say what is done', 'Option 1: say what is done.'],
    ['options[1].parts[0].name', undefined, 'name the part', 'Option 2, part 1: name the part.'],
    ['text', undefined, 'say whose windings these are', 'Say whose windings these are.'],
    [
      'returnDate',
      '2026-02-31',
      'give a day, such as 2026-12-01',
      'Return date, "2026-02-31": give a day, such as 2026-12-01.',
    ],
    ['options[0].labour', '-5', 'give a price from 0', 'Option 1, labour, "-5": give a price from 0.'],
  ])('%s', (field, value, problem, words) => {
    expect(fieldWords([{ field, value, problem }])).toBe(words)
  })
})
