import type { WrongField } from './client'

/** Names that say no more than the field one has just typed in. */
const PLAIN = new Set(['text', 'words', 'value', 'name', 'what', 'note'])

/** What is wrong with the fields of a request, as one says it: `options[0].words` is "Option 1". */
export function fieldWords(errors: readonly WrongField[]): string {
  return errors.map(said).join(' ')
}

function said(wrong: WrongField): string {
  const path = wrong.field.split('.')
  const places = path.flatMap((step) => {
    const at = /^(\w+?)s?\[(\d+)\]$/.exec(step)
    return at ? [`${words(at[1] ?? '')} ${Number(at[2]) + 1}`] : []
  })
  const last = path.at(-1) ?? ''
  const name = last.includes('[') || PLAIN.has(last) ? [] : [words(last)]
  const given = wrong.value === undefined || wrong.value.trim() === '' ? [] : [`"${wrong.value}"`]
  const about = [...places, ...name, ...given].join(', ')
  return large(about ? `${about}: ${wrong.problem}.` : `${wrong.problem}.`).replace(/([.!?])\.$/, '$1')
}

const words = (name: string) =>
  name.replace(/([a-z])([A-Z])/g, (_, a: string, b: string) => `${a} ${b.toLowerCase()}`)
const large = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)
