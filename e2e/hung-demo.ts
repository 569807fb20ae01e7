import {
	fixOnWall,
	frozenPoints,
	applyEvent,
	planWallFast,
	type DayEvent,
	type Project
} from '../src/lib/core/index.ts';
import { DEMO as HOUSE } from '../src/lib/store/demo/index.ts';

/** Open to the public, so that it is looked after more often. */
const DEMO: Project = { ...HOUSE, place: ['public'] };

/** What is told of a day, besides its number and its wall. */
type Told = { what: DayEvent['what'] } & Record<string, unknown>;

/** The demo as a project of one's own, its stair hall hung on a day in May and looked after since. */
export function hungDemo(): Project {
	const wall = DEMO.walls[0]!;
	const plan = planWallFast(DEMO, wall.id);
	const pieces = plan.ok ? plan.value.pieces : [];
	const fixes = fixOnWall(DEMO, wall, { studs: [], lean: null });
	let count = 0;
	const told = (at: string, event: Told): DayEvent =>
		({
			...event,
			id: `told-${count++}`,
			at: `${at}.000Z`,
			by: 'Mina',
			wallId: wall.id
		}) as DayEvent;
	const hung = pieces.flatMap((planned, index) => {
		const at = `2026-05-02T1${index}:00:00`;
		const fix = fixes.find(({ pieceId }) => pieceId === planned.pieceId);
		return [
			told(at, {
				what: 'hung',
				hanging: {
					...{ id: `hung-${planned.letter}`, pieceId: planned.pieceId, wallId: wall.id },
					...{ since: `${at}.000Z`, by: 'Mina', rect: planned.rect },
					...{ points: frozenPoints(planned, fix), tilt: null, until: null, why: '', looks: [] }
				}
			}),
			told(`2026-05-02T1${index}:10:00`, {
				...{ what: 'levelled', pieceId: planned.pieceId, tilt: index % 3 === 0 ? 0.05 : -0.1 }
			})
		];
	});
	const look = (at: string, letter: string, state: string, text: string) =>
		told(at, { what: 'looked', hangingId: `hung-${letter}`, state, text, photo: '' });
	const events = [
		told('2026-05-02T09:00:00', { what: 'began' }),
		...hung,
		look('2026-05-02T19:00:00', 'C', 'note', 'Gilding worn at the lower left corner; glass sound'),
		look('2026-09-14T10:00:00', 'A', 'fine', 'Wire and ties sound'),
		look('2026-09-14T10:20:00', 'E', 'job', 'A corner of the frame opens: glue and pin it'),
		told('2026-10-03T11:00:00', {
			...{ what: 'taken-down', hangingId: 'hung-G', why: 'lent to the school at the landing' }
		})
	];
	const own = { ...DEMO, id: 'ferry-house', currency: 'EUR' };
	const worth: Record<string, number> = { A: 240, B: 240, C: 1200, D: 60, E: 60 };
	return {
		...events.reduce(applyEvent, own),
		pieces: own.pieces.map((piece) => ({ ...piece, worth: worth[piece.letter] ?? null }))
	};
}
