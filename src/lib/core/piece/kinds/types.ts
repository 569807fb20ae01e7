import type { HangerKind } from '../hangers/kinds.ts';
import type { Fades } from '../../wall/light/light-dose.ts';
import type { Check } from './checks.ts';

/** Outlines a piece can have. */
export type OutlineShape = 'rectangle' | 'oval' | 'polygon';

/** One kind of piece: what is usual for it, what it may hang by, and what to look over before the day. */
export interface Kind {
	kind: string;
	name: string;
	/** What counts as one, in a few words. */
	what: string;
	/** Usual front to back, mm. */
	depth: number;
	outlines: readonly [OutlineShape, ...OutlineShape[]];
	/** It can hold glass or acrylic. */
	glazing: boolean;
	/** It has a frame whose moulding matters. */
	framed: boolean;
	/** How readily light harms it; what it harms not, damp does not either. Behind glass it is taken for a work on paper. */
	suffers: (glazed: boolean) => Fades;
	/** It carries more than itself: no way to fix it is offered. */
	refused?: true;
	/** What it wants of the air, besides what all want. Common practice. */
	air?: string;
	/** Ways to hang it that are worth offering first, the usual one first. */
	hangers: readonly [HangerKind, ...HangerKind[]];
	checks: readonly Check[];
}
