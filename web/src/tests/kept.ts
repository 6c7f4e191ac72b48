/** What the device keeps, without a database: jsdom has none. Stands in for idb-keyval in all tests, empty before each. */
export const kept = new Map<string, unknown>()

export const get = async (key: string) => kept.get(key)
export const set = async (key: string, value: unknown) => void kept.set(key, value)
export const del = async (key: string) => void kept.delete(key)
export const entries = async () => [...kept.entries()]
