import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Grade, LineView, MatchesView, OfferView, ReadAnswer } from '@/api/types'
import LabelText from './LabelText.vue'
import AnswerCard from './AnswerCard.vue'
import OtherWays from './OtherWays.vue'
import TapeLine from './TapeLine.vue'

const cell = (attribute: string, offered: string, outcome: Grade, why = 'same') => ({
  attribute,
  required: '440 V',
  offered,
  outcome,
  word: outcome === 'LIKE_FOR_LIKE' ? 'same as old' : 'serves',
  saysMore: outcome !== 'LIKE_FOR_LIKE' || offered === 'not on the label',
  why,
  mark: 'common practice of the trade',
})
const offer = (title: string, grade: Grade, cells: OfferView['cells']): OfferView => ({
  offer: [title],
  title,
  grade,
  word: grade.replaceAll('_', ' '),
  where: 'bin B3',
  pieces: [{ title, where: 'bin B3', price: '12.00' }],
  price: '12.00',
  cells,
  changes: ['2 wires move'],
  asks: [],
  isWay: grade !== 'REFUSED',
  canBeChosen: grade !== 'REFUSED' && grade !== 'UNDECIDED',
  isRefused: grade === 'REFUSED',
  needsReturnDate: grade === 'STOPGAP',
  isPartlyThere: false,
})
const found: MatchesView = {
  findings: [],
  offers: [
    offer('45+5 µF', 'SUITABLE', [
      cell('Volts', '480 V', 'SUITABLE', 'higher is allowed'),
      cell('Duty', 'run', 'LIKE_FOR_LIKE'),
    ]),
    offer('45 µF', 'UNDECIDED', [
      cell('Volts', 'not on the label', 'UNDECIDED', 'cannot be decided'),
      cell('Duty', 'run', 'LIKE_FOR_LIKE'),
    ]),
    offer('40+5 µF', 'REFUSED', [
      cell('Volts', '370 V', 'REFUSED', 'lower'),
      cell('Duty', 'run', 'LIKE_FOR_LIKE'),
    ]),
  ],
  differs: ['Volts'],
  alike: ['Duty'],
  refused: [{ reason: 'Volts', count: 1 }],
}

describe('the match board', () => {
  const board = () => mount(OtherWays, { props: { found, modelValue: null } })

  it('sets what fits side by side, in words where it is not the same', () => {
    const text = board().find('table').text()
    expect(text).toContain('SUITABLE')
    expect(text).toContain('higher is allowed')
    expect(text).not.toContain('REFUSED')
    expect(text).not.toMatch(/[=≥~]/)
  })

  it('shows the refused ones with their reason on demand', async () => {
    const wrapper = board()
    expect(wrapper.text()).toContain('1 by volts')
    await wrapper
      .findAll('button')
      .find((b) => b.text().includes('1 refused'))
      ?.trigger('click')
    expect(wrapper.text()).toContain('REFUSED')
  })

  it('folds rows that are alike everywhere', async () => {
    const wrapper = board()
    expect(wrapper.find('tbody').text()).not.toContain('Duty')
    await wrapper
      .findAll('button')
      .find((b) => b.text().startsWith('alike in all'))
      ?.trigger('click')
    expect(wrapper.find('tbody').text()).toContain('Duty')
  })

  it('lets only what fits be picked', async () => {
    const wrapper = board()
    const [suitable, undecided] = wrapper.findAll('.pick')
    expect(undecided?.attributes('disabled')).toBeDefined()
    await suitable?.trigger('click')
    expect(wrapper.emitted('update:modelValue')?.[0]).toEqual([found.offers[0]])
  })

  it('answers first: the pieces, where they lie, what then has to be done', () => {
    const answer = mount(AnswerCard, { props: { offer: found.offers[0]!, verb: 'Take' } })
    expect(answer.find('.take').text()).toBe('Take 45+5 µF bin B3')
    expect(answer.text()).toContain('2 wires move')
    expect(answer.text()).toContain('12.00')
  })
})

describe('the label text', () => {
  const read: ReadAnswer = {
    kind: 'capacitor',
    sure: 0.9,
    fields: {} as ReadAnswer['fields'],
    doubts: [],
    unread: ['SH-1'],
    reads: [
      { field: 'volts', text: '440VAC', start: 9, end: 15, sure: 1 },
      { field: 'sections[0].microfarads', text: '45', start: 0, end: 2, sure: 1 },
      { field: 'duty', text: '45/5 MFD', start: 0, end: 8, sure: 1 },
    ],
  }
  it('marks what was understood without losing a sign', () => {
    const text = mount(LabelText, { props: { text: '45/5 MFD 440VAC SH-1', read, lit: 'volts' } })
    expect(text.element.textContent?.replace(/\s+/g, '')).toBe('45/5MFD440VACSH-1')
    expect(text.findAll('.piece').map((p) => p.text())).toEqual(['45/5 MFD', '440VAC'])
    expect(text.find('.lit').text()).toBe('440VAC')
    expect(
      text
        .findAll('.rest')
        .map((r) => r.text())
        .join(''),
    ).toContain('SH-1')
  })
})

describe('a tape line', () => {
  const line: LineView = {
    number: 4,
    atMillis: Date.now(),
    who: 'Tech 2',
    struck: false,
    strikable: true,
    text: {
      figure: '5.90',
      unit: 'µF',
      title: 'FAN',
      detail: 'rated 7.5, 7.05 to 7.95',
      word: 'FAILED',
      verdict: 'FAILED',
      reckoning: ['7.5 µF −6 % = 7.05.'],
      mark: { type: 'STANDARD', source: 'JCGM 106:2012' },
    },
  }
  const show = (more: Partial<LineView>, isOpen = false) =>
    mount(TapeLine, {
      props: { line: { ...line, ...more }, isOpen, canStrike: true },
      global: { stubs: { 'v-btn': { template: '<button><slot /></button>' } } },
    })

  it('shows figure, limits and verdict, and its reckoning when tapped', () => {
    expect(show({}).text()).toContain('FAILED')
    expect(show({}).text()).not.toContain('JCGM')
    const open = show({}, true)
    expect(open.text()).toContain('standard: JCGM 106:2012')
    expect(open.text()).toContain('line 4, Tech 2')
  })

  it('that was struck stays to be read and gives no verdict', () => {
    const struck = show({ struck: true })
    expect(struck.classes()).toContain('struck')
    expect(struck.text()).toContain('struck')
    expect(struck.text()).not.toContain('FAILED')
    expect(struck.text()).toContain('.90')
  })
})
