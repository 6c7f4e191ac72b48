import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import type { StockView } from '@/api/types'
import QuickLine from '@/shell/QuickLine.vue'
import { useUi } from '@/stores/ui'
import { callWith, onBench, server } from '@/tests/bench'
import StockPanel from './StockPanel.vue'
import TruckView from './TruckView.vue'

beforeEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
})

const stock = (id: string, rating: string, more: Partial<StockView> = {}): StockView => ({
  id,
  partNumber: id,
  depot: 'Truck 1',
  bin: 'B1',
  kind: 'capacitor',
  name: 'run capacitor',
  label: rating,
  rating,
  quantity: 2,
  minimum: 1,
  cost: 7.1,
  price: 11.36,
  isLow: false,
  version: 3,
  ...more,
})
const depots = [
  { name: 'Truck 1', isShop: false },
  { name: 'Truck 2', isShop: false },
  { name: 'Shop', isShop: true },
]
const answers = (more: Record<string, unknown> = {}) => ({
  ...more,
  '/api/truck/depots': depots,
  '/api/truck/restock': {
    depot: 'Truck 1',
    low: [{ stock: stock('CP-1', '3 µF 370 V', { quantity: 0 }), pieces: 1 }],
    wanted: [
      {
        kind: 'capacitor',
        rating: '60+7.5 µF 440 V',
        why: 'failed, nothing on the truck fits as it is',
        callId: 16,
        site: 'Seed library',
        unit: 'split system',
      },
    ],
  },
  '/api/truck': [stock('CP-1', '3 µF 370 V'), stock('CP-201', '60+7.5 µF 440 V', { depot: 'Truck 2' })],
})
type View = Awaited<ReturnType<typeof onBench>>
const open = () => onBench(TruckView, callWith([]), { call: 'ASK' })
const button = (view: View, words: string) => view.findAll('button').find((b) => b.text() === words)
async function give(view: View, file: File) {
  const input = view.find('input[type=file]')
  Object.defineProperty(input.element, 'files', { value: [file], configurable: true })
  await input.trigger('change')
  await flushPromises()
}

describe('the truck', () => {
  it('is counted by tapping, one truck at a time', async () => {
    const sent = server(answers({ '/CP-1/count': stock('CP-1', '3 µF 370 V', { quantity: 3 }) }))
    const view = await open()
    expect(view.findAll('.line')).toHaveLength(1)
    await view.find('[aria-label="One more of 3 µF 370 V"]').trigger('click')
    await flushPromises()
    expect(sent.find((s) => s.method === 'PUT')?.json).toEqual({ quantity: 3, version: 3 })
    expect(view.find('.number').text()).toBe('3')
    await button(view, 'Truck 2')?.trigger('click')
    expect(view.find('.lines').text()).toContain('60+7.5 µF 440 V')
  })

  it('asks where somebody else counted meanwhile, and keeps what is chosen', async () => {
    const sent = server(
      answers({
        '/CP-1/count': new Response(
          JSON.stringify({
            detail: 'CP-1 was changed meanwhile.',
            now: stock('CP-1', '3 µF 370 V', { quantity: 7, version: 9 }),
            given: 3,
          }),
          { status: 409, headers: { 'Content-Type': 'application/json' } },
        ),
      }),
    )
    const view = await open()
    await view.find('[aria-label="One more of 3 µF 370 V"]').trigger('click')
    await flushPromises()
    expect(view.find('[role=alert]').text()).toContain('CP-1 was changed meanwhile.')
    expect(view.find('.number').text(), 'what was known before').toBe('2')
    await button(view, 'Change to: 3')?.trigger('click')
    await flushPromises()
    expect(sent.filter((s) => s.method === 'PUT').map((s) => s.json)).toEqual([
      { quantity: 3, version: 3 },
      { quantity: 3, version: 9 },
    ])
    await button(view, 'Leave: 7')?.trigger('click')
    expect(view.find('.number').text()).toBe('7')
    expect(view.find('[role=alert]').exists()).toBe(false)
  })

  it('gets a sister, or says why not', async () => {
    const sent = server(answers())
    const view = await open()
    await button(view, '+ another')?.trigger('click')
    await view.find('.depot input').setValue('Shed')
    await button(view, 'shop')?.trigger('click')
    server({ '/api/truck/depots': [...depots, { name: 'Shed', isShop: true }] })
    await view.find('.depot').trigger('submit')
    await flushPromises()
    expect(button(view, 'Shed')?.attributes('aria-pressed')).toBe('true')
    expect(view.text()).toContain('Nothing in the shop by these words.')
    await button(view, '+ another')?.trigger('click')
    await view.find('.depot input').setValue('Shed')
    server({})
    await view.find('.depot').trigger('submit')
    await flushPromises()
    expect(view.find('.depot .zb-wrong').text()).toContain('nothing at')
    expect(sent.some((s) => s.method === 'POST')).toBe(false)
  })

  it('opens a line for its bin, price and history, and sends one piece elsewhere', async () => {
    const moves = [
      { atMillis: 0, who: 'Tech 1', pieces: -1, why: 'used', note: '', callId: 16 },
      { atMillis: 0, who: 'Tech 1', pieces: 2, why: 'added', note: '' },
    ]
    const sent = server(
      answers({
        '/CP-1/history': moves,
        '/CP-1/move': [stock('CP-1', '3 µF 370 V', { quantity: 1 })],
        '/truck/CP-1': stock('CP-1', '3 µF 370 V', { price: 15 }),
      }),
    )
    const view = await open()
    await view.find('.what').trigger('click')
    await flushPromises()
    const panel = view.findComponent(StockPanel)
    expect(panel.text()).toMatch(/-1.*used.*call 16.*\+2.*added/s)
    await panel.findAll('.fields input')[4]?.setValue('15,00')
    await panel.find('.fields').trigger('submit')
    await flushPromises()
    expect(sent.find((s) => s.method === 'PUT')?.json).toEqual({
      bin: 'B1',
      name: 'run capacitor',
      minimum: 1,
      cost: 7.1,
      price: 15,
      version: 3,
    })
    await panel
      .findAll('button')
      .find((b) => b.text() === 'One to Shop')
      ?.trigger('click')
    await flushPromises()
    expect(sent.find((s) => s.path.endsWith('/move'))?.json).toEqual({ depot: 'Shop', pieces: 1, version: 3 })
    expect(view.find('.number').text()).toBe('1')
  })

  it('takes a part in by its label, from the quick line too', async () => {
    const sent = server(
      answers({ '/truck/label': { kind: 'capacitor', rating: '45+5 µF 440 V ±6 %', unread: ['SH-1'] } }),
    )
    const view = await open()
    useUi().label = '45/5 MFD 440VAC ±6% SH-1'
    await flushPromises()
    await new Promise((done) => setTimeout(done, 220))
    await flushPromises()
    expect(view.find('.seen').text()).toMatch(/45\+5 µF 440 V ±6 %.*kept unread: SH-1/s)
    const take = () => button(view, 'Take in')
    expect(take()?.attributes('disabled')).toBeDefined()
    await view.find('.rest input').setValue('C3')
    await view.find('form.add').trigger('submit')
    await flushPromises()
    expect(sent.find((s) => s.method === 'POST' && s.path === '/api/truck')?.json).toMatchObject({
      text: '45/5 MFD 440VAC ±6% SH-1',
      depot: 'Truck 1',
      bin: 'C3',
      quantity: 1,
    })
  })

  it('has a list of what to bring back, and why', async () => {
    server(answers())
    const view = await open()
    await button(view, 'Bring back')?.trigger('click')
    expect(view.find('.wanted').text()).toMatch(/60\+7.5 µF 440 V.*nothing on the truck fits.*Seed library/)
    expect(view.find('.bring').text()).toBe('1')
    expect(view.find('.zb-file').attributes('href')).toBe('/api/truck/restock.csv')
  })

  it('shows what a file would change before it does, and names what is damaged', async () => {
    const change = {
      added: 1,
      changed: 2,
      same: 90,
      lines: [{ id: 'CP-1', name: 'run', change: 'price 11 to 12' }],
    }
    const sent = server(answers({ '/import/preview': change, '/import': change }))
    const view = await open()
    await button(view, 'CSV')?.trigger('click')
    await give(view, new File(['id,price'], 'prices.csv'))
    expect(view.text()).toContain('prices.csv would change: 1 new, 2 changed, 90 the same.')
    expect(view.text()).toContain('price 11 to 12')
    await button(view, 'Take it in')?.trigger('click')
    await flushPromises()
    expect(sent.some((s) => s.path.endsWith('/truck/import'))).toBe(true)
    expect(view.text()).toContain('Taken in:')
    server(answers())
    await give(view, new File(['x'], 'broken.csv'))
    expect(view.find('[role=alert]').text()).toMatch(/^broken.csv: nothing was taken in\. nothing at/)
  })
})

it('the quick line hands a label to the truck where the truck is on screen', async () => {
  server({})
  const view = await onBench(QuickLine, callWith([]), { call: 'ASK' })
  const router = view.getComponent(QuickLine).vm.$router
  await router.push('/truck')
  await view.find('input').setValue('35+5 MFD 370')
  await view.find('form').trigger('submit')
  expect(useUi().label).toBe('35+5 MFD 370')
})
