import { expect } from 'chai';
import { DEMO } from '../../../store/demo/index.ts';
import { setWall, settle, setPiece, setPlace } from '../../../store/commands/index.ts';
import { preview, type Command } from '../../../store/history.ts';
import { startBack } from '../../model/index.ts';
import type { HookKind } from '../../catalogue/facts/index.ts';
import type { WetSide } from '../../wall/survey/schemas.ts';
import type { PlaceFact } from '../../model/place.ts';
import { planWall } from '../../plan/plan-wall.ts';
import { CAUTION_RULES, ofEveryHole } from './index.ts';

/** Codes and grades of what is said of a piece of the stair hall. */
function said(letter: string, ...commands: Command[]): string[] {
	const project = commands.reduce(preview, DEMO);
	const plan = planWall(project, 'stair-hall');
	if (!plan.ok) throw new Error(plan.error.message);
	const { pieceId } = plan.value.pieces.find((piece) => piece.letter === letter)!;
	const { cautions } = plan.value.fixes.find((each) => each.pieceId === pieceId)!;
	for (const { message, remedy } of cautions) expect(`${message} ${remedy}`).match(/\.$/);
	return cautions.map(({ grade, code }) => `${grade} ${code}`);
}
const at = (fact: PlaceFact) => setPlace(fact, true);
const onToggles = settle('stair-hall', [
	{
		pieceId: 'piece-a',
		back: DEMO.pieces[0]!.back,
		points: [0, 1].map(() => ({ hook: 'strap-toggle' as const, x: null }))
	}
]);

const ringsOnToggles = settle('stair-hall', [
	{
		pieceId: 'piece-c',
		back: startBack('rings', DEMO.pieces[2]!),
		points: [0, 1].map(() => ({ hook: 'strap-toggle' as const, x: null }))
	}
]);

describe('cautions on fixing', () => {
	it('stop where the hook is too weak, and not where it serves', () => {
		expect(said('C')).include('care to-choose').and.not.include('stop too-weak');
		// Two nails in board are for 23 kg at most; a packet of one’s own takes nothing from that.
		expect(said('C', setPiece('piece-c', { hook: 'picture-hook-2', weight: 24 }))).include(
			'stop too-weak'
		);
		expect(said('A')).not.include('stop too-weak');
		// A nail in board is not for glass.
		const glazed = setPiece('piece-d', { glazing: 'glass' });
		expect(said('D', glazed)).include('care to-choose');
	});

	it('ask for a weight, two people, a ladder, and two points for glass', () => {
		expect(said('A', setPiece('piece-a', { weight: null }))).include('care weight-unknown');
		expect(said('C')).include('care heavy-lift');
		expect(said('A')).not.include('care heavy-lift');
		expect(said('A', setPiece('piece-a', { width: 1100 }))).include('care heavy-lift');
		expect(said('C')).not.include('care ladder');
		expect(said('A', setPiece('piece-a', { height: 1400 }))).include('care ladder');
		expect(said('F', setPiece('piece-f', { glazing: 'glass', weight: 6 }))).include(
			'care glass-on-one-point'
		);
		expect(said('D', setPiece('piece-d', { kind: 'shelf' }))).include('care leaned-on');
	});

	it('follow what is said of the place', () => {
		const home = setPlace('public', false);
		expect(said('A', at('public'))).include('care public-room');
		expect(said('A')).not.include('care public-room');
		expect(said('F', home)).not.include('care earthquakes');
		expect(said('F', home, at('earthquakes'))).include('care earthquakes');
		// Rings on bolts stay on in a shake, and come off by a hand; plates want a key.
		expect(said('C', home, at('earthquakes'), ringsOnToggles)).not.include('care earthquakes');
		expect(said('C', at('public'), ringsOnToggles)).include('care public-room');
		expect(said('A', home, onToggles, at('rented'))).include('note rented');
		expect(said('A', home, at('rented'))).not.include('note rented');
		expect(said('C', at('children'))).include('care children');
		expect(said('A', at('children'))).not.include('care children');
	});

	it('tell what light, damp, glue and long screws do', () => {
		const [wall] = DEMO.walls;
		// CIE 157:2004: works on paper bear 50 lux, paintings 200; a mirror is not harmed.
		const lux = (value: number) => setWall(wall!.id, { lux: value });
		const glazed = setPiece('piece-a', { glazing: 'glass' });
		expect(said('A', glazed, lux(60))).include('care too-bright');
		expect(said('A', glazed, lux(50))).not.include('care too-bright');
		expect(said('A', setPiece('piece-a', { glazing: 'none' }), lux(60))).not.include(
			'care too-bright'
		);
		expect(said('C', lux(5000))).not.include('care too-bright');
		const wet = setWall(wall!.id, { wet: ['behind'] });
		expect(said('A', wet)).include('care damp');
		expect(said('C', wet)).not.include('care damp');
		const by = (letter: string, hook: HookKind, xs: (number | null)[]) => {
			const { id, back } = DEMO.pieces.find((piece) => piece.letter === letter)!;
			return settle('stair-hall', [{ pieceId: id, back, points: xs.map((x) => ({ hook, x })) }]);
		};
		expect(said('F', by('F', 'adhesive-strip', [null]))).include('care adhesive');
		expect(said('F')).not.include('care adhesive');
		expect(said('A')).not.include('note into-stud');
	});

	it('stop what this app is not for, and ask where a name sounds like it', () => {
		expect(said('D', setPiece('piece-d', { kind: 'held' }))).include('stop not-for-this');
		for (const name of ['Hall television', 'TV', 'Grab bar', 'Coat hooks', 'Rope swing'])
			expect(said('D', setPiece('piece-d', { name })), name).include('care not-for-this');
		for (const name of ['Curlew', 'Swan', 'Barley field', 'Ladders of light'])
			expect(said('D', setPiece('piece-d', { name })), name).not.include('care not-for-this');
	});

	it('stop a piece whose back is broken, until its job is done', () => {
		const found = (state: 'job' | 'fine', id = 'joints') =>
			setPiece('piece-a', { found: { [id]: { state, note: 'left corner opens', photo: '' } } });
		expect(said('A', found('job'))).include('stop broken-back');
		expect(said('A', found('job', 'hardware'))).include('stop broken-back');
		expect(said('A', found('fine'))).not.include('stop broken-back');
		// A label that is still on hurts nobody.
		expect(said('A', found('job', 'labels'))).not.include('stop broken-back');
	});

	it('ask for what does not rust where steam or weather comes', () => {
		const wet = (side: WetSide) => said('A', setWall(DEMO.walls[0]!.id, { wet: [side] }));
		expect(wet('here')).include('note rust');
		expect(wet('outside')).include('note rust');
		expect(wet('behind')).not.include('note rust');
	});

	it('stop a heavy lift from a ladder', () => {
		const high = (weight: number) => setPiece('piece-a', { weight, height: 1400 });
		expect(said('A', high(22))).not.include('stop from-ladder');
		expect(said('A', high(24))).include('stop from-ladder');
		expect(said('A', setPiece('piece-a', { weight: 24 }))).not.include('stop from-ladder');
	});

	it('count the light of a year by its hours too', () => {
		const [wall] = DEMO.walls;
		const lit = (hoursPerDay: number, daysPerYear: number) =>
			setWall(wall!.id, { lux: 50, lit: { hoursPerDay, daysPerYear, at: {} } });
		const fast = setPiece('piece-a', { fades: 'high' });
		expect(said('A', fast, lit(24, 365))).include('care too-bright');
		// 50 lux for 15 000 lux hours is 300 hours.
		expect(said('A', fast, lit(1, 300))).not.include('care too-bright');
		expect(said('A', fast, lit(1, 301))).include('care too-bright');
	});

	it('say nothing of drilling where nothing is drilled', () => {
		const codes = (...kinds: HookKind[]) =>
			ofEveryHole(kinds.map((kind) => ({ kind }))).map(({ code }) => code);
		expect(codes('rail-hook', 'adhesive-strip', 'push-pin', 'hard-wall-hook')).deep.equal([
			'rating'
		]);
		expect(codes('rail-hook', 'picture-hook-1')).deep.equal(['rating', 'behind']);
	});

	it('each have a code of their own and a source', () => {
		for (const [key, { code, source }] of Object.entries(CAUTION_RULES)) {
			expect(code).equal(key);
			expect(source, code).not.equal('');
		}
	});
});
