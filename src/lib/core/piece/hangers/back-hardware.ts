import { WIRE_CLASSES } from './wire-classes.ts';
import { ringRating } from './ring-points.ts';
import { weightOf } from '../../base/units/constants.ts';

/** What is put on the back of a piece. Ratings are typical until the packet says otherwise. */
export interface BackHardware {
	key: string;
	name: string;
	suits: string;
	/** Typical working load of one, by class, N; none where it carries nothing. */
	classes: readonly { what: string; newtons: number }[];
	mistakes: readonly string[];
	never: string;
}

/** Everything for the backs. Common practice; figures from memory. */
export const backHardware: readonly BackHardware[] = [
	{
		key: 'wire',
		name: 'Hanging wire',
		suits:
			'Braided or twisted wire ties well; plastic-coated stainless does not rust or cut hands.',
		classes: WIRE_CLASSES.map((kg) => ({ what: '', newtons: weightOf(kg) })),
		mistakes: [
			'Ends twisted together hold less than a half knot with the tail wound tightly round.',
			'A flat wire is pulled several times harder than the piece weighs.'
		],
		never: 'Not stiff steel cable, string or fishing line; not for a heavy mirror.'
	},
	{
		key: 'strap-ring',
		name: 'Strap rings (D-rings)',
		suits: 'The usual ring, flat on the frame; bent outward a little it catches its hook better.',
		classes: [1, 2, 3, 4].map((screws) => ({
			what: `${screws} ${screws === 1 ? 'screw' : 'screws'}`,
			newtons: ringRating('strap', screws)
		})),
		mistakes: ['The small screws that come with them: take 8 or 10 gauge for a heavy piece.'],
		never: 'Not on the stretcher or strainer of a framed piece.'
	},
	{
		key: 'screw-eye',
		name: 'Screw eyes',
		suits: 'Light pieces in hard wood, where there is no room for a strap.',
		classes: [
			{ what: 'in the back', newtons: ringRating('eye-back', 1) },
			{ what: 'in the inner side', newtons: ringRating('eye-side', 1) }
		],
		mistakes: ['In soft wood or fibreboard the thread makes dust and works loose.'],
		never: 'Not for anything heavy.'
	},
	{
		key: 'bumper',
		name: 'Felt bumpers',
		suits: 'At the lower corners: they keep it plumb, let air behind it, and hold it where it is.',
		classes: [],
		mistakes: ['Rubber can stick to paint: take firm felt.'],
		never: 'They hold nothing up.'
	},
	{
		key: 'washer',
		name: 'Wide washers',
		suits: 'Behind the head of a screw or bolt, so that a wire or ring cannot slip off.',
		classes: [],
		mistakes: [
			'A head driven home: leave it a finger’s width out, so that the wire can be caught.'
		],
		never: 'Not in place of a closed hook where it could be lifted off.'
	},
	{
		key: 'spacer',
		name: 'Spacers and foam blocks',
		suits:
			'As thick as a cleat at the bottom edge; foam about 1 1/2 in square behind a wire, so that one person can catch two hooks.',
		classes: [],
		mistakes: ['A spacer thinner than the cleat lets the piece lean back.'],
		never: 'Nothing that crumbles or bleeds onto the wall.'
	}
];
