import { lengthToken, type Bones } from '../../core/index.ts';

const percent = (chance: number): string => `${Math.floor(chance * 100)} %`;

/** What the hints come to, in a sentence or two. */
export function bonesSaid(bones: Bones | null): string {
	if (!bones) return 'Looking at the hints.';
	const { estimate } = bones;
	if (!estimate.ok)
		return estimate.error.code === 'no-hints'
			? 'Nothing is known of what is behind this wall yet. Take every mark as over a stud, a pipe or a cable until you have looked.'
			: estimate.error.message;
	const { known, confidence, pitch, studs, alternatives, nearTie } = estimate.value;
	const [second] = alternatives;
	const against =
		nearTie && second ? ` A spacing of ${lengthToken(second.pitch)} fits almost as well.` : '';
	if (!known)
		return `Not known yet: the best guess, studs ${lengthToken(pitch)} apart, has a chance of ${percent(confidence)}.${against} Try where the blue arrow points.`;
	return `Studs ${lengthToken(pitch)} apart, with a chance of ${percent(confidence)}; ${studs.length} on this wall.${against} Before a heavy piece, try a thin nail {25.4 mm} each side of the middle.`;
}
