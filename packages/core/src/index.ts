export { AnelloError, type ErrorData } from './basics/error';
export { CATALOGUE, isErrorCode, type ErrorCode } from './basics/catalogue';

export { parseQuantity, type ParsedQuantity, type QuantityRequest } from './quantity/parseQuantity';
export type { DefaultUnit, Dimension } from './quantity/units';
export { figureParts, formatFigure, MM_PER_INCH, type UnitSystem } from './quantity/format';
export { exactText } from './quantity/exactText';
export { snap, snapDown } from './quantity/round';

export {
  angle,
  count,
  degrees,
  length,
  perFoot,
  perMetre,
  ratio,
  temperature,
  TENTH_OF_DEGREE,
  type Figure,
  type Quantity,
} from './phrase/figure';
export { plainText, type Phrase } from './phrase/phrase';
export type { Working } from './phrase/working';

export {
  AGREEMENT,
  halfAngleOf,
  ratioOf,
  solveTaper,
  type SolvedTaper,
  type TaperGivens,
} from './taper/solve';
export { GRADES, coneAngleTolerance, type Grade } from './taper/grade';
export { taperTolerance, type TaperTolerance } from './taper/tolerance';
export { TAPER_SERIES, taperSeries, taperSize } from './taper/series/registry';
export {
  identifyTaper,
  type Identification,
  type TaperMatch,
  type TaperMeasured,
} from './taper/identifyTaper';
export { selfHolding, FRICTION, type Holding } from './taper/selfHolding';
export type { SeriesId, TaperSeries, TaperSize } from './taper/series/series';

export type {
  Attachment,
  BarScale,
  Compound,
  CrossDial,
  Device,
  Lathe,
  ScaleUnit,
  StillSet,
  Tailstock,
} from './lathe/lathe';

export { attachmentBarShift } from './way/attachmentBarShift';
export { attachmentCheck } from './way/attachmentCheck';
export { compareWays, type WayChoice } from './way/chooseWay';
export { compoundCheck } from './way/compoundCheck';
export { halfAngleFromIndicator, type TravelAlong } from './way/halfAngleFromIndicator';
export { tailstockSetOver } from './way/tailstockSetOver';
export { toolHeightError, toolHeightLimit, toolHeightProfile } from './way/toolHeightError';
export { WAY_IDS } from './way/wayId';
export { barReading, SCALE_NAMES } from './way/barScale';
export { fitBars, smallestBore, STICK_OUT, type BarFit } from './way/boringBar';
export { USUAL_CUT } from './way/finish';
export type { CuttingFigures, End, Member, TaperTask, WayAssessment, WayId } from './way/way';

export { judgeSweep, withinBand, type SweepVerdict } from './setting/judge';
export {
  deviceOf,
  nextNudge,
  schoolOf,
  schoolsFor,
  settingSteps,
  type SchoolChoice,
} from './setting/registry';
export { SCHOOL_IDS, type SchoolId } from './setting/schoolId';
export type { StepDrawing } from './setting/drawing';
export type {
  LabelledFigure,
  Nudge,
  NudgeMove,
  SettingContext,
  SettingStep,
  Station,
  StepTable,
  Sweep,
} from './setting/setting';

export { advanceFromInfeed, dialOf, radialOf, type DialReads } from './gauging/advanceFromInfeed';
export { CONTACTS, type Contact } from './gauging/contact';
export { angleNow, type AngleEstimate } from './evidence/angleNow';
export { ratioErrorFromSwing } from './gauging/ratioErrorFromSwing';
export { readStations, type StationFit, type StationReading } from './gauging/readStations';
export { stockFromStandOff } from './gauging/stockFromStandOff';

export { passPlan, type Pass, type PassRequest } from './cutting/passPlan';

export type {
  Bore,
  Cylinder,
  Eccentric,
  Feature,
  FeatureKind,
  Groove,
  Profile,
  Side,
  Taper,
  Thread,
} from './part/feature';
export { FEATURE_NAMES } from './part/describeKinds';
export { layoutPart, outsideDiameter, radiusAt, type PartLayout, type Section } from './part/layout';
export { outlineOf, type OutlinePoint } from './part/outline';
export { solveTaperFeature, type PartTaper } from './part/solveTaperFeature';
export { taperOfPart, type TaperOfPart } from './part/taperTask';

export { cutState, dialForDiameter, passTo, type CutState } from './job/cutState';
export {
  jobProgress,
  settingInForce,
  STAGES,
  type JobFacts,
  type JobProgress,
  type Stage,
  type StageState,
} from './job/progress';
export {
  currentPiece,
  FEELS,
  ofKind,
  standing,
  type BodyOf,
  type Feel,
  type KeptRecord,
  type RecordBody,
  type RecordKind,
  type RecordOf,
} from './job/records';
export { lastReadings, triesOf, type Try } from './job/tries';
export {
  approachAdvice,
  approachOf,
  evidenceOf,
  lastPrediction,
  USUAL_RISK,
  type Approach,
  type ApproachLimits,
} from './job/approach';
export { salvageWays, type SalvageWay } from './gauging/salvage';

export { sineBarStack } from './kit/sineBarStack';
export { pinBlock, type PinPosition } from './kit/pinBlock';
export { gaugeBlockStack, type BlockStack } from './kit/gaugeBlockStack';
export { stackWithWear, type WearStack } from './kit/stackWithWear';
export { finest, INSTRUMENT_TYPES, type Instrument, type InstrumentType } from './kit/instrument';
export {
  NO_KIT,
  type BlockSet,
  type BoringBar,
  type Kit,
  type Master,
  type PinBlockOwned,
  type SineBar,
  type TaperReamer,
} from './kit/kit';
export { halfAngleOverRollers } from './gauging/halfAngleOverRollers';
export { smallEndOverRollers } from './gauging/smallEndOverRollers';
export { boreBetweenBalls } from './gauging/boreBetweenBalls';
export { diameterAt20, EXPANSION, MEASURED_WARM } from './gauging/diameterAt20';
export { fourJawOffset } from './holding/fourJawOffset';
export { threeJawPacking } from './eccentric/threeJawPacking';
export { valveAdvance } from './eccentric/valveAdvance';
export { flatFormTool } from './profile/flatFormTool';
export { circularFormTool } from './profile/circularFormTool';
export { scallopHeight } from './cutting/scallopHeight';
export { theoreticalFinish } from './cutting/theoreticalFinish';
export { handFeedPace } from './cutting/handFeedPace';
export { spindleSpeed } from './cutting/spindleSpeed';
export { compoundInfeed } from './way/compoundInfeed';
export { METRIC_88 } from './kit/blockSets';
export { QUICK_PHRASES, quickCompletions, quickSum } from './quick/quickSum';
export type { QuickAnswer, QuickContext, QuickLine } from './quick/quickPhrase';
export { parseCounts, type CountRange } from './quantity/parseCounts';
export { parseSizes } from './quantity/parseSizes';
export {
  pinBlockDesign,
  type PinBlockDesign,
  type PinBlockWish,
  type PinHole,
  type PinTaper,
} from './kit/pinBlockDesign';
export { propagate, type Measured, type Propagated } from './uncertainty/propagate';
export { COPY_METHODS, copyTaper, type Copied } from './copy/registry';
export { COPY_IDS, type CopyId, type CopyInput, type CopyMethod } from './copy/copyMethod';
export { featureMixUps, inDivisions, type SuspectFigure } from './part/featureMixUps';
export { shopSeries } from './taper/series/shop';
export {
  nextInfeed,
  type InfeedAdvice,
  type InfeedMove,
  type InfeedRequest,
  type Remedy,
} from './infeed/nextInfeed';
export type { Suspicion, SuspicionId } from './infeed/suspicion';
export type { InfeedPass } from './infeed/learn';
export { fitEvidence, type EvidenceFit, type RankedCause } from './evidence/fitEvidence';
export type { ConeEnd, Evidence, EvidenceKind, Marked } from './evidence/evidence';
export { CAUSE_IDS, type CauseId } from './evidence/causes/cause';
export { normalFrom, seeded } from './lathe/seeded';
export { NO_FAULTS, SimulatedLathe, type LatheFaults } from './lathe/simulatedLathe';
export { HONEST_KINDS, WRONG_KINDS } from './lathe/latheKinds';
export {
  trueingLimit,
  trueUp,
  TRUEING_SCHOOLS,
  type JawMove,
  type TrueingSchool,
  type TrueUp,
} from './holding/trueUp';
export { roundFit, JAWS, type RoundFit, type RoundReading } from './holding/circleFit';
export { stickOffset } from './holding/stick';
export { nearAndFar, rimAndFace, separateRunout } from './holding/tilt';
export { towardJaws } from './holding/words';
export { drillPlan, type DrillStep } from './cutting/drillPlan';
export { bearingDiameter, driveUp, ELASTIC, type DriveUp, type ElasticName } from './gauging/driveUp';
export { THREAD_FORMS, type ThreadForm, type VeeThread } from './thread/form';
export { threadNamed, type NamedThread } from './thread/designation';
export { tapDrill, tappedHole, usualThreadLength, type TapDrill, type TappedHole } from './thread/tapDrill';
export { outsideThread, type OutsideThread } from './thread/outside';
export { bestWire, overWires, pitchFromWires, wireRange } from './thread/wires';
export { changeGears, driftOver, UNFELT_DRIFT, type GearTrain } from './thread/changeGears';
export {
  materialNamed,
  TOOL_MATERIALS,
  USUAL_MATERIALS,
  type Material,
  type ToolMaterial,
} from './cutting/material';
export { feedAndSpeed, overhangOf, slowEnough, type Duty, type FeedAndSpeed } from './cutting/feedAndSpeed';
export { staircase, type Shoulder } from './cutting/staircase';
export { ALLOWANCE_FOR, allowanceFor, type AllowanceFor } from './cutting/allowance';
export { reamAdvice, reamerWear, type ReamAdvice } from './cutting/ream';
export { SIZE_METHODS, standOffBy } from './gauging/size/registry';
export { SIZE_IDS, type SizeId, type SizeMethod } from './gauging/size/sizeMethod';
export { endangeredBy, inOrder, orderOfWork } from './plan/orderOfWork';
export { OPERATION_IDS, type Endangered, type Operation, type OperationId } from './plan/operation';
export { badCombinations, type BadCombination } from './job/badCombinations';
export { throwOf } from './eccentric/throwOf';
export {
  eccentricFaults,
  eccentricsOf,
  endOn,
  type EccentricGroove,
  type EccentricPart,
} from './eccentric/part';
export {
  nextPacking,
  packingPlan,
  throwFromPacking,
  type JawFace,
  type PackingPlan,
} from './eccentric/packingPlan';
export { dialIn, indicatorPlan, type DialIn } from './eccentric/dialIn';
export { offsetCentres, type OffsetCentres } from './eccentric/offsetCentres';
export { layOff, type LayOff } from './eccentric/layOff';
export { balance, counterweight, lightSide, pullAt, type Balance, type RoundMass } from './eccentric/balance';
export { clearances, speedAtThrow, type Clearance, type ThrowSpeed } from './eccentric/beforePower';
export { carriageTable, USUAL_CARRIAGE_TOOLS, type CarriageTools } from './eccentric/carriageTable';
export { boreTools } from './cutting/boreTools';
export { compareCurveWays, CURVE_WAY_IDS, type CurveAssessment, type CurveWayId } from './curve/ways';
export { shankEnds } from './part/shankEnds';
export { carriagePositions, type CarriageRow } from './eccentric/carriagePositions';
export { setScrew, type SetScrew } from './eccentric/setScrew';
export { valveAt, valveMotion, type ValveGear, type ValveMotion } from './eccentric/valveMotion';
export {
  invalidates,
  MADE_IDS,
  type Invalidated,
  type MadeBasis,
  type MadeId,
} from './eccentric/invalidates';
export { compareEccentricWays } from './eccentric/ways/registry';
export { ECCENTRIC_WAY_IDS, type EccentricAssessment, type EccentricWayId } from './eccentric/ways/way';
export { HOLE_FITS, holeLimits, type HoleFit } from './fit/isoHole';
export {
  endForEnd,
  endOf,
  flipped,
  lengthOf,
  pointOn,
  sampled,
  startOf,
  type CurvePoint,
  type Piece,
} from './curve/piece';
export { cornersOf, RUNS, shapeCurve, type Run, type ShapePoint } from './curve/shapeCurve';
export { offsetProfile, pathPlaces, type OffsetPath } from './curve/offsetProfile';
export { outOfReach, type OutOfReach } from './curve/reach';
export {
  creepCosts,
  feedToFollow,
  PRINTED_BAR,
  printerScale,
  tracerTemplate,
  type TracerTemplate,
} from './curve/tracerTemplate';
export { coordinateTable, type CoordinateTable, type TableRow } from './curve/coordinateTable';
export { bestFit, type BestFit, type Deviation } from './curve/bestFit';
export { nearestOn } from './curve/nearestOn';
export { arcsAlong, type Along } from './curve/arcsAlong';
export { reversedShape } from './curve/reversed';
export {
  goesInWhole,
  mateCurve,
  mateOf,
  sharedDatum,
  pairJoint,
  type Joint,
  type JointPlace,
} from './curve/pair';
export { creepFound, type Creep } from './curve/creep';
export { CLOTH_GRITS, finishing, type Finishing, type FinishingStep } from './curve/finishing';
export {
  soakMinutes,
  TEMPER_COLOURS,
  TOOL_STEELS,
  type TemperColour,
  type ToolSteel,
} from './profile/toolSteel';
export { SHAPES, standardShape, type ShapeSize, type StandardShape } from './curve/standardShapes';
export {
  chatterRisk,
  plungeSpeed,
  formTool,
  type FormTool,
  type FormToolKind,
  type FormToolPoint,
} from './profile/formTool';
export {
  testCut,
  type GrooveCheck,
  type LandVerdict,
  type PitchBands,
  type TestCut,
} from './profile/testCut';
export { formToolOutline } from './profile/formToolOutline';
export { plungeOf, profileCurve, type Plunge } from './part/profileCurve';
export { shapePoints } from './part/shapePoints';
