import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import FieldEditor from '@/bench/FieldEditor.vue'
import LeaveStep from '@/bench/steps/LeaveStep.vue'
import TapePane from '@/bench/TapePane.vue'
import WireEditor from '@/bench/WireEditor.vue'
import RulesView from '@/rules/RulesView.vue'
import { useSession } from '@/stores/session'
import { useWaiting } from '@/stores/waiting'
import { action, callWith, onBench, part, server } from '@/tests/bench'
import { vuetify } from '@/theme/vuetify'
import type { Attribute } from '@/api/types'
import TopBar from './TopBar.vue'
import WelcomeView from './WelcomeView.vue'

beforeEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
})
const ask = { call: 'ASK' } as const

describe('first start', () => {
  it('asks who works, then shows the caution once', async () => {
    const sent = server({
      '/api/people': { id: 4, name: 'Tech 4', cautionAccepted: false },
      '/caution': { id: 4, name: 'Tech 4', cautionAccepted: true },
    })
    const view = await onBench(WelcomeView, callWith([]), ask)
    await view.find('form').trigger('submit')
    expect(view.text()).toContain('Give a name; it goes on the tape')
    await view.find('input').setValue('Tech 4')
    await view.find('form').trigger('submit')
    await flushPromises()
    expect(view.text()).toContain('Tech 4, before you start')
    expect(view.text()).toContain("The unit's own diagram and the part's own sheet come first.")
    await view
      .findAll('button')
      .find((b) => b.text().startsWith('Understood'))
      ?.trigger('click')
    await flushPromises()
    expect(useSession().isReady).toBe(true)
    expect(sent.map((s) => s.path)).toEqual(['/api/people', '/api/people/4/caution'])
  })

  it('keeps asking while the name is refused', async () => {
    server({})
    const view = await onBench(WelcomeView, callWith([]), ask)
    await view.find('input').setValue('x'.repeat(99))
    await view.find('form').trigger('submit')
    await flushPromises()
    expect(view.text()).toContain('nothing at /api/people')
    expect((view.find('input').element as HTMLInputElement).value).toHaveLength(99)
  })
})

describe('the bar', () => {
  it('says what waits for a connection', async () => {
    server({})
    const bar = await onBench(TopBar, callWith([]), ask)
    expect(bar.text()).not.toContain('waiting')
    useWaiting().changes.push({
      id: 'a',
      callId: 7,
      method: 'POST',
      path: '/x',
      what: 'x',
      whoId: 1,
      tappedAt: 0,
    })
    await flushPromises()
    expect(bar.text()).toContain('1 waiting')
  })
})

describe('shop rules', () => {
  const school = {
    key: 'capacitorOut',
    question: 'When is it out?',
    reason: 'because',
    byDefault: 'LABEL_TOLERANCE',
    choices: [
      { value: 'LABEL_TOLERANCE', words: 'Outside the label' },
      { value: 'PREVENTIVE', words: 'Half used up' },
    ],
  }
  const flag = {
    ...school,
    key: 'newCapacitorWithMotor',
    choices: [
      { value: 'true', words: 'Always' },
      { value: 'false', words: 'Only where out' },
    ],
    byDefault: 'true',
  }
  const rules = (out: string) => ({
    number: 1,
    rules: { capacitorOut: out, newCapacitorWithMotor: true },
    defaults: {},
    schools: [school, flag],
    sinceMillis: 1,
    who: 'Tech 2',
  })

  it('show default and reason, and send what is chosen as it is kept', async () => {
    const sent = server({ '/api/rules': rules('LABEL_TOLERANCE'), '/api/meters': [] })
    const view = await onBench(RulesView, callWith([]), ask)
    expect(view.text()).toContain('default: Outside the label')
    expect(view.text()).toContain('by Tech 2')
    const tap = (words: string) =>
      view
        .findAll('button')
        .find((b) => b.text() === words)
        ?.trigger('click')
    await tap('Half used up')
    await tap('Only where out')
    await flushPromises()
    expect(sent.filter((s) => s.method === 'PUT').map((s) => s.json)).toEqual([
      { capacitorOut: 'PREVENTIVE' },
      { newCapacitorWithMotor: false },
    ])
  })

  it('take a meter only with figures', async () => {
    const sent = server({ '/api/rules': rules('PREVENTIVE'), '/api/meters': [] })
    const view = await onBench(RulesView, callWith([]), ask)
    await view
      .findAll('button')
      .find((b) => b.text() === 'Meters')
      ?.trigger('click')
    await flushPromises()
    const [name, percent, counts] = view.findAll('.add input')
    await name?.setValue('bench meter')
    await percent?.setValue('two')
    await counts?.setValue('3')
    await view.find('.add').trigger('submit')
    await flushPromises()
    expect(view.text()).toContain('write it as a figure')
    expect(sent.some((s) => s.method === 'POST')).toBe(false)
    await percent?.setValue('1,5')
    await view.find('.add').trigger('submit')
    await flushPromises()
    expect(sent.find((s) => s.method === 'POST')?.json).toEqual({
      name: 'bench meter',
      quantity: 'MICROFARADS',
      percent: 1.5,
      counts: 3,
    })
  })
})

describe('wires as found', () => {
  it('start with one line a terminal; only what was named is kept', async () => {
    server({ '/api/wire-colours': [{ name: 'brown', css: '#7a4a21' }] })
    const at = { part: 'p1', step: 'HOOK_UP' } as const
    const send = vi.fn().mockResolvedValue(true)
    const props = { of: 'part p1', send, wires: [], terminals: ['FAN', 'C', 'HERM'] }
    const view = await onBench(WireEditor, callWith([part()]), at, props)
    expect(view.findAll('.wire')).toHaveLength(3)
    await view.find('[aria-label="Wire 1: colour"]').setValue('brown')
    await view.find('[aria-label="Wire 1: leads to"]').setValue('fan')
    await view
      .findAll('button')
      .find((b) => b.text() === 'add a wire')
      ?.trigger('click')
    expect(view.findAll('.wire')).toHaveLength(4)
    await view.find('[aria-label="Remove wire 4"]').trigger('click')
    ;(view.findComponent(WireEditor).vm as unknown as { keep: () => void }).keep()
    await flushPromises()
    expect(send).toHaveBeenCalledWith([{ terminal: 'FAN', colour: 'brown', tracer: '', name: 'fan' }])
  })
})

describe('leaving', () => {
  it('says what is open and what was done, then closes or cancels', async () => {
    const sent = server({ '/end': callWith([]) })
    const done = part({
      id: 'p2',
      closed: {
        outcome: 'REPLACED',
        words: 'Replaced',
        asLeft: '45 and 5',
        note: '',
        returnDate: '2030-01-02',
      },
    })
    const view = await onBench(LeaveStep, callWith([part(), done]), { call: 'LEAVE' })
    expect(view.text()).toContain('Still open: run capacitor, outdoor unit.')
    expect(view.text()).toContain('45 and 5, stopgap until 2030-01-02')
    await view
      .findAll('button')
      .find((b) => b.text() === 'cancel it instead')
      ?.trigger('click')
    await flushPromises()
    expect(sent.find((s) => s.path.endsWith('/end'))?.json).toEqual({ end: 'CANCELLED', note: '' })
  })

  it('opens a closed call again', async () => {
    server({})
    expect(action(await onBench(LeaveStep, callWith([], { status: 'CLOSED' }), { call: 'LEAVE' }))).toBe(
      'Open the call again',
    )
  })
})

describe('the tape', () => {
  it('says what will stand there, and under which rules', async () => {
    server({})
    const view = await onBench(TapePane, callWith([], { rulesSinceMillis: Date.UTC(2026, 10, 3, 12) }), ask)
    expect(view.text()).toContain('Nothing read yet.')
    expect(view.text()).toContain('Shop rules of 3 Nov 2026.')
  })
})

describe('a field by hand', () => {
  const sections: Attribute = {
    name: 'sections',
    label: 'Sections',
    unit: '',
    type: 'ROWS',
    decides: true,
    where: '',
    options: [],
    usual: [],
    rows: [
      {
        name: 'terminal',
        label: 'Terminal',
        unit: '',
        type: 'CHOICE',
        decides: false,
        where: '',
        options: ['HERM', 'FAN'],
        rows: [],
        usual: [],
      },
      {
        name: 'microfarads',
        label: 'Capacitance',
        unit: 'µF',
        type: 'NUMBER',
        decides: false,
        where: '',
        options: [],
        rows: [],
        usual: [],
      },
    ],
  }
  const editor = (value: unknown) =>
    mount(FieldEditor, { props: { attribute: sections, value }, global: { plugins: [vuetify] } })
  const both = [
    { terminal: 'HERM', microfarads: 45 },
    { terminal: 'FAN', microfarads: 5 },
  ]

  it('changes one row and leaves the other', async () => {
    const view = editor(both)
    await view.findAll('input')[1]?.setValue('7,5')
    await view.findAll('input')[1]?.trigger('blur')
    expect(view.emitted('change')?.[0]).toEqual([[both[0], { terminal: 'FAN', microfarads: 7.5 }]])
  })

  it('takes a row away, the last one too, and a terminal off by a second tap', async () => {
    const view = editor(both)
    await view.find('[aria-label="Remove sections 1"]').trigger('click')
    expect(view.emitted('change')?.[0]).toEqual([[both[1]]])
    const one = editor([both[1]])
    await one.find('[aria-label="Remove sections 1"]').trigger('click')
    expect(one.emitted('change')?.[0]).toEqual([undefined])
    const turned = editor([both[1]])
    await turned
      .findAll('button')
      .find((b) => b.text() === 'FAN')
      ?.trigger('click')
    expect(turned.emitted('change')?.[0]).toEqual([[{ microfarads: 5 }]])
  })

  it('says what is wrong and keeps what was typed', async () => {
    const view = editor(both)
    await view.findAll('input')[0]?.setValue('forty')
    await view.findAll('input')[0]?.trigger('blur')
    expect(view.text()).toContain('"forty" is no figure in µF')
    expect(view.emitted('change')).toBeUndefined()
    expect((view.findAll('input')[0]?.element as HTMLInputElement).value).toBe('forty')
  })
})
