import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useUndo } from '@/stores/undo'
import UndoBar from './UndoBar.vue'

describe('undo', () => {
  beforeEach(() => {
    setActivePinia(createPinia())
    vi.useFakeTimers()
  })
  afterEach(() => vi.useRealTimers())

  it('takes the last thing back by a tap, once', async () => {
    const bar = mount(UndoBar)
    const first = vi.fn(() => Promise.resolve())
    const last = vi.fn(() => Promise.resolve())
    useUndo().offer('45 µF: 3 → 2', first)
    useUndo().offer('45 µF: 3 → 1', last)
    await bar.vm.$nextTick()
    expect(bar.get('[role=status]').text()).toContain('45 µF: 3 → 1')
    await bar.get('button').trigger('click')
    await useUndo().take()
    expect(first).not.toHaveBeenCalled()
    expect(last).toHaveBeenCalledTimes(1)
    expect(bar.find('[role=status]').exists()).toBe(false)
  })

  it('is offered for six seconds', async () => {
    const bar = mount(UndoBar)
    const back = vi.fn(() => Promise.resolve())
    useUndo().offer('Chosen: 45 µF', back)
    vi.advanceTimersByTime(5900)
    await bar.vm.$nextTick()
    expect(bar.find('button').exists()).toBe(true)
    vi.advanceTimersByTime(200)
    await bar.vm.$nextTick()
    expect(bar.find('button').exists()).toBe(false)
    await useUndo().take()
    expect(back).not.toHaveBeenCalled()
  })
})
