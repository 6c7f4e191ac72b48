import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { CallView, LeaveView } from '@/api/types'
import { useCall } from '@/stores/call'
import { useTimers } from '@/stores/timers'
import { action, callWith, judged, onBench, server } from '@/tests/bench'
import LeaveStep from './LeaveStep.vue'
import OptionsStep from './OptionsStep.vue'
import ProofStep from './ProofStep.vue'
import WriteUpsStep from './WriteUpsStep.vue'

beforeEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
})

const base = callWith([]).leave
const leaving = (more: Partial<LeaveView>): CallView => callWith([], { leave: { ...base, ...more } })
const points = (figures: Record<string, string>) =>
  [
    { point: 'RETURN_AIR' as const, title: 'Return air', unit: '°F' },
    { point: 'SUPPLY_AIR' as const, title: 'Supply air', unit: '°F' },
  ].map((p) => ({ ...p, ...(figures[p.point] ? { figure: figures[p.point], atMillis: 1 } : {}) }))
const running = (figures: Record<string, string>, more: Partial<LeaveView['proof']> = {}): CallView =>
  leaving({
    proof: {
      ...base.proof,
      isRunning: true,
      settling: {
        sinceMillis: Date.now() - 60_000,
        fromMillis: Date.now() + 540_000,
        untilMillis: Date.now() + 840_000,
        isSettled: false,
      },
      points: points(figures),
      ...more,
    },
  })
const pad = async (view: Awaited<ReturnType<typeof onBench>>, keys: string) => {
  for (const key of keys)
    await view
      .findAll('.key')
      .find((k) => k.text() === key)
      ?.trigger('click')
}
const button = (view: Awaited<ReturnType<typeof onBench>>, words: string) =>
  view.findAll('button').find((b) => b.text() === words)

describe('the proof of the unit', () => {
  it('starts only after every line before power', async () => {
    const line = (key: string, done: boolean) => ({ key, text: `${key} seen`, done })
    const sent = server({
      '/before-power': leaving({ beforePower: [line('a', true), line('b', true)] }),
      '/start': running({}),
    })
    const view = await onBench(ProofStep, leaving({ beforePower: [line('a', true), line('b', false)] }), {
      call: 'PROOF',
    })
    expect(action(view)).toBe('(Power on, unit running)')
    expect(view.text()).toContain('1 to look at first')
    await view.findAll('input[type=checkbox]')[1]?.setValue(true)
    await flushPromises()
    expect(sent[0]?.json).toEqual({ key: 'b', on: true })
    await view.find('[data-action]').trigger('click')
    await flushPromises()
    expect(sent.at(-1)?.path).toMatch(/proof\/start$/)
    expect(view.find('.settle').text()).toContain('Read now, read again then.')
  })

  it('takes readings point by point, below zero too, and shows what they amount to', async () => {
    const after = running(
      { RETURN_AIR: '-5.5' },
      {
        figures: [
          {
            title: 'Temperature split',
            figure: '18.5',
            unit: '°F',
            reckoning: 'Return − supply',
            judged: judged('SPLIT', 'GOOD'),
          },
          { title: 'Target superheat', figure: '9', unit: '°F', reckoning: 'by the formula' },
        ],
        findings: [{ severity: 'INFO', text: 'Airflow and dirt before charge', urgency: 'WATCH' }],
        best: {
          atMillis: 0,
          outdoor: '88 °F outdoors',
          words: '',
          figures: [
            {
              title: 'Subcooling',
              best: '9.0',
              unit: '°F',
              now: '4.0',
              isWorse: true,
              reckoning: '4 − 9 = −5',
            },
          ],
        },
      },
    )
    const sent = server({ '/proof/readings': after })
    const view = await onBench(ProofStep, running({}), { call: 'PROOF' })
    expect(action(view)).toBe('(Keep this proof)')
    await pad(view, '5.5±')
    await button(view, 'next')?.trigger('click')
    await flushPromises()
    expect(sent.find((s) => s.path.endsWith('/readings'))?.json).toEqual({ point: 'RETURN_AIR', value: -5.5 })
    expect(view.find('.pair.on .name').text()).toBe('Supply air')
    expect(view.find('.figures').text()).toMatch(
      /Temperature split.*18.5.*GOOD.*Target superheat.*shown, not judged/s,
    )
    expect(view.text()).toContain('Airflow and dirt before charge')
    expect(view.find('.best').text()).toContain('Worse. 4 − 9 = −5')
    expect(action(view)).toBe('Keep this proof')
  })

  it('says what is missing where pressures say nothing', async () => {
    const words = async (refrigerant: string) =>
      (await onBench(ProofStep, running({}, { hasTable: false, refrigerant }), { call: 'PROOF' })).text()
    expect(await words('R-999')).toContain('No saturation table for R-999')
    expect(await words('')).toContain('The refrigerant is not on the plate')
  })

  it('gives back the figure the server refused, with its reason', async () => {
    server({})
    const view = await onBench(ProofStep, running({}), { call: 'PROOF' })
    await pad(view, '99')
    await button(view, 'next')?.trigger('click')
    await flushPromises()
    expect(view.find('.pair.on').text()).toContain('99')
    expect(view.find('.zb-wrong').text()).toContain('nothing at')
  })

  it('is kept as the best of the unit only where it can be', async () => {
    const best = running(
      { RETURN_AIR: '76' },
      { asBest: 'BEST', figures: [{ title: 'x', figure: '1', unit: '', reckoning: '' }] },
    )
    const sent = server({ '/proof/keep': best })
    const view = await onBench(ProofStep, best, { call: 'PROOF' })
    await button(view, 'keep as what this unit can do at its best')?.trigger('click')
    await flushPromises()
    expect(sent.at(-1)?.json).toEqual({ isBenchmark: true })
  })

  it('of a poor unit is kept as its best with the reason why', async () => {
    const poor = running(
      { RETURN_AIR: '76' },
      { asBest: 'POOR', figures: [{ title: 'x', figure: '1', unit: '', reckoning: '' }] },
    )
    const sent = server({ '/proof/keep': poor })
    const view = await onBench(ProofStep, poor, { call: 'PROOF' })
    expect(button(view, 'keep as what this unit can do at its best')).toBeUndefined()
    await button(view, 'keep as the best this unit does')?.trigger('click')
    await view.find('.why input').setValue('ducts too small')
    await view.find('form.why').trigger('submit')
    await flushPromises()
    expect(sent.at(-1)?.json).toEqual({ isBenchmark: true, why: 'ducts too small' })
  })

  it('runs down on every view until it has settled', async () => {
    await onBench(ProofStep, running({}), { call: 'PROOF' })
    expect(useTimers().first?.title).toBe('settles')
    useCall().take(running({}, { kept: 'Split 18' }))
    expect(useTimers().timers).toEqual([])
  })
})

describe('write-ups', () => {
  const up = (id: string, urgency: 'NOW' | 'WATCH', isHere: boolean) => ({
    id,
    place: 'Blower',
    what: `Belt ${id}`,
    why: 'It slips',
    urgency,
    flag: urgency,
    who: 'Tech 2',
    words: 'now',
    callId: 7,
    atMillis: 0,
    isHere,
  })

  it('are kept with how long they can wait, and typed words survive', async () => {
    const sent = server({ '/write-ups': leaving({ writeUps: [up('x', 'NOW', true)] }) })
    const view = await onBench(WriteUpsStep, leaving({}), { call: 'WRITE_UPS' })
    expect(action(view)).toBe('Go on')
    const [what, where, why] = view.findAll('input')
    await what?.setValue('Belt frayed')
    await where?.setValue('Blower')
    await why?.setValue('It slips')
    expect(action(view)).toBe('(Put it on the tape)')
    const again = await onBench(WriteUpsStep, leaving({}), { call: 'WRITE_UPS' })
    expect((again.find('input').element as HTMLInputElement).value).toBe('Belt frayed')
    await button(again, 'now')?.trigger('click')
    await again.find('[data-action]').trigger('click')
    await flushPromises()
    expect(sent.find((s) => s.path.endsWith('/write-ups'))?.json).toEqual({
      place: 'Blower',
      what: 'Belt frayed',
      why: 'It slips',
      urgency: 'NOW',
    })
    expect((again.find('.new input').element as HTMLInputElement).value).toBe('')
    expect(again.find('.open').text()).toMatch(/NOW.*Belt x.*It slips.*this visit/s)
  })

  it('that keep the unit from running say what for and until when', async () => {
    const sent = server({ '/write-ups': leaving({}) })
    const view = await onBench(WriteUpsStep, leaving({}), { call: 'WRITE_UPS' })
    expect(view.text()).not.toContain('Gas off')
    await button(view, 'tagged out')?.trigger('click')
    await button(view, 'Gas off, may not fire')?.trigger('click')
    await view.find('input[type=date]').setValue('2026-12-04')
    await view.find('[data-action]').trigger('click')
    await flushPromises()
    expect(sent.find((s) => s.path.endsWith('/write-ups'))?.json).toEqual({
      place: '',
      what: 'Gas off, may not fire',
      why: '',
      urgency: 'TAGGED_OUT',
      until: '2026-12-04',
    })
  })

  it('of an earlier visit end here, with how', async () => {
    const sent = server({ '/write-ups/y/end': leaving({}) })
    const view = await onBench(WriteUpsStep, leaving({ writeUps: [up('y', 'WATCH', false)] }), {
      call: 'WRITE_UPS',
    })
    expect(view.text()).toContain('seen 1 Jan')
    await button(view, 'Done')?.trigger('click')
    expect(button(view, 'Put it on the tape')?.attributes('disabled')).toBeDefined()
    await view.find('.end input').setValue('new belt in')
    await button(view, 'Put it on the tape')?.trigger('click')
    await flushPromises()
    expect(sent.at(-1)?.json).toEqual({ how: 'new belt in' })
    expect(view.text()).toContain('Nothing open.')
  })
})

describe('options for the customer', () => {
  const option = (key: string, total: string, isTaken = false) => ({
    key,
    tier: 'PROPER' as const,
    title: 'Proper',
    words: `way ${key}`,
    parts: [{ name: 'Can', count: 2, each: 10 }],
    weighs: [],
    labour: 95,
    total,
    reckoning: `2 × 10.00 + labour 95.00 = ${total}`,
    isTaken,
  })

  it('are put together, added up by the server, and one is chosen', async () => {
    const sent = server({
      '/options/preview': [option('a', '115.00')],
      '/options/choice': leaving({ options: [option('a', '115.00', true)] }),
      '/options': leaving({ options: [option('a', '115.00')] }),
    })
    const view = await onBench(OptionsStep, leaving({}), { call: 'OPTIONS' })
    expect(view.text()).toContain('Nothing offered yet.')
    await button(view, '+ by hand')?.trigger('click')
    await button(view, '+ part')?.trigger('click')
    const inputs = view.findAll('.option input')
    await inputs[0]?.setValue('A new can')
    await inputs[1]?.setValue('Can')
    await inputs[2]?.setValue('2')
    await inputs[3]?.setValue('10')
    await inputs[4]?.setValue('95')
    await new Promise((done) => setTimeout(done, 260))
    await flushPromises()
    expect(view.find('.total').text()).toBe('$ 115.00')
    await view.find('[data-action]').trigger('click')
    await flushPromises()
    expect(sent.find((s) => s.method === 'PUT')?.json).toMatchObject({
      options: [
        { tier: 'PROPER', words: 'A new can', labour: 95, parts: [{ name: 'Can', count: 2, each: 10 }] },
      ],
    })
    expect(action(view)).toBe('(Tap the one that was chosen)')
    await view.find('.offered').trigger('click')
    await flushPromises()
    expect(sent.at(-1)?.json).toEqual({ key: 'a' })
    expect(view.find('.offered').text()).toContain('chosen')
    expect(action(view)).toBe('Go on to leave')
  })

  it('stand there at once for a condemned compressor, weighed, with prices to be asked', async () => {
    const way = (key: string, tier: 'PROPER' | 'SYSTEM') => ({
      ...option(key, ''),
      tier,
      total: undefined,
      parts: [{ name: `Part of ${key}`, count: 1 }],
      weighs: [{ words: '12 years old', speaksFor: tier === 'SYSTEM' }],
    })
    const sent = server({
      '/parts/p1/options': [way('s', 'SYSTEM'), way('c', 'PROPER')],
      '/options/preview': [way('s', 'SYSTEM'), way('c', 'PROPER')],
      '/options': leaving({ options: [way('s', 'SYSTEM'), way('c', 'PROPER')] }),
    })
    const sources = [{ part: 'p1', words: 'Compressor, outdoor unit or whole system', isFirst: true }]
    const view = await onBench(OptionsStep, leaving({ optionSources: sources }), { call: 'OPTIONS' })
    await new Promise((done) => setTimeout(done, 260))
    await flushPromises()
    expect(view.findAll('.option')).toHaveLength(2)
    expect(view.find('.option').text()).toContain('to be priced')
    expect(view.find('.option').text()).toContain('For it: 12 years old')
    const each = view.findAll('.option .part input')[2]
    await each?.setValue('6x0')
    await view.find('[data-action]').trigger('click')
    expect(view.find('.zb-wrong').text()).toContain('"6x0" is no number')
    expect((each?.element as HTMLInputElement).value).toBe('6x0')
    await each?.setValue('')
    await view.find('[data-action]').trigger('click')
    await flushPromises()
    expect(sent.find((s) => s.method === 'PUT')?.json).toMatchObject({
      options: [
        { tier: 'SYSTEM', parts: [{ name: 'Part of s', count: 1 }], weighs: [{ speaksFor: true }] },
        { tier: 'PROPER' },
      ],
    })
    expect(view.find('.offered').text()).toContain('to be priced')
  })

  it('say what the server found wrong, and printing is a page of its own', async () => {
    server({})
    const view = await onBench(OptionsStep, leaving({ options: [option('a', '115.00', true)] }), {
      call: 'OPTIONS',
    })
    const open = vi.spyOn(window, 'open').mockReturnValue(null)
    await button(view, 'Print for the customer')?.trigger('click')
    expect(open).toHaveBeenCalledWith('/api/calls/7/options.pdf', '_blank')
    await button(view, 'Change them')?.trigger('click')
    await new Promise((done) => setTimeout(done, 260))
    await flushPromises()
    expect(view.find('.zb-wrong').text()).toContain('nothing at')
  })
})

it('leaving offers the papers of the call', async () => {
  server({})
  const view = await onBench(LeaveStep, leaving({}), { call: 'LEAVE' })
  expect(view.findAll('.zb-file').map((a) => a.attributes('href'))).toEqual([
    '/api/calls/7/report.pdf',
    '/api/units/1/sticker.pdf',
    '/api/calls/7/call.json',
  ])
})
