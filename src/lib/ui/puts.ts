import type { Mark } from '$lib/core/index.ts';

const WORDS: Record<Mark['puts'], string> = {
	hole: 'hole',
	place: 'middle of the strip',
	cord: 'lower end of the cord',
	kept: 'there already'
};

/** What a mark is on the wall, in a few words. */
export const markTypeLabel = ({ puts, markedAt }: Pick<Mark, 'puts' | 'markedAt'>): string =>
	puts === 'hole' && markedAt === 'bearing' ? 'lowest point of the hook' : WORDS[puts];
