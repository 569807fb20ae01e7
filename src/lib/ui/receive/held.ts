import type { ZippedPhoto } from '../../files/photo-zip.ts';

/** What is taken in: parsed JSON that says it is a pack, and the photos that came with it. */
export interface Arrived {
	pack: unknown;
	photos: readonly ZippedPhoto[];
}

/** A pack that was dropped or opened elsewhere in the app, on its way to the page that takes it in. */
let held: Arrived | null = null;

export const holdPack = (arrived: Arrived): void => void (held = arrived);

/** The pack on its way; it is handed over once. */
export function takeHeld(): Arrived | null {
	const arrived = held;
	held = null;
	return arrived;
}
