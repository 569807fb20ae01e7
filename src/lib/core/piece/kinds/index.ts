/** Kinds of piece: one file for each, with what is usual for it and what to look over. */

import { canvas } from './canvas.ts';
import type { Kind } from './types.ts';
import { held } from './held.ts';
import { framed } from './framed.ts';
import { mirror } from './mirror.ts';
import { object } from './object.ts';
import { panel } from './panel.ts';
import { plate } from './plate.ts';
import { shelf } from './shelf.ts';
import { textile } from './textile.ts';

export type { Check } from './checks.ts';
export type { Kind, OutlineShape } from './types.ts';

const KIND_LIST = [framed, canvas, mirror, panel, plate, object, textile, shelf, held] as const;

export type PieceKind = (typeof KIND_LIST)[number]['kind'];

export const PIECE_KINDS = KIND_LIST.map(({ kind }) => kind);

/** Every kind of piece, in the order they are offered. A new one is one file and one line here. */
export const kinds: readonly (Kind & { kind: PieceKind })[] = KIND_LIST;

export const kindOf = (kind: PieceKind): Kind & { kind: PieceKind } =>
	kinds.find((each) => each.kind === kind)!;
