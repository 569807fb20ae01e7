import { expect } from 'chai';
import fc from 'fast-check';
import { renameProject, setHouseRules } from './commands/index.ts';
import { DEMO } from './demo/index.ts';
import { History } from './history.ts';
import { KEPT_STEPS, type Step, type UndoChange, type UndoLog } from './undo-log.ts';

/** A store of steps in memory: what is told of a log goes into it as into the tables. */
function store() {
	let rows = new Map<number, Step>();
	let range = { from: 0, at: 0, to: 0 };
	return {
		write(change: UndoChange) {
			range = change.range;
			for (const { number, step } of change.steps) rows.set(number, structuredClone(step));
			rows = new Map([...rows].filter(([n]) => n >= range.from && n < range.to));
		},
		read: (): UndoLog => ({
			range,
			steps: [...rows].toSorted(([a], [b]) => a - b).map(([, step]) => step)
		})
	};
}

const text = (value: unknown) => JSON.stringify(value);

const happening = fc.oneof(
	fc.record({
		does: fc.constantFrom('rename' as const, 'gap' as const),
		amount: fc.integer({ min: 1, max: 90 })
	}),
	fc.record({ does: fc.constantFrom('undo' as const, 'redo' as const, 'seal' as const) }),
	fc.record({ does: fc.constant('write' as const), fails: fc.boolean() })
);

describe('the steps that can be undone', () => {
	it('come back from the store as they were, however they were written', () => {
		fc.assert(
			fc.property(fc.array(happening, { maxLength: 40 }), (happenings) => {
				const history = new History(DEMO);
				const kept = store();
				for (const each of [...happenings, { does: 'write' as const, fails: false }]) {
					if (each.does === 'rename') history.run(renameProject(`House ${each.amount}`));
					else if (each.does === 'gap')
						history.run({ ...setHouseRules({ gap: each.amount }), merge: 'gap' });
					else if (each.does === 'undo') history.undo();
					else if (each.does === 'redo') history.redo();
					else if (each.does === 'seal') history.seal();
					else if (each.does === 'write') {
						const change = history.toWrite();
						if (each.fails) history.notWritten(change);
						else kept.write(change);
					}
				}
				const again = new History(history.project, kept.read());
				expect(again.canUndo).equal(history.canUndo);
				expect(again.canRedo).equal(history.canRedo);
				const undone = (from: History) => {
					while (from.undo() !== null);
					return from.project;
				};
				expect(text({ ...undone(again), revision: 0 })).equal(
					text({ ...undone(history), revision: 0 })
				);
				const redone = (from: History) => {
					while (from.redo() !== null);
					return from.project;
				};
				expect(text({ ...redone(again), revision: 0 })).equal(
					text({ ...redone(history), revision: 0 })
				);
			})
		);
	});

	it('outlive their page up to a number, the newest of them', () => {
		const history = new History(DEMO);
		const kept = store();
		const many = KEPT_STEPS + 20;
		for (let count = 1; count <= many; count++) {
			history.run(renameProject(`House ${count}`));
			history.seal();
			if (count % 7 === 0) kept.write(history.toWrite());
		}
		kept.write(history.toWrite());
		const again = new History(history.project, kept.read());
		let undone = 0;
		while (again.undo() !== null) undone++;
		expect(undone).equal(KEPT_STEPS);
		expect(again.project.name).equal(`House ${many - KEPT_STEPS}`);
	});
});
