/** How a piece meets what stands in the wall: caught on a hook, on a bare shank, screwed through a plate or a batten, and so on. */
export type Role = 'hook' | 'shank' | 'plate' | 'batten' | 'neck' | 'cord' | 'stick';

/** One kind of hook as a mark needs it. Figures are typical until the person measures their own. */
export interface Hook {
	kind: string;
	name: string;
	role: Role;
	/**
	 * The hole relative to the bearing point, mm: right and up positive; angle of the nail above level, degrees.
	 * Source beside each figure.
	 */
	bearingToHole: { dx: number; dy: number; angle: number };
	/** How far off the wall the hook carries the load, mm. */
	standOff: number;
	/** From its nail down to the toe of its plate, mm: the weight pries the nail about it. None where there is no plate. */
	toe?: number;
	/** What its mark is on the wall: a hole to make, a place to stick to, where a cord hangs, or what is there already. */
	puts: 'hole' | 'place' | 'cord' | 'kept';
	/** Which of its two points it is held by, and so is marked: where the load rests, or where the nail or screw goes in. */
	markedAt: 'bearing' | 'hole';
	/** A latch or a spring closes it over what hangs in it. */
	latched?: true;
	/** It only pricks the face of the wall. */
	shallow?: true;
	/** On a driven nail: a tap or a bend moves it a little without a new hole. */
	gives?: true;
	/** How to put it on its mark. */
	setting: string;
	/** What of it has to wait until the piece is held there. Common practice. */
	onceHeld?: string;
}
