import { expect } from 'chai';
import type { Outlined } from './outlined.ts';
import { groupsOf } from './groups.ts';
import { lintLayout, type LookedAt } from './lint-layout.ts';

const piece = (letter: string, x: number, y: number, width = 400, height = 500): Outlined => ({
	id: letter,
	letter,
	rect: { x, y, width, height }
});
/** Three in a row, middles at 1448, gaps of 50. */
const ROW = [piece('A', 1000, 1198), piece('B', 1450, 1198), piece('C', 1900, 1198)];
const look = (pieces: Outlined[], more: Partial<LookedAt> = {}) =>
	lintLayout({
		...{ pieces, beneath: [], openings: [], anyHeight: false, centreLine: 1448, floor: 0 },
		...more
	});
const mended = (pieces: Outlined[], more: Partial<LookedAt> = {}) => {
	const [glance] = look(pieces, more);
	const moves = new Map(glance!.fix!.moves.map((move) => [move.id, move]));
	return pieces.map(({ rect, ...rest }) => ({
		...rest,
		rect: {
			...rect,
			x: rect.x + (moves.get(rest.id)?.dx ?? 0),
			y: rect.y + (moves.get(rest.id)?.dy ?? 0)
		}
	}));
};
const moved = (letter: string, dx: number, dy: number) =>
	ROW.map((each) =>
		each.letter === letter
			? { ...each, rect: { ...each.rect, x: each.rect.x + dx, y: each.rect.y + dy } }
			: each
	);

describe('a second look', () => {
	it('finds nothing on a wall that is as it should be', () => {
		expect(look(ROW)).deep.equal([]);
		expect(look([])).deep.equal([]);
	});

	it('finds a step of 7 mm between tops, and mends it by one press', () => {
		const stepped = moved('B', 0, 7);
		expect(look(stepped).map(({ code }) => code)).deep.equal(['step', 'step']);
		expect(look(stepped)[0]!.says).equal('The tops of A and B are {7 mm} out of line.');
		expect(look(mended(stepped))).deep.equal([]);
	});

	it('does not call a step what is meant: far apart, or in line by another edge', () => {
		expect(look(moved('C', 600, 7))).deep.equal([]);
		// One shorter by 10, bottoms in line.
		const short = { ...ROW[1]!, rect: { ...ROW[1]!.rect, height: 490 } };
		expect(look([ROW[0]!, short, ROW[2]!])).deep.equal([]);
	});

	it('finds a gap of 55 among 50s, and closes it', () => {
		const four = [...ROW, piece('D', 2350, 1198)].map((each, index) =>
			index < 2 ? each : { ...each, rect: { ...each.rect, x: each.rect.x + 5 } }
		);
		const [glance, ...others] = look(four);
		expect(others).deep.equal([]);
		expect(glance!.says).equal('The gap between B and C is {55 mm} where the others are {50 mm}.');
		expect(glance!.fix!.moves).deep.equal([
			{ id: 'C', dx: -5, dy: 0 },
			{ id: 'D', dx: -5, dy: 0 }
		]);
		expect(look(mended(four))).deep.equal([]);
	});

	it('finds a group 12 mm off its furniture, and centres it', () => {
		// The row is 1300 wide, its middle at 1650; the sofa’s at 1662.
		const beneath = [{ name: 'Sofa', x: 662, y: 0, width: 2000, height: 900 }];
		const [glance] = look(ROW, { beneath });
		expect(glance!.says).equal('The group is {12 mm} off the middle of the sofa.');
		expect(look(mended(ROW, { beneath }), { beneath })).deep.equal([]);
		// Far off it is meant to be elsewhere.
		expect(look(ROW, { beneath: [{ ...beneath[0]!, x: 800 }] })).deep.equal([]);
	});

	it('finds a group wider than three quarters of the sofa, which a person must mend', () => {
		const beneath = [{ name: 'Sofa', x: 900, y: 0, width: 1500, height: 900 }];
		const glance = look(ROW, { beneath }).find(({ code }) => code === 'too-wide')!;
		// 1500 · 3/4.
		expect(glance.says).contain('{1300 mm} wide: more than three quarters of the sofa ({1125 mm})');
		expect(glance.fix).equal(null);
	});

	it('finds a centre at 1.68 m, and brings it to the centre line', () => {
		const high = ROW.map((each) => ({ ...each, rect: { ...each.rect, y: 1430 } }));
		const [glance] = look(high);
		expect(glance!.says).contain('the group of A, B, C is {1680 mm} above the floor');
		expect(look(mended(high))).deep.equal([]);
		const low = [piece('A', 1000, 700)];
		expect(look(low)[0]!.code).equal('too-low');
		// A floor 100 mm higher there makes the same wall lower still.
		expect(look([piece('A', 1000, 1100)], { floor: 100 })[0]!.code).equal('too-low');
	});

	it('sees groups as the eye does', () => {
		const groups = groupsOf([...ROW, piece('X', 4000, 1198), piece('Y', 4100, 1750)]);
		expect(
			groups.map((group) =>
				group
					.map(({ letter }) => letter)
					.sort()
					.join('')
			)
		).deep.equal(['ABC', 'XY']);
	});
});
