/** The public face of the core: stored facts in, everything derived out. Each name is used outside the core, or is asked for by the API or by checks from outside. */
export type { Caution } from './base/caution.ts';
export { type Derived, writeSum } from './base/derived.ts';
export { RING_PLATE_MM } from './base/figures/hardware.ts';
export { HALF_STUD_MM } from './base/figures/studs.ts';
export { before, type Eye, seenFrom, type Spot } from './base/geometry/camera.ts';
export {
	type Homography,
	inverseMap,
	mapPoint,
	type Quad,
	rectToQuad
} from './base/geometry/homography.ts';
export { alongLine, type Point } from './base/geometry/line.ts';
export {
	boundsOf,
	centreX,
	centreY,
	overlap,
	type Rect,
	right,
	top
} from './base/geometry/rect.ts';
export { memoised } from './base/memo.ts';
export { normalDraw, seeded, seedOf } from './base/random.ts';
export { failsBy, type Failure, ok, type Result } from './base/result.ts';
export type { Outline } from './base/schemas/outline.ts';
export {
	type Paper,
	type Printing,
	SHEET_NAMES,
	type SheetName,
	SHEETS,
	usualPaper,
	usualPrinting,
	usualSheet
} from './base/schemas/paper.ts';
export { MM_PER_INCH } from './base/units/constants.ts';
export { formatLength, type LengthStyle, tickOf } from './base/units/format-length.ts';
export { formatForce, formatMass, massUnitOf, parseMass } from './base/units/mass.ts';
export { offerOtherUnit } from './base/units/other-unit.ts';
export { type LengthUnit, parseLength } from './base/units/parse-length.ts';
export { readLength } from './base/units/read-length.ts';
export { lengthToken, formatMessage } from './base/units/message.ts';
export { averageOf } from './readings/average.ts';
export { estimate } from './readings/estimate.ts';
export { type Fact, factKey, featureFact, isOfFeature } from './readings/fact.ts';
export { causesOf, nineInTen, within } from './readings/spread.ts';
export { balanceOf, type PieceFact, pieceFacts } from './piece/piece-facts.ts';
export { readingsOf } from './readings/kept.ts';
export { type FactReading } from './readings/reading.ts';
export { WAY_WORDS, type WayOfReading } from './readings/ways.ts';
export { bitIn, fixingOf, fixings, holdingIn, SUITS } from './catalogue/details/index.ts';
export {
	type Fixing,
	type Ground,
	GROUNDS,
	type Meaning,
	NEVER,
	TOOLS
} from './catalogue/details/types.ts';
export { padThickness } from './piece/even-depth.ts';
export { bearingToHole, standOffOf } from './catalogue/facts/bearing-to-hole.ts';
export { HOOK_KINDS, type HookKind, hookOf } from './catalogue/facts/list.ts';
export { lateralYield } from './catalogue/facts/wood/lateral-yield.ts';
export { nailWithdrawal, screwWithdrawal } from './catalogue/facts/wood/withdrawal.ts';
export {
	chooseOnFeature,
	faceOf,
	type Feature,
	featureFaces,
	type FeatureKind
} from './wall/features/index.ts';
export { FEATURE_GROUPS } from './wall/features/types.ts';
export {
	type Fades,
	FADES,
	FADES_WORDS,
	isTooMuch,
	LIGHT_LIMITS,
	lightDose,
	lightOfYear
} from './wall/light/light-dose.ts';
export { luxOn } from './wall/light/lux-on.ts';
export { spotOnWall } from './wall/light/spot.ts';
export { estimateStuds, type Stud, type StudEstimate } from './wall/studs/estimate.ts';
export { PITCHES, SURE } from './wall/studs/layouts.ts';
export {
	HIDDEN_KINDS,
	type HiddenKind,
	hiddenWall,
	type HiddenWall,
	PROBE_TOOLS,
	type ProbeTool,
	tryTool
} from './wall/studs/hidden-wall.ts';
export {
	type Hint,
	HINT_KINDS,
	HINT_WORDS,
	type HintKind,
	moved,
	SPAN_HINTS,
	spanOf
} from './wall/studs/hint.ts';
export type { KeptHint } from './wall/studs/kept-hint.ts';
export { leanAt } from './wall/studs/lean.ts';
export { nextProbe, type ProbeFacts, WORTH_A_NAIL } from './wall/studs/next-probe.ts';
export {
	claims,
	coverage,
	doubtIn,
	NINETY,
	practiceScore,
	type PracticeScore,
	searchByAdvice,
	searchByQuarters,
	type Try
} from './wall/studs/practice.ts';
export { type ReadFrom, typedPlace } from './wall/studs/typed-place.ts';
export { BOARDS, type Made, substrateOf, substrates } from './wall/substrates/index.ts';
export { surfaces, SURFACES } from './wall/substrates/surface.ts';
export { ceilingFall, errorOff, floorFall } from './wall/survey/fall.ts';
export { ceilingAt, ceilingLine, floorAt, floorLine, wallTop } from './wall/survey/outline.ts';
export { proofsOf } from './wall/survey/proofs.ts';
export type { Run } from './wall/survey/runs.ts';
export {
	type Lit,
	type RailSort,
	type Stairs,
	WET_SIDES,
	type WetSide
} from './wall/survey/schemas.ts';
export { downAt, slopeTo } from './wall/survey/slope.ts';
export { rakeOf, stairsSpan } from './wall/survey/stairs.ts';
export type { WallPhoto } from './wall/survey/wall-photo.ts';
export { longestScrew } from './piece/framing/frame-size.ts';
export { frameFromWork, MOUNT_SCHOOLS, type MountSchool } from './piece/framing/from-work.ts';
export { mountMargins } from './piece/framing/mount.ts';
export { backHardware } from './piece/hangers/back-hardware.ts';
export {
	type Back,
	canBeNothing,
	chooseOn,
	hangerOf,
	hangers,
	hookWith,
	measureOn
} from './piece/hangers/index.ts';
export { howToHang } from './piece/hangers/how-to.ts';
export type { HangerKind } from './piece/hangers/kinds.ts';
export { highSide, tiltOf } from './piece/hangers/level.ts';
export { stayLevel } from './piece/hangers/stay-level.ts';
export { tapeStrip } from './piece/hangers/strip.ts';
export {
	type BackShape,
	type Choice,
	type Dimension,
	FRAME_MATERIALS,
	type HangerRules,
	type HangSolution,
	type HungPiece,
	type PiecePoint,
	type Pull
} from './piece/hangers/types.ts';
export { massBelowRings, strandsOf, type WireBack } from './piece/hangers/wire-reading.ts';
export {
	angleForFactor,
	asKilograms,
	type CurvePoint,
	cutLength,
	pullOverWeight,
	ringHeights,
	steadyCurve,
	tensionCurve,
	wireNeed
} from './piece/hangers/wire-workshop.ts';
export { hungPiece, unmeasuredOn } from './piece/hung-piece.ts';
export { backCheck, checkTally, jobsOf } from './piece/kinds/back-check.ts';
export { fadesOf } from './piece/kinds/fades-of.ts';
export { kindOf, kinds, type PieceKind } from './piece/kinds/index.ts';
export type { OutlineShape } from './piece/kinds/types.ts';
export { usualFrame, type Found, type FrameFacts, type Piece, pieceSchema } from './piece/piece.ts';
export { cleatLoads, studsUnder } from './piece/statics/cleat.ts';
export { hookHeight } from './piece/statics/hook-height.ts';
export { leanPull } from './piece/statics/lean.ts';
export { offCentreHook } from './piece/statics/off-centre-hook.ts';
export { hookCorrection, tiltFromHookError, twoPointLoads } from './piece/statics/two-points.ts';
export { levelHooksOnWire } from './piece/statics/uneven-hooks.ts';
export { hangOnWire, wireLengthFromPull } from './piece/statics/wire.ts';
export {
	MOULDINGS,
	PROFILES,
	BACKINGS,
	BODIES,
	type Build,
	CONTENTS,
	GLAZINGS
} from './piece/weight/build.ts';
export { estimateWeight } from './piece/weight/estimate.ts';
export { narrowing, pieceEstimate, weightToReckon } from './piece/weight/piece-weight.ts';
export { usualBuild } from './piece/weight/usual-build.ts';
export { activeArrangement, groupOf, withArrangement } from './model/arrangement.ts';
export type { DayEvent, Met, NewDayEvent } from './model/day.ts';
export type { Settlement } from './model/fix.ts';
export { PROJECT_FORMAT, PROJECT_VERSION } from './model/format.ts';
export type { Hanging, HungPoint } from './model/hanging.ts';
export { type HouseRules, rulesOn, usualHouseRules } from './model/house-rules.ts';
export {
	CENTRE_SCHOOLS,
	FIX_SCHOOLS,
	GAP_SCHOOLS,
	type School,
	WIRE_SCHOOLS
} from './model/schools.ts';
export { freeLetters, nextLetter } from './model/letters.ts';
export { firstFault, openProject } from './model/open.ts';
export { PLACE_FACTS, type PlaceFact } from './model/place.ts';
export { movedBy } from './model/placed.ts';
export type { PlannedHook, PlannedPiece } from './model/planned.ts';
export { type Kit, kitSchema, type OwnHook, type Project, projectSchema } from './model/project.ts';
export {
	startArrangement,
	startBack,
	startFeature,
	startOutline,
	startPiece,
	startPlacement,
	startProject,
	startWall,
	startWallPhoto
} from './model/start.ts';
export type {
	AcrossDatum,
	Arrangement,
	PlacedHeight,
	Placement,
	Reserved,
	UpDatum,
	Wall
} from './model/wall.ts';
export { placementSchema } from './model/wall.ts';
export { BAG_GROUPS, type BagItem, bagOf } from './fixing/bag/bag.ts';
export { groupByPiece, type Gathered } from './fixing/cautions/group-by-piece.ts';
export type { LiftGuide } from './fixing/cautions/heavy-lift.ts';
export { halts } from './fixing/cautions/halts.ts';
export { NOT_CHECKED, notCheckedYet } from './fixing/cautions/not-checked.ts';
export { ofEveryHole } from './fixing/cautions/standing.ts';
export { groundsOf } from './fixing/choose/hole-ground.ts';
export { type HandPoint } from './fixing/choose/by-hand.ts';
export { changesBy } from './fixing/choose/changes.ts';
export { settledAs, type FixingOption } from './fixing/choose/choose.ts';
export { ownRating, type Use, withinRule } from './fixing/choose/holds.ts';
export { mostInStud } from './fixing/choose/most-in-stud.ts';
export { mayRust } from './fixing/may-rust.ts';
export { type OldHole, oldHoles } from './fixing/choose/old-holes.ts';
export type { Solved, BinaryProgram } from './fixing/fit/model.ts';
export { failureNaming } from './layout/named.ts';
export { arrange, type Candidate, type ArrangeRequest } from './layout/arrange.ts';
export { closeUp } from './layout/close-up.ts';
export { evenGaps } from './layout/even-gaps.ts';
export { floorFirst, type FloorFirst } from './layout/floor-first.ts';
export { type Gap, neighbourGaps } from './layout/gaps.ts';
export { hangingOf, type Move } from './layout/outlined.ts';
export { remedies, type Remedy } from './layout/remedies.ts';
export { boxOf } from './layout/room.ts';
export { arrangeInRounds, type Progress } from './layout/rounds.ts';
export { SCORE_PARTS, SCORE_WORDS } from './layout/score-words.ts';
export type { LayoutIssue } from './layout/lint-layout.ts';
export { type Guide, snapMove, type Snapped } from './layout/snap.ts';
export { stairRun } from './layout/stair-run.ts';
export { type Eyes, EYES, lookAt } from './layout/step-back.ts';
export { styleFacts } from './layout/styles/index.ts';
export { actTakes, together, TOGETHER_ACTS, type TogetherAct } from './layout/together.ts';
export { type Item, type Region, STYLE_NAMES, type StyleName } from './layout/types.ts';
export { cutPlan, type CutSheet } from './marking/cutting/cut-plan.ts';
export { cutSteps } from './marking/cutting/cut-steps.ts';
export { type PaperPlan, planPaper, type Roll } from './marking/cutting/paper.ts';
export { type Strip, type StripPlan } from './marking/cutting/strip-plan.ts';
export {
	acrossDatums,
	datumKey,
	hookedAcross,
	type TapeOrigin,
	hookedUp,
	upDatums
} from './marking/marks/datum.ts';
export { crossedBy, LINE_CHECKS, lineOffers } from './marking/marks/level-line.ts';
export { groupEdges } from './marking/marks/group-edge.ts';
export { offsetFact } from './marking/marks/resting.ts';
export { besideMark, markedPoint } from './marking/marks/marked-point.ts';
export { markStrips } from './marking/marks/mark-strip.ts';
export { stripsServe } from './marking/marks/strips-serve.ts';
export type { Mark, TapeReading } from './marking/marks/compute-marks.ts';
export { type SecondMeasure, secondMeasures } from './marking/marks/second-measure.ts';
export { bothUnits, coarser, type Styles, stylesOf } from './marking/marks/styles.ts';
export { drawTemplate } from './marking/true-size/draw-template.ts';
export { elevationPage } from './marking/true-size/elevation-page.ts';
export {
	type Drawing,
	type Drawn,
	type DrawnOval,
	type DrawnText,
	type PenName,
	PENS,
	scaledUp
} from './marking/true-size/ink.ts';
export { sheetFrames } from './marking/true-size/page-frame.ts';
export { cardPage } from './marking/true-size/card-page.ts';
export type { PaperPage } from './marking/true-size/page.ts';
export { printTemplates, type TemplatePrint } from './marking/true-size/print.ts';
export { stripDrawing, stripPages } from './marking/true-size/strip-pages.ts';
export { type PrintedTable, tablePages } from './marking/true-size/table-pages.ts';
export { type Template, templateOf } from './marking/true-size/template.ts';
export { anchorsOn } from './plan/anchors.ts';
export { itemOf, placementsOf, usualRegion, arrangeRequestFor } from './plan/arrange-wall.ts';
export { freePlace } from './plan/free-place.ts';
export {
	type Brings,
	type FitGaps,
	fitWall,
	type FitScope,
	mayFitStuds,
	type StudFit
} from './plan/fit-wall.ts';
export {
	fixOnWall,
	type Framing,
	holdsNow,
	nailPullOf,
	type PieceFix,
	stoppedBy
} from './plan/fix.ts';
export { hangPiece } from './plan/hang.ts';
export { bestMeasure, type NextMeasure } from './plan/best-measure.ts';
export { sideNeighbours, type Landing } from './plan/landing.ts';
export { howSure, type HowSure, knownOfBacks } from './plan/how-sure.ts';
export { landingOfPiece, landingsOn } from './plan/landings-on.ts';
export { learnedFrom } from './plan/learn.ts';
export { lookAgain } from './plan/look-again.ts';
export { onNoWall, piecesById, placementsOn, placeWall } from './plan/place-wall.ts';
export { marksOfPiece, planWallFast, type WallPlan } from './plan/plan-wall-fast.ts';
export { ABOVE_FURNITURE_MM } from './base/figures/layout.ts';
export { type Figures, figuresOf, type FigureWord, withFigures } from './model/one-line/figures.ts';
export { lineOf } from './model/one-line/line-of.ts';
export type { ByLine } from './model/one-line/piece-by-line.ts';
export { type LineTold, piecesByLines, readLines } from './model/one-line/pieces-by-lines.ts';
export { knownLean, knownStuds } from './plan/known-studs.ts';
export { planWall } from './plan/plan-wall.ts';
export { scoreOnWall } from './plan/score-wall.ts';
export { boxHints, mayHaveStuds, studFacts } from './plan/stud-facts.ts';
export { type Bones, solveBones } from './plan/studs.ts';
export { holesAt, holesOf, toFill } from './day/book/holes.ts';
export { sinceTrouble } from './day/book/hung-before.ts';
export {
	byHook,
	type HangRecord,
	hangsBy,
	hangsOn,
	lateOn,
	overdue,
	recordsOf
} from './day/book/records.ts';
export { hungAt, timelineOf } from './day/book/timeline.ts';
export {
	careNotes,
	doseOf,
	hoursItMay,
	lampWithin,
	litOn,
	nearIt,
	spotFor
} from './day/care/care-of.ts';
export { applyEvent } from './day/hangday/apply-event.ts';
export { hungBeside, type HungBeside, seenAgainst } from './plan/in-line.ts';
export { highHook, holeAsRead, topReading } from './day/hangday/as-read.ts';
export {
	bumperInstruction,
	gapInstruction,
	heightInstruction,
	hooksInstruction,
	type Instruction,
	levelDone,
	levelInstruction,
	type LevelTold,
	oddReading,
	type OddReading
} from './day/hangday/came-out.ts';
export { eventFace } from './day/hangday/events/index.ts';
export { frozenPoints, newHanging } from './day/hangday/frozen.ts';
export { type Merged, mergeDay } from './day/hangday/merge.ts';
export { momentAfter } from './day/hangday/moment.ts';
export {
	type HangPack,
	isPack,
	mayTakePlan,
	openPack,
	PACK_FORMAT,
	packWall
} from './day/hangday/pack.ts';
export { wallReading } from './plan/wall-reading.ts';
export { changesBetween, sameFacts } from './model/changes.ts';
export { type PastStep, pastSteps } from './day/hangday/past-steps.ts';
export { type DayProof, dayProofs, provedBy } from './day/hangday/prove.ts';
export { nextStep, oneOn, runSheet, type SheetStep, stepTitles } from './day/hangday/run-sheet.ts';
export { cautionsTogether, doneTogether, firstTogether } from './day/hangday/together.ts';
export { isAnotherDay } from './day/hangday/same-day.ts';
export { markAfter, spokenStep } from './day/hangday/spoken.ts';
export { dayState } from './day/hangday/state.ts';
export { type Phase, PHASES, stopsOf, toHang } from './day/hangday/steps/types.ts';
export { type Trouble, TROUBLES } from './day/hangday/wrong.ts';
export { inspectionOf } from './day/job/inspection.ts';
export { LIVING_WITH } from './day/job/living-with.ts';
export { takesTwo, timeFor } from './day/job/time.ts';
export { nextStation, type StationNotes, stationNotesOn } from './day/stations.ts';
export { CORNER_READING_MM, LEVEL_LENGTH_MM, TAPE_READING_MM } from './base/figures/readings.ts';
export { pointNamed } from './model/point-id.ts';
export { gapWasRead, hookWasSet, heightWasRead } from './day/hangday/as-set.ts';
export {
	backMarks,
	type BackMark,
	figuresOfBack,
	FRAME_CORNERS,
	knownOfBack,
	type MarkedBack,
	type PhotoFigure,
	seenBack,
	sizeOfBack
} from './photo/back-marks.ts';
export { type Lens, type PhotoSize, seenBy } from './photo/lens.ts';
export { readPhoto } from './photo/read-photo.ts';
export {
	isRinged,
	KNOWN_SHEET_NAMES,
	type KnownSheetName,
	knownSheetSaid,
	shapeOf,
	sheetAt
} from './photo/sheets.ts';
export {
	outlineOf,
	featureMarks,
	figuresOfFeature,
	figuresOfWall,
	knownOfWall,
	seenWall,
	WALL_CORNERS,
	wallAsKnown,
	type WallFigure
} from './photo/wall-marks.ts';
export type { Taped } from './photo/taped.ts';
