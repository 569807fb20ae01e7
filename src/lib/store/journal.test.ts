import { expect } from 'chai';
import fc from 'fast-check';
import type { Project } from '../core/index.ts';
import { movePiece, renameProject, setHouseRules, setWall } from './commands/index.ts';
import { DEMO } from './demo/index.ts';
import { History, type Command } from './history.ts';
import { Journal, takenUp, whole, type Slot } from './journal.ts';
import { EMPTY_LOG } from './undo-log.ts';

function memory(): Slot {
	let text: string | null = null;
	return {
		read: () => text,
		write: (written) => ((text = written), true),
		clear: () => void (text = null)
	};
}

const COMMANDS: ((amount: number) => Command)[] = [
	(amount) => renameProject(`House ${amount}`),
	(amount) => setHouseRules({ gap: amount }),
	(amount) => setWall('stair-hall', { height: 2000 + amount }),
	(amount) => movePiece('stair-hall', 'piece-a', { x: 900 + amount })
];

/** What happens in a window: an act, an undo, a redo, a write that begins, one that ends. */
const happening = fc.oneof(
	fc.record({
		does: fc.constant('act' as const),
		which: fc.nat({ max: COMMANDS.length - 1 }),
		amount: fc.integer({ min: 1, max: 90 })
	}),
	fc.record({
		does: fc.constantFrom('undo' as const, 'redo' as const, 'begin' as const, 'end' as const)
	})
);

const first = { project: DEMO, stamp: 'row-0', log: EMPTY_LOG };

describe('the journal', () => {
	it('gives back every act, wherever the page went away', () => {
		fc.assert(
			fc.property(fc.array(happening, { maxLength: 30 }), (happenings) => {
				const history = new History(DEMO);
				const slot = memory();
				const journal = new Journal(slot, 'row-0');
				let row = { project: DEMO as Project, stamp: 'row-0', log: EMPTY_LOG };
				let writing: typeof row | null = null;
				let count = 0;
				for (const each of happenings) {
					const before = history.project;
					if (each.does === 'act') history.run(COMMANDS[each.which]!(each.amount));
					else if (each.does === 'undo') history.undo();
					else if (each.does === 'redo') history.redo();
					else if (each.does === 'begin' && !writing) {
						writing = { project: history.project, stamp: `row-${++count}`, log: history.log };
						journal.writing(writing.stamp);
						// It reaches the database before the page hears of it.
						row = writing;
					} else if (each.does === 'end' && writing) {
						journal.written(writing.stamp);
						writing = null;
					}
					if (history.project !== before) journal.add(history.act!);
					const now = takenUp(slot.read(), row) ?? row;
					expect(now.project).deep.equal(history.project);
					expect(JSON.stringify(now.log)).equal(JSON.stringify(history.log));
				}
			})
		);
	});

	it('is left alone where it follows another row, or makes what could not be opened', () => {
		const slot = memory();
		const journal = new Journal(slot, 'row-0');
		const history = new History(DEMO);
		history.run(renameProject('Other house'));
		journal.add(history.act!);
		expect(takenUp(slot.read(), first)?.project.name).equal('Other house');
		expect(takenUp(slot.read(), { ...first, stamp: 'row-9' })).equal(null);
		const broken = {
			patches: [{ op: 'replace' as const, path: ['walls'], value: [] }],
			revision: 9
		};
		journal.add(broken);
		expect(takenUp(slot.read(), first)).equal(null);
		const another = new Journal(slot, 'row-0');
		another.add(whole({ ...DEMO, name: 'Whole house', revision: 40 }));
		const taken = takenUp(slot.read(), first);
		expect(taken?.project).include({ name: 'Whole house', revision: 40 });
		expect(taken?.log).equal(EMPTY_LOG);
		expect(takenUp(null, first)).equal(null);
	});
});
