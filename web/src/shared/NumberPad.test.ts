import { mount } from '@vue/test-utils'
import { expect, it } from 'vitest'
import NumberPad from './NumberPad.vue'

function pad() {
  const wrapper = mount(NumberPad, {
    props: {
      modelValue: '',
      unit: 'µF',
      hasOverRange: true,
      isReady: true,
      'onUpdate:modelValue': (text: string) => wrapper.setProps({ modelValue: text }),
    },
  })
  return wrapper
}

it('takes fingers and keyboard alike, and one point only', async () => {
  const wrapper = pad()
  for (const key of ['5', '2'])
    await wrapper
      .findAll('button')
      .find((b) => b.text() === key)
      ?.trigger('click')
  for (const key of ['.', '6', '.', '0', 'Backspace']) {
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }))
    await wrapper.vm.$nextTick()
  }
  expect(wrapper.props('modelValue')).toBe('52.6')
  wrapper.unmount()
})

it('shows OL as a reading of its own, and a figure takes its place', async () => {
  const wrapper = pad()
  await wrapper.find('[aria-label="OL, over range"]').trigger('click')
  expect(wrapper.props('modelValue')).toBe('OL')
  await wrapper
    .findAll('button')
    .find((b) => b.text() === '7')
    ?.trigger('click')
  expect(wrapper.props('modelValue')).toBe('7')
  document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true }))
  expect(wrapper.emitted('next')).toHaveLength(1)
  wrapper.unmount()
})
