import { counted } from '../counted.ts';
import { lengthToken } from '../tokens.ts';
import { STAYS } from './refused.ts';

const move = (by: number, forth: string, back: string): string[] =>
	by === 0 ? [] : [`${lengthToken(Math.abs(by))} ${by > 0 ? forth : back}`];

/** What speaks for a way to fix a piece, or against it. */
export const TERMS = {
	'all-in-studs': ({ one }: { one: boolean }) =>
		one ? 'It is in a stud.' : 'Every point is in a stud.',
	'at-hand': () => 'You have them at hand.',
	'better-in-studs': () => 'Heavy: screws into studs are better.',
	'back-changed': ({ change }: { change: string }) => change,
	calculated: () => 'Its strength is calculated by NDS 2018.',
	'heavy-not-in-studs': ({ some }: { some: boolean }) =>
		some ? 'Heavy, and not all of it in studs.' : 'Heavy, and not in a stud.',
	'heavy-on-one-point': () => 'A heavy piece on one point.',
	leaves: ({ damage, several }: { damage: string; several: boolean }) =>
		`It leaves ${damage}${several ? ' at each point' : ''}.`,
	'may-meet': ({ what, source }: { what: string; source: string }) =>
		`A hole may meet ${what} (${source}).`,
	moved: ({ right, up }: { right: number; up: number }) =>
		`The piece moves ${[...move(right, 'to the right', 'to the left'), ...move(up, 'up', 'down')].join(' and ')}.`,
	'closed-here': ({ why, ring }: { why: keyof typeof STAYS; ring: boolean }) =>
		`A knock cannot take it off, which matters here: ${STAYS[why]}.${ring ? ' A wide washer keeps a ring on a screw.' : ''}`,
	'hangs-otherwise': ({ hangs }: { hangs: string }) =>
		`It hangs another way than you entered: ${hangs}.`,
	'nail-in-slot': () => 'A screw can be turned to the depth the slot needs; a nail cannot.',
	'rail-spares-plaster': () =>
		'Lath and plaster over 8 kg, and a picture rail above: hung from it, the wall stays whole.',
	'screw-and-nail': () => 'A nailed hook beside a screw: one gives more than the other.',
	'little-to-spare': () => 'It is loaded to more than 85 % of what it may carry.',
	'masonry-plug-in-board': () => 'A ribbed plug is made for masonry; any other anchor comes first.',
	'nailed-comes-last': () =>
		'From 27 kg (60 lb) studs, toggles or a cleat come before nailed hooks.',
	'open-here': ({ why }: { why: keyof typeof STAYS }) =>
		`A knock can take it off, and ${STAYS[why]}: closed points come first.`,
	'just-aside': () => 'The same hook, just aside of the hole that failed.',
	'lifted-here': () =>
		'A hand can still lift it off, and the public comes here: what is locked comes first.',
	'with-keeper': () => 'Screw a keeper to it, so that it cannot be lifted off.',
	'on-what-is-there': () =>
		'It hangs on what is in the wall already: no new hole. Pull at it hard first.',
	'one-hole': () => 'One hole to make and to fill.',
	'one-point-for-all': () => 'One point holds all of it; two are safer.',
	'own-packet': () => 'Rated by your own packet.',
	'some-in-studs': ({ met, all }: { met: number; all: number }) =>
		`${met} of ${counted(all, 'point')} ${met === 1 ? 'is' : 'are'} in a stud.`,
	'steadier-on-two': () => 'Two points or more: it wobbles less and stays level better.',
	'strap-is-the-rule': () =>
		'Where a heavy piece misses its studs, your house rules ask for a strap toggle.',
	'two-kinds': () => 'Two kinds of fixing to carry.',
	'uneven-hooks': () => 'Its hooks are at different heights: each has its own mark.',
	'unknown-rating': () =>
		'The rating is a typical figure of unknown meaning, so only a quarter of it is used; enter your packet’s.'
};

/** What hangs a piece from the picture rail above it. */
export const FROM_RAIL = 'Hang it from the picture rail by two cords on its rings.';

/** What a way changes of what was entered. */
export const CHANGES = {
	hangs: ({ hangs }: { hangs: string }) => `It hangs another way: ${hangs.toLowerCase()}.`,
	points: ({ from, to }: { from: number; to: number }) =>
		`${from === 1 ? 'One hook becomes' : `${from} hooks become`} ${to}.`,
	across: ({ right }: { right: number }) =>
		`It moves ${move(right, 'to the right', 'to the left').join('')}.`,
	up: ({ up }: { up: number }) => `It moves ${move(up, 'up', 'down').join('')}.`
};
