/**
 * How far off people, tools and pieces are, mm, one standard deviation. It stands apart from the figures the plan reckons
 * with, so that a ± that is too hopeful shows. From memory.
 */
export const OFF = {
	/** Bearing to hole of a hook, from maker to maker: one draw a day for each kind. */
	hook: 3,
	/** Where a load rests on a hook that is held by its lowest point; the same. */
	held: 1,
	/** A drop read while the wire is pulled up, or while it hangs on the hook of the tape. */
	pulled: 1.7,
	hungOnTape: 0.8,
	/** The floor, or a line, at one place. */
	floor: 1,
	nail: 0.8,
	tape: 0.75,
	/** One draw a day. */
	tapeHook: 0.5,
	pencil: 0.5,
	/** Degrees. */
	level: 0.04,
	/** Mass and rings beside the middle of a piece. */
	mass: 2.5,
	rings: 1.2,
	wallWidth: 1,
	size: 0.8,
	/** What an eye takes off a line or a gap. */
	eye: 0.5,
	/** A tap on a nail, or a bent hook. */
	tap: 0.4
} as const;
export type Off = { readonly [What in keyof typeof OFF]: number };

/** Nothing but what a hand does to a mark: tape, pencil and nail. */
export const FLOOR: Off = {
	...(Object.fromEntries(Object.keys(OFF).map((what) => [what, 0])) as Off),
	...{ nail: OFF.nail, tape: OFF.tape, pencil: OFF.pencil }
};
