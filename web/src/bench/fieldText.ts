import type { Attribute } from '@/api/types'

/** Whether its rows hold more than one figure, so that each has to say which it is. */
export const isTable = (attribute: Attribute) => attribute.rows.filter((a) => a.type === 'NUMBER').length > 1

/** What a typed field came to: a value, nothing, or what is wrong with it. */
export type Typed = { value: unknown } | { wrong: string }

/** Codes of labels stay as they are printed. */
const CODE = /\d|^(PSC|CW|CCW|ODP|TEAO|TENV|TEFC|HERM|FAN|[A-Z])$/

/** What a choice is called: a code as printed, a word in small letters. */
export function wordsOf(option: string): string {
  return CODE.test(option) ? option : option.toLowerCase().replaceAll('_', ' ')
}

/** A value as it stands in its field; lists with commas, groups with strokes, numbers by name as "A 450, B 500". */
export function textOf(attribute: Attribute, value: unknown): string {
  if (value === undefined || value === null) return ''
  if (Array.isArray(value))
    return value
      .map((v) => (Array.isArray(v) ? v.join(', ') : v))
      .join(Array.isArray(value[0]) ? ' / ' : ', ')
  if (attribute.type === 'NUMBERS_BY_NAME') {
    return Object.entries(value as Record<string, number>)
      .map(([name, n]) => `${name} ${n}`)
      .join(', ')
  }
  return attribute.options.find((written) => isOf(value, written)) ?? String(value)
}

/** Whether a figure is the one that is written so: 0.333 is 1/3. */
function isOf(value: unknown, written: string): boolean {
  return typeof value === 'number' && Math.abs((numberIn(written) ?? NaN) - value) < 0.001
}

/** The value of what was typed; an empty field means that it is not known. */
export function valueOf(attribute: Attribute, text: string): Typed {
  const typed = text.trim()
  if (typed === '') return { value: undefined }
  switch (attribute.type) {
    case 'NUMBER':
    case 'SIGNED_NUMBER': {
      const n = numberIn(typed)
      return n === null || (n < 0 && attribute.type === 'NUMBER')
        ? {
            wrong: `"${typed}" is no figure${attribute.unit ? ` in ${attribute.unit}` : ''}: write it as 7.5`,
          }
        : { value: n }
    }
    case 'NUMBERS': {
      const all = typed
        .split(/[\s/;]+|,\s*/)
        .filter((t) => t !== '')
        .map(numberIn)
      return all.some((n) => n === null)
        ? { wrong: `"${typed}": write figures with commas, as 50, 60` }
        : { value: all }
    }
    case 'NUMBER_GROUPS': {
      const groups = typed
        .split('/')
        .map((g) =>
          g
            .split(/[\s,;–-]+/)
            .filter((t) => t !== '')
            .map(numberIn),
        )
        .filter((g) => g.length > 0)
      if (groups.some((g) => g.some((n) => n === null)) || groups.length === 0)
        return {
          wrong: `"${typed}": write 208, 230, and a second winding behind a stroke, as 208, 230 / 460`,
        }
      return { value: groups.length === 1 ? groups[0] : groups }
    }
    case 'NUMBERS_BY_NAME': {
      const pairs = typed.split(',').map((t) => /^\s*([A-Za-z]+)\s*:?\s*([\d.]+)\s*$/.exec(t))
      return pairs.some((p) => p === null)
        ? { wrong: `"${typed}": write name and figure, as B 450, D 500` }
        : { value: Object.fromEntries(pairs.map((p) => [p?.[1], Number(p?.[2])])) }
    }
    default:
      return { value: typed }
  }
}

/** A number as it is typed: 1/4, 1 1/2, 0,25; null where it is none. */
export function numberIn(text: string): number | null {
  const part = /^(?:(\d+)[\s-]+)?(\d+)\/(\d+)$/.exec(text.trim())
  if (part && Number(part[3]) > 0) return Number(part[1] ?? 0) + Number(part[2]) / Number(part[3])
  const plain = text.replace(',', '.').replace('−', '-')
  return /^-?(\d+\.?\d*|\.\d+)$/.test(plain) ? Number(plain) : null
}
