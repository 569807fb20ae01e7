import { expect } from 'chai';
import Papa from 'papaparse';
import { bagCsv } from '../../../files/bag-csv.ts';
import { DEMO } from '../../../store/demo/index.ts';
import { setOwnHook, settle } from '../../../store/commands/index.ts';
import { preview } from '../../../store/history.ts';
import type { Feature } from '../../wall/features/index.ts';
import { hangers, type HangerKind } from '../../piece/hangers/index.ts';
import { startFeature } from '../../model/start.ts';
import type { OldHole } from '../choose/old-holes.ts';
import type { Project } from '../../model/project.ts';
import { planWall } from '../../plan/plan-wall.ts';
import { bagOf, type BagItem } from './bag.ts';

function bag(project: Project, wallId: string, only?: string, mayRust = false): BagItem[] {
	const plan = planWall(project, wallId);
	if (!plan.ok) throw new Error(plan.error.message);
	const { pieces, fixes } = plan.value;
	return bagOf(
		pieces
			.filter(({ letter }) => !only || letter === only)
			.map((planned) => ({
				planned,
				piece: project.pieces.find(({ id }) => id === planned.pieceId)!,
				fix: fixes.find(({ pieceId }) => pieceId === planned.pieceId),
				mayRust
			})),
		project
	);
}
const item = (items: readonly BagItem[], key: string) =>
	items.find((each) => each.key.startsWith(key));

describe('the bag', () => {
	it('sums a wall’s fixings with spares, and says for which pieces', () => {
		const items = bag(DEMO, 'stair-hall');
		// A, B and C on two hooks each, F and G on one; D and E on a nail.
		expect(item(items, 'picture-hook-1')).deep.include({
			count: 8,
			spare: 2,
			letters: ['A', 'B', 'C', 'F', 'G']
		});
		expect(item(items, 'nail')).deep.include({ count: 2, spare: 1, letters: ['D', 'E'] });
		expect(item(items, 'bumpers')!.count).equal(14);
		expect(items.map(({ key }) => key)).include.members(['hammer', 'level', 'painters-tape']);
	});

	it('asks for stainless steel or brass on a damp wall', () => {
		const named = (mayRust: boolean) =>
			bag(DEMO, 'stair-hall', 'A', mayRust).flatMap(({ group, name }) =>
				group === 'wall' ? [name] : []
			);
		expect(named(true)).deep.equal(named(false).map((name) => `${name}, stainless or brass`));
	});

	it('cuts wire with 200 mm for two ties, rated for twice the weight or its tension', () => {
		const [wire] = bag(DEMO, 'stair-hall', 'A').filter(({ key }) => key.startsWith('wire'));
		const plan = planWall(DEMO, 'stair-hall');
		const hung = plan.ok && plan.value.pieces.find(({ letter }) => letter === 'A')!.hung;
		const length = (hung || null)!.wire!.length;
		const cut = Number(/\{([\d.]+) mm\}/.exec(wire!.name)![1]);
		expect(cut).within(length + 200, length + 200 + 12.7);
		// 9.8 lb twice: 19.6 lbf in newtons.
		expect(wire!.rated).closeTo(19.6 * 4.4482216152605, 1e-6);
	});

	it('follows what was settled: bits, screws by length, and what is at hand', () => {
		const points = ['strap-toggle', 'cleat-screw', 'strap-toggle'].map((hook, index) => ({
			hook: hook as 'strap-toggle' | 'cleat-screw',
			x: [-241.3, 12.7, 241.3][index]!
		}));
		const plan = planWall(DEMO, 'stair-hall');
		const choice = plan.ok && plan.value.fixes.find(({ pieceId }) => pieceId === 'piece-c')!.choice;
		const cleat = choice && choice.ok && choice.value.ways.find((way) => way.back.kind === 'cleat');
		const { back } = (cleat || null)!;
		const settled = preview(DEMO, settle('stair-hall', [{ pieceId: 'piece-c', back, points }]));
		// The hook set for the back follows a cleat, for when the fixing is opened again.
		expect(settled.pieces.find(({ letter }) => letter === 'C')!.hook).equal('cleat-screw');
		const stocked = preview(settled, setOwnHook('strap-toggle', { stock: 4 }));
		const items = bag(stocked, 'stair-hall', 'C');
		expect(item(items, 'strap-toggle')).deep.include({ count: 2, spare: 1, stock: 4 });
		expect(item(items, 'cleat-screw')!.name).match(/\{63\.5 mm\}/);
		expect(item(items, 'bit 12.7')!.name).equal('Bit, {12.7 mm}');
		expect(items.map(({ key }) => key)).include.members(['goggles', 'drill', 'driver']);
		expect(item(items, 'mask')).equal(undefined);
	});

	it('takes masonry bits and a mask to brick', () => {
		const points = [0, 1].map(() => ({ hook: 'masonry-plug' as const, x: null }));
		const { back } = DEMO.pieces.find(({ letter }) => letter === 'V')!;
		const settled = preview(DEMO, settle('net-loft', [{ pieceId: 'piece-v', back, points }]));
		const items = bag(settled, 'net-loft', 'V');
		expect(item(items, 'bit')!.name).equal('Masonry bit, {6 mm}');
		expect(items.map(({ key }) => key)).include.members(['mask', 'hammerDrill']);
	});

	it('buys what a bare back needs, and mends what earlier hangings left', () => {
		const plan = planWall(DEMO, 'stair-hall');
		const planned = plan.ok && plan.value.pieces.find(({ letter }) => letter === 'C')!;
		const piece = DEMO.pieces.find(({ letter }) => letter === 'C')!;
		const of = (kind: HangerKind) => {
			const back = hangers.find((hanger) => hanger.kind === kind)!.start(piece, {});
			return bagOf(
				[{ piece: { ...piece, back }, planned: planned || null!, fix: undefined, mayRust: false }],
				DEMO
			);
		};
		expect(item(of('rings'), 'part Strap ring, 2 screws')!.count).equal(2);
		expect(item(of('cleat'), 'part Cleat of wood')!.name).match(/both halves, \{[\d.]+ mm\}/);
		expect(item(of('mirror-plates'), 'part Mirror plate')!.count).equal(2);
		// Its own back was measured: nothing to buy.
		expect(item(bag(DEMO, 'stair-hall', 'C'), 'part')).equal(undefined);
		const left = (of: 'nail' | 'hole', more: Partial<OldHole> = {}): OldHole => ({
			feature: { ...startFeature(() => of, 'old-fixing', DEMO.walls[0]!), of } as Feature,
			...{ carries: null, behind: null, ...more }
		});
		const mended = bagOf([], DEMO, [
			left('nail'),
			left('hole'),
			left('hole', { behind: 'C' }),
			left('nail', { carries: 'C' })
		]);
		expect(item(mended, 'old-holes')!.count).equal(2);
		expect(item(mended, 'pincers')!.count).equal(1);
	});

	it('is empty without pieces, and reads back from its CSV', () => {
		expect(bagOf([], DEMO)).deep.equal([]);
		const items = bag(DEMO, 'stair-hall');
		const csv = bagCsv(items, ({ key }) => key === 'level', DEMO.houseRules);
		const { data } = Papa.parse<Record<string, string>>(csv, { header: true });
		expect(data).length(items.length);
		expect(data[0]).include({ group: 'For the wall', what: 'One-nail picture hook', used: '8' });
		expect(data.filter(({ packed }) => packed === 'yes').map(({ what }) => what)).deep.equal([
			'Level'
		]);
	});
});
