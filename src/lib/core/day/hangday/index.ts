/** The day of hanging: events and what they change, the steps of the run sheet, what came out, packs between devices. */

export * from './as-read.ts';
export * from './came-out.ts';
export { eventFace } from './events/index.ts';
export * from './frozen.ts';
export * from './apply-event.ts';
export * from './merge.ts';
export * from './moment.ts';
export * from './pack.ts';
export * from './prove.ts';
export * from './run-sheet.ts';
export * from './spoken.ts';
export * from './same-day.ts';
export * from './state.ts';
export * from './wrong.ts';
export {
	PHASES,
	stopsOf,
	toHang,
	type Ask,
	type DayFacts,
	type Phase,
	type Step
} from './steps/types.ts';
export * from './as-set.ts';
