import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import { useCall } from '@/stores/call'
import { action, callWith, onBench, part, server } from '@/tests/bench'
import MatchStep from './MatchStep.vue'

beforeEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
})

describe('Match', () => {
  const at = { part: 'p1', step: 'MATCH' } as const
  const offer = (grade: string) => ({
    offer: ['CP-1'],
    title: '45+5 µF',
    grade,
    word: grade,
    where: 'bin C1',
    pieces: [{ title: '45+5 µF', where: 'bin C1', price: '12.00' }],
    price: '12.00',
    isWay: grade !== 'REFUSED',
    cells: [],
    changes: [],
    asks: [],
    canBeChosen: grade !== 'REFUSED' && grade !== 'UNDECIDED',
    isRefused: grade === 'REFUSED',
    needsReturnDate: grade === 'STOPGAP',
    isPartlyThere: false,
  })

  it('takes the best that fits with one tap', async () => {
    const sent = server({
      '/matches': { findings: [], refused: [], differs: [], alike: [], offers: [offer('LIKE_FOR_LIKE')] },
      '/choice': callWith([part()]),
    })
    const view = await onBench(MatchStep, callWith([part()]), at)
    expect(action(view)).toBe('Take 45+5 µF from the truck')
    await view.find('[data-action]').trigger('click')
    await flushPromises()
    expect(sent.find((s) => s.path.endsWith('/choice'))?.json).toEqual({ offer: ['CP-1'] })
    expect(useCall().step).toBe('HOOK_UP')
  })

  it('asks a stopgap for its day before it is taken', async () => {
    const sent = server({
      '/matches': { findings: [], refused: [], differs: [], alike: [], offers: [offer('STOPGAP')] },
      '/choice': callWith([part()]),
    })
    const view = await onBench(MatchStep, callWith([part()]), at)
    await view.find('[data-action]').trigger('click')
    expect(view.text()).toContain('say by which day')
    await view.find('input[type=date]').setValue('2030-01-02')
    await view.find('[data-action]').trigger('click')
    await flushPromises()
    expect(sent.find((s) => s.path.endsWith('/choice'))?.json).toEqual({
      offer: ['CP-1'],
      returnDate: '2030-01-02',
    })
  })

  const found = (...offers: object[]) => ({ findings: [], refused: [], differs: [], alike: [], offers })

  it('shows what others have behind the truck, and takes a piece of theirs', async () => {
    const there = { ...offer('LIKE_FOR_LIKE'), offer: ['CP-201'], where: 'Truck 2, bin A1' }
    const sent = server({
      '/matches': found(offer('NEEDS_CHANGE')),
      '/elsewhere': found(there),
      '/counter': { missing: 'The counter is down.', found: found() },
      '/choice': callWith([part()]),
    })
    const view = await onBench(MatchStep, callWith([part()]), at)
    const beyond = view.findAll('.other').map((o) => o.text())
    expect(beyond[0]).toMatch(/LIKE_FOR_LIKE.*Truck 2, bin A1/)
    expect(beyond[1]).toBe('The counter is down.')
    expect(view.findAll('.sources button').map((b) => b.text())).toEqual([
      'This truck',
      'Other trucks, shop: 1',
      'Counter: 0',
      'Bought on the way',
    ])
    await view.find('.other').trigger('click')
    await flushPromises()
    expect(action(view)).toBe('Take 45+5 µF, Truck 2, bin A1')
    await view.find('[data-action]').trigger('click')
    await flushPromises()
    expect(sent.find((s) => s.path.endsWith('/choice'))?.json).toEqual({ offer: ['CP-201'] })
  })

  it('orders at the counter and waits, then compares what came by its label', async () => {
    const ordered = {
      part: 'p1',
      order: 'A-7',
      item: 'S-1012',
      title: '45+5 µF 440 V',
      label: '45+5 MFD 440 VAC',
      price: 39.05,
      from: 'Quay counter',
      ready: '2026-11-27',
    }
    const sold = { ...offer('LIKE_FOR_LIKE'), offer: ['S-1012'], where: '$ 39.05, 4 in stock' }
    const sent = server({
      '/matches': found(),
      '/elsewhere': found(),
      '/counter': { missing: '', found: found(sold) },
      '/order/end': callWith([part()]),
      '/order': callWith([part({ ordered })]),
      '/offer': found(offer('LIKE_FOR_LIKE')),
    })
    const view = await onBench(MatchStep, callWith([part()]), at)
    await view.findAll('.other')[1]?.trigger('click')
    await flushPromises()
    expect(action(view)).toBe('Order 45+5 µF')
    await view.find('[data-action]').trigger('click')
    await flushPromises()
    expect(sent.find((s) => s.path.endsWith('/order'))?.json).toEqual({ item: 'S-1012' })
    expect(view.find('.ordered').text()).toMatch(/Quay counter, ready 27 Nov. Order A-7, \$ 39.05/)
    await view
      .findAll('button')
      .find((b) => b.text() === 'It is here')
      ?.trigger('click')
    await flushPromises()
    await flushPromises()
    expect(sent.find((s) => s.path.endsWith('/order/end'))?.json).toEqual({ isHere: true })
    expect(sent.find((s) => s.path.endsWith('/offer'))?.json).toEqual({ text: '45+5 MFD 440 VAC' })
    expect(action(view)).toBe('Use 45+5 µF')
  })

  it('has nothing to take where nothing fits', async () => {
    server({
      '/matches': {
        findings: [],
        refused: [{ reason: 'Volts', count: 1 }],
        differs: [],
        alike: [],
        offers: [offer('REFUSED')],
      },
    })
    expect(action(await onBench(MatchStep, callWith([part()]), at))).toBe('(Nothing on the truck fits)')
  })
})
