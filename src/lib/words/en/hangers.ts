import { counted } from '../counted.ts';
import { kilos } from '../mass.ts';
import { either, lengthToken } from '../tokens.ts';

/** Failures: why something is refused, or cannot be worked out. */
export const FAILURES = {
	'hangs-crooked': ({ tilt }: { tilt: number }) =>
		`From a hook so far off its middle it would hang ${tilt.toFixed(1)}° crooked.`,
	'beyond-friction': () => 'So far off its middle, friction is not sure to hold this wire.',
	'drilled-through': () =>
		'This hole would come out at the front. Drill less deep than the panel is thick.',
	'holes-cross': () =>
		'The holes would meet in the middle or cross it. Measure in from the nearer side.',
	'hook-above-top': () =>
		'The hook would stand above the top edge and show. Shorten the wire, lower the rings, or set two hooks further apart.',
	'lock-above-clips': () => 'The lock lies above the clips. Measure it up from the bottom edge.',
	'mass-beyond-rings': () =>
		'The centre of mass lies at a ring, or beyond it: one side of the wire would have to push. Move the rings further apart, or measure again.',
	'plate-beyond-piece': () => 'This plate lies beyond the end of the piece.',
	'points-together': () =>
		'The two points would lie on one spot. Measure the distance between them.',
	'rail-beyond-piece': () => 'The rail reaches beyond the side of the piece and would show.',
	'rings-below-frame': () =>
		'This lies below the bottom of the piece. Measure down from the top edge.',
	'rings-wider-than-frame': either({
		rings: () =>
			'The rings are as far apart as the piece is wide, or further. Measure between the rings, not the edges.',
		ring: () => 'The ring lies beyond the edge of the piece.',
		tooth: () => 'The tooth lies beyond the edge of the piece.',
		bars: () => 'The bars would reach beyond the sides. Measure from middle tooth to middle tooth.'
	}),
	'screws-beyond-rail': () => 'The outer screws are further apart than the rail is long.',
	'spacer-above-screws': () =>
		'The spacer lies above the screw line. Measure it up from the bottom edge.',
	'strips-beyond-piece': either({
		sides: () => 'The strips would reach beyond the sides.',
		end: () => 'These strips lie beyond the end of the piece.'
	}),
	uneven: () => 'Its rings or its mass are uneven: keep its hooks about the middle.',
	'wire-shorter-than-span': () =>
		'The pulled wire is not above the higher ring. Read the drop again, from the top edge.'
};

export const SOLD_FOR = ({ kg }: { kg: number }): string => kilos(kg);

/** Cautions: what could happen, and what to do. */
const sideOf = (right: number): string => (right < 0 ? 'left' : 'right');

/** Which tooth, from the one in use, hangs a piece level, or how far its bar has to move. */
export const TEETH = {
	remedy: ({ teeth, off }: { teeth: number; off: number }): string =>
		teeth === 0
			? `Move the bar ${lengthToken(Math.abs(off))} to the ${sideOf(off)}.`
			: `Use the tooth ${Math.abs(teeth)} to the ${sideOf(teeth)} of this one.`
};

export const CAUTIONS = {
	'eye-in-fibreboard': () => ({
		message: 'In fibreboard the thread of a screw eye makes dust and works loose.',
		remedy:
			'Change them for strap rings, screwed where the board is thickest, or glue in a wooden strip.'
	}),
	'head-too-big': either({
		into: ({ head }: { head: number }) => ({
			message: `The head of an 8 gauge screw, ${lengthToken(head)}, does not go into this hole.`,
			remedy: 'Use a screw with a smaller head, or a larger bit.'
		}),
		through: ({ head }: { head: number }) => ({
			message: `The head of an 8 gauge screw, ${lengthToken(head)}, does not go through this hole.`,
			remedy: 'Use a screw with a smaller head, or open the hole.'
		})
	}),
	'hole-shallow': () => ({
		message: 'The hole is too shallow for a screw head to hold well.',
		remedy: 'Drill deeper if the panel is thick enough, or use a cleat.'
	}),
	'holes-level': () => ({
		message: 'From a hole that runs straight in, the piece can work forward off its screws.',
		remedy: 'Drill slightly upward, so that its weight draws it to the wall.'
	}),
	'hook-near-top': either({
		hook: ({ remedy }: { remedy: string }) => ({
			message: 'A hook comes close under the top edge and may show.',
			remedy
		}),
		wire: () => ({
			message: 'The hook comes close under the top edge and may show from below or from the side.',
			remedy: 'Lower the rings or shorten the wire; check the margin in the house rules.'
		})
	}),
	'hooks-close': () => ({
		message: 'With the hooks this close the canvas tips at a touch.',
		remedy: 'Set them at least a third of the width apart.'
	}),
	'near-front': ({ least, depth }: { least: number; depth: number }) => ({
		message: `Less than ${lengthToken(least)} of wood would be left in front of the hole; it can show or break through.`,
		remedy: `Stop the drill at ${lengthToken(depth)}, or use a cleat.`
	}),
	'no-plate-hanger': ({ across }: { across: number }) => ({
		message: `No usual sprung hanger grips a plate ${lengthToken(across)} across.`,
		remedy: 'Use a plate stand on a shelf, or ask a conservator about an adhesive disc.'
	}),
	'plate-hanger-size': ({ from, to }: { from: number; to: number }) => ({
		message: `Take the hanger sold for plates of ${lengthToken(from)} to ${lengthToken(to)}.`,
		remedy: 'It must be slightly smaller than the plate, so that its springs stay stretched.'
	}),
	'point-lifts': either({
		screw: () => ({
			message: 'The centre of mass lies so far to one side that the far screw is lifted.',
			remedy: 'Spread the screws wider, or move the rail over the centre of mass.'
		}),
		point: () => ({
			message:
				'The centre of mass lies outside the points, so the far one would lift off and the piece would swing down.',
			remedy: 'Set the points further apart, or move them over the centre of mass.'
		}),
		ring: () => ({
			message:
				'The centre of mass lies outside the rings, so the piece would swing down on one side.',
			remedy: 'Move the rings further apart, or measure the centre of mass again.'
		})
	}),
	'leans-out': ({ off }: { off: number }) => ({
		message: `Hung from so far down, its top edge leans ${lengthToken(off)} off the wall.`,
		remedy: 'Move the rings up, to about a quarter of its height.'
	}),
	'point-off-mass': ({ tilt, remedy }: { tilt: number; remedy: string }) => ({
		message: `Hung from here it would swing ${tilt.toFixed(1)}° off level.`,
		remedy
	}),
	'reading-corrected': ({
		readWith,
		hungOn,
		tooHigh
	}: {
		readWith: 1 | 2;
		hungOn: 1 | 2;
		tooHigh: number;
	}) => ({
		message: `Read with ${readWith === 2 ? 'two fingers' : 'one finger'}, hung on ${hungOn === 2 ? 'two hooks' : 'one hook'}: used as read, the picture would hang ${lengthToken(Math.abs(tooHigh))} too ${tooHigh > 0 ? 'high' : 'low'}.`,
		remedy: 'The drop shown is already corrected.'
	}),
	'ring-point-over': ({ name, instead, own }: { name: string; instead: string; own: boolean }) => ({
		message: `Each of the ${name} would take more than ${own ? 'its packet says' : 'is typical for them'} in this frame, and may pull out.`,
		remedy: instead
	}),
	'rings-near-edge': () => ({
		message: 'The hardware sits so near the edge that it can be seen from the side.',
		remedy: 'Move it inward, to about an eighth of the width from each edge.'
	}),
	'screw-through-front': ({ depth, longest }: { depth: number; longest: number }) => ({
		message: `These screws are too long for a frame ${lengthToken(depth)} thick and would come through the front.`,
		remedy: `Use screws of ${lengthToken(longest)} at the most.`
	}),
	'strips-overloaded': ({ pairs, needed }: { pairs: number; needed: number | null }) => ({
		message: `It weighs more than ${pairs} typical pairs hold.`,
		remedy: needed === null ? 'Use hooks or screws.' : `Take ${counted(needed, 'pair')} or more.`
	}),
	'strips-rating': ({ pounds, kg }: { pounds: number; kg: number }) => ({
		message: `Ratings are typical: ${pounds.toFixed(0)} lb (${kg.toFixed(1)} kg) a pair.`,
		remedy: 'Read the packet; where it says less, take more pairs.'
	}),
	'tack-not-canvas': ({ instead }: { instead: string }) => ({
		message: 'Tacks hold only in the bars of a light canvas.',
		remedy: instead
	}),
	'uneven-slips': () => ({
		message: 'Friction may not hold this wire level.',
		remedy: 'Put the rings level, or hang it from its rings on two hooks.'
	}),
	'uneven-wire': ({ tiltHeld, free }: { tiltHeld: string; free: string }) => ({
		message: `Left alone it will creep out of level: between ${tiltHeld} where the wire catches on its hooks, and ${free}.`,
		remedy:
			'Slide it level on its wire, or hang both rings on hooks: that holds an uneven piece better.'
	}),
	'wire-flat': () => ({
		message:
			'The wire runs so flat that it and its rings are pulled with more than twice the weight.',
		remedy:
			'Give the wire more slack, set its rings higher, or hang it on two hooks nearer to the rings.'
	}),
	'over-wire': ({ rated, pulled, weight }: { rated: number; pulled: number; weight: number }) => ({
		message: `The wire is sold for ${kilos(rated)}, and ${kilos(weight)} pull it with ${kilos(pulled)} at this angle.`,
		remedy:
			'Take a stronger wire or run it double, give it more slack, or hang the piece from its rings.'
	}),
	'wire-under-rule': ({
		rated,
		asked,
		times
	}: {
		rated: number;
		asked: number;
		times: number;
	}) => ({
		message: `The wire is sold for ${kilos(rated)}; the house rule of ${times === 2 ? 'twice' : `${times} times`} the weight asks for ${kilos(asked)}.`,
		remedy: 'Take a stronger wire, or run it double.'
	}),
	'wire-on-top-rail': () => ({
		message:
			'The pulled wire lies across the back of the top rail: it can rub there and hold the top off the wall.',
		remedy: 'Lower the rings or shorten the wire until it stays below the rail.'
	})
};
