import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Scale, Verdict } from '@/api/types'
import AlignedFigure from './AlignedFigure.vue'
import ChoiceButtons from './ChoiceButtons.vue'
import FindingLines from './FindingLines.vue'
import Slice from './Slice.vue'
import ValueScale from './ValueScale.vue'
import VerdictMark from './VerdictMark.vue'

const scale = (more: Partial<Scale> = {}): Scale => ({
  lowAt: 30,
  highAt: 70,
  ratedAt: 50,
  valueAt: 40,
  doubtFrom: 35,
  doubtTo: 45,
  off: 'NO',
  ...more,
})
const drawn = (given?: Scale) =>
  mount(ValueScale, {
    props: { scale: given, low: '42.3', high: '47.7', rated: '45', words: 'HERM 44.1 µF' },
  })

describe('a scale', () => {
  it('labels its limits and says in words what it shows', () => {
    const svg = drawn(scale())
    expect(svg.findAll('text').map((t) => t.text())).toEqual(['42.3', '45', '47.7'])
    expect(svg.find('svg').attributes('aria-label')).toBe('HERM 44.1 µF')
  })

  it('points outward where the reading is off the axis', () => {
    const under = drawn(scale({ off: 'UNDER' }))
      .find('path')
      .attributes('d')
    const over = drawn(scale({ off: 'OVER' }))
      .find('path')
      .attributes('d')
    expect(under).not.toBe(over)
    expect(drawn(scale()).findAll('rect')).toHaveLength(2)
    expect(drawn(scale({ off: 'OVER' })).findAll('rect')).toHaveLength(1)
  })

  it('leaves out the rated label where it would lie on a limit', () => {
    expect(
      drawn(scale({ ratedAt: 32 }))
        .findAll('text')
        .map((t) => t.text()),
    ).toEqual(['42.3', '47.7'])
  })

  it('is an empty axis until something is read', () => {
    expect(drawn().findAll('rect')).toHaveLength(0)
    expect(drawn().findAll('line')).toHaveLength(1)
  })
})

describe('a verdict', () => {
  it.each([
    ['GOOD', 'GOOD'],
    ['WEAK', 'WEAK'],
    ['FAILED', 'FAILED'],
    ['TOO_CLOSE', 'TOO CLOSE'],
  ] as [Verdict, string][])('%s is a shape of its own and a word', (verdict, word) => {
    const all = (['GOOD', 'WEAK', 'FAILED', 'TOO_CLOSE'] as Verdict[]).map((v) =>
      mount(VerdictMark, { props: { verdict: v, word: '' } })
        .find('svg')
        .html(),
    )
    expect(new Set(all).size).toBe(4)
    expect(mount(VerdictMark, { props: { verdict, word } }).text()).toBe(word)
  })
})

describe('the slice', () => {
  it('fills a segment for each step done and marks the one at hand', () => {
    const slice = mount(Slice, { props: { filled: ['READ', 'TEST'], at: 'JUDGE' } })
    const fills = slice
      .findAll('path')
      .slice(0, 6)
      .map((p) => p.attributes('fill'))
    expect(fills).toEqual(['var(--zb-ink)', 'var(--zb-ink)', 'var(--zb-lemon)', 'none', 'none', 'none'])
    expect(slice.attributes('aria-label')).toBe('2 of 6 steps done')
  })
})

describe('small pieces', () => {
  it.each([
    ['52.60', '1ch'],
    ['5.9', '2ch'],
    ['OL', '1ch'],
    ['238', '0ch'],
    ['1200', '0ch'],
  ])('%s stands with its point in the column, as one text', (figure, missing) => {
    const shown = mount(AlignedFigure, { props: { figure } }).get('span')
    expect(shown.text()).toBe(figure)
    expect(shown.element.style.paddingLeft).toBe(missing)
  })

  it('STOP and CAUTION say so, information does not shout', () => {
    const lines = mount(FindingLines, {
      props: {
        findings: [
          { severity: 'STOP', text: 'no more fuses', urgency: 'NOW' },
          { severity: 'INFO', text: 'the tolerance was not read', urgency: 'WATCH' },
        ],
      },
    })
    expect(lines.findAll('li').map((l) => l.text())).toEqual([
      'STOP no more fuses',
      'the tolerance was not read',
    ])
  })

  it('one choice of a few, told to screen readers too', async () => {
    const choice = mount(ChoiceButtons, {
      props: {
        label: 'Phase',
        modelValue: '1',
        choices: [
          { value: '1', words: 'one' },
          { value: '3', words: 'three' },
        ],
      },
    })
    expect(choice.findAll('button').map((b) => b.attributes('aria-pressed'))).toEqual(['true', 'false'])
    await choice.findAll('button')[1]?.trigger('click')
    expect(choice.emitted('update:modelValue')).toEqual([['3']])
  })
})
