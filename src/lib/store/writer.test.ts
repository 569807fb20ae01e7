import { expect } from 'chai';
import { ok, type Project, type Result } from '../core/index.ts';
import { fail } from './said.ts';
import { DEMO } from './demo/index.ts';
import { Journal, type Act } from './journal.ts';
import { Writer, type Keeping } from './writer.ts';

const named = (name: string): Project => ({ ...DEMO, name });

/** A slot in memory. */
const slot = (keeps = true) => {
	let text: string | null = null;
	return {
		read: () => text,
		write: (written: string) => {
			if (keeps) text = written;
			return keeps;
		},
		clear: () => void (text = null)
	};
};

const act: Act = { patches: [], revision: 1 };

/** A store that notes what it is given, and answers as told. */
function store(answer: (count: number) => Result<null>) {
	const written: { name: string; known: string; next: string }[] = [];
	let running = 0;
	let most = 0;
	const write = async (project: Project, known: string, next: string): Promise<Result<null>> => {
		most = Math.max(most, ++running);
		await Promise.resolve();
		running--;
		written.push({ name: project.name, known, next });
		return answer(written.length);
	};
	return { written, write, most: () => most };
}

const full = fail('storage', { error: 'The storage is full.' });

describe('Writer', () => {
	it('writes only the newest state, one write at a time, each on the stamp before', async () => {
		const { written, write, most } = store(() => ok(null));
		const seen: Keeping['state'][] = [];
		const kept = slot();
		const writer = new Writer('s0', new Journal(kept, 's0'), write, ({ state }) =>
			seen.push(state)
		);
		writer.take(named('a'), act);
		writer.take(named('b'), act);
		expect(kept.read()).not.equal(null);
		const first = writer.flush();
		writer.take(named('c'), act);
		await Promise.all([first, writer.flush()]);
		expect(written.map(({ name }) => name)).deep.equal(['b', 'c']);
		expect(written[0]!.known).equal('s0');
		expect(written[1]!.known).equal(written[0]!.next);
		expect(most()).equal(1);
		expect(seen.at(-1)).equal('kept');
		expect(kept.read()).equal(null);
	});

	it('says when it cannot write, keeps the state, and tries again with the next command', async () => {
		const { written, write } = store((count) => (count === 1 ? full : ok(null)));
		const seen: Keeping[] = [];
		const writer = new Writer('s0', new Journal(slot(), 's0'), write, (keeping) =>
			seen.push(keeping)
		);
		writer.take(named('a'), act);
		expect(writer.unsafe).equal(false);
		await writer.flush();
		expect(seen.at(-1)).deep.equal({ state: 'failed', error: full.error });
		expect(writer.unsafe).equal(true);
		writer.take(named('b'), act);
		await writer.flush();
		expect(written.map(({ name }) => name)).deep.equal(['a', 'b']);
		expect(seen.at(-1)).deep.equal({ state: 'kept' });
		expect(writer.unsafe).equal(false);
	});

	it('is unsafe until it is written where the journal keeps nothing', async () => {
		const { write } = store(() => ok(null));
		const writer = new Writer('s0', new Journal(slot(false), 's0'), write, () => undefined);
		writer.take(named('a'), act);
		expect(writer.unsafe).equal(true);
		await writer.flush();
		expect(writer.unsafe).equal(false);
	});

	it('journals nothing any more once another window wrote', async () => {
		const { write } = store(() => fail('changed-elsewhere'));
		const kept = slot();
		const writer = new Writer('s0', new Journal(kept, 's0'), write, () => undefined);
		writer.take(named('a'), act);
		await writer.flush();
		writer.take(named('b'), act);
		expect(kept.read()).equal(null);
		expect(writer.unsafe).equal(true);
		await writer.flush();
	});

	it('writes by itself soon after a command', async () => {
		const { written, write } = store(() => ok(null));
		const done = new Promise<void>((resolve) => {
			const journal = new Journal(slot(), 's0');
			const writer = new Writer('s0', journal, write, ({ state }) => state === 'kept' && resolve());
			writer.take(named('a'), act);
		});
		await done;
		expect(written).lengthOf(1);
	});
});
