import { TEETH_MOST_KG } from '../../base/figures/hardware.ts';
import { weightOf } from '../../base/units/constants.ts';
import type { Choice, Unsuitable } from './types.ts';

/** Stand-offs of bar and nail, mm: from memory. */
export const BAR_STAND_OFFS = { onPiece: 1, onWall: 5 };

export const LIGHT_ONLY: readonly Unsuitable[] = [
	{
		when: ({ weight }) => weight !== null && weight > weightOf(TEETH_MOST_KG),
		grade: 'care',
		code: 'too-heavy-for-teeth',
		why: 'Toothed bars are held by small nails, which a piece this heavy can draw.',
		instead: 'Put two rings on it, screwed to the frame.'
	},
	{
		when: ({ kind }) => kind === 'mirror' || kind === 'shelf',
		grade: 'care',
		code: 'not-on-teeth',
		why: 'Nothing locks a tooth on its nail: a push sideways or upward takes it off.',
		instead: 'Use rings on closed hooks, keyholes or mirror plates.'
	}
];

/** Where the chosen tooth lies, mm right of the middle one. */
export const toothPlace = ({ tooth, toothPitch }: { tooth: number; toothPitch: number }): number =>
	tooth * toothPitch;

/** Teeth counted from the middle one. */
export const LAST_TOOTH = 2;

/** Asks for the tooth. */
export function toothAnswers(tooth: number): Choice {
	const name = (index: number) =>
		index === 0 ? 'middle' : `${Math.abs(index)} ${index < 0 ? 'left' : 'right'}`;
	return {
		key: 'tooth',
		label: 'Hung at tooth',
		answer: String(tooth),
		answers: [-2, -1, 0, 1, 2].map((index) => ({ answer: String(index), label: name(index) })),
		detail: true
	};
}
