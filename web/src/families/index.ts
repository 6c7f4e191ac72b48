import type { Component } from 'vue'
import UnderLoadReading from './capacitor/UnderLoadReading.vue'
import LeadsPrinted from './motor/LeadsPrinted.vue'
import MotorRunning from './motor/MotorRunning.vue'
import MotorTest from './motor/MotorTest.vue'
import StandingWhere from './motor/StandingWhere.vue'
import PairCheck from './transformer/PairCheck.vue'

/** What a family of parts shows beyond what its schema draws. */
interface FamilyViews {
  /** what a part of it is called where no place names it */
  title: string
  /** another way to take a reading, and what it is called */
  otherTest?: { words: string; view: Component }
  /** the whole test, where it is more than readings section by section */
  test?: Component
  /** the proof with the power on, where it is more than compressor and fan amps */
  running?: Component
  /** what is proved before power, beside the list */
  before?: Component
  /** what has to be told of a new part before its sheet is made */
  newPart?: Component
  /** fields that are told better by a picture than by a word */
  fields?: Record<string, Component>
  /** what a label of it looks like, shown in the empty field */
  labelHint: string
}

/** Every family with views of its own; a new one is a line here. */
export const FAMILIES: Record<string, FamilyViews> = {
  capacitor: {
    title: 'Run capacitor',
    otherTest: { words: 'under load', view: UnderLoadReading },
    labelHint: '45/5 MFD 440 VAC ±6% 50/60 Hz',
  },
  motor: {
    title: 'Motor',
    test: MotorTest,
    running: MotorRunning,
    newPart: LeadsPrinted,
    fields: { rotationView: StandingWhere },
    labelHint: '1/4 HP 208-230 V 1 PH 60 HZ 1075 RPM 1.9 A CWLE CAP 5/370 FR 48Y',
  },
  contactor: { title: 'Contactor', labelHint: '2 POLE 30 FLA 180 LRA 240 V, COIL 24 V 50/60 HZ' },
  relay: { title: 'Relay', labelHint: 'SPDT COIL 24 V, CONTACTS 12 A 277 V' },
  fuse: { title: 'Fuses', labelHint: '40 A 250 V CLASS RK5 TIME DELAY' },
  transformer: {
    title: 'Control transformer',
    before: PairCheck,
    labelHint: '40 VA SEC 24 V CLASS 2, WHT COM, BLK 120, RED 208, ORG 240',
  },
  compressor: {
    title: 'Compressor',
    test: MotorTest,
    running: MotorRunning,
    labelHint: 'SCROLL COMPRESSOR R-410A 208/230 V 1 PH 60 HZ RLA 17.6 LRA 96 36000 BTU/H',
  },
  'crankcase-heater': { title: 'Crankcase heater', labelHint: 'CRANKCASE HEATER 240 V 70 W' },
  switch: {
    title: 'Switch',
    labelHint: 'HIGH PRESSURE SWITCH OPENS 610 PSI CLOSES 420 PSI SPNC MANUAL RESET',
  },
  overload: { title: 'Overload relay', labelHint: 'OVERLOAD RELAY 6-12 A CLASS 20 3 POLE MANUAL RESET' },
  'phase-monitor': {
    title: 'Phase monitor',
    labelHint: 'PHASE MONITOR 190-480 V SPDT UNBALANCE 3 % DELAY 5',
  },
  thermostat: { title: 'Thermostat', labelHint: 'THERMOSTAT 24 V 2 HEAT 1 COOL HEAT PUMP OR CONVENTIONAL' },
  board: { title: 'Control board', labelHint: 'CONTROL BOARD NO 4417-CB FUSE 3 A 24 V' },
  'start-device': { title: 'Start device', labelHint: 'PTC 1-3 TON 208/277 V' },
}
