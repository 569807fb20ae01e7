import { expect } from 'chai';
import type { HungPiece } from './index.ts';
import { mirrorPlates, type MirrorPlatesBack } from './mirror-plates.ts';
import { framedPiece } from './piece.kit.test.ts';

const piece = framedPiece(600, 800, { depth: 36, weight: 80 });
const plates = (more: Partial<MirrorPlatesBack> = {}): MirrorPlatesBack => ({
	...{ kind: 'mirror-plates', where: 'sides', out: 14, leftDown: 300, rightDown: 320 },
	...{ topOffset: -40, bottomOffset: 50, thickness: 2, assumed: [] },
	...more
});
const solve = (back: MirrorPlatesBack, on: Partial<HungPiece> = {}) =>
	mirrorPlates.solve(back, { ...piece, ...on }, { hookMargin: 12, heavy: 15 });
function hung(...of: Parameters<typeof solve>) {
	const result = solve(...of);
	if (!result.ok) throw new Error(result.error.message);
	return result.value.points;
}
const refused = (back: MirrorPlatesBack) => {
	const result = solve(back);
	return result.ok ? 'ok' : `${result.error.code} at ${result.error.path}`;
};
const at = (back: MirrorPlatesBack) => hung(back).map(({ x, drop }) => [x, drop.value]);

describe('mirror plates', () => {
	it('have their holes out beside the frame, or beyond its ends', () => {
		expect(at(plates())).deep.equal([
			[-314, 300],
			[314, 320]
		]);
		expect(at(plates({ where: 'ends' }))).deep.equal([
			[-40, -14],
			[50, 814]
		]);
	});

	it('are told by where they are', () => {
		const names = (where: 'sides' | 'ends') => hung(plates({ where })).map(({ name }) => name);
		expect(names('sides')).deep.equal(['left plate', 'right plate']);
		expect(names('ends')).deep.equal(['top plate', 'bottom plate']);
	});

	it('share the weight; at the ends the upper one alone is pulled out', () => {
		// At the sides W·t/h, t 2 + 36/2, h from the plate down to the bottom edge.
		const [left, right] = hung(plates()).map(({ load }) => load!);
		expect([left!.down.value, right!.down.value]).deep.equal([40, 40]);
		expect(left!.pull!.value).closeTo((40 * 20) / 500, 1e-9);
		expect(right!.pull!.value).closeTo((40 * 20) / 480, 1e-9);
		const [top, bottom] = hung(plates({ where: 'ends' })).map(({ load }) => load!);
		expect([top!.down.value, bottom!.down.value]).deep.equal([40, 40]);
		expect(top!.pull!.value).closeTo((80 * 20) / 828, 1e-9);
		expect(bottom!.pull!.value).equal(0);
		expect(hung(plates(), { weight: null }).map(({ load }) => load)).deep.equal([null, null]);
	});

	it('stay on the piece', () => {
		expect(refused(plates({ leftDown: 799.9, rightDown: 799.9 }))).equal('ok');
		expect(refused(plates({ leftDown: 800 }))).equal('plate-beyond-piece at leftDown');
		expect(refused(plates({ rightDown: 800 }))).equal('plate-beyond-piece at rightDown');
		expect(refused(plates({ where: 'ends', topOffset: -300 }))).equal(
			'plate-beyond-piece at topOffset'
		);
		expect(refused(plates({ where: 'ends', bottomOffset: 300 }))).equal(
			'plate-beyond-piece at bottomOffset'
		);
		expect(refused(plates({ where: 'ends', topOffset: -299, bottomOffset: 299 }))).equal('ok');
	});

	it('are drawn from the frame out to their holes', () => {
		const roots = (where: 'sides' | 'ends') =>
			mirrorPlates
				.draw(plates({ where }), piece)
				.flatMap((each) => (each.shape === 'plate' ? [[each.at, each.towards]] : []));
		expect(roots('sides')).deep.equal([
			[
				{ x: -288, drop: 300 },
				{ x: -314, drop: 300 }
			],
			[
				{ x: 288, drop: 320 },
				{ x: 314, drop: 320 }
			]
		]);
		expect(roots('ends')).deep.equal([
			[
				{ x: -40, drop: 12 },
				{ x: -40, drop: -14 }
			],
			[
				{ x: 50, drop: 788 },
				{ x: 50, drop: 814 }
			]
		]);
	});

	it('set off level at top and bottom, the lower one goes towards the low side', () => {
		const back = plates({ where: 'ends', topOffset: 0, bottomOffset: 0 });
		const result = solve(back);
		if (!result.ok) throw new Error(result.error.message);
		const step = (tilt: number) => mirrorPlates.levelStep(tilt, back, piece, result.value);
		const by = 828 * Math.sin(Math.PI / 180);
		// Its right side is high: turned clockwise about the top plate, the bottom one goes left.
		expect(step(1)).include({ does: 'point', side: 'left' });
		expect(step(1).sets).deep.include({ index: 1, up: 0 });
		expect(step(1).sets!.right).closeTo(-by, 1e-9);
		expect(step(-1)).include({ does: 'point', side: 'right' });
		expect(step(-1).sets!.right).closeTo(by, 1e-9);
	});
});
