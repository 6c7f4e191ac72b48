import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import { h } from 'vue'
import { createMemoryHistory, createRouter } from 'vue-router'
import { VApp } from 'vuetify/components'
import { server } from '@/tests/bench'
import { vuetify } from '@/theme/vuetify'
import NewCall from './NewCall.vue'

beforeEach(() => {
  document.body.innerHTML = ''
  setActivePinia(createPinia())
})
const unit = (id: number, name: string) => ({
  id,
  site: 'Net lofts',
  name,
  line: '2 ton',
  model: 'LH024-1',
  serial: '•••318',
  phase: 1,
  ratedLoadAmps: 10,
  fanFullLoadAmps: 1,
  places: [],
})

/** The dialog opened as the list of calls opens it. */
async function opened(answers: Record<string, unknown>) {
  const sent = server(answers)
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/:all(.*)', component: { template: '<i />' } }],
  })
  await router.push('/calls')
  const wrapper = mount(
    {
      data: () => ({ isOpen: false }),
      render(this: { isOpen: boolean }) {
        return h(VApp, () =>
          h(NewCall, { modelValue: this.isOpen, 'onUpdate:modelValue': (v: boolean) => (this.isOpen = v) }),
        )
      },
    },
    { global: { plugins: [vuetify, router] }, attachTo: document.body },
  )
  await wrapper.setData({ isOpen: true })
  await flushPromises()
  await new Promise((done) => setTimeout(done, 60))
  await flushPromises()
  const page = () => document.body
  const button = (words: string) =>
    [...page().querySelectorAll('button')].find((b) => b.textContent?.includes(words)) as HTMLButtonElement
  return { sent, router, page, button }
}
function type(label: string, text: string) {
  const found = [...document.querySelectorAll('label')].find((l) => l.textContent?.startsWith(label))
  const input = document.getElementById(found?.getAttribute('for') ?? '') as HTMLInputElement
  input.value = text
  input.dispatchEvent(new Event('input'))
}

it('starts a call to the unit that was tapped, and goes to its bench', async () => {
  const { sent, router, button } = await opened({
    '/api/units': [unit(3, 'loft 3'), unit(7, 'loft 7')],
    '/api/calls': { id: 21 },
  })
  type('Complaint', 'hums')
  button('loft 7').click()
  await flushPromises()
  button('Start the call').click()
  await flushPromises()
  expect(sent.at(-1)).toMatchObject({ path: '/api/calls', json: { unitId: 7, complaint: 'hums' } })
  await vi.waitFor(() => expect(router.currentRoute.value.path).toBe('/calls/21'))
})

it('asks for the unit where none was tapped, and keeps what was typed', async () => {
  const { page, button } = await opened({ '/api/units': [unit(3, 'loft 3')] })
  type('Complaint', 'hums')
  await flushPromises()
  button('Start the call').click()
  await flushPromises()
  expect(page().textContent).toContain('Choose the unit.')
  const kept = [...page().querySelectorAll('input')].map((i) => i.value)
  expect(kept).toContain('hums')
})

it('opens with the form for a new unit where there are none yet, and names a wrong size beside it', async () => {
  const { page, button, sent } = await opened({ '/api/units': [] })
  expect(page().textContent).toContain('Rated volts')
  type('Tons', 'three')
  await flushPromises()
  button('Start the call').click()
  await flushPromises()
  expect(page().textContent).toContain('give tons as 3.5')
  expect(sent.filter((s) => s.method === 'POST')).toHaveLength(0)
})

it('says that no unit goes by these words', async () => {
  const { page, sent } = await opened({ '/api/units': [unit(3, 'loft 3')] })
  type('Which unit?', 'opera')
  server({ '/api/units': [] })
  await new Promise((done) => setTimeout(done, 220))
  await flushPromises()
  expect(page().textContent).toContain('No unit by "opera".')
  expect(sent.length).toBeGreaterThan(0)
})
