import type { InjectionKey } from 'vue'
import type { FindingView } from '@/api/types'

/** What the work surface tells whatever is shown on it: the STOP that stands there, and how a finding is written up. */
export interface Bench {
  /** The STOP that stands here; null where none does. */
  readonly stop: { text: string; action: string } | null
  /** What the standing STOP says above the step, so that it is not said again below. */
  readonly said: string | null
  /** Whether this is where the STOP is seen to. */
  readonly isAtStop: boolean
  /** What is said there once it is seen to, where a tap settles it. */
  readonly done: string
  goStop(): void
  settleStop(): void
  readonly canWriteUp: boolean
  isWritten(finding: FindingView): boolean
  writeUp(finding: FindingView): unknown
}
export const BENCH: InjectionKey<Bench> = Symbol('bench')
