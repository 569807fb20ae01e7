import { expect } from 'chai';
import { DEMO } from '../../../store/demo/index.ts';
import { planWallFast } from '../../plan/plan-wall-fast.ts';
import { nextStep, oneOn, reordered, runSheet, stepTitles, type SheetStep } from './run-sheet.ts';
import { dayState } from './state.ts';
import type { Phase, Step } from './steps/types.ts';

const step = (id: string, phase: Phase = 'ready', ...needs: string[]): Step => ({
	...{ id, phase, title: id, pieceId: null, says: [], cautions: [] },
	needs: needs.map((need) => ({ step: need, strict: false })),
	asks: { of: 'tick' }
});
const ids = (steps: readonly Step[]) => steps.map(({ id }) => id).join('');

describe('a step that is moved', () => {
	const steps = [step('a'), step('b'), step('c', 'ready', 'b'), step('d', 'mark')];

	it('stands before the other, or at the end', () => {
		expect(ids(reordered(steps, 'b', 'a'))).equal('bacd');
		expect(ids(reordered(steps, 'a', 'd'))).equal('bcad');
		expect(ids(reordered(steps, 'a', null))).equal('bcda');
		expect(ids(reordered(steps, 'd', 'a'))).equal('dabc');
	});

	it('stays where it is before one it needs, where it is unknown, and where the other is', () => {
		expect(reordered(steps, 'c', 'b')).equal(steps);
		expect(reordered(steps, 'b', null)).equal(steps);
		expect(reordered(steps, 'x', 'a')).equal(steps);
		expect(reordered(steps, 'a', 'x')).equal(steps);
		expect(reordered(steps, 'a', 'a')).equal(steps);
		// A need that is on no sheet stands nowhere before it.
		const needy = [step('a'), step('b', 'ready', 'gone')];
		expect(ids(reordered(needy, 'a', null))).equal('ba');
	});

	it('goes one up or down within its phase alone', () => {
		expect(oneOn(steps, 'a', 1)).deep.equal({ before: 'c' });
		expect(oneOn(steps, 'b', -1)).deep.equal({ before: 'a' });
		// C needs b.
		expect(oneOn(steps, 'b', 1)).equal(null);
		expect(oneOn(steps, 'c', -1)).equal(null);
		expect([oneOn(steps, 'a', -1), oneOn(steps, 'c', 1), oneOn(steps, 'd', -1)]).deep.equal([
			...[null, null, null]
		]);
		expect(oneOn(steps, 'd', 1)).equal(null);
		expect(oneOn(steps, 'x', 1)).equal(null);
		const two = [step('a'), step('b')];
		expect(oneOn(two, 'a', 1)).deep.equal({ before: null });
	});
});

describe('the next step', () => {
	const item = (id: string, done: boolean, off = false): SheetStep => ({
		...{ step: step(id), off, waitsFor: [] },
		mark: done ? { state: 'done', at: '', by: '', why: '' } : null
	});

	it('is the first that nobody did, or that does not agree', () => {
		const sheet = [item('a', true), item('b', true, true), item('c', false)];
		expect(nextStep(sheet)!.step.id).equal('b');
		expect(nextStep([item('a', true), item('c', false)])!.step.id).equal('c');
		expect(nextStep([item('a', true)])).equal(null);
	});
});

describe('what the steps of a wall are called', () => {
	it('is known by their ids, and nothing of a wall that is not there', () => {
		const titles = stepTitles(DEMO, 'stair-hall');
		expect(titles.get('prove:width')).equal('The width again');
		expect(titles.get('after:clean')).be.a('string');
		expect(stepTitles(DEMO, 'nowhere').size).equal(0);
	});
});

describe('a wall that is hung piece by piece', () => {
	const phases = (hung: boolean) => {
		const project = {
			...DEMO,
			walls: DEMO.walls.map((wall) => ({ ...wall, tape: { ...wall.tape, hung } }))
		};
		const wall = project.walls.find(({ id }) => id === 'stair-hall')!;
		const plan = planWallFast(project, wall.id);
		if (!plan.ok) throw new Error(plan.error.message);
		const facts = { project, wall, plan: plan.value, fixes: [] };
		return runSheet(facts, dayState([], wall.id)).map(({ step }) => step);
	};

	it('has each marked, set and hung before the next, after what comes first and before what comes last', () => {
		const steps = phases(true);
		const own = steps.filter(({ phase }) => ['mark', 'set', 'lift'].includes(phase));
		const at = steps.indexOf(own[0]!);
		expect(steps.slice(at, at + own.length)).deep.equal(own);
		expect(steps.slice(0, at).every(({ phase }) => phase === 'prove' || phase === 'ready')).equal(
			true
		);
		expect(steps.slice(at + own.length).every(({ phase }) => phase === 'after')).equal(true);
		const pieces = own.map(({ pieceId }) => pieceId);
		const blocks = pieces.filter((id, index) => id !== pieces[index - 1]);
		expect(blocks).deep.equal([...new Set(pieces)]);
		for (const piece of blocks) {
			const its = own.flatMap(({ pieceId, phase }) => (pieceId === piece ? [phase] : []));
			expect(its).deep.equal([
				...its.filter((phase) => phase === 'mark'),
				...its.filter((phase) => phase === 'set'),
				...its.filter((phase) => phase === 'lift')
			]);
		}
	});

	it('and else every mark first, then every hook, then every piece', () => {
		const order: Phase[] = ['prove', 'ready', 'mark', 'set', 'lift', 'after'];
		const places = phases(false).map(({ phase }) => order.indexOf(phase));
		expect(places).deep.equal(places.toSorted((a, b) => a - b));
		expect(new Set(places).size).equal(order.length);
	});
});
