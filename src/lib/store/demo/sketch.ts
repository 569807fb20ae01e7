import { KG_PER_POUND, MM_PER_INCH } from '../../core/base/units/constants.ts';
import {
	hangerOf,
	faceOf,
	startBack,
	startOutline,
	startPlacement,
	startWall,
	kindOf,
	type Back,
	type FactReading,
	type Feature,
	type FeatureKind,
	type HangerKind,
	type Piece,
	type Placement,
	type Wall
} from '../../core/index.ts';

export const inch = (value: number): number => value * MM_PER_INCH;
export const pounds = (value: number): number => value * KG_PER_POUND;

interface Sketch extends Partial<Piece> {
	letter: string;
	name: string;
	width: number;
	height: number;
	back: Back;
}

/** A piece as it was read at the bench; sizes in mm, weight in kg. */
export function piece({ letter, kind = 'framed', back, ...known }: Sketch): Piece {
	const { depth, outlines } = kindOf(kind);
	return {
		id: `piece-${letter.toLowerCase()}`,
		letter,
		kind,
		depth,
		outline: startOutline(outlines[0]),
		glazing: 'none',
		frame: null,
		weight: null,
		build: null,
		massOffset: 0,
		massUp: null,
		art: kind === 'mirror' ? '' : known.name,
		photo: '',
		colour: '',
		set: '',
		notes: '',
		fades: null,
		worth: null,
		found: {},
		hook: hangerOf(back).hooks[0],
		back,
		...known
	};
}

/** A back with every figure measured. */
export function measuredBack<K extends HangerKind>(
	kind: K,
	size: { width: number; height: number },
	figures: Partial<Extract<Back, { kind: K }>>
): Back {
	return { ...startBack(kind, size), ...figures, assumed: [] } as Back;
}

const READ = { at: '2026-04-18T10:20:00.000Z', by: '', simulated: false, struck: false };

export const byTape = (value: number): FactReading => ({
	...READ,
	...{ id: 'demo-tape', value, way: 'tape' }
});

/** @param own its standard deviation as the photo gave it, mm. */
export const byPhoto = (value: number, own: number): FactReading => ({
	...READ,
	...{ id: 'demo-photo', value, way: 'photo', spread: { own, shared: 0 } }
});

export const feature = (
	id: string,
	kind: FeatureKind,
	name: string,
	[x, y, width, height]: [number, number, number, number],
	more: object = {}
): Feature =>
	({ ...faceOf({ kind }).usual, id, kind, name, x, y, width, height, ...more }) as Feature;

/** A wall of which little is known beyond what is given. */
export const wall = (
	known: Partial<Wall> & Pick<Wall, 'id' | 'name' | 'width' | 'height' | 'arrangements'>
): Wall => ({
	...startWall(() => 'unused', known),
	activeArrangement: known.arrangements[0]!.id,
	...known
});

export const at = (letter: string, x: number, height: Placement['height']): Placement =>
	startPlacement(`piece-${letter.toLowerCase()}`, x, height);

export const centre = (y: number): Placement['height'] => ({ from: 'centre', at: y });
