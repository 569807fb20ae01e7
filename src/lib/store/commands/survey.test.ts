import { expect } from 'chai';
import {
	projectSchema,
	startFeature,
	type KeptHint,
	type Project,
	type Wall
} from '../../core/index.ts';
import { DEMO } from '../demo/index.ts';
import { History, type Command } from '../history.ts';
import * as commands from './index.ts';

const after = (...run: Command[]): { project: Project; wall: Wall; history: History } => {
	const history = new History(DEMO);
	for (const command of run) history.run(command);
	expect(projectSchema.safeParse(history.project).success).equal(true);
	return { history, project: history.project, wall: history.project.walls[0]! };
};
const [stairHall] = DEMO.walls as [Wall];
const { id } = stairHall;
const knock: KeptHint = { id: 'new', kind: 'knock', x: 500, y: null };

describe('hints', () => {
	it('are added, moved, changed and taken away, each as a step of its own', () => {
		const { wall, history } = after(
			commands.addHint(id, knock),
			commands.moveHint(id, knock, 12, 5),
			commands.removeHint(id, 'h1')
		);
		expect(wall.hints.at(-1)).deep.equal({ ...knock, x: 512 });
		expect(wall.hints.some((hint) => hint.id === 'h1')).equal(false);
		expect(wall.hints).length(stairHall.hints.length);
		for (let step = 0; step < 3; step++) history.undo();
		expect(history.project.walls[0]!.hints).deep.equal(stairHall.hints);
	});

	it('go all at once, and come back by undo', () => {
		const { wall, history } = after(commands.clearHints(id));
		expect(wall.hints).deep.equal([]);
		history.undo();
		expect(history.project.walls[0]!.hints).deep.equal(stairHall.hints);
	});
});

describe('level readings', () => {
	it('are added, corrected and taken away', () => {
		const reading = { id: 'new', x: 1000, down: 1200, up: null };
		const { wall } = after(
			commands.addLevelReading(id, reading),
			commands.setLevelReading(id, 'new', { up: 1150 }),
			commands.setLevelReading(id, 'middle', { down: 1230 }),
			commands.removeLevelReading(id, 'right-end')
		);
		expect(wall.levels.readings.map((each) => [each.id, each.down, each.up])).deep.equal([
			['middle', 1230, stairHall.levels.readings[0]!.up],
			['new', 1200, 1150]
		]);
	});
});

describe('the wall', () => {
	it('takes another place in the order of the room, and stays where it cannot', () => {
		const order = ({ project }: { project: Project }) => project.walls.map((wall) => wall.id);
		expect(order(after(commands.reorderWall('tea-room', -1)))).deep.equal([
			'tea-room',
			'stair-hall',
			'net-loft'
		]);
		expect(order(after(commands.reorderWall('net-loft', 1)))).deep.equal(
			DEMO.walls.map((wall) => wall.id)
		);
	});

	it('has stairs, a build and a proof set at once', () => {
		const stairs = { x: 900, up: 'left', rise: 180, going: 250, steps: 4 } as const;
		const { wall } = after(
			commands.setWall(id, { stairs, wet: ['behind'], lux: 120 }),
			commands.setWall(id, { proof: { width: 4268, height: null, diagonal: null } })
		);
		expect(wall).deep.include({ stairs, wet: ['behind'], lux: 120 });
		expect(wall.proof.width).equal(4268);
	});
});

describe('a feature', () => {
	it('says more of itself, and is not changed by an answer it does not offer', () => {
		const door = stairHall.features[0]!;
		const { wall } = after(commands.answerFeature(id, door, 'opens', 'left'));
		expect(wall.features[0]).deep.include({ opens: 'left' });
		const none = after(commands.answerFeature(id, door, 'opens', 'upwards'));
		expect(none.wall.features[0]).deep.equal(door);
	});

	it('of every kind is kept, moved and removed', () => {
		for (const kind of ['light', 'vent', 'cornice', 'old-fixing', 'opening'] as const) {
			const feature = startFeature(() => 'new', kind, stairHall);
			const { wall } = after(
				commands.addFeature(id, feature),
				commands.setFeature(id, 'new', { x: 10, name: 'Mine' })
			);
			expect(wall.features.at(-1)).deep.include({ kind, x: 10, name: 'Mine' });
			const gone = after(commands.addFeature(id, feature), commands.removeFeature(id, feature));
			expect(gone.wall.features).deep.equal(stairHall.features);
		}
	});
});
