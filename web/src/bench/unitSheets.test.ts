import { flushPromises } from '@vue/test-utils'
import { beforeEach, expect, it } from 'vitest'
import type { PlateCheckView } from '@/api/types'
import { useCall } from '@/stores/call'
import { useUi } from '@/stores/ui'
import { callWith, onBench, part, plateSide, server } from '@/tests/bench'
import AddPart from './AddPart.vue'
import PartsRail from './PartsRail.vue'
import PlateChecks from './PlateChecks.vue'
import SuspectList from './SuspectList.vue'
import WorkSurface from './WorkSurface.vue'

beforeEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
})

const check = (name: string, agrees: boolean, more: Partial<PlateCheckView> = {}): PlateCheckView => ({
  name,
  field: name,
  agrees,
  reckoning: `reckoning of ${name}`,
  mark: 'NEC 440.33',
  corrections: [],
  leftOut: '',
  ...more,
})
const plates = (...checks: PlateCheckView[]) => ({
  outdoor: plateSide('OUTDOOR', { checks }),
  indoor: plateSide('INDOOR'),
  findings: [],
})

it.each([
  ['not read', plates()],
  ['adds up', plates(check('MCA', true))],
  ['1 does not agree', plates(check('MCA', false), check('LRA', true))],
  ['2 do not agree', plates(check('MCA', false), check('LRA', false))],
])('the rail says of the plate: %s', async (words, given) => {
  server({})
  const rail = await onBench(PartsRail, callWith([], { plates: given }), { call: 'ASK' })
  expect(rail.text()).toContain(words)
})

it('plate, supply, windings and what was found are one step of the rail and five sheets', async () => {
  server({ '/plate-attributes': [], '/wire-colours': [] })
  const view = await onBench(WorkSurface, callWith([]), { call: 'PLATE' })
  const sheets = () => view.findAll('.sheets button.step')
  expect(sheets().map((s) => s.text())).toEqual(['Plate', 'Supply', 'Windings', 'Amps', 'As found'])
  for (const [at, words] of [
    [2, 'A quick check has no unit with motors.'],
    [3, 'A quick check has no unit: write it in the quick line'],
    [4, 'A quick check has no unit with places.'],
  ] as const) {
    await sheets()[at]?.trigger('click')
    await flushPromises()
    expect(sheets()[at]?.attributes('aria-current')).toBe('step')
    expect(view.text()).toContain(words)
  }
})

it('a failed check is loud, and says what to do where no digit explains it', async () => {
  server({})
  const view = await onBench(
    PlateChecks,
    callWith([]),
    { call: 'PLATE' },
    { checks: [check('MCA', false), check('LRA', true)], sizes: [], isOff: false },
  )
  expect(view.find('.failed').text()).toContain('DOES NOT AGREE')
  expect(view.find('.failed').text()).toContain('read the figures of this line again')
  expect(view.find('.agreeing summary').text()).toMatch(/1 OF 2 AGREE\s*LRA/)
})

it('the suspects never hide the others', async () => {
  server({})
  const suspects = Array.from({ length: 9 }, (_, i) => ({
    key: `k${i}`,
    title: `fault ${i}`,
    percent: 9 - i,
    share: `${9 - i} %`,
    test: 'look',
    speaksFor: [],
    speaksAgainst: [],
  }))
  const view = await onBench(
    SuspectList,
    callWith([]),
    { call: 'ASK' },
    { suspects, other: '3 %', canQuestion: () => false },
  )
  expect(view.findAll('button.suspect')).toHaveLength(6)
  await view
    .findAll('button')
    .find((b) => b.text().startsWith('all 9'))
    ?.trigger('click')
  expect(view.findAll('button.suspect')).toHaveLength(9)
  expect(view.text()).toContain('something else')
  await view.find('button.suspect').trigger('click')
  expect(view.find('.why').text()).toContain('Nothing known speaks either way.')
  expect(view.find('.why').text()).not.toContain('Put it in question')
})

it('only places whose parts the bench can take are offered as a part', async () => {
  const sent = server({ '/parts': callWith([part()]) })
  const place = (id: number, kind: string, isFamily: boolean) => ({
    id,
    name: `Place ${id}`,
    kind,
    serves: 'compressor',
    title: '',
    isFamily,
  })
  const call = callWith([], {
    unit: { ...callWith([]).unit!, places: [place(1, 'contactor', false), place(2, 'capacitor', true)] },
  })
  await onBench(AddPart, call, { call: 'ASK' }, { modelValue: true })
  await flushPromises()
  const places = [...document.querySelectorAll<HTMLButtonElement>('button.place')]
  expect(places.map((p) => p.textContent?.trim())).toHaveLength(1)
  places[0]?.click()
  await flushPromises()
  expect(sent.at(-1)?.json).toEqual({ kind: 'capacitor', placeId: 2, place: 'Place 2' })
  expect(useCall().step).toBe('READ')
  expect(useUi().pane).toBe('WORK')
})
