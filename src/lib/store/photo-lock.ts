/** Name of the lock that every open project holds, so that its undo can still reach a photo. */
export const PHOTO_LOCK = 'warm-porch-photos';

/** Holds the photos for as long as a project is open; returns what lets them go. */
export function holdPhotos(): () => void {
	if (!('locks' in navigator)) return () => undefined;
	let letGo: () => void = () => undefined;
	const held = new Promise<void>((resolve) => (letGo = resolve));
	void navigator.locks.request(PHOTO_LOCK, { mode: 'shared' }, () => held);
	return letGo;
}
