import { expect } from 'chai';
import { fixOnWall, piecesById, planWallFast, stylesOf } from '../../core/index.ts';
import { DEMO } from '../../store/demo/index.ts';
import { cautionsOf, hungRows } from './hung-rows.ts';

function rowsOn(wallId: string, change: (project: typeof DEMO) => void = () => undefined) {
	const project = JSON.parse(JSON.stringify(DEMO)) as typeof DEMO;
	change(project);
	const plan = planWallFast(project, wallId);
	if (!plan.ok) throw new Error(plan.error.message);
	const wall = project.walls.find(({ id }) => id === wallId)!;
	const fixes = fixOnWall(project, wall, { studs: [], lean: null });
	const styles = stylesOf(project.houseRules);
	return {
		rows: hungRows(plan.value, piecesById(project.pieces), fixes, styles),
		plan: plan.value
	};
}

describe('pieces as they go up', () => {
	it('begin with the heaviest, and say what each hangs on and who lifts it', () => {
		const { rows } = rowsOn('stair-hall');
		const kilograms = rows.map(({ piece }) => piece.weight ?? 0);
		expect(kilograms).deep.equal([...kilograms].sort((a, b) => b - a));
		expect(rows[0]).include({ byTwo: true, weight: '46.3 lb', on: '2 × one-nail picture hook' });
		expect(rows.find(({ piece }) => piece.letter === 'D')).include({
			...{ byTwo: false, on: '1 × finish nail' }
		});
		for (const { marks, planned } of rows) expect(marks).lengthOf(planned.hooks.length);
	});

	it('leave a weight nobody knows empty, and come last with it', () => {
		const { rows } = rowsOn('stair-hall', ({ pieces }) => {
			Object.assign(
				pieces.find(({ letter }) => letter === 'C')!,
				{ weight: null, build: null }
			);
		});
		expect(rows.at(-1)!.piece.letter).equal('C');
		expect(rows.at(-1)!.weight).equal('');
	});

	it('gather what could happen, the gravest first, without mere notes', () => {
		const { rows, plan } = rowsOn('tea-room', (project) => project.place.push('public'));
		const cautions = cautionsOf(rows, plan);
		const grades = cautions.map(({ caution }) => caution.grade);
		expect(grades).not.include('note');
		expect(grades.lastIndexOf('stop')).below(grades.indexOf('care'));
		const lifts = cautions.find(({ caution }) => caution.message.startsWith('Anyone can lift'))!;
		expect(lifts.letters.length).above(3);
	});
});
