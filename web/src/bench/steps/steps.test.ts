import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import type { PartView } from '@/api/types'
import { useCall } from '@/stores/call'
import { action, callWith, judged, onBench, part, prove, server } from '@/tests/bench'
import HookUpStep from './HookUpStep.vue'
import JudgeStep from './JudgeStep.vue'
import MakeSafeStep from './MakeSafeStep.vue'
import ProveStep from './ProveStep.vue'
import ConfirmRead from '../ConfirmRead.vue'
import ReadStep from './ReadStep.vue'
import TestStep from './TestStep.vue'

beforeEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
})

const READ = {
  kind: 'capacitor',
  sure: 0.97,
  fields: { duty: 'run', volts: 440 },
  unread: ['SH-1'],
  reads: [{ field: 'volts', text: '440VAC', start: 9, end: 15, sure: 0.99 }],
  doubts: [{ field: 'tolerancePlusPercent', why: 'not printed; ±6 % is usual', suggest: 6 }],
}

describe('Read', () => {
  const at = { part: 'p1', step: 'READ' } as const

  it('shows each field with its piece of text, what was not understood, and takes a doubt by one tap', async () => {
    const sent = server({ '/api/read': READ, '/label': callWith([part()]) })
    const view = await onBench(
      ReadStep,
      callWith([part({ text: '', fields: {} as PartView['fields'], filled: [] })]),
      at,
    )
    await view.find('textarea').setValue('45/5 MFD 440VAC SH-1')
    await new Promise((done) => setTimeout(done, 250))
    await flushPromises()
    expect(view.text()).toContain('from “440VAC”')
    expect(view.text()).toContain('SH-1')
    await view
      .findAll('button')
      .find((b) => b.text() === 'take 6 %')
      ?.trigger('click')
    await view.find('[data-action]').trigger('click')
    await flushPromises()
    expect(sent.find((s) => s.path.endsWith('/label'))).toMatchObject({
      path: '/api/calls/7/parts/p1/label',
      json: { text: '45/5 MFD 440VAC SH-1', fields: { duty: 'run', volts: 440, tolerancePlusPercent: 6 } },
    })
  })

  it('goes on to the test once the label is kept', async () => {
    server({ '/api/read': READ })
    const view = await onBench(ReadStep, callWith([part()]), at)
    expect(action(view)).toBe('Test it')
    await view.find('[data-action]').trigger('click')
    expect(useCall().step).toBe('TEST')
  })

  it('asks on the match step for what was read with a doubt, one tap on either value', async () => {
    const attributes = part().attributes.map((a) => ({ ...a, decides: true }))
    const doubted = part({
      attributes,
      doubts: [
        {
          attribute: 'volts',
          title: 'Voltage',
          why: 'two readings',
          suggest: 370 as never,
          isDeciding: true,
        },
      ],
    })
    const sent = server({ '/label': callWith([part()]) })
    const view = await onBench(ConfirmRead, callWith([doubted]), at)
    expect(view.text()).toContain('First confirm: Voltage')
    await view
      .findAll('button')
      .find((b) => b.text().startsWith('370'))
      ?.trigger('click')
    expect(sent.find((s) => s.path.endsWith('/label'))).toMatchObject({
      json: { fields: { volts: 370 }, checked: ['volts'] },
    })
  })

  it('says what is still needed, and is closed once a replacement is chosen', async () => {
    server({ '/api/read': READ })
    const half = part({ missing: [{ name: 'volts', label: 'Voltage', where: 'behind the µF' }] })
    expect((await onBench(ReadStep, callWith([half]), at)).text()).toContain(
      'Still needed for a match: voltage',
    )
    const chosen = part({
      chosen: {
        title: '45+5 µF',
        grade: 'SUITABLE',
        word: 'SUITABLE',
        needsReturnDate: false,
        changes: [],
        pieces: [],
      },
    })
    const view = await onBench(ReadStep, callWith([chosen]), at)
    expect(view.find('textarea').attributes('readonly')).toBeDefined()
  })

  it('offers the label of the last visit by one tap', async () => {
    server({ '/api/read': READ })
    const fresh = part({
      text: '',
      fields: {} as PartView['fields'],
      lastTime: {
        atMillis: 0,
        text: '45+5 µF 440 V',
        fields: {} as PartView['fields'],
        shortRating: '45+5 µF 440 V',
        readings: ['FAN 4.9 µF'],
        figures: {},
      },
    })
    const view = await onBench(ReadStep, callWith([fresh]), at)
    expect(view.text()).toContain('It then read FAN 4.9 µF')
    await view
      .findAll('button')
      .find((b) => b.text().startsWith('Same as on'))
      ?.trigger('click')
    expect((view.find('textarea').element as HTMLTextAreaElement).value).toBe('45+5 µF 440 V')
  })
})

describe('What is usual on a label', () => {
  it('goes into the text by a tap, and is offered only where the label says nothing of it', async () => {
    server({ '/api/read': { kind: 'capacitor', sure: 1, fields: {}, reads: [], doubts: [], unread: [] } })
    const given = part({ text: '45/5 MFD', fields: { volts: 440 } as PartView['fields'] })
    given.attributes = given.attributes.map((a) => ({
      ...a,
      usual: a.name === 'volts' ? ['440 VAC'] : a.name === 'tolerancePlusPercent' ? ['±6%'] : [],
    }))
    const view = await onBench(ReadStep, callWith([given]), { part: 'p1', step: 'READ' })
    expect(view.findAll('.piece').map((p) => p.text())).toEqual(['±6%'])
    await view.find('.piece').trigger('click')
    expect((view.find('textarea').element as HTMLTextAreaElement).value).toBe('45/5 MFD ±6%')
  })
})

describe('Test and Judge lead on as the bench says', () => {
  const said = (kind: PartView['test']['kind'], more: Partial<PartView> = {}) =>
    part({ readings: [judged('HERM', 'GOOD')], test: { kind, words: 'the next thing', test: '' }, ...more })
  it.each([
    ['READ_LABEL', 'READ'],
    ['MATCH', 'MATCH'],
    ['HOOK_UP', 'HOOK_UP'],
  ] as const)('%s leads to %s, from Test and from Judge', async (kind, step) => {
    for (const [view, at] of [
      [TestStep, 'TEST'],
      [JudgeStep, 'JUDGE'],
    ] as const) {
      server({})
      const shown = await onBench(view, callWith([said(kind)]), { part: 'p1', step: at })
      expect(action(shown)).toBe('the next thing')
      await shown.find('[data-action]').trigger('click')
      expect(useCall().step).toBe(step)
    }
  })

  it('waits on Test while something is to be read, and leads there from Judge', async () => {
    server({})
    const test = await onBench(TestStep, callWith([said('READ_ON')]), { part: 'p1', step: 'TEST' })
    expect(action(test)).toBe('(the next thing)')
    const judge = await onBench(JudgeStep, callWith([said('READ_ON')]), { part: 'p1', step: 'JUDGE' })
    expect(judge.text()).toContain('standard: JCGM 106:2012')
    await judge.find('[data-action]').trigger('click')
    expect(useCall().step).toBe('TEST')
  })
})

describe('Make safe', () => {
  const pair = (name: string, place: string, more = {}) => ({
    place,
    placeTitle: place === 'SUPPLY' ? 'Disconnect' : 'Run capacitor',
    pair: name,
    isDead: false,
    ...more,
  })
  const steps = (...done: string[]) =>
    ['locked', 'proved', 'dead', 'proved-again', 'indoor-control'].map((key) => ({
      key,
      text: `step ${key}`,
      isReading: /proved|dead/.test(key),
      isDone: done.includes(key),
    }))
  const safe = (school: string) => ({
    isSupplyDead: false,
    live: false,
    steps: steps(),
    pairs: [pair('L1–L2', 'SUPPLY'), pair('L1–G', 'SUPPLY'), pair('C–HERM', 'p1')],
    toRead: ['proved', 'SUPPLY L1–L2', 'SUPPLY L1–G', 'p1 C–HERM'],
    safeNext: { words: '3 pairs to read dead', isDone: false },
    discharge: [
      {
        part: 'p1',
        title: 'C–HERM',
        school,
        lines: ['½ × 45 µF × 622²'],
        energy: '8.71 J',
        seconds: '2.3 s',
      },
    ],
  })

  it('proves the meter, then reads pair after pair, however fast they are typed', async () => {
    const same = callWith([part()], { safe: safe('RESISTOR') })
    const sent = server({ '/dead': same, '/proved': same, '/safe': same })
    const view = await onBench(MakeSafeStep, callWith([part()], { safe: safe('RESISTOR') }), { call: 'SAFE' })
    expect(action(view)).toBe('(3 pairs to read dead)')
    await view.findAll('input[type="checkbox"]')[0]?.setValue(true)
    for (const key of ['2', '3', '8', 'Enter', '0', '.', '2', 'Enter', '0', '.', '3', 'Enter']) {
      document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }))
      await view.vm.$nextTick()
    }
    await flushPromises()
    expect(sent.map((s) => s.json)).toEqual([
      { key: 'locked', on: true },
      { volts: 238 },
      { place: 'SUPPLY', pair: 'L1–L2', volts: 0.2 },
      { place: 'SUPPLY', pair: 'L1–G', volts: 0.3 },
    ])
  })

  it.each([
    ['RESISTOR', 'Discharge through 20 kΩ to 50 V: C–HERM 2.3 s'],
    ['INSULATED_TOOL', 'Discharge with the insulated tool: C–HERM 8.71 J at once'],
  ])('helps with the discharge by school: %s', async (school, words) => {
    server({})
    const view = await onBench(MakeSafeStep, callWith([part()], { safe: safe(school) }), { call: 'SAFE' })
    expect(
      view
        .find('.discharge')
        .text()
        .replace(/\s+/g, ' ')
        .replace(/:(?=C)/, ': '),
    ).toContain(words)
  })

  it('says that power was seen on, and leads on to the hook-up once all is dead', async () => {
    server({})
    const live = await onBench(
      MakeSafeStep,
      callWith([part()], { safe: { ...safe('RESISTOR'), live: true } }),
      { call: 'SAFE' },
    )
    expect(live.text()).toContain('Power was seen on.')
    const dead = {
      isSupplyDead: true,
      live: false,
      sinceMillis: 1,
      discharge: [],
      steps: steps('locked', 'proved', 'dead', 'proved-again'),
      pairs: [pair('L1–L2', 'SUPPLY', { isDead: true, volts: 0.1 })],
      toRead: [],
      safeNext: { words: 'Hook up the run capacitor', isDone: true, part: 'p1' },
    }
    const chosen = part({
      chosen: {
        title: '45+5 µF',
        grade: 'SUITABLE',
        word: 'SUITABLE',
        needsReturnDate: false,
        changes: [],
        pieces: [],
      },
    })
    const view = await onBench(MakeSafeStep, callWith([chosen], { safe: dead }), { call: 'SAFE' })
    expect(action(view)).toBe('Hook up the run capacitor')
  })
})

describe('Hook up', () => {
  const at = { part: 'p1', step: 'HOOK_UP' } as const
  const chosen = (more: Partial<PartView> = {}) =>
    part({
      chosen: {
        title: '45+5 µF',
        grade: 'SUITABLE',
        word: 'SUITABLE',
        needsReturnDate: false,
        changes: [],
        pieces: [],
      },
      wires: [{ terminal: 'C', colour: 'red', name: 'line' }],
      ...more,
    })
  const sheet = () => ({
    found: '<svg id="found"></svg>',
    left: '<svg id="left"></svg>',
    sinceMillis: 1,
    notes: ['WHITE–BLACK: 120 V by design, gives 24 V'],
    steps: [
      { key: 'a', colour: 'red', tracer: '', text: 'red: stays common', done: false },
      { key: 'b', colour: '', tracer: '', text: 'Insulate 3', done: true },
    ],
  })

  it.each([
    ['nothing chosen nor tested', part({ wires: chosen().wires }), 'Back to the test'],
    [
      'nothing chosen',
      part({ wires: chosen().wires, filled: ['READ', 'TEST'] }),
      'Choose a replacement first',
    ],
    ['not read dead', chosen(), 'Make safe first'],
    ['wires not named yet', chosen({ wires: [] }), 'Keep the wires as found'],
  ])('with %s leads to what comes first', async (_, given, words) => {
    server({ '/api/wire-colours': [] })
    const view = await onBench(HookUpStep, callWith([given]), at)
    expect(action(view)).toBe(words)
    expect(view.find('#left').exists()).toBe(false)
  })

  it('shows both drawings and what is left to tick', async () => {
    const sent = server({ '/sheet': sheet(), '/api/wire-colours': [], '/ticks': callWith([chosen()]) })
    const view = await onBench(HookUpStep, callWith([chosen({ isDead: true, isSheetOpened: true })]), at)
    expect(view.find('#found').exists() && view.find('#left').exists()).toBe(true)
    expect(action(view)).toBe('Next: red: stays common')
    await view.findAll('.tick input')[0]?.trigger('change')
    await flushPromises()
    expect(sent.find((s) => s.path.endsWith('/ticks'))?.json).toEqual({ list: 'SHEET', key: 'a', on: true })
  })

  it('closes with power and opens with the next dead readings', async () => {
    server({ '/sheet': sheet(), '/api/wire-colours': [] })
    const view = await onBench(HookUpStep, callWith([chosen()]), at)
    expect(view.text()).toContain('Not read dead yet.')
    expect(action(view)).toBe('Make safe first')
  })

  it('asks for the new part to be measured before a line can be ticked', async () => {
    server({ '/sheet': sheet(), '/api/wire-colours': [] })
    const ready = chosen({ isDead: true, isSheetOpened: true, toMeasure: ['45+5 µF'] })
    const view = await onBench(HookUpStep, callWith([ready]), at)
    expect(action(view)).toBe('Measure the new 45+5 µF first')
    expect(view.find('.tick input').attributes('disabled')).toBeDefined()
  })
})

describe('Prove', () => {
  const at = { part: 'p1', step: 'PROVE' } as const
  const piece = (n: number, isProved: boolean) => ({
    piece: n,
    shortRating: `${n} µF`,
    sections: ['CAPACITOR'],
    readings: [],
    isProved,
  })
  const chosen = (proved: boolean[], checks: PartView['checks'] = []) =>
    part({
      checks,
      chosen: {
        title: '45 and 5',
        grade: 'NEEDS_CHANGE',
        word: 'NEEDS A CHANGE',
        needsReturnDate: false,
        changes: [],
        pieces: proved.map((p, i) => piece(i, p)),
      },
    })

  it.each([
    ['FIND', 'Nothing chosen to prove', { part: 'p1', step: 'TEST' }],
    ['MEASURE', '(Measure the new 0 µF)', at],
    ['HOOK_UP', 'It is inside its label: hook it up', { part: 'p1', step: 'HOOK_UP' }],
  ] as const)('%s leads on as the bench says: %s', async (kind, words, to) => {
    server({})
    const next = { kind, words: words.replace(/[()]/g, '') }
    const given = { ...chosen([false]), prove: prove('NEW', next) }
    const view = await onBench(ProveStep, callWith([given]), at)
    expect(action(view)).toBe(words)
    await view.find('[data-action]').trigger('click')
    expect(useCall().place).toEqual(to)
  })

  it('goes through the look to the amps and closes with a word for the next person', async () => {
    const done = {
      ...chosen([true], [{ key: 'panel', text: 'Panel on', done: true }]),
      filled: ['HOOK_UP' as const],
      prove: {
        ...prove('LOOK', { kind: 'POWER_ON', words: 'Power on: read the amps' }),
        next: {
          ...prove('LOOK', { kind: 'POWER_ON', words: 'Power on: read the amps' }).next,
          AMPS: { kind: 'CLOSE' as const, words: 'Close: 45 and 5 in' },
        },
      },
    }
    const sent = server({ '/close': callWith([part()]), '/power-on': callWith([done]) })
    const view = await onBench(ProveStep, callWith([done]), at)
    expect(action(view)).toBe('Power on: read the amps')
    await view.find('[data-action]').trigger('click')
    await flushPromises()
    expect(sent.at(-1)?.path).toContain('/power-on')
    await view.find('.note input').setValue('spades renewed')
    await view.find('[data-action]').trigger('click')
    await flushPromises()
    expect(sent.at(-1)?.json).toEqual({ outcome: 'REPLACED', note: 'spades renewed' })
  })
})
