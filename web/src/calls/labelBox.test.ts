import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import PhotoWay from '@/photo/PhotoWay.vue'
import { useCall } from '@/stores/call'
import { useUi } from '@/stores/ui'
import { callWith, judged, onBench, part, server } from '@/tests/bench'
import { ear } from '@/tests/ear'
import LabelBox from './LabelBox.vue'

beforeEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
  ear.isSupported.value = false
  ear.result.value = ''
})

const TEXT = '65/10 MFD 440VAC NX : 64.1 8.7'
const offer = (title: string, grade: string, canBeChosen: boolean) => ({
  offer: [title],
  title,
  grade,
  word: grade,
  where: 'bin C3',
  pieces: [{ title, where: 'bin C3', price: '28.90' }],
  price: '28.90',
  cells: [],
  changes: [],
  asks: [],
  isWay: canBeChosen,
  canBeChosen,
  isRefused: !canBeChosen,
  needsReturnDate: false,
  isPartlyThere: false,
})
const answer = {
  kind: 'capacitor',
  title: 'Run capacitor',
  rating: '65+10 µF 440 V',
  pieces: [{ text: '440VAC', start: 10, end: 16, what: 'Voltage' }],
  unread: ['NX'],
  doubts: ['FLA: 30 or 40?'],
  verdicts: [judged('FAN', 'FAILED', '8.70')],
  found: {
    findings: [],
    offers: [offer('65 µF', 'SUITABLE', true), offer('3 µF', 'REFUSED', false)],
    differs: [],
    alike: [],
    refused: [],
  },
}
const box = () => onBench(LabelBox, callWith([]), { call: 'ASK' }, { open: [] })
async function typed(view: Awaited<ReturnType<typeof box>>, text: string) {
  await view.find('form').trigger('focusin')
  await view.find('textarea').setValue(text)
  await new Promise((done) => setTimeout(done, 180))
  await flushPromises()
}

describe('the label box', () => {
  it('shows what each piece was taken for, the verdicts, doubts and what the truck has', async () => {
    server({ '/api/label-box': answer })
    const view = await box()
    await typed(view, TEXT)
    expect(view.find('.pieces').text()).toMatch(/440VAC.*voltage.*NX.*not understood, kept/s)
    expect(view.text()).toContain('FAILED')
    expect(view.text()).toContain('FLA: 30 or 40?')
    expect(view.find('.has').text()).toMatch(/On the truck: 1 way.*65 µF.*bin C3/s)
    expect(view.find('.has').text()).not.toContain('3 µF')
  })

  it('goes on to a quick check in one tap, at what can replace it', async () => {
    const sent = server({
      '/api/label-box': answer,
      '/api/quick-check': callWith([], { status: 'QUICK_CHECK' }),
      '/quick': callWith([part()], {
        tape: [
          {
            number: 9,
            atMillis: 0,
            who: 'Tech 2',
            part: 'p1',
            struck: false,
            strikable: true,
            text: { figure: '', unit: '', title: '', detail: '', word: '', reckoning: [] },
          },
        ],
      }),
    })
    const view = await box()
    await typed(view, TEXT)
    await view.find('form').trigger('submit')
    await flushPromises()
    expect(sent.at(-1)).toMatchObject({ method: 'POST', json: { text: TEXT } })
    expect(useCall().step).toBe('MATCH')
    expect((view.find('textarea').element as HTMLTextAreaElement).value).toBe('')
  })

  it('keeps what is wrong where it is and leads nowhere', async () => {
    const sent = server({
      '/api/label-box': { ...answer, problem: '3 readings, but there are only HERM, FAN' },
    })
    const view = await box()
    await typed(view, TEXT)
    await view.find('form').trigger('submit')
    await flushPromises()
    expect(sent.every((s) => s.path === '/api/label-box')).toBe(true)
    expect((view.find('textarea').element as HTMLTextAreaElement).value).toBe(TEXT)
  })

  it('is spoken to only where the browser can hear', async () => {
    server({ '/api/label-box': answer })
    expect((await box()).text()).not.toContain('Say')
    ear.isSupported.value = true
    const view = await box()
    await view
      .findAll('button')
      .find((b) => b.text() === 'Say')
      ?.trigger('click')
    expect(ear.toggle).toHaveBeenCalled()
    ear.result.value = '45 and 5'
    await flushPromises()
    expect((view.find('textarea').element as HTMLTextAreaElement).value).toBe('45 and 5')
  })

  it('says that a photo waits for its label, and lets it be left out', async () => {
    server({ '/api/label-box': answer })
    const view = await box()
    const photo = new File(['x'], 'label.jpg')
    view.findComponent(PhotoWay).vm.$emit('keep', '', photo)
    await flushPromises()
    expect(useUi().pendingPhoto).toBe(photo)
    expect(view.find('.waits').text()).toContain('Photo kept for this label')
    await view.find('.waits button').trigger('click')
    expect(useUi().pendingPhoto).toBeNull()
    expect(view.find('.waits').exists()).toBe(false)
  })
})
