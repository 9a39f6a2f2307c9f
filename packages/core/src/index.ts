// The core's public face. Functions go out through the checked edge (basics/publicFace.ts); add one in two lines:
// its import with an underscore, and its checked export.
import { checked } from './basics/publicFace';
import { parseQuantity as parseQuantity_ } from './quantity/parseQuantity';
import { figureParts as figureParts_ } from './quantity/format';
import { formatFigure as formatFigure_ } from './quantity/format';
import { exactText as exactText_ } from './quantity/exactText';
import { snap as snap_ } from './quantity/round';
import { snapDown as snapDown_ } from './quantity/round';
import { angle as angle_ } from './phrase/figure';
import { count as count_ } from './phrase/figure';
import { degrees as degrees_ } from './phrase/figure';
import { length as length_ } from './phrase/figure';
import { perFoot as perFoot_ } from './phrase/figure';
import { perMetre as perMetre_ } from './phrase/figure';
import { ratio as ratio_ } from './phrase/figure';
import { temperature as temperature_ } from './phrase/figure';
import { plainText as plainText_ } from './phrase/phrase';
import { halfAngleOf as halfAngleOf_ } from './taper/solve';
import { ratioOf as ratioOf_ } from './taper/solve';
import { solveTaper as solveTaper_ } from './taper/solve';
import { coneAngleTolerance as coneAngleTolerance_ } from './taper/grade';
import { taperTolerance as taperTolerance_ } from './taper/tolerance';
import { taperSeries as taperSeries_ } from './taper/series/registry';
import { taperSize as taperSize_ } from './taper/series/registry';
import { identifyTaper as identifyTaper_ } from './taper/identifyTaper';
import { selfHolding as selfHolding_ } from './taper/selfHolding';
import { attachmentBarShift as attachmentBarShift_ } from './way/attachmentBarShift';
import { attachmentCheck as attachmentCheck_ } from './way/attachmentCheck';
import { compareWays as compareWays_ } from './way/chooseWay';
import { compoundCheck as compoundCheck_ } from './way/compoundCheck';
import { halfAngleFromIndicator as halfAngleFromIndicator_ } from './way/halfAngleFromIndicator';
import { tailstockSetOver as tailstockSetOver_ } from './way/tailstockSetOver';
import { toolHeightError as toolHeightError_ } from './way/toolHeightError';
import { toolHeightLimit as toolHeightLimit_ } from './way/toolHeightError';
import { toolHeightProfile as toolHeightProfile_ } from './way/toolHeightError';
import { barReading as barReading_ } from './way/barScale';
import { fitBars as fitBars_ } from './way/boringBar';
import { smallestBore as smallestBore_ } from './way/boringBar';
import { judgeSweep as judgeSweep_ } from './setting/judge';
import { withinBand as withinBand_ } from './setting/judge';
import { deviceOf as deviceOf_ } from './setting/registry';
import { nextNudge as nextNudge_ } from './setting/registry';
import { schoolOf as schoolOf_ } from './setting/registry';
import { schoolsFor as schoolsFor_ } from './setting/registry';
import { settingSteps as settingSteps_ } from './setting/registry';
import { advanceFromInfeed as advanceFromInfeed_ } from './gauging/advanceFromInfeed';
import { dialOf as dialOf_ } from './gauging/advanceFromInfeed';
import { radialOf as radialOf_ } from './gauging/advanceFromInfeed';
import { angleNow as angleNow_ } from './evidence/angleNow';
import { ratioErrorFromSwing as ratioErrorFromSwing_ } from './gauging/ratioErrorFromSwing';
import { readStations as readStations_ } from './gauging/readStations';
import { stockFromStandOff as stockFromStandOff_ } from './gauging/stockFromStandOff';
import { passPlan as passPlan_ } from './cutting/passPlan';
import { layoutPart as layoutPart_ } from './part/layout';
import { outsideDiameter as outsideDiameter_ } from './part/layout';
import { radiusAt as radiusAt_ } from './part/layout';
import { outlineOf as outlineOf_ } from './part/outline';
import { solveTaperFeature as solveTaperFeature_ } from './part/solveTaperFeature';
import { taperOfPart as taperOfPart_ } from './part/taperTask';
import { cutState as cutState_ } from './job/cutState';
import { dialForDiameter as dialForDiameter_ } from './job/cutState';
import { passTo as passTo_ } from './job/cutState';
import { jobProgress as jobProgress_ } from './job/progress';
import { settingInForce as settingInForce_ } from './job/progress';
import { currentPiece as currentPiece_ } from './job/records';
import { ofKind as ofKind_ } from './job/records';
import { standing as standing_ } from './job/records';
import { lastReadings as lastReadings_ } from './job/tries';
import { triesOf as triesOf_ } from './job/tries';
import { approachAdvice as approachAdvice_ } from './job/approach';
import { approachOf as approachOf_ } from './job/approach';
import { evidenceOf as evidenceOf_ } from './job/approach';
import { lastPrediction as lastPrediction_ } from './job/approach';
import { salvageWays as salvageWays_ } from './gauging/salvage';
import { sineBarStack as sineBarStack_ } from './kit/sineBarStack';
import { pinBlock as pinBlock_ } from './kit/pinBlock';
import { gaugeBlockStack as gaugeBlockStack_ } from './kit/gaugeBlockStack';
import { stackWithWear as stackWithWear_ } from './kit/stackWithWear';
import { finest as finest_ } from './kit/instrument';
import { halfAngleOverRollers as halfAngleOverRollers_ } from './gauging/halfAngleOverRollers';
import { smallEndOverRollers as smallEndOverRollers_ } from './gauging/smallEndOverRollers';
import { boreBetweenBalls as boreBetweenBalls_ } from './gauging/boreBetweenBalls';
import { diameterAt20 as diameterAt20_ } from './gauging/diameterAt20';
import { fourJawOffset as fourJawOffset_ } from './holding/fourJawOffset';
import { threeJawPacking as threeJawPacking_ } from './eccentric/threeJawPacking';
import { valveAdvance as valveAdvance_ } from './eccentric/valveAdvance';
import { flatFormTool as flatFormTool_ } from './profile/flatFormTool';
import { circularFormTool as circularFormTool_ } from './profile/circularFormTool';
import { scallopHeight as scallopHeight_ } from './cutting/scallopHeight';
import { theoreticalFinish as theoreticalFinish_ } from './cutting/theoreticalFinish';
import { handFeedPace as handFeedPace_ } from './cutting/handFeedPace';
import { spindleSpeed as spindleSpeed_ } from './cutting/spindleSpeed';
import { compoundInfeed as compoundInfeed_ } from './way/compoundInfeed';
import { quickCompletions as quickCompletions_ } from './quick/quickSum';
import { quickSum as quickSum_ } from './quick/quickSum';
import { parseCounts as parseCounts_ } from './quantity/parseCounts';
import { parseSizes as parseSizes_ } from './quantity/parseSizes';
import { pinBlockDesign as pinBlockDesign_ } from './kit/pinBlockDesign';
import { propagate as propagate_ } from './uncertainty/propagate';
import { copyTaper as copyTaper_ } from './copy/registry';
import { featureMixUps as featureMixUps_ } from './part/featureMixUps';
import { inDivisions as inDivisions_ } from './part/featureMixUps';
import { shopSeries as shopSeries_ } from './taper/series/shop';
import { nextInfeed as nextInfeed_ } from './infeed/nextInfeed';
import { fitEvidence as fitEvidence_ } from './evidence/fitEvidence';
import { normalFrom as normalFrom_ } from './lathe/seeded';
import { seeded as seeded_ } from './lathe/seeded';
import { trueingLimit as trueingLimit_ } from './holding/trueUp';
import { trueUp as trueUp_ } from './holding/trueUp';
import { roundFit as roundFit_ } from './holding/circleFit';
import { stickOffset as stickOffset_ } from './holding/stick';
import { nearAndFar as nearAndFar_ } from './holding/tilt';
import { rimAndFace as rimAndFace_ } from './holding/tilt';
import { separateRunout as separateRunout_ } from './holding/tilt';
import { towardJaws as towardJaws_ } from './holding/words';
import { drillPlan as drillPlan_ } from './cutting/drillPlan';
import { bearingDiameter as bearingDiameter_ } from './gauging/driveUp';
import { driveUp as driveUp_ } from './gauging/driveUp';
import { threadNamed as threadNamed_ } from './thread/designation';
import { threadLimits as threadLimits_ } from './thread/limits';
import { usualClass as usualClass_ } from './thread/limits';
import { tapDrill as tapDrill_ } from './thread/tapDrill';
import { tappedHole as tappedHole_ } from './thread/tapDrill';
import { usualThreadLength as usualThreadLength_ } from './thread/tapDrill';
import { outsideThread as outsideThread_ } from './thread/outside';
import { bestWire as bestWire_ } from './thread/wires';
import { overWires as overWires_ } from './thread/wires';
import { pitchFromWires as pitchFromWires_ } from './thread/wires';
import { wireRange as wireRange_ } from './thread/wires';
import { changeGears as changeGears_ } from './thread/changeGears';
import { driftOver as driftOver_ } from './thread/changeGears';
import { materialNamed as materialNamed_ } from './cutting/material';
import { feedAndSpeed as feedAndSpeed_ } from './cutting/feedAndSpeed';
import { overhangOf as overhangOf_ } from './cutting/feedAndSpeed';
import { slowEnough as slowEnough_ } from './cutting/feedAndSpeed';
import { staircase as staircase_ } from './cutting/staircase';
import { allowanceFor as allowanceFor_ } from './cutting/allowance';
import { reamAdvice as reamAdvice_ } from './cutting/ream';
import { reamerWear as reamerWear_ } from './cutting/ream';
import { standOffBy as standOffBy_ } from './gauging/size/registry';
import { endangeredBy as endangeredBy_ } from './plan/orderOfWork';
import { inOrder as inOrder_ } from './plan/orderOfWork';
import { orderOfWork as orderOfWork_ } from './plan/orderOfWork';
import { badCombinations as badCombinations_ } from './job/badCombinations';
import { throwOf as throwOf_ } from './eccentric/throwOf';
import { eccentricFaults as eccentricFaults_ } from './eccentric/part';
import { eccentricsOf as eccentricsOf_ } from './eccentric/part';
import { endOn as endOn_ } from './eccentric/part';
import { nextPacking as nextPacking_ } from './eccentric/packingPlan';
import { packingPlan as packingPlan_ } from './eccentric/packingPlan';
import { throwFromPacking as throwFromPacking_ } from './eccentric/packingPlan';
import { dialIn as dialIn_ } from './eccentric/dialIn';
import { indicatorPlan as indicatorPlan_ } from './eccentric/dialIn';
import { offsetCentres as offsetCentres_ } from './eccentric/offsetCentres';
import { layOff as layOff_ } from './eccentric/layOff';
import { balance as balance_ } from './eccentric/balance';
import { counterweight as counterweight_ } from './eccentric/balance';
import { lightSide as lightSide_ } from './eccentric/balance';
import { pullAt as pullAt_ } from './eccentric/balance';
import { clearances as clearances_ } from './eccentric/beforePower';
import { speedAtThrow as speedAtThrow_ } from './eccentric/beforePower';
import { carriageTable as carriageTable_ } from './eccentric/carriageTable';
import { boreTools as boreTools_ } from './cutting/boreTools';
import { compareCurveWays as compareCurveWays_ } from './curve/ways';
import { shankEnds as shankEnds_ } from './part/shankEnds';
import { carriagePositions as carriagePositions_ } from './eccentric/carriagePositions';
import { setScrew as setScrew_ } from './eccentric/setScrew';
import { valveAt as valveAt_ } from './eccentric/valveMotion';
import { valveMotion as valveMotion_ } from './eccentric/valveMotion';
import { invalidates as invalidates_ } from './eccentric/invalidates';
import { compareEccentricWays as compareEccentricWays_ } from './eccentric/ways/registry';
import { holeLimits as holeLimits_ } from './fit/isoHole';
import { endForEnd as endForEnd_ } from './curve/piece';
import { endOf as endOf_ } from './curve/piece';
import { flipped as flipped_ } from './curve/piece';
import { lengthOf as lengthOf_ } from './curve/piece';
import { pointOn as pointOn_ } from './curve/piece';
import { sampled as sampled_ } from './curve/piece';
import { startOf as startOf_ } from './curve/piece';
import { cornersOf as cornersOf_ } from './curve/shapeCurve';
import { shapeCurve as shapeCurve_ } from './curve/shapeCurve';
import { offsetProfile as offsetProfile_ } from './curve/offsetProfile';
import { pathPlaces as pathPlaces_ } from './curve/offsetProfile';
import { outOfReach as outOfReach_ } from './curve/reach';
import { creepCosts as creepCosts_ } from './curve/tracerTemplate';
import { feedToFollow as feedToFollow_ } from './curve/tracerTemplate';
import { printerScale as printerScale_ } from './curve/tracerTemplate';
import { tracerTemplate as tracerTemplate_ } from './curve/tracerTemplate';
import { coordinateTable as coordinateTable_ } from './curve/coordinateTable';
import { bestFit as bestFit_ } from './curve/bestFit';
import { nearestOn as nearestOn_ } from './curve/nearestOn';
import { arcsAlong as arcsAlong_ } from './curve/arcsAlong';
import { reversedShape as reversedShape_ } from './curve/reversed';
import { goesInWhole as goesInWhole_ } from './curve/pair';
import { mateCurve as mateCurve_ } from './curve/pair';
import { mateOf as mateOf_ } from './curve/pair';
import { sharedDatum as sharedDatum_ } from './curve/pair';
import { pairJoint as pairJoint_ } from './curve/pair';
import { creepFound as creepFound_ } from './curve/creep';
import { finishing as finishing_ } from './curve/finishing';
import { soakMinutes as soakMinutes_ } from './profile/toolSteel';
import { standardShape as standardShape_ } from './curve/standardShapes';
import { chatterRisk as chatterRisk_ } from './profile/formTool';
import { plungeSpeed as plungeSpeed_ } from './profile/formTool';
import { formTool as formTool_ } from './profile/formTool';
import { testCut as testCut_ } from './profile/testCut';
import { formToolOutline as formToolOutline_ } from './profile/formToolOutline';
import { plungeOf as plungeOf_ } from './part/profileCurve';
import { profileCurve as profileCurve_ } from './part/profileCurve';
import { shapePoints as shapePoints_ } from './part/shapePoints';

export { AnelloError, type ErrorData } from './basics/error';
export { CATALOGUE, isErrorCode, type ErrorCode } from './basics/catalogue';

export { type ParsedQuantity, type QuantityRequest } from './quantity/parseQuantity';
export type { DefaultUnit, Dimension } from './quantity/units';
export { MM_PER_INCH, type UnitSystem } from './quantity/format';

export { TENTH_OF_DEGREE, type Figure, type Quantity } from './phrase/figure';
export { type Phrase } from './phrase/phrase';
export type { Working } from './phrase/working';

export { AGREEMENT, type SolvedTaper, type TaperGivens } from './taper/solve';
export { GRADES, type Grade } from './taper/grade';
export { type TaperTolerance } from './taper/tolerance';
export { TAPER_SERIES } from './taper/series/registry';
export { type Identification, type TaperMatch, type TaperMeasured } from './taper/identifyTaper';
export { FRICTION, type Holding } from './taper/selfHolding';
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

export { type WayChoice } from './way/chooseWay';
export { type TravelAlong } from './way/halfAngleFromIndicator';
export { WAY_IDS } from './way/wayId';
export { SCALE_NAMES } from './way/barScale';
export { STICK_OUT, type BarFit } from './way/boringBar';
export { USUAL_CUT } from './way/finish';
export type { CuttingFigures, End, Member, TaperTask, WayAssessment, WayId } from './way/way';

export { type SweepVerdict } from './setting/judge';
export { type SchoolChoice } from './setting/registry';
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

export { type DialReads } from './gauging/advanceFromInfeed';
export { CONTACTS, type Contact } from './gauging/contact';
export { type AngleEstimate } from './evidence/angleNow';
export { type StationFit, type StationReading } from './gauging/readStations';

export { type Pass, type PassRequest } from './cutting/passPlan';

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
export { type PartLayout, type Section } from './part/layout';
export { type OutlinePoint } from './part/outline';
export { type PartTaper } from './part/solveTaperFeature';
export { type TaperOfPart } from './part/taperTask';

export { type CutState } from './job/cutState';
export { STAGES, type JobFacts, type JobProgress, type Stage, type StageState } from './job/progress';
export {
  FEELS,
  type BodyOf,
  type Feel,
  type KeptRecord,
  type RecordBody,
  type RecordKind,
  type RecordOf,
} from './job/records';
export { type Try } from './job/tries';
export { USUAL_RISK, type Approach, type ApproachLimits } from './job/approach';
export { type SalvageWay } from './gauging/salvage';

export { type PinPosition } from './kit/pinBlock';
export { type BlockStack } from './kit/gaugeBlockStack';
export { type WearStack } from './kit/stackWithWear';
export { INSTRUMENT_TYPES, type Instrument, type InstrumentType } from './kit/instrument';
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
export { EXPANSION, MEASURED_WARM } from './gauging/diameterAt20';
export { METRIC_88 } from './kit/blockSets';
export { QUICK_PHRASES } from './quick/quickSum';
export type { QuickAnswer, QuickContext, QuickLine } from './quick/quickPhrase';
export { type CountRange } from './quantity/parseCounts';
export { type PinBlockDesign, type PinBlockWish, type PinHole, type PinTaper } from './kit/pinBlockDesign';
export { type Measured, type Propagated } from './uncertainty/propagate';
export { COPY_METHODS, type Copied } from './copy/registry';
export { COPY_IDS, type CopyId, type CopyInput, type CopyMethod } from './copy/copyMethod';
export { type SuspectFigure } from './part/featureMixUps';
export { type InfeedAdvice, type InfeedMove, type InfeedRequest, type Remedy } from './infeed/nextInfeed';
export type { Suspicion, SuspicionId } from './infeed/suspicion';
export type { InfeedPass } from './infeed/learn';
export { type EvidenceFit, type RankedCause } from './evidence/fitEvidence';
export type { ConeEnd, Evidence, EvidenceKind, Marked } from './evidence/evidence';
export { CAUSE_IDS, type CauseId } from './evidence/causes/cause';
export { NO_FAULTS, SimulatedLathe, type LatheFaults } from './lathe/simulatedLathe';
export { HONEST_KINDS, WRONG_KINDS } from './lathe/latheKinds';
export { TRUEING_SCHOOLS, type JawMove, type TrueingSchool, type TrueUp } from './holding/trueUp';
export { JAWS, type RoundFit, type RoundReading } from './holding/circleFit';
export { type DrillStep } from './cutting/drillPlan';
export { ELASTIC, type DriveUp, type ElasticName } from './gauging/driveUp';
export { THREAD_FORMS, type ThreadForm, type VeeThread } from './thread/form';
export { type NamedThread } from './thread/designation';
export { THREAD_CLASSES, type ThreadClass, type ThreadLimits } from './thread/limits';
export { type TapDrill, type TappedHole } from './thread/tapDrill';
export { type OutsideThread } from './thread/outside';
export { UNFELT_DRIFT, type GearTrain } from './thread/changeGears';
export { TOOL_MATERIALS, USUAL_MATERIALS, type Material, type ToolMaterial } from './cutting/material';
export { type Duty, type FeedAndSpeed } from './cutting/feedAndSpeed';
export { type Shoulder } from './cutting/staircase';
export { ALLOWANCE_FOR, type AllowanceFor } from './cutting/allowance';
export { type ReamAdvice } from './cutting/ream';
export { SIZE_METHODS } from './gauging/size/registry';
export { SIZE_IDS, type SizeId, type SizeMethod } from './gauging/size/sizeMethod';
export { OPERATION_IDS, type Endangered, type Operation, type OperationId } from './plan/operation';
export { type BadCombination } from './job/badCombinations';
export { type EccentricGroove, type EccentricPart } from './eccentric/part';
export { type JawFace, type PackingPlan } from './eccentric/packingPlan';
export { type DialIn } from './eccentric/dialIn';
export { type OffsetCentres } from './eccentric/offsetCentres';
export { type LayOff } from './eccentric/layOff';
export { type Balance, type RoundMass } from './eccentric/balance';
export { type Clearance, type ThrowSpeed } from './eccentric/beforePower';
export { USUAL_CARRIAGE_TOOLS, type CarriageTools } from './eccentric/carriageTable';
export { CURVE_WAY_IDS, type CurveAssessment, type CurveWayId } from './curve/ways';
export { type CarriageRow } from './eccentric/carriagePositions';
export { type SetScrew } from './eccentric/setScrew';
export { type ValveGear, type ValveMotion } from './eccentric/valveMotion';
export { MADE_IDS, type Invalidated, type MadeBasis, type MadeId } from './eccentric/invalidates';
export { ECCENTRIC_WAY_IDS, type EccentricAssessment, type EccentricWayId } from './eccentric/ways/way';
export { HOLE_FITS, type HoleFit } from './fit/isoHole';
export { type CurvePoint, type Piece } from './curve/piece';
export { RUNS, type Run, type ShapePoint } from './curve/shapeCurve';
export { type OffsetPath } from './curve/offsetProfile';
export { type OutOfReach } from './curve/reach';
export { PRINTED_BAR, type TracerTemplate } from './curve/tracerTemplate';
export { type CoordinateTable, type TableRow } from './curve/coordinateTable';
export { type BestFit, type Deviation } from './curve/bestFit';
export { type Along } from './curve/arcsAlong';
export { type Joint, type JointPlace } from './curve/pair';
export { type Creep } from './curve/creep';
export { CLOTH_GRITS, type Finishing, type FinishingStep } from './curve/finishing';
export { TEMPER_COLOURS, TOOL_STEELS, type TemperColour, type ToolSteel } from './profile/toolSteel';
export { SHAPES, type ShapeSize, type StandardShape } from './curve/standardShapes';
export { type FormTool, type FormToolKind, type FormToolPoint } from './profile/formTool';
export { type GrooveCheck, type LandVerdict, type PitchBands, type TestCut } from './profile/testCut';
export { type Plunge } from './part/profileCurve';

export const parseQuantity = /* @__PURE__ */ checked(parseQuantity_);
export const figureParts = /* @__PURE__ */ checked(figureParts_);
export const formatFigure = /* @__PURE__ */ checked(formatFigure_);
export const exactText = /* @__PURE__ */ checked(exactText_);
export const snap = /* @__PURE__ */ checked(snap_);
export const snapDown = /* @__PURE__ */ checked(snapDown_);
export const angle = /* @__PURE__ */ checked(angle_);
export const count = /* @__PURE__ */ checked(count_);
export const degrees = /* @__PURE__ */ checked(degrees_);
export const length = /* @__PURE__ */ checked(length_);
export const perFoot = /* @__PURE__ */ checked(perFoot_);
export const perMetre = /* @__PURE__ */ checked(perMetre_);
export const ratio = /* @__PURE__ */ checked(ratio_);
export const temperature = /* @__PURE__ */ checked(temperature_);
export const plainText = /* @__PURE__ */ checked(plainText_);
export const halfAngleOf = /* @__PURE__ */ checked(halfAngleOf_);
export const ratioOf = /* @__PURE__ */ checked(ratioOf_);
export const solveTaper = /* @__PURE__ */ checked(solveTaper_);
export const coneAngleTolerance = /* @__PURE__ */ checked(coneAngleTolerance_);
export const taperTolerance = /* @__PURE__ */ checked(taperTolerance_);
export const taperSeries = /* @__PURE__ */ checked(taperSeries_);
export const taperSize = /* @__PURE__ */ checked(taperSize_);
export const identifyTaper = /* @__PURE__ */ checked(identifyTaper_);
export const selfHolding = /* @__PURE__ */ checked(selfHolding_);
export const attachmentBarShift = /* @__PURE__ */ checked(attachmentBarShift_);
export const attachmentCheck = /* @__PURE__ */ checked(attachmentCheck_);
export const compareWays = /* @__PURE__ */ checked(compareWays_);
export const compoundCheck = /* @__PURE__ */ checked(compoundCheck_);
export const halfAngleFromIndicator = /* @__PURE__ */ checked(halfAngleFromIndicator_);
export const tailstockSetOver = /* @__PURE__ */ checked(tailstockSetOver_);
export const toolHeightError = /* @__PURE__ */ checked(toolHeightError_);
export const toolHeightLimit = /* @__PURE__ */ checked(toolHeightLimit_);
export const toolHeightProfile = /* @__PURE__ */ checked(toolHeightProfile_);
export const barReading = /* @__PURE__ */ checked(barReading_);
export const fitBars = /* @__PURE__ */ checked(fitBars_);
export const smallestBore = /* @__PURE__ */ checked(smallestBore_);
export const judgeSweep = /* @__PURE__ */ checked(judgeSweep_);
export const withinBand = /* @__PURE__ */ checked(withinBand_);
export const deviceOf = /* @__PURE__ */ checked(deviceOf_);
export const nextNudge = /* @__PURE__ */ checked(nextNudge_);
export const schoolOf = /* @__PURE__ */ checked(schoolOf_);
export const schoolsFor = /* @__PURE__ */ checked(schoolsFor_);
export const settingSteps = /* @__PURE__ */ checked(settingSteps_);
export const advanceFromInfeed = /* @__PURE__ */ checked(advanceFromInfeed_);
export const dialOf = /* @__PURE__ */ checked(dialOf_);
export const radialOf = /* @__PURE__ */ checked(radialOf_);
export const angleNow = /* @__PURE__ */ checked(angleNow_);
export const ratioErrorFromSwing = /* @__PURE__ */ checked(ratioErrorFromSwing_);
export const readStations = /* @__PURE__ */ checked(readStations_);
export const stockFromStandOff = /* @__PURE__ */ checked(stockFromStandOff_);
export const passPlan = /* @__PURE__ */ checked(passPlan_);
export const layoutPart = /* @__PURE__ */ checked(layoutPart_);
export const outsideDiameter = /* @__PURE__ */ checked(outsideDiameter_);
export const radiusAt = /* @__PURE__ */ checked(radiusAt_);
export const outlineOf = /* @__PURE__ */ checked(outlineOf_);
export const solveTaperFeature = /* @__PURE__ */ checked(solveTaperFeature_);
export const taperOfPart = /* @__PURE__ */ checked(taperOfPart_);
export const cutState = /* @__PURE__ */ checked(cutState_);
export const dialForDiameter = /* @__PURE__ */ checked(dialForDiameter_);
export const passTo = /* @__PURE__ */ checked(passTo_);
export const jobProgress = /* @__PURE__ */ checked(jobProgress_);
export const settingInForce = /* @__PURE__ */ checked(settingInForce_);
export const currentPiece = /* @__PURE__ */ checked(currentPiece_);
export const ofKind = /* @__PURE__ */ checked(ofKind_);
export const standing = /* @__PURE__ */ checked(standing_);
export const lastReadings = /* @__PURE__ */ checked(lastReadings_);
export const triesOf = /* @__PURE__ */ checked(triesOf_);
export const approachAdvice = /* @__PURE__ */ checked(approachAdvice_);
export const approachOf = /* @__PURE__ */ checked(approachOf_);
export const evidenceOf = /* @__PURE__ */ checked(evidenceOf_);
export const lastPrediction = /* @__PURE__ */ checked(lastPrediction_);
export const salvageWays = /* @__PURE__ */ checked(salvageWays_);
export const sineBarStack = /* @__PURE__ */ checked(sineBarStack_);
export const pinBlock = /* @__PURE__ */ checked(pinBlock_);
export const gaugeBlockStack = /* @__PURE__ */ checked(gaugeBlockStack_);
export const stackWithWear = /* @__PURE__ */ checked(stackWithWear_);
export const finest = /* @__PURE__ */ checked(finest_);
export const halfAngleOverRollers = /* @__PURE__ */ checked(halfAngleOverRollers_);
export const smallEndOverRollers = /* @__PURE__ */ checked(smallEndOverRollers_);
export const boreBetweenBalls = /* @__PURE__ */ checked(boreBetweenBalls_);
export const diameterAt20 = /* @__PURE__ */ checked(diameterAt20_);
export const fourJawOffset = /* @__PURE__ */ checked(fourJawOffset_);
export const threeJawPacking = /* @__PURE__ */ checked(threeJawPacking_);
export const valveAdvance = /* @__PURE__ */ checked(valveAdvance_);
export const flatFormTool = /* @__PURE__ */ checked(flatFormTool_);
export const circularFormTool = /* @__PURE__ */ checked(circularFormTool_);
export const scallopHeight = /* @__PURE__ */ checked(scallopHeight_);
export const theoreticalFinish = /* @__PURE__ */ checked(theoreticalFinish_);
export const handFeedPace = /* @__PURE__ */ checked(handFeedPace_);
export const spindleSpeed = /* @__PURE__ */ checked(spindleSpeed_);
export const compoundInfeed = /* @__PURE__ */ checked(compoundInfeed_);
export const quickCompletions = /* @__PURE__ */ checked(quickCompletions_);
export const quickSum = /* @__PURE__ */ checked(quickSum_);
export const parseCounts = /* @__PURE__ */ checked(parseCounts_);
export const parseSizes = /* @__PURE__ */ checked(parseSizes_);
export const pinBlockDesign = /* @__PURE__ */ checked(pinBlockDesign_);
export const propagate = /* @__PURE__ */ checked(propagate_);
export const copyTaper = /* @__PURE__ */ checked(copyTaper_);
export const featureMixUps = /* @__PURE__ */ checked(featureMixUps_);
export const inDivisions = /* @__PURE__ */ checked(inDivisions_);
export const shopSeries = /* @__PURE__ */ checked(shopSeries_);
export const nextInfeed = /* @__PURE__ */ checked(nextInfeed_);
export const fitEvidence = /* @__PURE__ */ checked(fitEvidence_);
export const normalFrom = /* @__PURE__ */ checked(normalFrom_);
export const seeded = /* @__PURE__ */ checked(seeded_);
export const trueingLimit = /* @__PURE__ */ checked(trueingLimit_);
export const trueUp = /* @__PURE__ */ checked(trueUp_);
export const roundFit = /* @__PURE__ */ checked(roundFit_);
export const stickOffset = /* @__PURE__ */ checked(stickOffset_);
export const nearAndFar = /* @__PURE__ */ checked(nearAndFar_);
export const rimAndFace = /* @__PURE__ */ checked(rimAndFace_);
export const separateRunout = /* @__PURE__ */ checked(separateRunout_);
export const towardJaws = /* @__PURE__ */ checked(towardJaws_);
export const drillPlan = /* @__PURE__ */ checked(drillPlan_);
export const bearingDiameter = /* @__PURE__ */ checked(bearingDiameter_);
export const driveUp = /* @__PURE__ */ checked(driveUp_);
export const threadNamed = /* @__PURE__ */ checked(threadNamed_);
export const threadLimits = /* @__PURE__ */ checked(threadLimits_);
export const usualClass = /* @__PURE__ */ checked(usualClass_);
export const tapDrill = /* @__PURE__ */ checked(tapDrill_);
export const tappedHole = /* @__PURE__ */ checked(tappedHole_);
export const usualThreadLength = /* @__PURE__ */ checked(usualThreadLength_);
export const outsideThread = /* @__PURE__ */ checked(outsideThread_);
export const bestWire = /* @__PURE__ */ checked(bestWire_);
export const overWires = /* @__PURE__ */ checked(overWires_);
export const pitchFromWires = /* @__PURE__ */ checked(pitchFromWires_);
export const wireRange = /* @__PURE__ */ checked(wireRange_);
export const changeGears = /* @__PURE__ */ checked(changeGears_);
export const driftOver = /* @__PURE__ */ checked(driftOver_);
export const materialNamed = /* @__PURE__ */ checked(materialNamed_);
export const feedAndSpeed = /* @__PURE__ */ checked(feedAndSpeed_);
export const overhangOf = /* @__PURE__ */ checked(overhangOf_);
export const slowEnough = /* @__PURE__ */ checked(slowEnough_);
export const staircase = /* @__PURE__ */ checked(staircase_);
export const allowanceFor = /* @__PURE__ */ checked(allowanceFor_);
export const reamAdvice = /* @__PURE__ */ checked(reamAdvice_);
export const reamerWear = /* @__PURE__ */ checked(reamerWear_);
export const standOffBy = /* @__PURE__ */ checked(standOffBy_);
export const endangeredBy = /* @__PURE__ */ checked(endangeredBy_);
export const inOrder = /* @__PURE__ */ checked(inOrder_);
export const orderOfWork = /* @__PURE__ */ checked(orderOfWork_);
export const badCombinations = /* @__PURE__ */ checked(badCombinations_);
export const throwOf = /* @__PURE__ */ checked(throwOf_);
export const eccentricFaults = /* @__PURE__ */ checked(eccentricFaults_);
export const eccentricsOf = /* @__PURE__ */ checked(eccentricsOf_);
export const endOn = /* @__PURE__ */ checked(endOn_);
export const nextPacking = /* @__PURE__ */ checked(nextPacking_);
export const packingPlan = /* @__PURE__ */ checked(packingPlan_);
export const throwFromPacking = /* @__PURE__ */ checked(throwFromPacking_);
export const dialIn = /* @__PURE__ */ checked(dialIn_);
export const indicatorPlan = /* @__PURE__ */ checked(indicatorPlan_);
export const offsetCentres = /* @__PURE__ */ checked(offsetCentres_);
export const layOff = /* @__PURE__ */ checked(layOff_);
export const balance = /* @__PURE__ */ checked(balance_);
export const counterweight = /* @__PURE__ */ checked(counterweight_);
export const lightSide = /* @__PURE__ */ checked(lightSide_);
export const pullAt = /* @__PURE__ */ checked(pullAt_);
export const clearances = /* @__PURE__ */ checked(clearances_);
export const speedAtThrow = /* @__PURE__ */ checked(speedAtThrow_);
export const carriageTable = /* @__PURE__ */ checked(carriageTable_);
export const boreTools = /* @__PURE__ */ checked(boreTools_);
export const compareCurveWays = /* @__PURE__ */ checked(compareCurveWays_);
export const shankEnds = /* @__PURE__ */ checked(shankEnds_);
export const carriagePositions = /* @__PURE__ */ checked(carriagePositions_);
export const setScrew = /* @__PURE__ */ checked(setScrew_);
export const valveAt = /* @__PURE__ */ checked(valveAt_);
export const valveMotion = /* @__PURE__ */ checked(valveMotion_);
export const invalidates = /* @__PURE__ */ checked(invalidates_);
export const compareEccentricWays = /* @__PURE__ */ checked(compareEccentricWays_);
export const holeLimits = /* @__PURE__ */ checked(holeLimits_);
export const endForEnd = /* @__PURE__ */ checked(endForEnd_);
export const endOf = /* @__PURE__ */ checked(endOf_);
export const flipped = /* @__PURE__ */ checked(flipped_);
export const lengthOf = /* @__PURE__ */ checked(lengthOf_);
export const pointOn = /* @__PURE__ */ checked(pointOn_);
export const sampled = /* @__PURE__ */ checked(sampled_);
export const startOf = /* @__PURE__ */ checked(startOf_);
export const cornersOf = /* @__PURE__ */ checked(cornersOf_);
export const shapeCurve = /* @__PURE__ */ checked(shapeCurve_);
export const offsetProfile = /* @__PURE__ */ checked(offsetProfile_);
export const pathPlaces = /* @__PURE__ */ checked(pathPlaces_);
export const outOfReach = /* @__PURE__ */ checked(outOfReach_);
export const creepCosts = /* @__PURE__ */ checked(creepCosts_);
export const feedToFollow = /* @__PURE__ */ checked(feedToFollow_);
export const printerScale = /* @__PURE__ */ checked(printerScale_);
export const tracerTemplate = /* @__PURE__ */ checked(tracerTemplate_);
export const coordinateTable = /* @__PURE__ */ checked(coordinateTable_);
export const bestFit = /* @__PURE__ */ checked(bestFit_);
export const nearestOn = /* @__PURE__ */ checked(nearestOn_);
export const arcsAlong = /* @__PURE__ */ checked(arcsAlong_);
export const reversedShape = /* @__PURE__ */ checked(reversedShape_);
export const goesInWhole = /* @__PURE__ */ checked(goesInWhole_);
export const mateCurve = /* @__PURE__ */ checked(mateCurve_);
export const mateOf = /* @__PURE__ */ checked(mateOf_);
export const sharedDatum = /* @__PURE__ */ checked(sharedDatum_);
export const pairJoint = /* @__PURE__ */ checked(pairJoint_);
export const creepFound = /* @__PURE__ */ checked(creepFound_);
export const finishing = /* @__PURE__ */ checked(finishing_);
export const soakMinutes = /* @__PURE__ */ checked(soakMinutes_);
export const standardShape = /* @__PURE__ */ checked(standardShape_);
export const chatterRisk = /* @__PURE__ */ checked(chatterRisk_);
export const plungeSpeed = /* @__PURE__ */ checked(plungeSpeed_);
export const formTool = /* @__PURE__ */ checked(formTool_);
export const testCut = /* @__PURE__ */ checked(testCut_);
export const formToolOutline = /* @__PURE__ */ checked(formToolOutline_);
export const plungeOf = /* @__PURE__ */ checked(plungeOf_);
export const profileCurve = /* @__PURE__ */ checked(profileCurve_);
export const shapePoints = /* @__PURE__ */ checked(shapePoints_);
