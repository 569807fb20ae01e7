import type { Caution } from '../../base/caution.ts';
import { toChoose } from './to-choose.ts';

/** Whether nothing is marked, set or hung before a caution is seen to: a *stop*, or a fixing that is still to choose. */
export const halts = ({ grade, code }: Caution): boolean =>
	grade === 'stop' || code === toChoose.code;
