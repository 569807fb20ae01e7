import { KG_PER_POUND } from '../../base/units/constants.ts';
import { GROUNDS, type Fixing, type Ground } from './types.ts';

const ANYWHERE = Object.keys(GROUNDS) as Ground[];

/** What nobody knows about an old fixing: figures of its weakest like, of unknown meaning. From memory. */
const old = (kg: number): Pick<Fixing, 'holds' | 'bits' | 'holes' | 'clearanceDepth' | 'cost'> => ({
	holds: [{ by: 'packet', in: ANYWHERE, kg, meaning: 'unknown', source: 'from memory' }],
	bits: [],
	holes: 0,
	clearanceDepth: 0,
	cost: 1
});

const ITS_HOLE = {
	size: 1,
	is: 'the hole that is there already',
	mend: 'Fill it when it is no longer used.'
} as const;
const STEPS = [
	'Look at it closely: a bent, rusty or loose one is drawn and its hole filled.',
	'Pull at it hard, down and outwards, with more than the piece weighs.'
];
const MISTAKES = ['It held for years what hung there; a heavier piece may be too much.'];

export const oldNail: Fixing = {
	...old(5 * KG_PER_POUND),
	kind: 'old-nail',
	left: 'nail',
	serves: ['shank'],
	reusable: 'again',
	damage: ITS_HOLE,
	steps: STEPS,
	mistakes: MISTAKES,
	never: ['Not for a heavy piece, unless you know what it is in.'],
	tools: []
};

export const oldScrew: Fixing = {
	...oldNail,
	...old(10 * KG_PER_POUND),
	kind: 'old-screw',
	left: 'screw',
	tools: ['screwdriver']
};

export const oldAnchor: Fixing = {
	...oldScrew,
	kind: 'old-anchor',
	left: 'anchor',
	serves: ['shank'],
	mistakes: [...MISTAKES, 'An anchor that turns with its screw holds nothing.']
};
