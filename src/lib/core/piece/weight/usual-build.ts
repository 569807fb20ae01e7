import { kindOf } from '../kinds/index.ts';
import type { Build } from './build.ts';
import type { Piece } from '../piece.ts';

/** What a piece of its kind is usually made of, to start an estimate from. From memory. */
export function usualBuild({ kind, glazing }: Pick<Piece, 'kind' | 'glazing'>): Build {
	const { framed } = kindOf(kind);
	const glass = { none: 'none', glass: 'glass-2', acrylic: 'acrylic-2' } as const;
	return {
		moulding: framed ? 'pine' : 'none',
		profile: 0.75,
		glazing: kind === 'mirror' ? 'mirror-4' : glass[glazing],
		backing: framed ? 'fibreboard-3' : 'none',
		content: kind === 'mirror' ? 'none' : kind === 'canvas' ? 'canvas' : 'paper',
		mount: null,
		hardware: 0.1
	};
}
