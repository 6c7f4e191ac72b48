import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { createVuetify } from 'vuetify'
import AccessCode from '@/shell/AccessCode.vue'
import { server } from '@/tests/bench'
import PassesList from './PassesList.vue'

const phone = { id: 3, name: 'Truck 1 phone', admittedAtMillis: 0, lastSeenMillis: 0, isThis: false }
const office = { id: 4, name: 'Office', admittedAtMillis: 0, lastSeenMillis: Date.now(), isThis: true }
const show = async (view: typeof PassesList | typeof AccessCode) => {
  const shown = mount(view, { global: { plugins: [createVuetify()] } })
  await flushPromises()
  return shown
}
beforeEach(() => {
  localStorage.clear()
  setActivePinia(createPinia())
})

describe('the devices that were let in', () => {
  it('are ended one by one, after a second tap', async () => {
    const sent = server({ '/api/devices/3': [office], '/api/devices': [phone, office] })
    const view = await show(PassesList)
    expect(view.text()).toContain('Truck 1 phone')
    expect(view.text()).toContain('this one')
    expect(view.text()).toContain('not since the start')
    await view.find('[aria-label="End the pass of Truck 1 phone"]').trigger('click')
    expect(sent.some((s) => s.method === 'DELETE')).toBe(false)
    await view
      .findAll('button')
      .find((b) => b.text() === 'End it')
      ?.trigger('click')
    await flushPromises()
    expect(sent.at(-1)).toMatchObject({ method: 'DELETE', path: '/api/devices/3' })
    expect(view.text()).not.toContain('Truck 1 phone')
  })

  it('are none where only this machine reaches the bench', async () => {
    server({ '/api/devices': [] })
    expect((await show(PassesList)).text()).toContain('No other device is let in.')
  })
})

describe('a device that is not let in', () => {
  it('gives the code in a header with its name, and says why it was refused', async () => {
    const fetched = vi
      .fn()
      .mockImplementation(
        async () => new Response(JSON.stringify({ detail: 'That is not the code.' }), { status: 401 }),
      )
    vi.stubGlobal('fetch', fetched)
    const view = await show(AccessCode)
    await view.find('form').trigger('submit')
    expect(view.text()).toContain('Give the code and a name')
    expect(fetched).not.toHaveBeenCalled()
    await view.findAll('input')[0]?.setValue(' abcd2345 ')
    await view.findAll('input')[1]?.setValue('Truck 1 phone')
    await view.find('form').trigger('submit')
    await flushPromises()
    const [path, init] = fetched.mock.calls[0] as [string, RequestInit]
    expect(path).toBe('/api/door?name=Truck%201%20phone')
    expect(init).toMatchObject({ method: 'PUT', headers: { 'X-Access-Code': 'abcd2345' } })
    expect(init.body).toBeUndefined()
    expect(view.text()).toContain('That is not the code.')
    expect(view.emitted('opened')).toBeUndefined()
    fetched.mockImplementation(async () => new Response(null, { status: 204 }))
    await view.find('form').trigger('submit')
    await flushPromises()
    expect(view.emitted('opened')).toHaveLength(1)
  })
})
