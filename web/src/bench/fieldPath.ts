import type { Fields } from '@/api/types'

/**
 * A field of a label in one place of it: `compressors[0].ratedLoadAmps` is the figure of a row, `minimumCircuitAmps` stands
 * alone. Tells the name of the whole field and its value with that place set.
 */
export function withPlace(fields: Fields, path: string, value: unknown): { name: string; value: unknown } {
  const inRow = /^(\w+)\[(\d+)\]\.(\w+)$/.exec(path)
  if (!inRow) return { name: path, value }
  const [, name = '', at = '0', member = ''] = inRow
  const rows = Array.isArray(fields[name]) ? (fields[name] as Fields[]) : []
  return { name, value: rows.map((row, i) => (i === Number(at) ? { ...row, [member]: value } : row)) }
}
