import { expect } from 'chai';
import fc from 'fast-check';
import { DEMO } from '../../../store/demo/index.ts';
import { spread } from '../../base/geometry/spread.ts';
import { stylesOf } from '../marks/styles.ts';
import { rulesOn } from '../../model/index.ts';
import { piecesById } from '../../plan/place-wall.ts';
import type { PlannedPiece } from '../../model/planned.ts';
import { planWallFast } from '../../plan/plan-wall-fast.ts';
import { formatLength } from '../../base/units/index.ts';
import { elevationPage } from './elevation-page.ts';
import { along, type DrawnText } from './ink.ts';
import { usualPrinting } from '../../base/schemas/paper.ts';
import { scaleFor } from './scales.ts';

function drawn(wallId: string) {
	const wall = DEMO.walls.find(({ id }) => id === wallId)!;
	const plan = planWallFast(DEMO, wallId);
	if (!plan.ok) throw new Error(plan.error.message);
	const rules = rulesOn(DEMO.houseRules, wall.units);
	const styles = stylesOf(rules);
	const page = elevationPage(
		{
			...{ wall, styles, pieces: plan.value.pieces, rack: piecesById(DEMO.pieces) },
			centreLineY: plan.value.centreLine.y,
			stopped: new Set()
		},
		{ sheet: 'a4', margins: usualPrinting.margins, units: rules.units, title: 'Job' }
	);
	if (!page.ok) throw new Error(page.error.message);
	return { ...page.value, wall, plan: plan.value, styles };
}

describe('spread', () => {
	it('keeps order and distance, and moves what has room not at all', () => {
		expect(spread([0, 10, 30], 3)).deep.equal([0, 10, 30]);
		// Two at one place part about it.
		expect(spread([5, 5], 4)).deep.equal([3, 7]);
	});

	it('is the least that can be moved: no single place is better elsewhere', () => {
		fc.assert(
			fc.property(
				fc.array(fc.integer({ min: 0, max: 60 }), { minLength: 1, maxLength: 9 }),
				(raw) => {
					const wished = raw.toSorted((a, b) => a - b);
					const places = spread(wished, 3);
					const cost = (at: readonly number[]) =>
						at.reduce((sum, place, index) => sum + (place - wished[index]!) ** 2, 0);
					for (const [index, place] of places.entries()) {
						if (index > 0) expect(place - places[index - 1]!).least(3 - 1e-9);
						for (const by of [-0.1, 0.1]) {
							// A block may be moved as one; with those after or before it.
							for (const move of [
								places.map((each, at) => (at >= index ? each + by : each)),
								places.map((each, at) => (at <= index ? each + by : each))
							])
								if (move.every((each, at) => at === 0 || each - move[at - 1]! >= 3 - 1e-9))
									expect(cost(move)).least(cost(places) - 1e-9);
						}
					}
				}
			)
		);
	});
});

describe('the elevation sheet', () => {
	for (const wallId of ['stair-hall', 'tea-room', 'net-loft'])
		it(`shows the ${wallId} to scale on one sheet, with every edge dimensioned`, () => {
			const { pages, drawing, scale, wall, plan, styles } = drawn(wallId);
			expect(pages).lengthOf(1);
			const [page] = pages as [(typeof pages)[number]];
			for (const { x, y } of [...page.drawn, ...page.own].flatMap(along)) {
				expect(x).within(0, page.width);
				expect(y).within(0, page.height);
			}
			const outlines = drawing.ink.filter(
				(each) => each.shape !== 'text' && each.pen === 'outline'
			);
			for (const { rect } of plan.pieces) {
				const [x, y] = [(rect.x + rect.width / 2) / scale.of, rect.y / scale.of];
				expect(
					outlines.some((each) => {
						const points = along(each);
						const [xs, ys] = [points.map((at) => at.x), points.map((at) => at.y)];
						return (
							Math.abs((Math.min(...xs) + Math.max(...xs)) / 2 - x) < 0.5 &&
							Math.abs(Math.min(...ys) - y) < 0.5
						);
					})
				).equal(true);
			}
			const says = new Set(
				drawing.ink
					.filter((each): each is DrawnText => each.shape === 'text')
					.map(({ text }) => text)
			);
			for (const mm of [
				wall.width,
				wall.height,
				...[...plan.pieces.map(({ rect }) => rect), ...wall.features].flatMap((rect) => [
					rect.x,
					rect.x + rect.width,
					rect.y,
					rect.y + rect.height
				])
			])
				expect([...says], formatLength(mm, styles.lead)).include(formatLength(mm, styles.lead));
		});

	it('tells every edge in a table where the drawing has no room for them', () => {
		const { wall, plan, styles } = drawn('stair-hall');
		const [first] = plan.pieces as [PlannedPiece];
		const pieces = Array.from({ length: 40 }, (_, index) => ({
			...first,
			...{ pieceId: `p${index}`, letter: `P${index}`, name: `Print ${index}` },
			rect: { x: 37.7 * index, y: 900 + 31.3 * index, width: 101.1, height: 77.7 }
		}));
		const made = elevationPage(
			{ wall, pieces, rack: new Map(), centreLineY: plan.centreLine.y, stopped: new Set(), styles },
			{ sheet: 'a4', margins: usualPrinting.margins, units: 'mm', title: 'Stair hall' }
		);
		if (!made.ok) throw new Error(made.error.code);
		const told = made.value.pages
			.flatMap(({ own }) => own)
			.flatMap((ink) => (ink.shape === 'text' ? [ink.text] : []));
		for (const { letter, name, rect } of pieces) {
			expect(told).include(`${letter} ${name}`);
			for (const edge of [rect.x, rect.x + rect.width, rect.y, rect.y + rect.height])
				expect(told).include(formatLength(edge, styles.lead));
		}
		for (const { name } of wall.features) expect(told).include(name);
	});

	it('is drawn at the largest usual scale that fits', () => {
		expect(scaleFor({ width: 5000, height: 2500 }, { width: 250, height: 150 }, 'mm').of).equal(20);
		expect(scaleFor({ width: 5001, height: 2500 }, { width: 250, height: 150 }, 'mm').of).equal(25);
		// 14 ft at 1/2 in to the foot are 7 in.
		const fourteen = { width: 14 * 304.8, height: 1000 };
		expect(scaleFor(fourteen, { width: 7 * 25.4, height: 200 }, 'in').says).equal(
			'1/2 in to the foot'
		);
	});
});
