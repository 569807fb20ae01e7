import type { Off } from './errors.ts';
import { Hand, hang, type Hung, type Spot } from './hand.ts';
import { pointsOf, read, type Care } from './believed.ts';
import { lookAndMend, type Judge } from './seen.ts';
import type { World } from './world.ts';

/** How somebody hangs without a plan. */
export interface Trade {
	care: Care;
	at: 'bearing' | 'hole';
	/** How much more their lengths scatter than a careful person's. */
	loose: number;
	judge: Judge;
}

const TAPPED = 3.175;
const SEEN = 2;

/** What a practised eye does: taps what is little, and makes a new hole where anybody would see it. */
const practised: Judge = (off, kind) => {
	const size = Math.abs(off);
	if (size <= SEEN) return 'leave';
	if (kind !== 'sideways' && size <= TAPPED) return 'tap';
	return size > TAPPED ? 'anew' : 'leave';
};

/**
 * By hand. The expert reads the drop with the wire pulled up where the hooks will be, holds each hook on its mark, measures
 * the next piece from the one that hangs, and brings its height over with a level. The amateur marks the hole, reads the
 * drop with a loose hand, and does the rest half as carefully.
 */
export const expert = (off: Off): Trade => ({
	care: { drop: off.pulled, edges: false, balance: false },
	at: 'bearing',
	loose: 1,
	judge: practised
});
export const amateur = (off: Off): Trade => ({
	care: { drop: 2 * off.pulled, edges: false, balance: false },
	at: 'hole',
	loose: 2,
	judge: practised
});

export function hangByHand(
	world: World,
	off: Off,
	random: () => number,
	{ care, at, loose, judge }: Trade
): { hand: Hand; hung: Hung[] } {
	const hand = new Hand(world, off, random);
	const all: Hung[] = [];
	for (const [index, piece] of world.pieces.entries()) {
		const known = read(hand, piece, care);
		const points = pointsOf(known);
		const { from, wanted, is } = piece;
		const other = from && all[from.index]!;
		const beside = from && world.pieces[from.index]!;
		// Where its middle and its top are to come, by what hangs already.
		const middle = !other
			? wanted.x + loose * hand.mark('hook')
			: from!.side === 'right'
				? other.x + beside!.is.width / 2 + world.gap + known.width / 2 + loose * hand.mark('tape')
				: other.x + wanted.x - beside!.wanted.x + loose * hand.mark('tape');
		const level = other
			? Math.abs(other.x - wanted.x) * Math.sin((hand.draw(off.level) * Math.PI) / 180)
			: 0;
		const top = !other
			? wanted.y + known.height / 2 + world.floorAt(wanted.x) + loose * hand.mark('hook')
			: from!.side === 'right'
				? other.y +
					(beside!.is.height - beside!.reads.height) / 2 +
					wanted.y -
					beside!.wanted.y +
					known.height / 2 +
					level +
					loose * hand.mark('tape')
				: other.y - beside!.is.height / 2 - world.gap + loose * hand.mark('tape');
		const marks = points.map(({ x, drop }, index): Spot => {
			const further = index === 0 ? 0 : loose * (hand.mark('tape') - hand.draw(off.pencil));
			const levelWith = index === 0 ? 0 : loose * hand.draw(off.pencil);
			return { x: middle + x + further, y: top - drop.value + levelWith };
		});
		const bearings = marks.map((mark) => hand.drive(mark, is.hook, at));
		all.push(lookAndMend(hand, index, hang(is, bearings), all, judge));
	}
	return { hand, hung: all };
}
