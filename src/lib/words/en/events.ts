import { lengthToken } from '../tokens.ts';

const onPoints = (count: number): string => `${count} ${count === 1 ? 'point' : 'points'}`;

const MET = {
	nothing: 'nothing to hold',
	wood: 'wood',
	screw: 'a screw or nail in the wall',
	metal: 'metal',
	pipe: 'a pipe'
};

const LOOKED = { fine: 'looked over, right', job: 'a job', note: 'noted' };

/** What is left of a hole that was not used. */
export const oldHoleName = (met: keyof typeof MET): string => `Hole that met ${MET[met]}`;

/** What happened at the wall, in a few words: to stand beside another device’s, and within the history. */
export const EVENTS = {
	'came-out': ({ higher, simulated }: { higher: number; simulated: boolean }) =>
		`came out ${lengthToken(Math.abs(higher))} too ${higher < 0 ? 'low' : 'high'}${simulated ? ' by a simulated laser' : ''}`,
	corrected: () => 'hooks set anew',
	done: () => 'done',
	'gap-read': ({ wider, simulated }: { wider: number; simulated: boolean }) =>
		`gap ${lengthToken(Math.abs(wider))} too ${wider < 0 ? 'narrow' : 'wide'}${simulated ? ', by a simulated laser' : ''}`,
	hung: ({ points }: { points: number }) => `hung on ${onPoints(points)}`,
	levelled: ({ tilt, simulated }: { tilt: number; simulated: boolean }) =>
		`${simulated ? 'a simulated level' : 'the level'} read ${tilt.toFixed(2)}°`,
	looked: ({ state, text }: { state: keyof typeof LOOKED; text: string }) =>
		`${LOOKED[state]}${text ? `: ${text}` : ''}`,
	met: ({ met }: { met: keyof typeof MET }) => `met ${MET[met]}`,
	opened: () => 'open again',
	proved: ({ read, simulated }: { read: number; simulated: boolean }) =>
		`read ${lengthToken(read)}${simulated ? ', simulated' : ''}`,
	set: ({ x, y, simulated }: { x: number; y: number; simulated: boolean }) =>
		`set ${lengthToken(x)} along, ${lengthToken(y)} up${simulated ? ', simulated' : ''}`,
	settled: ({ points }: { points: number }) => `fixed on ${onPoints(points)}`,
	shifted: ({ right }: { right: number }) =>
		right === 0
			? 'levelled'
			: `levelled, ${lengthToken(Math.abs(right))} further ${right < 0 ? 'left' : 'right'}`,
	skipped: ({ why }: { why: string }) => `skipped: ${why}`,
	'taken-down': ({ why }: { why: string }) => `taken down: ${why || 'no reason given'}`
};

/** Entries of the history. */
export const HISTORY = {
	began: () => 'A day at the wall began.',
	corrected: ({ letter }: { letter: string }) => `${letter}: hooks were set anew.`,
	filled: () => 'A hole was filled.',
	hung: ({ letter }: { letter: string }) => `${letter} was hung.`,
	met: ({ letter, met }: { letter: string; met: keyof typeof MET }) =>
		`${letter}: the hole met ${MET[met]}.`,
	pictured: () => 'A photo of the wall was taken.',
	settled: ({ letter }: { letter: string }) => `${letter} was fixed another way.`,
	'gap-read': ({ letter, ...read }: { letter: string; wider: number; simulated: boolean }) =>
		`${letter}: ${EVENTS['gap-read'](read)}.`,
	shifted: ({ letter, right }: { letter: string; right: number }) =>
		`${letter} was ${EVENTS.shifted({ right })}.`,
	skipped: ({ why }: { why: string }) => `A step was skipped: ${why}.`,
	'taken-down': ({ letter, why }: { letter: string; why: string }) =>
		`${letter} was taken down${why ? `: ${why}` : ''}.`
};

/** Why a hanging ended that another took the place of. */
export const HUNG_ANEW = 'hung anew';

/** Why pieces cannot have hung somewhere since a day. */
export const SINCE = {
	'still-to-come': () => 'That day is still to come.',
	'hangs-elsewhere': ({ letter, wall }: { letter: string; wall: string | null }) =>
		`${letter} hangs on ${wall ?? 'another wall'} in the Book: take it down there first.`,
	'came-down-later': ({ letter, wall }: { letter: string; wall: string | null }) =>
		`${letter} hung on ${wall ?? 'another wall'} then, and came down later: choose a later day.`
};
