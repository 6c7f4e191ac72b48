import { api, body } from '@/api/client'
import { toldOnce } from '@/stores/toldOnce'

/** What a plate can say. */
export const usePlateAttributes = toldOnce('plate attributes', () => body(api.GET('/api/plate-attributes')))
