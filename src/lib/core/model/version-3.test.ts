import { expect } from 'chai';
import { DEMO } from '../../store/demo/index.ts';
import { openProject } from './open.ts';

/** The demo without what version 4 added. */
function old(): Record<string, unknown> {
	const file = JSON.parse(JSON.stringify(DEMO)) as typeof DEMO;
	for (const piece of file.pieces) delete (piece as Partial<typeof piece>).colour;
	for (const wall of file.walls) {
		delete (wall as Partial<typeof wall>).photo;
		for (const arrangement of wall.arrangements) {
			delete (arrangement as Partial<typeof arrangement>).reserved;
			for (const placement of arrangement.placements) {
				delete (placement as Partial<typeof placement>).locked;
				delete (placement as Partial<typeof placement>).group;
			}
		}
	}
	return { ...file, version: 3, readings: {} };
}

describe('a project file of version 3', () => {
	it('opens with pieces free, ungrouped and of no known colour', () => {
		const opened = openProject(old());
		if (!opened.ok) throw new Error(opened.error.message);
		const { pieces, walls } = opened.value;
		expect(pieces.every(({ colour }) => colour === '')).equal(true);
		expect(walls.map(({ photo }) => photo)).deep.equal([null, null, null]);
		const placements = walls.flatMap(({ arrangements }) => arrangements[0]!.placements);
		expect(placements).length(22);
		for (const placement of placements) expect(placement).include({ locked: false, group: '' });
		expect(walls[0]!.arrangements[0]!.reserved).deep.equal([]);
	});

	it('is refused where a colour or a corner of a photo is none', () => {
		const refusal = (change: (file: typeof DEMO) => void) => {
			const file = JSON.parse(JSON.stringify(DEMO)) as typeof DEMO;
			change(file);
			const result = openProject(file);
			return result.ok ? 'opened' : result.error.path;
		};
		expect(refusal(({ pieces }) => (pieces[0]!.colour = 'red'))).equal('pieces.0.colour');
		const known = { x: 0, y: 0, width: 900, height: 2000 };
		const corners = [{ x: 0, y: 0 }];
		expect(refusal(({ walls }) => (walls[1]!.photo = { hash: 'a', corners, known }))).equal(
			'walls.1.photo.corners'
		);
	});
});
