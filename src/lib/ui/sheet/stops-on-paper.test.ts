import { expect } from 'chai';
import fc from 'fast-check';
import {
	elevationPage,
	fixOnWall,
	halts,
	markStrips,
	PLACE_FACTS,
	piecesById,
	planWallFast,
	sheetFrames,
	stoppedBy,
	stripPages,
	stylesOf,
	usualPrinting,
	type PaperPage,
	type Project
} from '../../core/index.ts';
import { DEMO } from '../../store/demo/index.ts';
import { everyCaution } from './hung-rows.ts';

const textsOf = (pages: readonly PaperPage[]): string[] =>
	pages
		.flatMap(({ drawn, own }) => [...drawn, ...own])
		.flatMap((ink) => (ink.shape === 'text' ? [ink.text] : []));

/** The demo with backs, weights, walls and places that nobody would have chosen. */
const anyJob = fc
	.record({
		wallId: fc.constantFrom(...DEMO.walls.map(({ id }) => id)),
		places: fc.subarray(PLACE_FACTS.map(({ fact }) => fact)),
		of: fc.constantFrom('unknown', 'board-timber', 'brick', 'lath-plaster'),
		changes: fc.array(
			fc.record({
				at: fc.nat(DEMO.pieces.length - 1),
				weight: fc.constantFrom(null, 0.4, 6, 45, 120),
				wide: fc.constantFrom(1, 1.4),
				lifted: fc.integer({ min: -700, max: 700 })
			}),
			{ maxLength: 6 }
		)
	})
	.map(({ wallId, places, of, changes }) => {
		const project = JSON.parse(JSON.stringify(DEMO)) as Project;
		project.place = places;
		const wall = project.walls.find(({ id }) => id === wallId)!;
		Object.assign(wall.made, { of });
		for (const { at, weight, wide, lifted } of changes) {
			const piece = project.pieces[at]!;
			Object.assign(piece, { weight });
			if ('ringSpan' in piece.back && typeof piece.back.ringSpan === 'number')
				Object.assign(piece.back, { ringSpan: piece.back.ringSpan * wide });
			for (const placement of wall.arrangements[0]!.placements)
				if (placement.pieceId === piece.id && placement.height.from === 'centre')
					Object.assign(placement.height, { at: placement.height.at + lifted });
		}
		return { project, wall };
	});

describe('what must not be done', () => {
	it('stands on every sheet that is carried, whatever the job', () => {
		let stops = 0;
		fc.assert(
			fc.property(anyJob, ({ project, wall }) => {
				const plan = planWallFast(project, wall.id);
				if (!plan.ok) return;
				const { pieces, cautions, placementCautions, wallCautions } = plan.value;
				const fixes = fixOnWall(project, wall, { studs: [], lean: null });
				const stopped = stoppedBy(pieces, fixes);
				stops += stopped.size;
				const styles = stylesOf(project.houseRules);

				// The marks sheet, the helper’s page and the job papers begin with these.
				const told = everyCaution(plan.value, fixes)
					.filter(({ caution }) => halts(caution))
					.flatMap(({ letters, caution }) => letters.map((letter) => `${letter} ${caution.code}`));
				const letters = new Map(pieces.map(({ pieceId, letter }) => [pieceId, letter]));
				for (const { pieceId, caution } of [
					...fixes.flatMap((fix) =>
						fix.cautions.map((caution) => ({ pieceId: fix.pieceId, caution }))
					),
					...cautions,
					...placementCautions
				])
					if (halts(caution)) expect(told).include(`${letters.get(pieceId)} ${caution.code}`);
				expect(wallCautions.filter(halts)).length.most(told.length);

				const strips = markStrips(pieces);
				const frames = sheetFrames('a4', usualPrinting.margins);
				const onStrips = stripPages(strips, frames, styles, 'Job', stopped);
				if (!onStrips.ok) throw new Error(onStrips.error.message);
				const said = textsOf(onStrips.value);
				for (const { pieceId, letter } of strips)
					if (stopped.has(pieceId))
						expect(said.filter((text) => text.includes(letter) && /stop/i.test(text))).not.empty;

				const elevation = elevationPage(
					{
						...{ wall, pieces, rack: piecesById(project.pieces), stopped, styles },
						centreLineY: plan.value.centreLine.y
					},
					{ sheet: 'a4', margins: usualPrinting.margins, units: 'in', title: 'Job' }
				);
				if (!elevation.ok) throw new Error(elevation.error.message);
				const drawn = textsOf(elevation.value.pages);
				expect(drawn.filter((text) => text === 'STOP').length).equal(stopped.size);
				for (const pieceId of stopped)
					expect(
						drawn.some((text) => text.includes('STOP: not') && text.includes(letters.get(pieceId)!))
					).equal(true);
			}),
			{ numRuns: 15 }
		);
		expect(stops).above(10);
	}).timeout(120_000);
});
