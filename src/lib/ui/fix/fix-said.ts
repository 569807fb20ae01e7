import { holdsNow, NOT_CHECKED, type PieceFix } from '../../core/index.ts';

/** How a piece stands in Fix, in a few words. */
export interface FixState {
	as: 'good' | 'open' | 'stop' | 'wait';
	text: string;
}

/** Rounded up, so that what is too much never reads as just enough. */
export const percent = (share: number): string => `${Math.ceil(share * 100 - 1e-6)} %`;

/** How far its most used hook is used, by what the house rule lets it carry. */
export function worstShare({ currentUses: now }: PieceFix): number | null {
	const shares = now.flatMap((use) => (use.ok ? [use.value.utilisation] : []));
	return shares.length === now.length && shares.length > 0 ? Math.max(...shares) : null;
}

/** @param fix undefined while it is being worked out. */
export function fixState(fix: PieceFix | undefined, trouble: boolean): FixState {
	if (trouble && !fix?.settled) return { as: 'stop', text: 'its back is not possible' };
	if (!fix) return { as: 'wait', text: 'not checked yet' };
	if (fix.cautions.some(({ code }) => code === NOT_CHECKED))
		return { as: 'stop', text: 'hangs; what it carries is not checked' };
	if (!fix.choice.ok) return { as: 'open', text: 'weigh it first' };
	const share = worstShare(fix);
	const used = share === null ? '' : `, ${percent(share)}`;
	if (fix.settled)
		return holdsNow(fix)
			? { as: 'good', text: `chosen${used}` }
			: { as: 'stop', text: `chosen, too weak now${used}` };
	if (fix.choice.value.ways.length === 0) return { as: 'stop', text: 'nothing can be used here' };
	if (fix.cautions.some(({ code }) => code === 'too-weak'))
		return { as: 'stop', text: `to choose; the hook you took is too weak${used}` };
	return {
		as: 'open',
		text: holdsNow(fix) ? `to choose; its usual hook does${used}` : 'to choose'
	};
}
