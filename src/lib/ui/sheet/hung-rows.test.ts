import { expect } from 'chai';
import { PLACE_FACTS, fixOnWall, piecesById, planWallFast, stylesOf } from '../../core/index.ts';
import { DEMO } from '../../store/demo/index.ts';
import { everyCaution, hungRows } from './hung-rows.ts';

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
		...{ plan: plan.value, fixes }
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

	it('gather all that is said of them and of the wall, the gravest first, and lose no stop', () => {
		for (const { id } of DEMO.walls)
			for (const place of PLACE_FACTS) {
				const { fixes, plan } = rowsOn(id, (project) => project.place.push(place.fact));
				const found = everyCaution(plan, fixes);
				const grades = found.map(({ caution }) => caution.grade);
				if (grades.includes('stop'))
					expect(grades.lastIndexOf('stop')).below(grades.findIndex((grade) => grade !== 'stop'));
				const told = found.flatMap(({ letters, caution }) =>
					letters.map((letter) => `${letter} ${caution.code}`)
				);
				const letters = new Map(plan.pieces.map(({ pieceId, letter }) => [pieceId, letter]));
				for (const { pieceId, cautions } of fixes)
					for (const { grade, code } of cautions)
						if (grade === 'stop') expect(told).include(`${letters.get(pieceId)} ${code}`);
				for (const { pieceId, caution } of [...plan.cautions, ...plan.placementCautions])
					expect(told).include(`${letters.get(pieceId)} ${caution.code}`);
			}
	});

	it('tell what is true of several once', () => {
		const { fixes, plan } = rowsOn('tea-room', (project) => project.place.push('public'));
		const lifts = everyCaution(plan, fixes).find(({ caution }) =>
			/^Anyone can lift/.test(caution.message)
		);
		expect(lifts!.letters.length).above(3);
	});
});
