import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { defineComponent, h } from 'vue'
import { beforeEach, expect, it, vi } from 'vitest'
import { useSession } from '@/stores/session'
import { useKeys } from './useKeys'

const act = { slash: vi.fn(), two: vi.fn(), altTwo: vi.fn(), enter: vi.fn() }
const Keyed = defineComponent({
  setup() {
    useKeys({ '/': act.slash, '2': act.two, 'Alt+2': act.altTwo, Enter: act.enter })
    return () => h('div', [h('input'), h('button', 'tap')])
  },
})
const press = (target: Element, key: string, altKey = false) =>
  target.dispatchEvent(new KeyboardEvent('keydown', { key, altKey, bubbles: true, cancelable: true }))

let page: ReturnType<typeof mount>
beforeEach(() => {
  setActivePinia(createPinia())
  Object.values(act).forEach((f) => f.mockClear())
  page?.unmount()
  page = mount(Keyed, { attachTo: document.body })
})

it('single keys act on the page', () => {
  press(document.body, '/')
  press(document.body, '2')
  expect(act.slash).toHaveBeenCalledOnce()
  expect(act.two).toHaveBeenCalledOnce()
})

it('digits are figures while a field has the focus, Alt still works, Esc leaves it', () => {
  const input = page.find('input').element
  input.focus()
  press(input, '2')
  expect(act.two).not.toHaveBeenCalled()
  press(input, '2', true)
  expect(act.altTwo).toHaveBeenCalledOnce()
  press(input, 'Escape')
  expect(document.activeElement).not.toBe(input)
})

it("Enter on a button is the button's own", () => {
  press(page.find('button').element, 'Enter')
  expect(act.enter).not.toHaveBeenCalled()
  press(document.body, 'Enter')
  expect(act.enter).toHaveBeenCalledOnce()
})

it('single keys can be switched off, Alt stays', () => {
  useSession().hasSingleKeys = false
  press(document.body, '2')
  press(document.body, '2', true)
  expect(act.two).not.toHaveBeenCalled()
  expect(act.altTwo).toHaveBeenCalledOnce()
  useSession().hasSingleKeys = true
})
