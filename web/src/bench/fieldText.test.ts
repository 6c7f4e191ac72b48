import { describe, expect, it } from 'vitest'
import type { Attribute } from '@/api/types'
import { textOf, valueOf, wordsOf } from './fieldText'

const of = (type: Attribute['type']): Attribute => ({
  name: 'x',
  label: 'X',
  unit: 'µF',
  type,
  decides: false,
  where: '',
  options: [],
  rows: [],
  usual: [],
})

describe('a typed field', () => {
  it.each([
    ['NUMBER', '7.5', 7.5],
    ['NUMBER', ' 7,5 ', 7.5],
    ['NUMBER', '', undefined],
    ['NUMBER', '1/4', 0.25],
    ['NUMBER', '1-1/2', 1.5],
    ['SIGNED_NUMBER', '-40', -40],
    ['SIGNED_NUMBER', '−40', -40],
    ['NUMBERS', '50, 60', [50, 60]],
    ['NUMBERS', '50/60', [50, 60]],
    ['NUMBER_GROUPS', '208-230', [208, 230]],
    ['NUMBER_GROUPS', '208, 230 / 460', [[208, 230], [460]]],
    ['NUMBERS_BY_NAME', 'B 450, D 500', { B: 450, D: 500 }],
    ['TEXT', ' P2 ', 'P2'],
  ] as const)('%s "%s" becomes a value', (type, typed, value) => {
    expect(valueOf(of(type), typed)).toEqual({ value })
  })

  it.each([
    ['NUMBER', 'seven'],
    ['NUMBER', '-3'],
    ['NUMBER', '7.5.5'],
    ['NUMBERS', '50, sixty'],
    ['NUMBER_GROUPS', '208 / high'],
    ['NUMBERS_BY_NAME', '450'],
  ] as const)('%s "%s" says what was typed and what would be right', (type, typed) => {
    const answer = valueOf(of(type), typed)
    expect(answer).toHaveProperty('wrong')
    expect((answer as { wrong: string }).wrong).toContain(typed)
  })

  it.each([
    ['NUMBER', 7.5],
    ['NUMBERS', [50, 60]],
    ['NUMBER_GROUPS', [208, 230]],
    ['NUMBER_GROUPS', [[208, 230], [460]]],
    ['NUMBERS_BY_NAME', { B: 450, D: 500 }],
    ['TEXT', '10000 AFC'],
  ] as const)('%s reads back what it shows', (type, value) => {
    expect(valueOf(of(type), textOf(of(type), value))).toEqual({ value })
  })

  it('words a choice as a person does and leaves codes as printed', () => {
    expect(['SHADED_POLE', 'REVERSIBLE', 'PSC', 'CCW', 'TEAO', 'FAN', 'P2'].map(wordsOf)).toEqual([
      'shaded pole',
      'reversible',
      'PSC',
      'CCW',
      'TEAO',
      'FAN',
      'P2',
    ])
  })
})

describe('horsepower', () => {
  const STEPS = ['1/6', '1/4', '1/3', '1 1/2', '5']
  it.each([
    [0.25, '1/4'],
    [0.3333, '1/3'],
    [1 / 3, '1/3'],
    [0.1666666, '1/6'],
    [1.5, '1 1/2'],
    [5, '5'],
    [0.33, '0.33'],
  ])('%d stands as %s', (value, text) => {
    expect(textOf({ ...of('NUMBER'), unit: 'HP', options: STEPS }, value)).toBe(text)
  })
})
