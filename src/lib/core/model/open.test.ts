import { expect } from 'chai';
import { DEMO } from '../../store/demo/index.ts';
import { LARGEST_FILE, readProjectFile, writeProjectFile } from '../../files/project-file.ts';
import { migrate, openProject } from './open.ts';
import { nextLetter } from './letters.ts';
import { PROJECT_VERSION } from './format.ts';

type Loose = Record<string, unknown>;

/** The demo as plain JSON, changed at a path. */
function changed(path: (string | number)[], value: unknown): unknown {
	const file = JSON.parse(JSON.stringify(DEMO)) as Loose;
	let at: Loose = file;
	for (const key of path.slice(0, -1)) at = at[key] as Loose;
	at[path.at(-1)!] = value;
	return file;
}

const refusal = (file: unknown): string => {
	const result = openProject(file);
	return result.ok ? 'opened' : `${result.error.code} at ${result.error.path}`;
};

describe('openProject', () => {
	it('opens what was written, unchanged', () => {
		const result = readProjectFile(writeProjectFile(DEMO));
		expect(result.ok && result.value).deep.equal(DEMO);
	});

	it('refuses foreign, newer and unversioned files', () => {
		for (const file of [null, 3, 'text', [], {}, { format: 'something' }])
			expect(refusal(file)).equal('not-a-project at format');
		expect(refusal(changed(['version'], PROJECT_VERSION + 1))).equal('newer-version at version');
		expect(refusal(changed(['version'], 'one'))).equal('damaged at version');
		expect(refusal(changed(['version'], 0))).equal('damaged at version');
	});

	it('refuses damage whole, and names the place', () => {
		const placement = ['walls', 0, 'arrangements', 0, 'placements', 1, 'pieceId'];
		const cases: [(string | number)[], unknown, string][] = [
			[['pieces', 0, 'width'], -5, 'pieces.0.width'],
			[['pieces', 0, 'width'], null, 'pieces.0.width'],
			[['pieces', 2, 'back', 'ringSpan'], 'wide', 'pieces.2.back.ringSpan'],
			[['pieces', 1, 'back', 'kind'], 'glue', 'pieces.1.back.kind'],
			[['pieces', 1, 'id'], 'piece-a', 'pieces.1.id'],
			[['walls', 0, 'activeArrangement'], 'gone', 'walls.0.activeArrangement'],
			[['houseRules', 'tapeFraction'], 7, 'houseRules.tapeFraction'],
			[placement, 'piece-none', placement.join('.')],
			[placement, 'piece-a', placement.join('.')],
			[['walls'], [], 'walls']
		];
		for (const [path, value, at] of cases)
			expect(refusal(changed(path, value))).equal(`damaged at ${at}`);
	});

	it('refuses text that is no JSON, and files too large', () => {
		expect(readProjectFile('{')).nested.include({ 'error.code': 'not-json' });
		expect(readProjectFile(' '.repeat(LARGEST_FILE + 1))).nested.include({
			'error.code': 'too-large'
		});
	});
});

describe('migrate', () => {
	const file = { format: 'warm-porch-project', version: 1, name: 'old' };

	it('goes one version at a time', () => {
		const steps = {
			1: (old: Loose) => ({ ...old, name: `${String(old.name)}+1` }),
			2: (old: Loose) => ({ ...old, name: `${String(old.name)}+2` })
		};
		const result = migrate(file, steps, 3);
		expect(result.ok && result.value).deep.equal({ ...file, version: 3, name: 'old+1+2' });
	});

	it('refuses where a step is missing', () => {
		expect(migrate(file, {}, 2)).nested.include({ 'error.code': 'damaged' });
	});
});

describe('nextLetter', () => {
	it('fills the first free letter and goes on after Z', () => {
		expect(nextLetter([])).equal('A');
		expect(nextLetter(['A', 'C'])).equal('B');
		const alphabet = Array.from('ABCDEFGHIJKLMNOPQRSTUVWXYZ');
		expect(nextLetter(alphabet)).equal('AA');
		expect(nextLetter([...alphabet, 'AA'])).equal('AB');
	});
});
