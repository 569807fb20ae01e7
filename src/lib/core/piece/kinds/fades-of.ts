import type { Fades } from '../../wall/light/light-dose.ts';
import type { Piece } from '../piece.ts';
import { kindOf } from './index.ts';

/** How readily light harms a piece: as a person said, else by its kind; behind glass it is taken for a work on paper. */
export const fadesOf = ({
	fades,
	kind,
	glazing
}: Pick<Piece, 'fades' | 'kind' | 'glazing'>): Fades =>
	fades ?? kindOf(kind).suffers(glazing !== 'none');
