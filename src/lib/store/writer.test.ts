import { expect } from 'chai';
import { fail, ok, type Project, type Result } from '../core/index.ts';
import { DEMO } from './demo/index.ts';
import { Writer, type Keeping } from './writer.ts';

const named = (name: string): Project => ({ ...DEMO, name });

/** A store that notes what it is given, and answers as told. */
function store(answer: (count: number) => Result<string>) {
	const written: { name: string; stamp: string }[] = [];
	let running = 0;
	let most = 0;
	const write = async (project: Project, stamp: string): Promise<Result<string>> => {
		most = Math.max(most, ++running);
		await Promise.resolve();
		running--;
		written.push({ name: project.name, stamp });
		return answer(written.length);
	};
	return { written, write, most: () => most };
}

describe('Writer', () => {
	it('writes only the newest state, one write at a time, each on the stamp before', async () => {
		const { written, write, most } = store((count) => ok(`s${count}`));
		const seen: Keeping['state'][] = [];
		const writer = new Writer('s0', write, ({ state }) => seen.push(state));
		writer.take(named('a'));
		writer.take(named('b'));
		const first = writer.flush();
		writer.take(named('c'));
		await Promise.all([first, writer.flush()]);
		expect(written).deep.equal([
			{ name: 'b', stamp: 's0' },
			{ name: 'c', stamp: 's1' }
		]);
		expect(most()).equal(1);
		expect(seen.at(-1)).equal('kept');
	});

	it('says when it cannot write, keeps the state, and tries again with the next command', async () => {
		const { written, write } = store((count) =>
			count === 1 ? fail('storage', 'The storage is full.') : ok('s')
		);
		const seen: Keeping[] = [];
		const writer = new Writer('s0', write, (keeping) => seen.push(keeping));
		writer.take(named('a'));
		await writer.flush();
		expect(seen.at(-1)).deep.equal({
			state: 'failed',
			error: { code: 'storage', message: 'The storage is full.' }
		});
		writer.take(named('b'));
		await writer.flush();
		expect(written.map(({ name }) => name)).deep.equal(['a', 'b']);
		expect(seen.at(-1)).deep.equal({ state: 'kept' });
	});

	it('writes by itself soon after a command', async () => {
		const { written, write } = store(() => ok('s'));
		const done = new Promise<void>((resolve) => {
			const writer = new Writer('s0', write, ({ state }) => state === 'kept' && resolve());
			writer.take(named('a'));
		});
		await done;
		expect(written).lengthOf(1);
	});
});
