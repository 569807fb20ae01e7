import { dayProofs } from '../prove.ts';
import type { StepMaker } from './types.ts';

/** The survey is proved before anything rests on it. */
export const proveWall: StepMaker = (facts) =>
	dayProofs(facts.wall, facts.plan.pieces).map((proof) => ({
		id: proof.id,
		phase: 'prove',
		title: proof.label,
		pieceId: null,
		says: [proof.how],
		cautions: [],
		needs: [],
		asks: { of: 'proof', proof }
	}));
