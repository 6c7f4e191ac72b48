import type { Component } from 'vue'
import UnderLoadReading from './capacitor/UnderLoadReading.vue'

/** What a family of parts shows beyond what its schema draws. */
interface FamilyViews {
  /** another way to take a reading, and what it is called */
  otherTest?: { words: string; view: Component }
  /** what a label of it looks like, shown in the empty field */
  labelHint: string
}

/** Every family with views of its own; a new one is a line here. */
export const FAMILIES: Record<string, FamilyViews> = {
  capacitor: {
    otherTest: { words: 'under load', view: UnderLoadReading },
    labelHint: '45/5 MFD 440 VAC ±6% 50/60 Hz',
  },
}
