import * as z from 'zod/mini';
import type { LeftBehind } from '../../catalogue/details/types.ts';
import type { Caution } from '../../base/caution.ts';
import type { Rect } from '../../base/geometry/rect.ts';
import { id, position, shortText, size } from '../../base/schemas/sizes.ts';

/** What every feature is measured by: its outline from the wall's left end and the level datum. */
export const outlineShape = {
	id,
	name: shortText,
	x: position.check(z.describe('mm from the left end to its left edge')),
	y: position.check(z.describe('mm from the level datum up to its bottom edge')),
	width: size.check(z.describe('mm; of a door or window over the casing')),
	height: size
};

export interface AnyFeature extends Rect {
	id: string;
	name: string;
	kind: string;
}

/** A stretch of wall that a feature wants kept clear, and what a piece in it should know. */
export interface Zone {
	rect: Rect;
	/** Arrangements stay out of it: it is more than a courtesy. */
	keepOut: boolean;
	/** @param letter of the piece that reaches into the zone. */
	caution: (letter: string) => Caution;
}

/** What is likely to run in the wall from a feature. */
export type Service = 'cable' | 'pipe' | 'duct';

/** A question about a feature with a few fixed answers. */
export interface FeatureChoice {
	key: string;
	label: string;
	answer: string;
	answers: { answer: string; label: string }[];
}

/** What a part of a feature's drawing is made of. */
export type Ink =
	| 'casing'
	| 'leaf'
	| 'panel'
	| 'pane'
	| 'void'
	| 'bar'
	| 'brass'
	| 'wood'
	| 'wood-light'
	| 'plate'
	| 'slot'
	| 'metal'
	| 'cloth'
	| 'cushion'
	| 'shade'
	| 'mould'
	| 'dark';

/** Part of a feature's drawing, mm from its lower left corner, y up; `least` is a size in pixels it never goes below. */
export type Part =
	| { as: 'rect'; ink: Ink; x: number; y: number; width: number; height: number; least?: number }
	| { as: 'disc'; ink: Ink; x: number; y: number; r: number; least?: number }
	| { as: 'line'; ink: Ink; x: number; y: number; dx: number; dy: number };

export const FEATURE_GROUPS = [
	'openings',
	'fittings',
	'rails',
	'furniture',
	'left behind'
] as const;
export type FeatureGroup = (typeof FEATURE_GROUPS)[number];

/** Where a new feature starts, mm: its size, and its bottom above the floor or its top below the ceiling. */
export interface Start {
	width: number | 'whole wall';
	height: number;
	at: { aboveFloor: number } | { belowCeiling: number };
}

/** What a piece could fall on. */
export const BELOW = ['bed', 'cot', 'seat', 'hearth', 'stairs', 'glass'] as const;
export type Below = (typeof BELOW)[number];

/** One kind of thing on or before a wall. The rest of the app asks this face and never switches on a kind's name. */
export interface FeatureFace<F extends AnyFeature> {
	kind: F['kind'];
	label: string;
	group: FeatureGroup;
	schema: z.ZodMiniType<F>;
	/** Usual size and place, from memory. */
	start: Start;
	/** Facts besides its outline, as a new one has them. */
	usual: Omit<F, 'id' | 'name' | 'x' | 'y' | 'width' | 'height' | 'kind'>;
	/** A tape hooks on its edge under this name. */
	edge?: string;
	/** The layout of the studs may restart beside it. */
	breaksStuds?: true;
	/** It is a box fixed to the side of a stud, unless it was added later. */
	box?: (feature: F) => boolean;
	/** What is likely to run in the wall from it. */
	service?: Service;
	/** What was met in the wall here, and goes on from it. */
	met?(feature: F): Service;
	/** It is meant to be hung above: pieces are centred on it. */
	centres?: true;
	/** A group can be meant to hang so much above it. */
	hungOver?: true;
	/** Who or what is below a piece that hangs over it. */
	below?(feature: F): Below | null;
	/** It covers the foot of the wall and cannot be moved: nobody probes behind it. */
	fixed?: true;
	/** It stands on the floor or lies along the wall, so others may overlap it. */
	before?: true;
	/** What pieces should keep clear of, the strictest first. */
	zones(feature: F): Zone[];
	/** A weight that is known of it, kg; `of` answers undefined where that is not asked. */
	mass?: {
		label: string;
		help: string;
		of(feature: F): number | null | undefined;
		set(feature: F, kg: number | null): F;
	};
	/** It stands out of the wall, and holds a piece off it. */
	sticksOut?(feature: F): boolean;
	/** What it is to hang on again; null where nothing can be. */
	left?(feature: F): LeftBehind | null;
	choices?(feature: F): FeatureChoice[];
	/** The feature with a question answered. */
	choose?(feature: F, key: string, answer: string): F;
	draw(feature: F): Part[];
}

export const yesNo = (key: string, label: string, value: boolean): FeatureChoice => ({
	key,
	label,
	answer: value ? 'yes' : 'no',
	answers: [
		{ answer: 'no', label: 'no' },
		{ answer: 'yes', label: 'yes' }
	]
});
