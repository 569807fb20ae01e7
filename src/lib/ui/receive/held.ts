/** A pack that was dropped or opened elsewhere in the app, on its way to the page that takes it in. */
let held: unknown = null;

export const holdPack = (file: unknown): void => void (held = file);

/** The pack on its way; it is handed over once. */
export function takeHeld(): unknown {
	const pack = held;
	held = null;
	return pack;
}
