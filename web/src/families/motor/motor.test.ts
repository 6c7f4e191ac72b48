import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { AmpsView, Attribute, PartView } from '@/api/types'
import AddPart from '@/bench/AddPart.vue'
import AmpsStep from '@/bench/steps/AmpsStep.vue'
import HookUpStep from '@/bench/steps/HookUpStep.vue'
import JudgeStep from '@/bench/steps/JudgeStep.vue'
import ProveStep from '@/bench/steps/ProveStep.vue'
import TestStep from '@/bench/steps/TestStep.vue'
import { useCall } from '@/stores/call'
import { action, callWith, judged, onBench, part, prove, server } from '@/tests/bench'
import StandingWhere from './StandingWhere.vue'

const SHAFT: PartView['looks'][number] = {
  key: 'SHAFT',
  question: 'Turn it by hand, power locked out',
  isAsked: true,
  meaning: '',
  answers: [
    { key: 'free', words: 'turns freely' },
    { key: 'bound', words: 'bound' },
  ],
}
const motor = (more: Partial<PartView> = {}) =>
  part({
    kind: 'motor',
    title: 'Outdoor fan motor',
    place: 'Outdoor fan motor',
    serves: '',
    shortRating: '1/4 HP 1075 rpm',
    fields: { horsepower: 0.25 } as PartView['fields'],
    sections: [],
    untested: ['WINDINGS', 'SHAFT'],
    looks: [SHAFT],
    speeds: [{ name: '', rated: 'FLA 1.8 A', isProved: false }],
    ...more,
  })
const chosen: PartView['chosen'] = {
  title: '1/4 HP 1075 rpm',
  grade: 'NEEDS_CHANGE',
  word: 'NEEDS A CHANGE',
  needsReturnDate: false,
  changes: [],
  pieces: [{ piece: 0, shortRating: '1/4 HP', sections: [], readings: [], isProved: true }],
}
/** Figures as fast as fingers are: each key after the one before it has shown. */
const press = async (figures: readonly string[]) => {
  for (const figure of figures) {
    for (const key of [...figure, 'Enter']) {
      document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }))
      await flushPromises()
    }
  }
  await new Promise((done) => setTimeout(done, 220))
  await flushPromises()
}

describe('Standing where', () => {
  const attribute = { name: 'rotationView', label: 'Seen from' } as Attribute
  it('draws the turning as it was printed, and takes a second tap back', async () => {
    const view = mount(StandingWhere, { props: { attribute, value: undefined, fields: { rotation: 'CW' } } })
    const clockwise = view.find('.arrow').attributes('d')
    await view.setProps({ fields: { rotation: 'CCW' } })
    expect(view.find('.arrow').attributes('d')).not.toBe(clockwise)
    await view.findAll('button')[0]?.trigger('click')
    expect(view.emitted('change')?.[0]).toEqual(['LEAD_END'])
    await view.setProps({ value: 'LEAD_END' })
    await view.findAll('button')[0]?.trigger('click')
    expect(view.emitted('change')?.[1]).toEqual([undefined])
  })
})

describe('Testing a motor', () => {
  it('starts by hand, and a bound shaft leads to a replacement', async () => {
    const readOn = { kind: 'READ_ON' as const, words: 'Read the windings', test: 'WINDINGS' }
    const byHand = { kind: 'READ_ON' as const, words: 'Turn it by hand', test: 'SHAFT' }
    const call = callWith([motor({ test: byHand })])
    const failed = callWith([
      motor({ verdict: 'FAILED', looks: [{ ...SHAFT, seen: 'bound', meaning: 'Bound.' }] }),
    ])
    const sent = server({ '/looks': { ...failed, tape: [] } })
    const view = await onBench(TestStep, call, { part: 'p1', step: 'TEST' })
    expect(action(view)).toBe('(Turn it by hand)')
    useCall().take(callWith([motor({ test: readOn })]))
    await view.vm.$nextTick()
    expect(action(view)).toBe('Read the windings')
    await view
      .findAll('.choice')
      .find((b) => b.text() === 'bound')
      ?.trigger('click')
    await flushPromises()
    expect(sent.at(-1)).toMatchObject({
      path: '/api/calls/7/parts/p1/looks',
      json: { look: 'SHAFT', seen: 'bound' },
    })
    expect(view.text()).toContain('Bound.')
    expect(action(view)).toBe('Find a replacement')
  })

  it('reads three pairs and ground of the motor at hand and keeps them together', async () => {
    const sent = server({
      '/windings/preview': {
        verdicts: [{ ...judged('2-3', 'GOOD'), unit: 'Ω' }],
        findings: [],
        named: 'C is 1',
      },
      '/windings': callWith([motor()]),
    })
    const view = await onBench(
      TestStep,
      callWith([motor({ test: { kind: 'READ_ON', words: 'Read the windings', test: 'WINDINGS' } })]),
      {
        part: 'p1',
        step: 'TEST',
      },
    )
    expect(action(view)).toBe('(Read the windings)')
    await press(['12', '31', '43', 'o'])
    expect(view.text()).toContain('C is 1')
    expect(action(view)).toBe('Put the windings on the tape')
    await view.find('[data-action]').trigger('click')
    await flushPromises()
    expect(sent.at(-1)?.json).toEqual({
      part: 'p1',
      readings: [
        { pair: '1-2', ohms: 12 },
        { pair: '1-3', ohms: 31 },
        { pair: '2-3', ohms: 43 },
        { pair: '1-GROUND', overRange: true },
      ],
    })
  })

  it('reckons a sheave through before it is kept, and keeps none that is refused', async () => {
    const belt = (isRefused: boolean) => ({
      fanRpm: '949',
      amps: '3.46',
      isRefused,
      judged: { ...judged('SHEAVE', isRefused ? 'FAILED' : 'GOOD'), unit: 'A' },
      reckonings: ['2.6 A × 1.1³ = 3.46 A.'],
      findings: [],
    })
    const answers: Record<string, unknown> = { '/belt/preview': belt(true) }
    const sent = server(answers)
    const of = motor({ fields: { drive: 'BELT' } as PartView['fields'] })
    const view = await onBench(TestStep, callWith([of]), { part: 'p1', step: 'TEST' })
    await view
      .findAll('.page')
      .find((b) => b.text() === 'Belt')
      ?.trigger('click')
    const fields = view.findAll('input')
    for (const [i, value] of ['4', '8', '4,8', '8', '2.6'].entries()) await fields[i]?.setValue(value)
    await new Promise((done) => setTimeout(done, 260))
    await flushPromises()
    expect(sent.at(-1)?.json).toMatchObject({ motorInches: 4, newMotorInches: 4.8, ampsNow: 2.6 })
    expect(action(view)).toBe('(Refused: take another sheave)')
    answers['/belt/preview'] = belt(false)
    await fields[2]?.setValue('4.4')
    await new Promise((done) => setTimeout(done, 260))
    await flushPromises()
    expect(action(view)).toBe('Keep this sheave')
  })
})

describe('Judging and adding', () => {
  it('shows what was seen beside what was read', async () => {
    const call = callWith([
      motor({ looks: [{ ...SHAFT, seen: 'bound', meaning: 'It failed.' }], verdict: 'FAILED' }),
    ])
    const view = await onBench(JudgeStep, call, { part: 'p1', step: 'JUDGE' })
    expect(view.text()).toContain('bound')
    expect(view.text()).toContain('It failed.')
    expect(action(view)).toContain('Find a replacement')
  })

  it('takes a motor of the unit into question in a tap', async () => {
    const place = {
      id: 4,
      name: 'Outdoor fan motor',
      kind: 'motor',
      serves: '',
      title: 'Outdoor fan motor',
      isFamily: true,
    }
    const call = callWith([])
    const sent = server({ '/parts': callWith([motor()]) })
    await onBench(
      AddPart,
      { ...call, unit: { ...call.unit!, places: [place] } },
      { call: 'ASK' },
      { modelValue: true },
    )
    const tap = [...document.querySelectorAll<HTMLElement>('.place')].find((b) =>
      b.textContent?.includes('fan motor'),
    )
    tap?.click()
    await flushPromises()
    expect(sent.at(-1)?.json).toMatchObject({ kind: 'motor', placeId: 4 })
  })
})

describe('Hooking up and proving a motor', () => {
  const leads = { wires: [], terminals: ['LINE 1', 'LINE 2', 'CAP'], connection: '', isDual: true }

  it('asks for the new leads as printed, then opens the capacitor that goes with it', async () => {
    const of = motor({
      chosen,
      leads,
      isDead: true,
      wires: [{ terminal: 'LINE 1', colour: 'black', name: 'T1' }],
    })
    const named = motor({
      ...of,
      leads: { ...leads, wires: [{ terminal: 'CAP', colour: 'brown', name: '' }] },
      capacitor: { wanted: '5 µF 370 V', isDone: false },
    })
    const sheet = { found: '<svg/>', left: '<svg/>', steps: [], notes: [], powerOn: false }
    const sent = server({
      '/leads/wires': callWith([named]),
      '/sheet': sheet,
      '/wire-colours': [{ name: 'brown', css: '#000' }],
      '/wire-map': { svg: '<svg/>' },
      '/capacitor': callWith([named, part({ id: 'p2' })]),
      '/calls/7': callWith([named]),
    })
    const view = await onBench(HookUpStep, callWith([of]), { part: 'p1', step: 'HOOK_UP' })
    expect(action(view)).toBe('Keep the leads of the new motor')
    await view.find('.connection input').setValue('4-7 5-8 6-9')
    await view.findAll('.wire')[2]?.findAll('select')[0]?.setValue('brown')
    await view.find('[data-action]').trigger('click')
    await flushPromises()
    const kept = sent.find((s) => s.path.endsWith('/leads/wires'))
    expect(kept?.json).toMatchObject({
      wires: [{ terminal: 'CAP', colour: 'brown' }],
      connection: '4-7 5-8 6-9',
    })
    await new Promise((done) => setTimeout(done, 50))
    await flushPromises()
    expect(view.text()).toContain('Capacitor for this motor: 5 µF 370 V')
    await view
      .findAll('button')
      .find((b) => b.text() === 'open its part')
      ?.trigger('click')
    await flushPromises()
    expect(sent.at(-1)?.path).toBe('/api/calls/7/parts/p1/capacitor')
  })

  it('takes what no label prints before the old motor comes off, though another is chosen', async () => {
    const depth: Attribute = {
      name: 'bladeDepthInches',
      label: 'Blade depth',
      unit: 'in',
      type: 'NUMBER',
      decides: false,
      where: 'measure it',
      measured: true,
      options: [],
      rows: [],
      usual: [],
    }
    const of = motor({ chosen, leads, attributes: [depth, { ...depth, name: 'volts', measured: false }] })
    const sent = server({ '/measures': callWith([of]), '/wire-colours': [] })
    const view = await onBench(HookUpStep, callWith([of]), { part: 'p1', step: 'HOOK_UP' })
    const fields = view.findAll('.measures input')
    expect(fields).toHaveLength(1)
    await fields[0]?.setValue('1,75')
    await fields[0]?.trigger('blur')
    await flushPromises()
    expect(sent.at(-1)).toMatchObject({
      method: 'PUT',
      json: { name: 'bladeDepthInches', fields: { bladeDepthInches: 1.75 } },
    })
  })

  it('wants amps on every speed and the rotation seen before it closes', async () => {
    const running = [{ key: 'rotation', text: 'Turns CW seen from the leads', done: false }]
    const speeds = ['HIGH', 'LOW'].map((name) => ({ name, rated: 'FLA 1.9 A', isProved: false }))
    const look = { kind: 'POWER_ON' as const, words: 'Power on: read the amps' }
    const next = {
      ...prove('LOOK', look).next,
      AMPS: { kind: 'READ_AMPS' as const, words: 'Read its amps on HIGH, LOW' },
    }
    const proved = { ...prove('LOOK', look), pages: ['LOOK', 'AMPS'] as const, next }
    const of = motor({
      chosen,
      leads,
      checks: [],
      running,
      speeds,
      prove: { ...proved, pages: [...proved.pages] },
    })
    const sent = server({
      '/amps/preview': { verdicts: [{ ...judged('FAN', 'GOOD', '1.70'), unit: 'A' }], findings: [] },
      '/amps': callWith([of]),
      '/power-on': callWith([of]),
      '/trends': { trends: [] },
    })
    const view = await onBench(ProveStep, callWith([of]), { part: 'p1', step: 'PROVE' })
    expect(view.findAll('.page').map((b) => b.text())).toEqual(['Before power', 'Running'])
    await view.find('[data-action]').trigger('click')
    await flushPromises()
    expect(action(view)).toBe('(Read its amps on HIGH, LOW)')
    await press(['1.7', '231'])
    expect(action(view)).toBe('Put the amps on the tape')
    await view.find('[data-action]').trigger('click')
    await flushPromises()
    expect(sent.find((s) => s.path.endsWith('/7/amps'))?.json).toEqual({
      part: 'p1',
      speed: 'HIGH',
      amps: 1.7,
      volts: 231,
    })
  })
})

describe('Amps of the unit', () => {
  const place = (placeId: number, kind: AmpsView['kind'], rating: string): AmpsView => ({
    placeId,
    place: kind === 'COMPRESSOR' ? 'Compressor' : 'Outdoor fan motor',
    kind,
    rating,
    legs: [],
    readings: [],
    findings: [],
  })

  it('asks for pressures at a compressor, for the rating where no plate tells it, and shows the line over the visits', async () => {
    const trend = { place: 'Outdoor fan motor', words: '2 readings, 1.58 A to 1.71 A: +8 %.', points: [] }
    const sent = server({
      '/amps/preview': {
        verdicts: [{ ...judged('COMPRESSOR', 'GOOD', '7.20'), unit: 'A' }],
        findings: [{ severity: 'CAUTION', text: 'Runs but does not pump.' }],
      },
      '/trends': { trends: [trend] },
    })
    const call = callWith([], { amps: [place(1, 'COMPRESSOR', 'RLA 20.6 A'), place(2, 'FAN', '')] })
    const view = await onBench(AmpsStep, call, { call: 'AMPS' })
    expect(view.text()).toContain('RLA 20.6 A')
    await press(['7.2'])
    await view
      .findAll('.choice')
      .find((b) => b.text() === 'near-equal')
      ?.trigger('click')
    await new Promise((done) => setTimeout(done, 220))
    await flushPromises()
    expect(sent.filter((s) => s.path.endsWith('/preview')).at(-1)?.json).toEqual({
      placeId: 1,
      amps: 7.2,
      pressuresEqual: true,
    })
    expect(view.text()).toContain('Runs but does not pump.')
    await view
      .findAll('.choice')
      .find((b) => b.text() === 'Outdoor fan motor')
      ?.trigger('click')
    await flushPromises()
    expect(view.text()).toContain('Its rating in amps')
    expect(view.text()).toContain('2 readings, 1.58 A to 1.71 A')
  })
})

describe('A transformer before power', () => {
  it('is held against its design volts as soon as two leads are tapped', async () => {
    const leads = ['BLACK (common)', 'WHITE (120 V)', 'BLUE (208 V)']
    const pair = {
      key: 'PAIR',
      question: 'Refused before power: a short',
      isAsked: true,
      seen: 'FAILED',
      meaning: '',
      answers: [],
    }
    const of = part({
      kind: 'transformer',
      chosen,
      primaryLeads: leads,
      running: [{ key: 'a', text: 'Secondary', done: false }],
      prove: prove('LOOK'),
    })
    const sent = server({ '/pair': callWith([{ ...of, pair }]) })
    const view = await onBench(ProveStep, callWith([of]), { part: 'p1', step: 'PROVE' })
    const choices = view.findAll('.pair .choice')
    await choices[1]?.trigger('click')
    expect(sent).toHaveLength(0)
    await choices[5]?.trigger('click')
    await flushPromises()
    expect(sent.at(-1)?.json).toEqual({ one: 1, two: 2 })
    expect(view.find('.pair').text()).toContain('Refused before power')
  })
})
