import { flushPromises, type VueWrapper } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import type { CallView, JudgedView } from '@/api/types'
import { useCall } from '@/stores/call'
import { action, callWith, judged, onBench, part, plateSide, server } from '@/tests/bench'
import AskStep from './AskStep.vue'
import FoundStep from './FoundStep.vue'
import PlateStep from './PlateStep.vue'
import SupplyStep from './SupplyStep.vue'
import WindingsStep from './WindingsStep.vue'

beforeEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
})
const settle = async () => {
  await new Promise((done) => setTimeout(done, 280))
  await flushPromises()
}
const button = (view: VueWrapper, words: string) =>
  view.findAll('button').find((b) => b.text().startsWith(words))
const yesNo = [
  { key: 'yes', words: 'yes' },
  { key: 'no', words: 'no' },
]
const place = (id: number, kind: string, isFamily: boolean) => ({
  id,
  name: `Place ${id}`,
  kind,
  serves: 'compressor',
  title: '',
  isFamily,
})
const unit = (...places: ReturnType<typeof place>[]) => ({ ...callWith([]).unit!, places })

describe('Ask', () => {
  const ask = (answer?: string): CallView['ask'] => ({
    isBegun: answer !== undefined,
    questions: [
      { key: 'ICE', words: 'Ice on the lines', asked: true, answer, answers: yesNo },
      { key: 'HERM_OUT', words: 'HERM section', asked: false, measured: 'no', answer: 'yes', answers: yesNo },
    ],
    suspects: [
      {
        key: 'herm',
        title: 'HERM section out',
        percent: 34,
        share: '34 %',
        test: 'microfarads',
        family: 'capacitor',
        speaksFor: ['hums'],
        speaksAgainst: ['runs'],
      },
    ],
    proved: [],
    other: '3 %',
    next: { question: 'ICE', why: 'settles about 31 % of the doubt', atSupply: false, live: false },
  })
  const call = (answer?: string) =>
    callWith([], {
      ask: ask(answer),
      unit: unit(place(4, 'capacitor', true)),
      next: { text: 'Ask what ran' },
    })

  it('answers by one tap, and a second tap takes the answer back', async () => {
    const sent = server({ '/answers': call('yes') })
    const view = await onBench(AskStep, call(), { call: 'ASK' })
    await view.find('[data-question="ICE"] .choice').trigger('click')
    await flushPromises()
    expect(sent.at(-1)?.json).toEqual({ question: 'ICE', answer: 'yes' })
    await view.findAll('[data-question="ICE"] .choice.on').at(-1)?.trigger('click')
    await flushPromises()
    expect(sent.at(-1)?.json).toEqual({ question: 'ICE' })
  })

  it('shows why a fault is suspected, what settles it, and takes its part into question', async () => {
    const added = callWith([part()], { ask: ask('yes') })
    const sent = server({ '/parts': added })
    const view = await onBench(AskStep, call('yes'), { call: 'ASK' })
    expect(view.text()).toContain('settles about 31 % of the doubt')
    await view.find('.suspect').trigger('click')
    expect(view.find('.why').text()).toMatch(/Settled by microfarads.*For hums.*Against runs/)
    await button(view, 'Put it in question')?.trigger('click')
    await flushPromises()
    expect(sent.at(-1)?.json).toEqual({ kind: 'capacitor', placeId: 4 })
    expect(useCall().step).toBe('READ')
  })

  it('says where readings and an answer differ', async () => {
    const view = await onBench(AskStep, call('yes'), { call: 'ASK' })
    await button(view, 'what is seen')?.trigger('click')
    expect(view.find('[data-question="HERM_OUT"] .measured').text()).toBe('readings say: no')
  })
})

describe('Plate', () => {
  const fields = { minimumCircuitAmps: 23.8, compressors: [{ ratedLoadAmps: 11.9, lockedRotorAmps: 96 }] }
  const check = {
    name: 'MCA',
    field: 'minimumCircuitAmps',
    agrees: false,
    reckoning: '1.25 × 11.9 + 1.4 = 16.3, printed 23.8',
    mark: 'NEC 440.33',
    leftOut: 'a load of 7.5 A may be left out',
    corrections: [
      { field: 'compressors[0].ratedLoadAmps', likely: 17.9, text: 'RLA 17.9, not 11.9', usual: true },
    ],
  }
  const size = { group: '036', btuPerHour: 36000, tons: '3 ton', likely: true, reckoning: '6 A a ton' }
  const attributes = [
    {
      name: 'minimumCircuitAmps',
      label: 'MCA',
      unit: 'A',
      type: 'NUMBER',
      decides: false,
      where: 'beside MCA',
      options: [],
      rows: [],
      usual: [],
    },
  ]
  const answers = {
    '/plate-attributes': attributes,
    '/plate/preview': { fields, checks: [check], sizes: [size] },
    '/read': { kind: 'unit-plate', sure: 1, fields, reads: [], doubts: [], unread: [] },
    '/plate': callWith([]),
  }

  it('offers the digit that may be misread and the load that may be left out, and keeps what is tapped', async () => {
    const sent = server(answers)
    const view = await onBench(PlateStep, callWith([]), { call: 'PLATE' })
    expect(action(view)).toBe('(Type the plate)')
    await view.find('textarea').setValue('RLA 11.9 LRA 96 FAN FLA 1.4 MCA 23.8')
    await settle()
    expect(view.text()).toContain('1.25 × 11.9')
    expect(view.text()).toContain('a load of 7.5 A may be left out')
    await button(view, 'RLA 17.9')?.trigger('click')
    await button(view, '036: 3 ton')?.trigger('click')
    await settle()
    await view.find('[data-action]').trigger('click')
    await flushPromises()
    expect(sent.filter((s) => s.path.endsWith('/plate')).at(-1)?.json).toEqual({
      which: 'OUTDOOR',
      text: 'RLA 11.9 LRA 96 FAN FLA 1.4 MCA 23.8',
      fields: { compressors: [{ ratedLoadAmps: 17.9, lockedRotorAmps: 96 }], nominalBtuPerHour: 36000 },
      cleared: [],
    })
  })

  it('shows the indoor coil and what does not go together', async () => {
    server(answers)
    const call = callWith([], {
      plates: {
        outdoor: plateSide('OUTDOOR'),
        indoor: plateSide('INDOOR', { text: 'R-22 PISTON' }),
        findings: [{ severity: 'CAUTION', text: 'the coil is for R-22', urgency: 'SOON' }],
      },
    })
    const view = await onBench(PlateStep, call, { call: 'PLATE' })
    expect(view.text()).toContain('the coil is for R-22')
    await button(view, 'Indoor coil')?.trigger('click')
    await settle()
    expect((view.find('textarea').element as HTMLTextAreaElement).value).toBe('R-22 PISTON')
  })
})

describe('Supply', () => {
  const point = (name: string, more: object = {}) => ({
    point: name as 'LINE',
    title: name,
    isControl: false,
    isPaired: true,
    pairs: ['L1–L2', 'L1–G'],
    readings: [] as JudgedView[],
    findings: [],
    unread: 2,
    readNextWords: '',
    ...more,
  })
  const supply = (...readings: JudgedView[]) => ({
    points: [
      point('DISCONNECT', { readings }),
      point('COIL', { isControl: true, isPaired: false, pairs: ['COIL'] }),
    ],
    monitor: [{ name: 'Undervoltage', value: '437 V', why: '0.95 × 460', mark: '' }],
    lineVolts: '459 V',
  })

  it('takes the volts pair by pair, shows the verdict while typing, and the reckoning after', async () => {
    const volts = { ...judged('L1–L2', 'FAILED', '187'), unit: 'V' }
    const after = callWith([], { supply: supply(volts) })
    const sent = server({ '/supply/preview': { verdicts: [volts], findings: [] }, '/supply': after })
    const view = await onBench(SupplyStep, callWith([], { supply: supply() }), { call: 'SUPPLY' })
    for (const key of ['1', '8', '7']) {
      document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }))
      await view.vm.$nextTick()
    }
    await settle()
    expect(view.find('.pair.on').text()).toContain('FAILED')
    document.body.dispatchEvent(
      new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true }),
    )
    await settle()
    expect(sent.filter((s) => s.path.endsWith('/supply')).map((s) => s.json)).toEqual([
      { point: 'DISCONNECT', pair: 'L1–L2', volts: 187 },
    ])
    expect(view.text()).toContain('reckoning of L1–L2')
    expect(view.find('.pair.on').text()).toContain('L1–G')
    await button(view, 'Coil')?.trigger('click')
    expect(view.find('.pair').text()).toContain('24 V')
    expect(view.text()).toContain('437 V')
  })
})

describe('As found', () => {
  it('keeps the wires of a place, drawn while they are named', async () => {
    const call = callWith([], {
      unit: unit(place(9, 'contactor', false)),
      found: [{ placeId: 9, terminals: ['T1', 'A1'], wires: [], photos: [] }],
    })
    const sent = server({
      '/wire-map': { svg: '<svg id="drawn"></svg>' },
      '/wires': call,
      '/wire-colours': [],
    })
    const view = await onBench(FoundStep, call, { call: 'FOUND' })
    await view.find('.place').trigger('click')
    await view.find('[aria-label="Wire 1: leads to"]').setValue('compressor C')
    await settle()
    expect(view.find('#drawn').exists()).toBe(true)
    await view.find('[data-action]').trigger('click')
    await flushPromises()
    expect(sent.find((s) => s.path.endsWith('/wires'))).toMatchObject({
      method: 'PUT',
      path: '/api/calls/7/places/9/wires',
      json: { wires: [{ terminal: 'T1', name: 'compressor C' }] },
    })
    expect(view.find('.place').exists()).toBe(true)
  })
})

describe('Windings', () => {
  const place = (more: object = {}) => ({
    placeId: 4,
    place: 'Compressor',
    verdicts: [] as JudgedView[],
    findings: [],
    named: '',
    isReadToGround: false,
    ...more,
  })

  it('names the terminals from three pairs and keeps them with the shell', async () => {
    const preview = {
      verdicts: [judged('1-2', 'GOOD', '0.90')],
      findings: [{ severity: 'INFO', text: 'C is 1, R is 2, S is 3.' }],
      named: 'C is 1, R is 2, S is 3',
    }
    const call = callWith([], { windings: [place()] })
    const sent = server({ '/windings/preview': preview, '/windings': call })
    const view = await onBench(WindingsStep, call, { call: 'WINDINGS' })
    await button(view, 'cool')?.trigger('click')
    for (const figure of ['0.9', '2.1', 'o']) {
      for (const key of [...figure, 'Enter']) {
        document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }))
        await view.vm.$nextTick()
      }
    }
    await settle()
    expect(view.find('.named').text()).toBe('C is 1, R is 2, S is 3')
    expect(action(view)).toBe('Put it on the tape')
    await view.find('[data-action]').trigger('click')
    await flushPromises()
    expect(sent.filter((s) => s.path.endsWith('/windings')).map((s) => s.json)).toEqual([
      {
        placeId: 4,
        shellHot: false,
        readings: [
          { pair: '1-2', ohms: 0.9 },
          { pair: '1-3', ohms: 2.1 },
          { pair: '2-3', overRange: true },
        ],
      },
    ])
  })

  it('shows what was judged to ground in its own unit, never as so many MΩ', async () => {
    server({})
    const grounded = { ...judged('1-GROUND', 'FAILED', '20000.00'), unit: 'Ω' }
    const call = callWith([], { windings: [place({ verdicts: [grounded] })] })
    const view = await onBench(WindingsStep, call, { call: 'WINDINGS' })
    const row = view.findAll('.pair').find((r) => r.text().includes('1-GROUND'))
    expect(row?.text()).toContain('20000.00')
    expect(row?.text()).not.toContain('MΩ')
  })

  it('leads from load to load where a STOP asks for each to ground', async () => {
    server({})
    const call = callWith([], {
      windings: [place({ isReadToGround: true }), { ...place(), placeId: 5, place: 'Outdoor fan motor' }],
      stop: {
        demand: 'LOADS_TO_GROUND',
        done: '',
        action: 'Read each load to ground',
        text: '1 is grounded.',
        callStep: 'WINDINGS',
      },
    })
    const view = await onBench(WindingsStep, call, { call: 'WINDINGS' })
    expect(action(view)).toBe('Read to ground: outdoor fan motor')
    await view.find('[data-action]').trigger('click')
    await flushPromises()
    expect(view.find('[aria-pressed=true]').text()).toBe('Outdoor fan motor')
    expect(action(view)).toBe('(Read to ground: outdoor fan motor)')
  })

  it('shows how long the shell has to cool', async () => {
    server({})
    const call = callWith([], { windings: [place({ againAtMillis: Date.now() + 600_000 })] })
    const view = await onBench(WindingsStep, call, { call: 'WINDINGS' })
    expect(view.text()).toMatch(/read again in (10:00|9:5\d)/)
  })
})
