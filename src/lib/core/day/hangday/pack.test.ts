import { expect } from 'chai';
import { DEMO } from '../../../store/demo/index.ts';
import type { Project } from '../../model/project.ts';
import { isPack, mayTakePlan, openPack, packWall } from './pack.ts';

const [hall, tea] = DEMO.walls as [Project['walls'][0], Project['walls'][0]];
const at = '2026-05-02T09:00:00.000Z';
const hanging = (wallId: string, pieceId: string) => ({
	...{ id: `h-${wallId}`, wallId, pieceId, since: at, by: '', way: '', points: [], tilt: null },
	...{ rect: { x: 0, y: 0, width: 1, height: 1 }, until: null, why: '', looks: [] }
});
const placedOn = (wall: typeof hall) =>
	wall.arrangements.flatMap(({ placements }) => placements.map(({ pieceId }) => pieceId));
const stray = DEMO.pieces.find(({ id }) => !placedOn(hall).includes(id))!;
const project: Project = {
	...DEMO,
	day: [hall, tea].map(({ id }) => ({ id: `e-${id}`, at, by: '', wallId: id, what: 'began' })),
	hangings: [hanging(hall.id, stray.id), hanging(tea.id, stray.id)],
	readings: { [`walls/${hall.id}/width`]: 'tape', [`walls/${tea.id}/width`]: 'tape' } as never
};

describe('a pack for the phone', () => {
	const ofHall = () => packWall(project, hall.id).project;

	it('holds one wall, what is placed or hangs there, and what happened there', () => {
		const packed = ofHall();
		expect(packed.walls).deep.equal([hall]);
		expect(new Set(packed.pieces.map(({ id }) => id))).deep.equal(
			new Set([...placedOn(hall), stray.id])
		);
		expect(packed.day.map(({ wallId }) => wallId)).deep.equal([hall.id]);
		expect(packed.hangings.map(({ wallId }) => wallId)).deep.equal([hall.id]);
		expect(Object.keys(packed.readings)).deep.equal([`walls/${hall.id}/width`]);
		expect(packed.packed).deep.equal([]);
	});

	it('leaves at home what hangs on another wall alone', () => {
		const elsewhere = { ...project, hangings: [hanging(tea.id, stray.id)] };
		expect(packWall(elsewhere, hall.id).project.pieces.map(({ id }) => id)).not.include(stray.id);
	});

	it('is known by its format, and nothing else is taken for one', () => {
		expect(isPack(packWall(DEMO, hall.id))).equal(true);
		for (const other of [null, 'text', 7, undefined, {}, { format: 'else' }, []])
			expect(isPack(other), JSON.stringify(other)).equal(false);
	});

	it('opens to its project, and is refused where it is newer or its project is not right', () => {
		const pack = packWall(DEMO, hall.id);
		const opened = openPack(pack);
		expect(opened.ok && opened.value.walls).deep.equal([hall]);
		const code = (file: unknown) => {
			const read = openPack(file);
			return read.ok ? 'ok' : `${read.error.code} at ${read.error.path}`;
		};
		expect(code({ format: 'else' })).equal('not-a-pack at format');
		expect(code({ ...pack, version: 2 })).equal('newer-version at version');
		expect(code({ ...pack, project: { ...pack.project, walls: 'none' } })).match(
			/ at project\.walls/
		);
	});

	it('gives its plan to a device that holds that wall alone', () => {
		const other = packWall(DEMO, tea.id).project;
		expect(mayTakePlan(ofHall(), ofHall())).equal(true);
		expect(mayTakePlan(other, ofHall())).equal(false);
		expect(mayTakePlan(DEMO, ofHall())).equal(false);
	});
});
