import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { vi } from 'vitest'
import type { Component } from 'vue'
import { createMemoryHistory, createRouter } from 'vue-router'
import { VApp } from 'vuetify/components'
import { h } from 'vue'
import type { CallView, JudgedView, PartView, PlateSideView, Verdict } from '@/api/types'
import { useCall, type Place } from '@/stores/call'
import { vuetify } from '@/theme/vuetify'

/** A verdict as the server tells it. */
export function judged(subject: string, verdict: Verdict, figure = '44.10'): JudgedView {
  return {
    line: 1,
    subject,
    verdict,
    word: verdict.replace('_', ' '),
    figure,
    unit: 'µF',
    low: '42.3',
    high: '47.7',
    rated: '45',
    reckoning: `reckoning of ${subject}`,
    findings: [],
    mark: { type: 'STANDARD', source: 'JCGM 106:2012' },
    scale: { lowAt: 30, highAt: 70, ratedAt: 50, valueAt: 40, doubtFrom: 35, doubtTo: 45, off: 'NO' },
  }
}

/** A dual capacitor with its label read, and what a test changes of it. */
export function part(more: Partial<PartView> = {}): PartView {
  return {
    id: 'p1',
    kind: 'capacitor',
    title: 'Run capacitor',
    place: 'Outdoor unit',
    serves: 'compressor and outdoor fan',
    text: '45/5 MFD 440VAC ±6%',
    fields: { duty: 'run', volts: 440 } as PartView['fields'],
    shortRating: '45+5 µF 440 V ±6 %',
    attributes: [
      {
        name: 'duty',
        label: 'Duty',
        unit: '',
        type: 'CHOICE',
        decides: true,
        where: 'as MOTOR RUN',
        options: ['run', 'start'],
        rows: [],
        usual: [],
      },
      {
        name: 'volts',
        label: 'Voltage',
        unit: 'V',
        type: 'NUMBER',
        decides: true,
        where: 'behind the µF',
        options: [],
        rows: [],
        usual: [],
      },
      {
        name: 'tolerancePlusPercent',
        label: 'Tolerance up',
        unit: '%',
        type: 'NUMBER',
        decides: false,
        where: 'beside µF',
        options: [],
        rows: [],
        usual: [],
      },
    ],
    missing: [],
    doubts: [],
    sections: ['HERM', 'FAN'],
    units: { HERM: 'µF', FAN: 'µF', CAPACITOR: 'µF' },
    terminals: ['FAN', 'C', 'HERM'],
    readings: [],
    last: '',
    condemnedFor: ['burnt'],
    history: [],
    filled: ['READ'],
    isGood: false,
    test:
      more.verdict === 'FAILED'
        ? { kind: 'MATCH', words: 'Find a replacement', test: '' }
        : { kind: 'READ_ON', words: 'Read HERM and FAN', test: 'HERM' },
    prove: prove('NEW'),
    isDead: false,
    isSheetOpened: false,
    benchFirst: 'Power off, discharged, leads off',
    isFoundKept: false,
    toMeasure: [],
    motors: [
      { place: 'COMPRESSOR', name: 'Compressor', ratingName: 'RLA', rated: 17.9 },
      { place: 'FAN', name: 'Outdoor fan motor', ratingName: 'FLA', rated: 1.4 },
    ],
    wires: [],
    foundOrPrinted: [],
    photos: [],
    checks: [],
    running: [],
    amps: [],
    speeds: [],
    looks: [],
    untested: [],
    primaryLeads: [],
    ...more,
  }
}

/** A part that is proved at `start`, where `next` is done. */
export function prove(
  start: PartView['prove']['start'],
  next: PartView['prove']['next'][typeof start] = { kind: 'MEASURE', words: 'Measure it' },
): PartView['prove'] {
  return {
    pages: ['NEW', 'LOOK', 'AMPS'],
    start,
    readsAmps: true,
    next: { NEW: next, LOOK: next, AMPS: next },
  }
}

export function safe(more: Partial<CallView['safe']> = {}): CallView['safe'] {
  return {
    isSupplyDead: false,
    live: false,
    pairs: [],
    discharge: [],
    steps: [],
    toRead: [],
    safeNext: { words: 'Dead: go on', isDone: true },
    ...more,
  }
}

export function plateSide(which: 'OUTDOOR' | 'INDOOR', more: Partial<PlateSideView> = {}): PlateSideView {
  return {
    which,
    text: '',
    fields: {} as PlateSideView['fields'],
    checks: [],
    sizes: [],
    photos: [],
    ...more,
  }
}

export function callWith(parts: PartView[], more: Partial<CallView> = {}): CallView {
  return {
    id: 7,
    account: [{ name: 'Complaint', text: 'No cooling' }],
    complaint: 'No cooling',
    status: 'OPEN',
    openedAtMillis: 0,
    next: { text: 'Test the run capacitor', part: 'p1', step: 'TEST' },
    safe: safe(),
    ask: { isBegun: false, questions: [], suspects: [], proved: [], other: '3 %' },
    plates: { outdoor: plateSide('OUTDOOR'), indoor: plateSide('INDOOR'), findings: [] },
    supply: { points: [], monitor: [], lineVolts: '' },
    windings: [],
    markings: [
      {
        marking: 'NUMBERS',
        words: 'not marked',
        asked: [
          ...['1-2', '1-3', '2-3'].map((pair) => ({ pair, unit: 'Ω', set: 'three pairs' })),
          { pair: '1-GROUND', unit: 'MΩ', set: 'one to ground' },
        ],
      },
      { marking: 'CRS', words: 'C R S', asked: [{ pair: 'C-R', unit: 'Ω', set: 'three pairs' }] },
    ],
    amps: [],
    found: [],
    leave: {
      beforePower: [],
      proof: {
        isRunning: false,
        refrigerant: 'R-410A',
        hasTable: true,
        points: [],
        figures: [],
        wanders: [],
        circuits: [],
        charge: [],
        chargeCircuits: [{ circuit: '1', words: 'Circuit 1', now: 'Nothing is read of it.' }],
        findings: [],
        series: [],
        kept: '',
        asBest: 'NO',
      },
      writeUps: [],
      urgencies: [
        {
          urgency: 'TAGGED_OUT',
          flag: 'TAGGED OUT',
          words: 'may not run',
          isStandstill: true,
          usual: ['Gas off, may not fire'],
        },
        { urgency: 'NOW', flag: 'NOW', words: 'before it runs on', isStandstill: false, usual: [] },
        { urgency: 'WATCH', flag: 'WATCH', words: 'look again next visit', isStandstill: false, usual: [] },
      ],
      options: [],
      optionSources: [],
      isDeclined: false,
    },
    parts,
    tape: [],
    jumpers: [],
    standstill: [],
    rules: 0,
    unit: {
      id: 1,
      site: 'Net lofts',
      name: 'loft 3',
      line: '2 ton',
      model: 'LH024-1',
      serial: '•••318',
      phase: 1,
      ratedLoadAmps: 10.3,
      fanFullLoadAmps: 0.9,
      places: [],
    },
    ...more,
  }
}

/** Answers of a pretended server by path; what was sent is kept. */
export function server(answers: Record<string, unknown>) {
  const sent: { method: string; path: string; json: unknown }[] = []
  vi.stubGlobal('fetch', async (input: RequestInfo | URL, init?: RequestInit) => {
    const request = input instanceof Request ? input : null
    const path = new URL(request ? request.url : String(input), 'http://bench').pathname
    const isForm = init?.body instanceof FormData
    const text = isForm ? '' : request ? await request.clone().text() : String(init?.body ?? '')
    sent.push({
      method: request?.method ?? init?.method ?? 'GET',
      path,
      json: text ? JSON.parse(text) : undefined,
    })
    const found = Object.entries(answers).find(([end]) => path.endsWith(end))
    if (found?.[1] instanceof Response) return found[1].clone()
    return found
      ? new Response(JSON.stringify(found[1]), {
          status: 200,
          headers: { 'Content-Type': 'application/json' },
        })
      : new Response(JSON.stringify({ detail: `nothing at ${path}` }), { status: 404 })
  })
  return sent
}

/** A view of the bench inside the application's frame, the call already open. */
export async function onBench(
  view: Component,
  call: CallView,
  place: Place,
  props: object = {},
): Promise<VueWrapper> {
  setActivePinia(createPinia())
  const store = useCall()
  store.take(call)
  store.go(place)
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/:all(.*)', component: { template: '<i />' } }],
  })
  const wrapper = mount(
    { render: () => h(VApp, () => h(view, props)) },
    { global: { plugins: [vuetify, router] }, attachTo: document.body },
  )
  await flushPromises()
  await new Promise((done) => setTimeout(done, 220))
  await flushPromises()
  return wrapper
}

/** The one action of a step: its words, or the same in brackets where it is off. */
export function action(wrapper: VueWrapper): string {
  const button = wrapper.find('[data-action]')
  const words = button.find('span').text()
  return button.attributes('disabled') === undefined ? words : `(${words})`
}
