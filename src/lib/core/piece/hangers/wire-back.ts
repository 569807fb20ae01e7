import { SOLD_FOR } from '../../../words/en/hangers.ts';
import { WIRE_CLASSES } from './wire-classes.ts';
import { dropUnder } from '../statics/uneven-rings.ts';
import type { BackShape, Choice, Dimension, HungPiece } from './types.ts';
import { measured } from './measured.ts';
import { answerRingPoints, ringPointChoices, screwDimension } from './ring-points.ts';
import {
	pulledDrop,
	readAnotherWay,
	readingChoice,
	unevenWire,
	wireLength,
	type WireBack
} from './wire-reading.ts';

/** Dimensions every wire shares. */
export function wireDimensions(back: WireBack, piece: HungPiece): Dimension[] {
	const { ringSpan, ringDrop, ringLower, wire } = back;
	const rightDrop = ringDrop + (ringLower ?? 0);
	const across = { min: piece.width * 0.1, max: piece.width };
	const down = { min: 0, max: piece.height };
	const shared: Dimension[] = [
		{
			key: 'ringSpan',
			label: 'Ring span',
			help: 'Between the points where the wire leaves the rings',
			value: ringSpan,
			from: { x: -ringSpan / 2, drop: ringDrop },
			to: { x: ringSpan / 2, drop: rightDrop },
			plausible: across,
			byPhoto: { between: ['left-ring', 'right-ring'] }
		},
		{
			key: 'ringDrop',
			label: ringLower === null ? 'Rings down' : 'Left ring down',
			help: 'From the top edge down to where the wire leaves the ring',
			value: ringDrop,
			from: { x: ringLower === null ? ringSpan / 2 : -ringSpan / 2, drop: 0 },
			to: { x: ringLower === null ? ringSpan / 2 : -ringSpan / 2, drop: ringDrop },
			plausible: down,
			byPhoto: { from: 'top', to: ringLower === null ? ['left-ring', 'right-ring'] : ['left-ring'] }
		},
		...(ringLower === null
			? []
			: [
					{
						key: 'ringLower',
						label: 'Right ring lower by',
						help: 'How much lower the right ring is, as it hangs; minus if it is higher',
						value: ringLower,
						from: { x: ringSpan / 2, drop: ringDrop },
						to: { x: ringSpan / 2, drop: rightDrop },
						plausible: { min: -100, max: 100 },
						signed: true,
						byPhoto: { lower: ['left-ring', 'right-ring'] as const }
					}
				]),
		...screwDimension(back.points, { x: ringSpan / 2, drop: rightDrop }, piece)
	];
	if (wire.by === 'length')
		return [
			...shared,
			{
				key: 'length',
				label: 'Wire length',
				help: 'Ring to ring, along the wire',
				value: wire.length,
				from: { x: -ringSpan / 2, drop: ringDrop },
				to: { x: ringSpan / 2, drop: ringDrop },
				plausible: { min: ringSpan, max: ringSpan * 3 }
			}
		];
	const reading: Dimension = {
		key: 'pulledDrop',
		label: 'Pulled drop',
		help: 'From the top edge down to the wire, pulled up hard',
		value: wire.pulledDrop,
		from: { x: -wire.fingerSpacing / 2, drop: 0 },
		to: { x: -wire.fingerSpacing / 2, drop: wire.pulledDrop },
		plausible: down,
		signed: true,
		ways: ['pulled', 'hung-on-tape'],
		byPhoto: {
			from: 'top',
			to: wire.fingerSpacing === 0 ? ['wire'] : ['left-finger', 'right-finger'],
			pulled: true
		}
	};
	if (wire.fingerSpacing === 0) return [...shared, reading];
	return [
		...shared,
		reading,
		{
			key: 'fingerSpacing',
			label: 'Between fingers',
			help: 'Distance between the two fingers that pull the wire',
			value: wire.fingerSpacing,
			from: { x: -wire.fingerSpacing / 2, drop: wire.pulledDrop },
			to: { x: wire.fingerSpacing / 2, drop: wire.pulledDrop },
			plausible: across,
			byPhoto: { between: ['left-finger', 'right-finger'] }
		}
	];
}

/** The back with one shared dimension changed; it now counts as measured. */
export function measureWire<B extends WireBack>(back: B, key: string, value: number): B {
	const own = measured(back, key, value);
	if (key in back.wire)
		return { ...back, assumed: own.assumed, wire: { ...back.wire, [key]: value } };
	if (key === 'screwLength')
		return { ...back, assumed: own.assumed, points: { ...back.points, screwLength: value } };
	return own;
}

/** What a wire's back asks: how it was read, whether its rings are level, and what they are. */
export function wireChoices({ wire, ringLower, points, double, rated }: WireBack): Choice[] {
	return [
		readingChoice(wire),
		{
			key: 'rings',
			label: 'The rings are',
			answer: ringLower === null ? 'level' : 'uneven',
			answers: [
				{ answer: 'level', label: 'level' },
				{ answer: 'uneven', label: 'uneven' }
			],
			detail: true
		},
		{
			key: 'strands',
			label: 'The wire runs',
			answer: double ? 'double' : 'single',
			answers: [
				{ answer: 'single', label: 'once' },
				{ answer: 'double', label: 'double' }
			],
			detail: true
		},
		{
			key: 'rated',
			label: 'The wire is sold for',
			answer: String(rated ?? 'unknown'),
			answers: [
				{ answer: 'unknown', label: 'not known' },
				...WIRE_CLASSES.map((kg) => ({ answer: String(kg), label: SOLD_FOR({ kg }) }))
			],
			detail: true
		},
		...ringPointChoices(points)
	];
}

export function chooseWire<B extends WireBack>(back: B, key: string, answer: string): B {
	if (key === 'reading') return readAnotherWay(back, answer);
	if (key === 'rated') return { ...back, rated: answer === 'unknown' ? null : Number(answer) };
	if (key === 'strands') {
		const { double: _, ...single } = back;
		return answer === 'double' ? { ...back, double: true } : (single as B);
	}
	if (key === 'rings') {
		const others = back.assumed.filter((assumed) => assumed !== 'ringLower');
		return answer === 'level'
			? { ...back, ringLower: null, assumed: others }
			: { ...back, ringLower: 0, assumed: [...others, 'ringLower'] };
	}
	return answerRingPoints(back, key, answer);
}

/** Rings, wire under load and the hooks that carry it. */
export function drawWire(back: WireBack, hookSpacing: number, middle: number): BackShape[] {
	const { ringSpan, ringDrop, ringLower } = back;
	const length = wireLength(back);
	const drop = length.ok ? dropAt(back, length.value, hookSpacing, middle) : ringDrop;
	const left = { x: -ringSpan / 2, drop: ringDrop };
	const right = { x: ringSpan / 2, drop: ringDrop + (ringLower ?? 0) };
	const hooks = unevenWire(back, hookSpacing, middle).hooks.map((x) => ({ x, drop }));
	return [
		{ shape: 'wire', points: [left, ...hooks, right] },
		{ shape: 'ring', at: left, towards: hooks[0]! },
		{ shape: 'ring', at: right, towards: hooks.at(-1)! },
		...hooks.map((at) => ({ shape: 'hook' as const, at }))
	];
}

function dropAt(back: WireBack, length: number, hookSpacing: number, middle: number): number {
	if (middle === 0) return pulledDrop(back, length, hookSpacing);
	const drop = dropUnder(unevenWire(back, hookSpacing, middle), length);
	return Number.isNaN(drop) ? back.ringDrop : drop;
}
