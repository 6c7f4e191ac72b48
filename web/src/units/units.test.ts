import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import { h } from 'vue'
import { createPinia, setActivePinia } from 'pinia'
import { createMemoryHistory, createRouter } from 'vue-router'
import { VApp } from 'vuetify/components'
import { withPlace } from '@/bench/fieldPath'
import PlateFace from '@/bench/PlateFace.vue'
import { server } from '@/tests/bench'
import { vuetify } from '@/theme/vuetify'
import UnitRecord from './UnitRecord.vue'
import UnitsView from './UnitsView.vue'

beforeEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
  setActivePinia(createPinia())
})

const unit = {
  id: 3,
  site: 'Seed library',
  name: 'split system',
  line: '3.5 ton',
  model: 'SV042-A2',
  serial: '••••••231',
  phase: 1,
  ratedLoadAmps: 19.2,
  fanFullLoadAmps: 1.4,
  places: [{ id: 1, name: 'Contactor', kind: 'contactor', serves: 'compressor', isFamily: false }],
}
const number = (name: string, label: string, unitOf: string) => ({
  name,
  label,
  unit: unitOf,
  type: 'NUMBER',
  decides: false,
  where: '',
  options: [],
  rows: [] as object[],
})
const attributes = [
  { ...number('serial', 'Serial', ''), type: 'TEXT' },
  { ...number('volts', 'Rated volts', 'V'), type: 'NUMBERS' },
  {
    ...number('compressors', 'Compressors', ''),
    type: 'ROWS',
    rows: [number('ratedLoadAmps', 'RLA', 'A'), number('lockedRotorAmps', 'LRA', 'A')],
  },
]

async function at(view: object, path: string) {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/units/:id(\\d+)', component: { template: '<i />' } },
      { path: '/:all(.*)', component: { template: '<i />' } },
    ],
  })
  await router.push(path)
  const wrapper = mount(
    { render: () => h(VApp, () => h(view)) },
    { global: { plugins: [vuetify, router] }, attachTo: document.body },
  )
  await flushPromises()
  return wrapper
}

describe('units', () => {
  it('are looked for by the server as one types', async () => {
    const sent = server({ '/api/units': [unit] })
    const view = await at(UnitsView, '/units')
    expect(view.text()).toContain('Seed library, split system')
    expect(view.text()).toContain('••••••231')
    await view.find('input').setValue('seed 231')
    await new Promise((done) => setTimeout(done, 200))
    expect(sent.filter((s) => s.path.endsWith('/api/units'))).toHaveLength(2)
    expect(view.find('.unit').attributes('href')).toBe('/units/3')
  })

  it('say what to do where there is none', async () => {
    server({ '/api/units': [] })
    const view = await at(UnitsView, '/units')
    expect(view.text()).toContain('The first call to one adds it')
  })

  it('have a record with the serial whole, the plate in words and every visit', async () => {
    const plate = {
      serial: 'V14-C077231',
      volts: [208, 230],
      compressors: [{ ratedLoadAmps: 19.2, lockedRotorAmps: 118 }],
    }
    const visit = {
      callId: 9,
      openedAtMillis: 0,
      complaint: 'Spring check',
      status: 'CLOSED',
      account: [{ name: 'By', text: 'Tech 2' }],
      parts: [
        {
          title: 'Run capacitor',
          place: 'Outdoor unit',
          rating: '60+7.5 µF',
          verdict: 'GOOD',
          readings: ['HERM 59.60 µF'],
          how: 'Not needed',
          asLeft: '',
        },
      ],
    }
    const history = {
      writeUps: [
        {
          id: 'w1',
          place: 'Outdoor unit',
          what: 'Pan rusted',
          why: 'the coil sags',
          urgency: 'SOON',
          flag: 'SOON',
          words: 'this season',
          callId: 8,
          atMillis: 0,
          who: 'Tech 2',
          isHere: false,
        },
        {
          id: 'w2',
          place: '',
          what: 'Gas off, may not fire',
          why: 'cracked',
          urgency: 'TAGGED_OUT',
          flag: 'TAGGED OUT',
          words: 'may not run',
          callId: 8,
          atMillis: 0,
          who: 'Tech 2',
          isHere: false,
        },
      ],
      standstill: ['w2'],
      best: {
        atMillis: 0,
        outdoor: '88 °F outdoors',
        words: '',
        figures: [{ title: 'Temperature split', best: '19.0', unit: '°F', isWorse: false, reckoning: '' }],
      },
      trends: [
        {
          name: 'HERM, Outdoor unit',
          unit: 'µF',
          words: '3 readings',
          points: [
            { atMillis: 0, value: 60 },
            { atMillis: 9e9, value: 59 },
          ],
          limits: [56.4, 63.6],
          crossesMillis: Date.parse('2027-10-11T12:00:00'),
        },
        {
          name: 'Inrush, Compressor',
          unit: 'A',
          words: 'one',
          points: [{ atMillis: 0, value: 96 }],
          limits: [],
        },
      ],
      parts: [
        {
          part: {
            call: 9,
            atMillis: 0,
            place: 'Outdoor unit',
            title: 'Run capacitor',
            asLeft: '5 µF and 30+5 µF',
            returnDate: '2026-11-25',
          },
          age: '15 days',
        },
      ],
      platePhotos: [],
      foundAndLeft: [
        {
          call: 9,
          atMillis: 0,
          place: 'Outdoor unit',
          title: 'Run capacitor',
          asFound: 'FAN 3.1 µF',
          asLeft: '5 µF and 30+5 µF',
          how: 'Replaced',
        },
      ],
    }
    const site = { altitudeFeet: 140, warranty: { compressor: '2028-03-26' } }
    const sent = server({
      '/history': history,
      '/visits': [visit],
      '/site': { unit, plate, indoorPlate: {}, site: { altitudeFeet: 200, warranty: {} } },
      '/api/units/3': { unit, plate, indoorPlate: {}, site },
      '/plate-attributes': attributes,
    })
    const view = await at(UnitRecord, '/units/3')
    await flushPromises()
    expect(view.findAll('dd').map((d) => d.text())).toEqual([
      'V14-C077231',
      expect.stringMatching(/^208\/230\sV$/),
      'RLA 19.2 A, LRA 118 A',
      '140 ft',
      'not known',
      '26 Mar 2028',
      'not known',
      '19.0 °F',
    ])
    expect(view.find('.zb-stands').text()).toMatch(/TAGGED OUT.*Gas off, may not fire.*Tech 2/)
    expect(view.find('.up').text()).toMatch(/SOON.*Pan rusted.*the coil sags/)
    expect(view.find('.put').text()).toMatch(/in for 15 days, stopgap until 25 Nov/)
    expect(view.text()).toContain('FAN 3.1 µF → 5 µF and 30+5 µF')
    expect(view.find('.words').text()).toContain('11 Oct 2027.')
    const button = (words: string) => view.findAll('button').find((b) => b.text() === words)
    await button('Inrush, Compressor')?.trigger('click')
    expect(view.text()).toContain('96 A')
    await button('Change')?.trigger('click')
    await view.find('form input').setValue('200')
    await view.find('form').trigger('submit')
    await flushPromises()
    expect(sent.find((s) => s.method === 'PUT')?.json).toEqual({
      altitudeFeet: 200,
      compressor: '2028-03-26',
    })
    expect(view.text()).toContain('200 ft')
    expect(view.find('.visit').attributes('href')).toBe('/calls/9')
    expect(view.find('.visit').text()).toMatch(/Spring check.*GOOD.*HERM 59.60 µF.*Not needed/)
    expect(view.find('.places').text()).toContain('Contactor for compressor')
  })
})

describe('a plate', () => {
  it.each([
    ['minimumCircuitAmps', 26.4, { name: 'minimumCircuitAmps', value: 26.4 }],
    [
      'compressors[1].ratedLoadAmps',
      17.9,
      { name: 'compressors', value: [{ a: 1 }, { b: 2, ratedLoadAmps: 17.9 }] },
    ],
    ['compressors[4].ratedLoadAmps', 17.9, { name: 'compressors', value: [{ a: 1 }, { b: 2 }] }],
  ])('has the figure at %s set and the others left', (path, value, set) => {
    expect(withPlace({ compressors: [{ a: 1 }, { b: 2 }] }, path, value)).toEqual(set)
  })

  it('shows the figures that are asked for, numbered where there are two of a kind', () => {
    const fields = {
      model: 'BR120',
      volts: [208, 230],
      compressors: [{ ratedLoadAmps: 14.8 }, { ratedLoadAmps: 15.1 }],
      maximumFuseAmps: 40,
      maximumBreakerAmps: 40,
      minVolts: 197,
      maxVolts: 253,
    }
    const cells = mount(PlateFace, { props: { fields } })
      .findAll('.cell')
      .map((c) => c.text().replace(/\s+/g, ' '))
    expect(cells).toEqual([
      'VOLTS208/230 V',
      'COMPR 1 RLA14.8 A',
      'COMPR 2 RLA15.1 A',
      'MAX FUSE40 A',
      'ALLOWED197–253 V',
    ])
  })
})
