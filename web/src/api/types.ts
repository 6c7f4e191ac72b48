import type { components } from './schema'

type Schemas = components['schemas']

export type CallView = Schemas['CallView']
export type CallCard = Schemas['CallCard']
export type CallsView = Schemas['CallsView']
export type PartView = Schemas['PartView']
export type LineView = Schemas['LineView']
export type JudgedView = Schemas['JudgedView']
export type FindingView = Schemas['FindingView']
export type Scale = Schemas['Scale']
export type Verdict = JudgedView['verdict']
export type Step = PartView['filled'][number]
export type Attribute = Schemas['Attribute']
export type Grade = OfferView['grade']
export type OfferView = Schemas['OfferView']
export type MatchesView = Schemas['MatchesView']
export type SheetView = Schemas['SheetView']
export type PairView = Schemas['PairView']
export type PieceView = Schemas['PieceView']
export type PadReading = Schemas['PadReading']
export type QuickPreview = Schemas['QuickPreview']
export type Person = Schemas['Person']
export type QuestionView = Schemas['QuestionView']
export type SuspectView = Schemas['SuspectView']
export type PlateSideView = Schemas['PlateSideView']
export type PlatePreview = Schemas['PlatePreview']
export type PlateCheckView = Schemas['PlateCheckView']
export type CorrectionView = Schemas['CorrectionView']
export type SizeView = Schemas['SizeView']
export type SupplyPointView = Schemas['SupplyPointView']
export type SafeStepView = Schemas['SafeStepView']
export type WindingsView = Schemas['WindingsView']
export type WindingsPreview = Schemas['WindingsPreview']
export type AmpTrend = Schemas['AmpTrend']
export type AmpsView = Schemas['AmpsView']
export type BeltView = Schemas['BeltView']
export type CheckView = Schemas['CheckView']
export type LeaveView = Schemas['LeaveView']
export type ProofView = Schemas['ProofView']
export type PointView = Schemas['PointView']
export type WriteUpView = Schemas['WriteUpView']
export type OptionView = Schemas['OptionView']
export type LookView = Schemas['LookView']
export type Preview = Schemas['Preview']
export type SpeedView = Schemas['SpeedView']
export type FoundView = Schemas['FoundView']
export type Wire = Schemas['Wire']
export type RecordView = Schemas['RecordView']
export type HistoryView = Schemas['HistoryView']
export type TrendView = Schemas['TrendView']
export type VisitView = Schemas['VisitView']
export type UnitView = Schemas['UnitView']
export type StockView = Schemas['StockView']
export type RulesView = Schemas['RulesView']
export type MeterView = Schemas['MeterView']
export type ReadAnswer = Schemas['ReadAnswer']
export type WireColour = Schemas['WireColour']
export type WireGiven = Schemas['WireGiven']
/** What a label says, as named fields; the attributes of its family tell their form. */
export type Fields = Record<string, unknown>

/** The six steps of a part, in their order. */
export const STEPS: readonly { step: Step; title: string }[] = [
  { step: 'READ', title: 'Read' },
  { step: 'TEST', title: 'Test' },
  { step: 'JUDGE', title: 'Judge' },
  { step: 'MATCH', title: 'Match' },
  { step: 'HOOK_UP', title: 'Hook up' },
  { step: 'PROVE', title: 'Prove' },
]
