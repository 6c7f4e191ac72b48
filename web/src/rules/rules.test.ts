import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import { callWith, onBench, server } from '@/tests/bench'
import CarryBox from './CarryBox.vue'
import DevicesBox from './DevicesBox.vue'
import RefrigerantTables from './RefrigerantTables.vue'

beforeEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
})
type View = Awaited<ReturnType<typeof onBench>>
const at = (component: object) => onBench(component, callWith([]), { call: 'ASK' })
const button = (view: View, words: string) => view.findAll('button').find((b) => b.text() === words)
async function give(view: View, file: File) {
  const input = view.find('input[type=file]')
  Object.defineProperty(input.element, 'files', { value: [file], configurable: true })
  await input.trigger('change')
  await flushPromises()
}
const item = (id: string, state: string, differences: string[] = []) => ({
  kind: 'call',
  id,
  title: `Seed library: ${id}`,
  state,
  differences,
})

describe('a file from elsewhere', () => {
  it('shows what it would change, asks at a clash, and then takes all of it', async () => {
    const seen = {
      items: [item('a', 'NEW'), item('b', 'SAME'), item('c', 'CLASH', ['complaint: ours warm, theirs hot'])],
      clashes: 1,
    }
    const sent = server({ '/exchange/preview': seen, '/api/exchange': seen })
    const view = await at(CarryBox)
    await give(view, new File(['{}'], 'unit.json'))
    expect(view.text()).toContain('unit.json would change:')
    expect(view.text()).toContain('1 the same')
    expect(view.findAll('.items li').map((l) => l.find('.state').text())).toEqual(['new', 'differs'])
    expect(view.text()).toContain('complaint: ours warm, theirs hot')
    expect(button(view, '1 to choose first')?.attributes('disabled')).toBeDefined()
    await button(view, 'take theirs')?.trigger('click')
    await button(view, 'Take it in')?.trigger('click')
    await flushPromises()
    expect(sent.filter((s) => s.path === '/api/exchange')).toHaveLength(1)
    expect(view.text()).toContain('Taken in.')
    expect(button(view, 'Take it in')).toBeUndefined()
  })

  it('that is damaged says so and shows nothing to take', async () => {
    server({})
    const view = await at(CarryBox)
    await give(view, new File(['{'], 'cut.json'))
    expect(view.find('[role=alert]').text()).toMatch(/^cut.json: nothing was taken in\./)
    expect(button(view, 'Take it in')).toBeUndefined()
  })

  it('that says nothing new has nothing to take', async () => {
    server({ '/exchange/preview': { items: [item('a', 'SAME'), item('b', 'SHORTER')], clashes: 0 } })
    const view = await at(CarryBox)
    await give(view, new File(['{}'], 'old.json'))
    expect(view.text()).toContain('ours goes on')
    expect(button(view, 'Take it in')).toBeUndefined()
  })
})

it('saturation tables stand with their source; those brought in can go out again', async () => {
  const table = (refrigerant: string, isBroughtIn: boolean) => ({
    refrigerant,
    source: 'charts (from memory)',
    rows: 39,
    lowestFahrenheit: -40,
    highestFahrenheit: 150,
    isBroughtIn,
  })
  const sent = server({
    '/refrigerants/R-448A': {},
    '/api/refrigerants': [table('R-22', false), table('R-448A', true)],
  })
  const view = await at(RefrigerantTables)
  expect(view.findAll('tbody tr').map((r) => r.text())).toEqual([
    expect.stringMatching(/R-22.*-40 to 150 °F.*from memory/),
    expect.stringContaining('take out'),
  ])
  await view.findAll('input')[0]?.setValue('R-449A')
  await view.findAll('input')[1]?.setValue('the maker')
  await give(view, new File(['x'], 'r449a.csv'))
  expect(sent.some((s) => s.method === 'POST' && s.path === '/api/refrigerants')).toBe(true)
  await button(view, 'take out')?.trigger('click')
  await flushPromises()
  expect(sent.some((s) => s.method === 'DELETE' && s.path.endsWith('/R-448A'))).toBe(true)
})

it('the simulated counter and meter can be made to fail', async () => {
  const sent = server({ '/counter/v1/mode': { mode: 'NORMAL' }, '/meter/v1/mode': { mode: 'NOISY' } })
  const view = await at(DevicesBox)
  const pressed = () => view.findAll('[aria-pressed=true]').map((b) => b.text())
  expect(pressed()).toEqual(['answers', 'noisy'])
  await button(view, 'down')?.trigger('click')
  await button(view, 'drops out')?.trigger('click')
  await flushPromises()
  expect(sent.filter((s) => s.method === 'PUT').map((s) => s.json)).toEqual([
    { mode: 'DOWN' },
    { mode: 'DROPPED' },
  ])
})
