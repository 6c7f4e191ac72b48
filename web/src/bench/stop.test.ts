import { flushPromises } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { CallView, PartView } from '@/api/types'
import { useCall } from '@/stores/call'
import { action, callWith, judged, onBench, part, server } from '@/tests/bench'
import AmpsDesk from './AmpsDesk.vue'
import WorkSurface from './WorkSurface.vue'

const STOP: NonNullable<PartView['stop']> = {
  demand: 'FIND_CAUSE',
  action: 'Find why it opened first',
  done: '',
  text: 'It opened for a reason.',
  part: 'p1',
  step: 'TEST',
}
const failed = (more: Partial<PartView> = {}) =>
  part({
    readings: [
      {
        ...judged('HERM', 'FAILED', '0'),
        findings: [
          { severity: 'STOP', text: STOP.text, demand: 'FIND_CAUSE', urgency: 'NOW' },
          { severity: 'CAUTION', text: 'A wire is rubbed.', urgency: 'SOON' },
        ],
      },
    ],
    verdict: 'FAILED',
    filled: ['READ', 'TEST'],
    ...more,
  })

const surface = (call: CallView, step: 'JUDGE' | 'TEST') => onBench(WorkSurface, call, { part: 'p1', step })
const button = (view: Awaited<ReturnType<typeof onBench>>, words: string) =>
  view.findAll('button').find((b) => b.text() === words)

describe('A STOP', () => {
  it('is the one action until it is seen to, said once', async () => {
    server({})
    const view = await surface(callWith([failed({ stop: STOP })]), 'JUDGE')
    expect(action(view)).toBe('Find why it opened first')
    expect(view.text().split(STOP.text)).toHaveLength(2)
    await view.find('[data-action]').trigger('click')
    await flushPromises()
    expect(useCall().step).toBe('TEST')
    expect(action(view)).toBe('(Find why it opened first)')
  })

  it('is gone past with a reason only', async () => {
    const sent = server({ '/override': callWith([failed()]) })
    const view = await surface(callWith([failed({ stop: STOP })]), 'JUDGE')
    await button(view, 'go on all the same')?.trigger('click')
    await view.find('form.reason input').setValue('blade was jammed, freed')
    await view.find('form.reason').trigger('submit')
    await flushPromises()
    expect(sent.at(-1)?.json).toEqual({ part: 'p1', demand: 'FIND_CAUSE', reason: 'blade was jammed, freed' })
    expect(action(view)).toContain('Find a replacement')
  })

  it('leaves other findings to be written up in a tap', async () => {
    const sent = server({ '/write-ups': callWith([failed()]) })
    const view = await surface(callWith([failed()]), 'JUDGE')
    await view.findAll('button.up')[1]?.trigger('click')
    await flushPromises()
    expect(sent.at(-1)?.json).toEqual({ what: 'A wire is rubbed.', urgency: 'SOON', part: 'p1' })
  })
})

describe('Amps of what hangs on a part', () => {
  const fanOnly = { place: 'FAN', name: 'Outdoor fan motor', ratingName: 'FLA' } as const

  const desk = (given: PartView) => onBench(AmpsDesk, callWith([given]), { part: 'p1', step: 'PROVE' })

  it('are asked of what it serves, and taken without a rating', async () => {
    const sent = server({ '/amps': callWith([part()]) })
    const view = await desk(part({ serves: 'outdoor fan', motors: [fanOnly] }))
    expect(view.findAll('.motor')).toHaveLength(1)
    expect(view.text()).not.toContain('COMP')
    await button(view, '1')?.trigger('click')
    await button(view, 'next')?.trigger('click')
    await flushPromises()
    expect(sent.at(-1)?.json).toEqual({ part: 'p1', place: 'FAN', amps: 1 })
  })

  it('that did not start are one tap, and a refused figure comes back', async () => {
    const sent = server({})
    const view = await desk(part({ motors: [{ ...fanOnly, rated: 1.4 }] }))
    await button(view, 'did not start')?.trigger('click')
    await flushPromises()
    expect(sent.at(-1)?.json).toEqual({ part: 'p1', place: 'FAN', amps: 0, rated: 1.4 })
    expect(view.find('.motor').text()).toContain('0')
  })
})
