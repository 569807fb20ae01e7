import { expect } from 'chai';
import fc from 'fast-check';
import { DEMO } from '../../../store/demo/index.ts';
import { hookOf } from '../../catalogue/facts/index.ts';
import { stylesOf } from '../marks/styles.ts';
import type { Outline } from '../../base/schemas/outline.ts';
import { planWallFast } from '../../plan/plan-wall-fast.ts';
import { chord, plumbChord } from './chord.ts';
import { drawTemplate, STOP } from './draw-template.ts';
import { along, type DrawnText } from './ink.ts';
import { templateOf, type Template } from './template.ts';

const styles = stylesOf(DEMO.houseRules);
function ofDemo(wallId: string, letter: string) {
	const plan = planWallFast(DEMO, wallId);
	if (!plan.ok) throw new Error(plan.error.message);
	const planned = plan.value.pieces.find((each) => each.letter === letter)!;
	const piece = DEMO.pieces.find(({ id }) => id === planned.pieceId)!;
	return { planned, template: templateOf(planned, piece, ({ kind }) => hookOf(kind).name) };
}
const textsOf = (template: Template) =>
	drawTemplate(template, styles).ink.filter((each): each is DrawnText => each.shape === 'text');

describe('chord', () => {
	const size = { width: 300, height: 200 };

	it('of an oval is what its equation says', () => {
		for (const y of [0, 30, 100, 170, 200]) {
			const { from, to } = chord({ by: 'oval' }, size, y)!;
			for (const x of [from, to])
				expect(((x - 150) / 150) ** 2 + ((y - 100) / 100) ** 2).closeTo(1, 1e-9);
			expect(from + to).closeTo(300, 1e-9);
		}
		expect(chord({ by: 'oval' }, size, 201)).equal(null);
	});

	it('of a polygon runs from side to side, upright too', () => {
		// A gable: a triangle with its point up. Halfway up it is half as wide.
		const gable: Outline = {
			by: 'polygon',
			points: [
				{ x: 0.5, y: 0 },
				{ x: 1, y: 1 },
				{ x: 0, y: 1 }
			]
		};
		expect(chord(gable, size, 100)).deep.equal({ from: 75, to: 225 });
		expect(chord(gable, size, 0)).deep.equal({ from: 0, to: 300 });
		expect(plumbChord(gable, size, 150)).deep.equal({ from: 0, to: 200 });
		expect(plumbChord(gable, size, 75)!.to).closeTo(100, 1e-9);
		expect(plumbChord({ by: 'rectangle' }, size, 20)).deep.equal({ from: 0, to: 200 });
	});
});

describe('a template', () => {
	it('has its holes and bearings where the plan has them on the wall', () => {
		const { planned, template } = ofDemo('stair-hall', 'C');
		expect(template.points).lengthOf(planned.hooks.length);
		for (const [index, { hole, bearing }] of template.points.entries()) {
			const hook = planned.hooks[index]!;
			expect(hole!.x + planned.rect.x).closeTo(hook.hole.x, 1e-9);
			expect(hole!.y + planned.rect.y).closeTo(hook.hole.y, 1e-9);
			expect(bearing.y).below(hole!.y);
		}
	});

	it('of a piece on cords shows where they hang, and no hole', () => {
		const { template } = ofDemo('tea-room', 'I');
		expect(template.points.map(({ hole }) => hole)).deep.equal([null, null]);
		const { ink } = drawTemplate(template, styles);
		expect(ink.some((each) => each.shape !== 'text' && each.pen === 'hole')).equal(false);
		const ticks = ink.filter((each) => each.shape === 'line' && each.pen === 'bearing');
		expect(ticks).lengthOf(2);
	});

	it('says its letter, its name, its size in both units and which way is up', () => {
		const { template } = ofDemo('stair-hall', 'C');
		const said = textsOf(template).map(({ text }) => text);
		expect(said).include.members([template.letter, template.name, '28" (711 mm) × 38" (965 mm)']);
		expect(said.join(' ')).contain('this way up, as seen from the room');
		expect(said.join(' ')).contain(`left hook: ${template.points[0]!.says}`);
	});

	it('keeps what hangs off its outline on the paper, and says to leave paper there', () => {
		const { template } = ofDemo('stair-hall', 'C');
		const hole = { x: template.width / 2, y: template.height + 15 };
		const off = { ...template, points: [{ ...template.points[0]!, hole }] };
		expect(textsOf(off).some(({ text }) => text.includes('leave paper there'))).equal(true);
		expect(textsOf(template).some(({ text }) => text.includes('leave paper there'))).equal(false);
		const { box } = drawTemplate(off, styles);
		expect(box.y + box.height).least(hole.y);
	});

	it('says what of its back was not measured, and nothing where all was', () => {
		const { template } = ofDemo('stair-hall', 'C');
		const lines = (known: string) => textsOf({ ...template, known }).map(({ text }) => text);
		expect(lines('Not measured: rings down')).include('Not measured: rings down');
		expect(lines('').length).equal(lines('Not measured: rings down').length - 1);
	});

	it('says stop where it must not be hung as planned, and that no hook is planned', () => {
		const { template } = ofDemo('stair-hall', 'C');
		const says = (of: Template) => textsOf(of).some(({ text }) => text === STOP);
		expect([says(template), says({ ...template, stop: true })]).deep.equal([false, true]);
		const bare = textsOf({ ...template, points: [] }).map(({ text }) => text);
		expect(bare).include('no hook is planned for it');
	});

	it('draws nothing off its own box, and bumpers within its outline', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 30, max: 1500, noNaN: true }),
				fc.double({ min: 30, max: 1500, noNaN: true }),
				fc.constantFrom<Outline['by']>('rectangle', 'oval'),
				(width, height, by) => {
					const { planned } = ofDemo('stair-hall', 'A');
					const rect = { x: 100, y: 900, width, height };
					const piece = { ...DEMO.pieces[0]!, outline: { by } as Outline };
					const template = templateOf({ ...planned, rect, hooks: [] }, piece, () => '');
					const { box, ink } = drawTemplate(template, styles);
					for (const { x, y } of ink.flatMap(along)) {
						expect(x).within(box.x - 1e-9, box.x + box.width + 1e-9);
						expect(y).within(box.y - 1e-9, box.y + box.height + 1e-9);
					}
					for (const { x, y } of template.bumpers) {
						const across = chord(template.outline, template, y)!;
						expect(x).within(across.from + 11.99, across.to - 11.99);
					}
				}
			)
		);
	});
});
