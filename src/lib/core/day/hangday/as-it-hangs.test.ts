import { expect } from 'chai';
import type { Project } from '../../model/project.ts';
import { LEVEL_READING_DEGREES } from '../../base/figures/readings.ts';
import type { HookKind } from '../../catalogue/facts/index.ts';
import { startBack } from '../../model/start.ts';
import { applyEvent } from './apply-event.ts';
import { eventFace } from './events/index.ts';
import { hall, hang, planned, setHooks, told } from './row.kit.test.ts';

const after = (project: Project, event: object): Project =>
	applyEvent(project, { ...told(project), ...event } as Parameters<typeof applyEvent>[1]);
const xs = (project: Project) => ['A', 'B', 'C'].map((letter) => planned(project, letter).rect.x);
const ys = (project: Project) => ['A', 'B', 'C'].map((letter) => planned(project, letter).rect.y);
/** How far each piece is from where it was before, mm. */
const moved = (of: (project: Project) => number[], was: Project, is: Project) =>
	of(is).map((value, index) => Math.round((value - of(was)[index]!) * 1e6) / 1e6);

/** Over a level floor, hung piece by piece, each measured from what hangs. */
function byPiece(): Project {
	const project = hall();
	return {
		...project,
		walls: project.walls.map((wall) => ({
			...{ ...wall, levels: { ...wall.levels, readings: [] } },
			tape: { ...wall.tape, hung: true }
		}))
	};
}

/** Each piece on a back of a kind that was measured. */
function backs(kind: 'rings' | 'wire-one', hook: HookKind): Project {
	const project = hall();
	return {
		...project,
		pieces: project.pieces.map((piece) => ({
			...{ ...piece, hook },
			back: { ...startBack(kind, piece), assumed: [] }
		}))
	};
}

describe('pieces that follow the first of their group', () => {
	const cameOut = { what: 'came-out', pieceId: 'B', higher: 5 };

	it('go as much higher as it came out, where they are hung piece by piece', () => {
		const hung = hang(byPiece(), 'B');
		expect(moved(ys, hung, after(hung, cameOut))).deep.equal([5, 5, 5]);
		const marked = hang(hall(), 'B');
		expect(moved(ys, marked, after(marked, cameOut))).deep.equal([0, 5, 0]);
	});

	it('go along and up with hooks that were set anew, by their mean', () => {
		const hung = hang(byPiece(), 'B');
		const hooks = [{ index: 0, up: -2, right: 4 }];
		const share = 1 / planned(hung, 'B').hooks.length;
		const corrected = after(hung, { what: 'corrected', pieceId: 'B', hooks });
		expect(moved(ys, hung, corrected)).deep.equal([-2, -2, -2].map((by) => by * share));
		expect(moved(xs, hung, corrected)).deep.equal([4, 4, 4].map((by) => by * share));
		const [was, is] = [hung, corrected].map(({ hangings }) => hangings[0]!.points[0]!);
		expect(is!.hole).deep.equal({ x: was!.hole.x + 4, y: was!.hole.y - 2 });
		expect(is!.bearing).deep.equal({ x: was!.bearing.x + 4, y: was!.bearing.y - 2 });
	});

	it('stay where a hook of theirs is in the wall, or another of the group hangs', () => {
		const up = (project: Project) => {
			const hooks = planned(project, 'B').hooks.map((_, index) => ({ index, up: 5 }));
			return moved(ys, project, after(project, { what: 'corrected', pieceId: 'B', hooks }));
		};
		expect(up(hang(setHooks(byPiece(), 'C'), 'B'))).deep.equal([5, 5, 0]);
		expect(up(hang(hang(byPiece(), 'B'), 'A'))).deep.equal([0, 5, 0]);
	});

	it('stay where nothing came out otherwise', () => {
		const hung = hang(byPiece(), 'B');
		expect(after(hung, { ...cameOut, higher: 0 }).walls).deep.equal(hung.walls);
	});
});

describe('a gap that was read', () => {
	const read = (besideId: string, more: object = {}) => ({
		...{ what: 'gap-read', pieceId: 'B', besideId, wider: 3 },
		...more
	});
	const two = (letter: string) => hang(hang(backs('wire-one', 'picture-hook-1'), letter), 'B');

	it('has the piece as much further from the one beside, on its own side', () => {
		for (const [letter, by] of [
			['A', 3],
			['C', -3]
		] as const) {
			const hung = two(letter);
			const told = after(hung, read(letter));
			expect(moved(xs, hung, told)[1], letter).equal(by);
			expect(told.pieces).not.equal(hung.pieces);
		}
	});

	it('is nothing beside what does not hang there, or hangs there no more', () => {
		const hung = two('A');
		expect(after(hung, read('C')).hangings).deep.equal(hung.hangings);
		const hanging = hung.hangings.find(({ pieceId }) => pieceId === 'A')!;
		const down = after(hung, { what: 'taken-down', hangingId: hanging.id, why: '' });
		expect(after(down, read('A')).hangings).deep.equal(down.hangings);
		const elsewhere = {
			...hung,
			hangings: hung.hangings.map((each) => (each === hanging ? { ...each, wallId: 'x' } : each))
		};
		expect(after(elsewhere, read('A')).hangings).deep.equal(elsewhere.hangings);
		const alone = hang(hall(), 'A');
		expect(after(alone, read('A')).readings).deep.equal(alone.readings);
	});

	it('is a reading of the piece, marked where no real tape read it', () => {
		const readings = (more?: object) =>
			Object.values(after(two('A'), read('A', more)).readings).flat();
		expect(readings().length).above(0);
		expect(readings().some(({ simulated }) => simulated)).equal(false);
		expect(readings({ simulated: true }).some(({ simulated }) => simulated)).equal(true);
	});
});

describe('a level that was read', () => {
	const read = { what: 'levelled', pieceId: 'B', tilt: 3 * LEVEL_READING_DEGREES };
	const count = ({ readings }: Project) => Object.values(readings).flat().length;

	it('is a reading of its rings the first time it hangs so, and no more when read again', () => {
		const hung = hang(setHooks(backs('rings', 'screw'), 'B'), 'B');
		const once = after(hung, read);
		expect(count(once)).above(count(hung));
		expect(count(after(once, read))).equal(count(once));
	});

	it('is one anew once the piece was hung anew', () => {
		const once = after(hang(setHooks(backs('rings', 'screw'), 'B'), 'B'), read);
		const { id } = once.hangings[0]!;
		const down = after(once, { what: 'taken-down', hangingId: id, why: 'to clean' });
		const again = hang(down, 'B');
		expect(count(after(again, read))).above(count(again));
	});

	it('counts for its own piece alone, and keeps that no real level read it', () => {
		const hung = ['A', 'B'].reduce(
			(now, letter) => hang(setHooks(now, letter), letter),
			backs('rings', 'screw')
		);
		const other = after(hung, { ...read, pieceId: 'A' });
		const both = after(other, { ...read, simulated: true });
		expect(count(both)).above(count(other));
		const simulated = Object.values(both.readings)
			.flat()
			.filter((each) => each.simulated);
		expect(simulated.length).above(0);
		const events = both.day.filter(({ what }) => what === 'levelled');
		const learned = events.map((event) => eventFace(event).learned!(event, both));
		expect(learned.every((says) => says.length > 0)).equal(true);
		expect(learned.flat().every((says) => typeof says === 'string')).equal(true);
	});
});
