import { CERAMIC_MM, SHELF_BOARD_MM } from '../../base/figures/hardware.ts';
import { kindOf } from '../kinds/index.ts';
import type { Piece } from '../piece.ts';
import type { Build } from './build.ts';

/** What a piece of its kind is usually made of, to start an estimate from. From memory. */
export function usualBuild({
	kind,
	glazing,
	width,
	depth
}: Pick<Piece, 'kind' | 'glazing' | 'width' | 'depth'>): Build {
	const { framed } = kindOf(kind);
	const glass = { none: 'none', glass: 'glass-2', acrylic: 'acrylic-2' } as const;
	const bare: Build = {
		...{ moulding: 'none', profile: 0.75, glazing: glass[glazing], backing: 'none' },
		...{ content: 'none', body: null, mount: null, hardware: 0.1 }
	};
	const start: Partial<Record<Piece['kind'], Partial<Build>>> = {
		mirror: { glazing: 'mirror-4' },
		canvas: { content: 'canvas', moulding: 'pine' },
		panel: { body: { of: 'softwood', thick: depth } },
		plate: { body: { of: 'ceramic', thick: CERAMIC_MM } },
		shelf: { body: { of: 'softwood', thick: SHELF_BOARD_MM }, hardware: 0.3 },
		object: { body: { of: 'carved', thick: depth } },
		// With the batten or the pole it hangs by.
		textile: { content: 'textile', hardware: (0.4 * width) / 1000 }
	};
	return {
		...bare,
		...(framed && { moulding: 'pine', backing: 'fibreboard-3', content: 'paper' }),
		...(kind === 'mirror' && { content: 'none' }),
		...start[kind]
	};
}
