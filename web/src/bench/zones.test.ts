import { flushPromises } from '@vue/test-utils'
import { beforeEach, expect, it } from 'vitest'
import type { CallsView as Calls, PartView } from '@/api/types'
import CallsView from '@/calls/CallsView.vue'
import QuickLine from '@/shell/QuickLine.vue'
import { useCall } from '@/stores/call'
import { useSession } from '@/stores/session'
import { callWith, judged, onBench, part, safe, server } from '@/tests/bench'
import TruckView from '@/truck/TruckView.vue'
import PartsRail from './PartsRail.vue'

beforeEach(() => {
  document.body.innerHTML = ''
})
const ask = { call: 'ASK' } as const

it.each([
  ['label not read yet', { fields: {} as PartView['fields'], shortRating: '' }],
  ['label not complete', { missing: [{ name: 'volts', label: 'Voltage', where: '' }] }],
  ['not tested yet', {}],
  ['FAN 3.1 µF', { readings: [judged('FAN', 'FAILED')], verdict: 'FAILED' as const, last: 'FAN 3.1 µF' }],
  ['replaced', { closed: { outcome: 'REPLACED' as const, words: 'Replaced', asLeft: '', note: '' } }],
  [
    'stopgap in',
    {
      closed: {
        outcome: 'REPLACED' as const,
        words: 'Replaced',
        asLeft: '',
        note: '',
        returnDate: '2030-01-01',
      },
    },
  ],
  [
    'ordered, ready 27 Nov',
    {
      ordered: {
        part: 'p1',
        order: 'A-7',
        item: 'S-1',
        title: '45 µF',
        label: '45 µF 440 V',
        price: 20,
        from: 'Quay counter',
        ready: '2026-11-27',
      },
    },
  ],
  [
    'fixed without a part',
    {
      closed: { outcome: 'FIXED_WITHOUT_PART' as const, words: 'Fixed without a part', asLeft: '', note: '' },
    },
  ],
])('the rail says of a part: %s', async (words, more) => {
  server({})
  const rail = await onBench(PartsRail, callWith([part(more)]), ask)
  expect(rail.find('.part .verdict').text()).toContain(words)
})

it('the rail tells whether it is safe', async () => {
  server({})
  const words = async (more: object) =>
    (await onBench(PartsRail, callWith([], { safe: safe(more) }), ask)).text()
  expect(await words({})).toContain('not read dead yet')
  expect(await words({ live: true })).toContain('power is on')
  expect(await words({ isSupplyDead: true, sinceMillis: Date.now() })).toMatch(/DEAD \d\d:\d\d/)
})

it('the calls show the next thing on each, what is due, and what to do when there is none', async () => {
  const calls: Calls = {
    calls: [
      {
        id: 3,
        site: 'Seed library',
        unit: 'split',
        line: '3 ton',
        complaint: 'warm',
        status: 'OPEN',
        openedAtMillis: Date.now(),
        next: 'Test the run capacitor',
        isToday: true,
        parts: 1,
        slices: [['READ']],
        lastWho: 'Tech 2',
      },
      {
        id: 2,
        site: 'Net lofts',
        unit: 'loft',
        line: '',
        complaint: 'hums',
        status: 'CLOSED',
        openedAtMillis: 0,
        next: 'Closed',
        isToday: true,
        parts: 0,
        slices: [],
        lastWho: 'Tech 1',
      },
    ],
    waiting: [
      {
        callId: 3,
        site: 'Seed library',
        unit: 'split',
        hold: 'PART',
        words: 'Run capacitor: 60+7.5 µF, Quay counter',
        ready: '2026-11-27',
        isReady: true,
      },
      {
        callId: 4,
        site: 'Net lofts',
        unit: 'loft 2',
        hold: 'WAIT',
        words: 'waits for the coil to thaw',
        ready: '2026-11-28',
        isReady: false,
      },
    ],
    hasMore: true,
    unitsWithWriteUps: 7,
    writeUps: [
      {
        unitId: 4,
        site: 'Net lofts',
        unit: 'loft 3',
        count: 3,
        urgency: 'NOW',
        flag: 'NOW',
        words: 'Belt frayed',
      },
    ],
    due: [
      {
        callId: 1,
        site: 'Net lofts',
        unit: 'loft 7',
        part: 'Run capacitor',
        asLeft: '30+5 and 5',
        returnDate: '2020-02-03',
        isDue: true,
      },
    ],
  }
  server({ '/api/calls': calls })
  const view = await onBench(CallsView, callWith([]), ask)
  expect(view.find('.call').text()).toContain('next Test the run capacitor')
  expect(view.find('.due-line').text()).toContain('DUE 3 Feb')
  expect(view.find('.due').text()).toMatch(/NOW.*Belt frayed \(3 in all\)/)
  expect(view.find('.past').text()).toContain('closed')
  expect(view.text()).toContain('Show earlier calls')
  const filter = (words: string) => view.findAll('.choice').find((c) => c.text().startsWith(words))
  await filter('Mine')?.trigger('click')
  expect(filter('Mine')?.text()).toBe('Mine 0')
  expect(view.findAll('.call')).toHaveLength(0)
  useSession().people = [{ id: 2, name: 'Tech 2', cautionAccepted: true, depot: '' }]
  useSession().whoId = 2
  await view.vm.$nextTick()
  expect(filter('Mine')?.text()).toBe('Mine 1')
  expect(view.findAll('.call')).toHaveLength(1)
  await filter('All')?.trigger('click')
  await view.find('.more-due').trigger('click')
  const lines = view.findAll('.due').map((d) => d.text())
  expect(lines[0]).toContain('DUE 3 Feb')
  expect(lines[1]).toMatch(/READY 27 Nov.*Run capacitor: 60\+7.5 µF, Quay counter/)
  expect(lines[2]).toMatch(/UNTIL 28 Nov.*the coil to thaw/)
  expect(view.text()).toContain('The most urgent 1 of 7 units')
  server({
    '/api/calls': { calls: [], hasMore: false, due: [], waiting: [], writeUps: [], unitsWithWriteUps: 0 },
  })
  expect((await onBench(CallsView, callWith([]), ask)).text()).toContain('No open call. Type a label above')
})

it('the quick line says what it understood and holds back what is wrong', async () => {
  const sent = server({
    '/api/quick-check': callWith([], { status: 'QUICK_CHECK' }),
    '/quick/preview': {
      rating: '45+5 µF 440 V',
      verdicts: [judged('FAN', 'FAILED', '3.10')],
      unread: ['SH-1'],
      doubts: [],
    },
    '/quick': callWith([part()]),
  })
  const line = await onBench(QuickLine, callWith([]), ask)
  await line.find('input').trigger('focusin')
  await line.find('input').setValue('45+5 440 : - 3.1')
  await new Promise((done) => setTimeout(done, 260))
  await flushPromises()
  expect(line.find('.seen').text()).toContain('45+5 µF 440 V')
  expect(line.find('.seen').text()).toContain('FAILED')
  expect(line.find('.seen').text()).toContain('SH-1')
  await line.find('form').trigger('submit')
  await flushPromises()
  expect(sent.at(-1)).toMatchObject({ method: 'POST', json: { text: '45+5 440 : - 3.1' } })
  expect((line.find('input').element as HTMLInputElement).value).toBe('')
  expect(useCall().call?.parts).toHaveLength(1)
})

it('the truck is found by any word and by what runs low', async () => {
  const item = (id: string, rating: string, quantity: number) => ({
    id,
    bin: 'B1',
    depot: 'Truck 1',
    label: '',
    kind: 'capacitor',
    name: 'Harrow run capacitor',
    rating,
    quantity,
    minimum: 1,
    isLow: quantity < 1,
  })
  server({
    '/api/truck/depots': [{ name: 'Truck 1', isShop: false }],
    '/api/truck/restock': { depot: 'Truck 1', low: [], wanted: [] },
    '/api/truck': [item('CP-1', '45 µF 440 V', 2), item('CP-2', '5 µF 370 V', 0)],
  })
  const truck = await onBench(TruckView, callWith([]), ask)
  const rows = () => truck.findAll('.line').map((r) => r.find('b').text())
  expect(rows()).toEqual(['45 µF 440 V', '5 µF 370 V'])
  await truck.find('input[type=text]').setValue('b1 370')
  expect(rows()).toEqual(['5 µF 370 V'])
  await truck.find('input[type=text]').setValue('')
  await truck
    .findAll('.chip')
    .find((c) => c.text().startsWith('Short'))
    ?.trigger('click')
  expect(rows()).toEqual(['5 µF 370 V'])
  await truck.find('input[type=text]').setValue('nothing')
  expect(truck.text()).toContain('Nothing on this truck by these words.')
})
