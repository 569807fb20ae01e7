import { expect } from 'chai';
import fc from 'fast-check';
import { DEMO } from '../../store/demo/index.ts';
import { openProject } from './open.ts';

const refusal = (file: unknown): string => {
	const result = openProject(file);
	return result.ok ? 'opened' : `${result.error.code} ${result.error.path ?? ''}`;
};

describe('a file that is larger than any project', () => {
	it('is refused by its path before it is walked', () => {
		expect(refusal(DEMO)).equal('opened');
		expect(refusal({ ...DEMO, version: 4, kit: 'x'.repeat(2_000_000) })).equal('too-large kit');
		expect(refusal({ ...DEMO, pieces: Array(50_001).fill(0) })).equal('too-large pieces');
		const readings = Object.fromEntries(Array.from({ length: 50_001 }, (_, index) => [index, 0]));
		expect(refusal({ ...DEMO, readings })).equal('too-large readings');
		const many = Array(45).fill(Array(50_000).fill(0));
		expect(refusal({ ...DEMO, walls: many })).match(/^too-large walls\.\d+$/);
		let deep: unknown = 0;
		for (let level = 0; level < 60; level++) deep = [deep];
		expect(refusal({ ...DEMO, pieces: deep })).match(/^too-large pieces\.0\.0/);
	});

	it('is never walked as if a text were a record', () => {
		expect(refusal({ ...DEMO, version: 4, kit: 'x'.repeat(50_000) })).equal('damaged kit');
		expect(refusal({ ...DEMO, version: 4, houseRules: 'imperial' })).match(/^damaged houseRules/);
	});
});

describe('a file of any version', () => {
	it('is opened or refused with a path, whatever is in it', () => {
		const odd = { toString: 1, constructor: 2 };
		const walls = [{ features: [{ kind: odd }, { kind: 'constructor' }] }];
		expect(refusal({ format: DEMO.format, version: 2, walls })).equal('damaged id');
		const keys = fc.constantFrom(...Object.keys(DEMO), ...Object.keys(DEMO.walls[0]!), 'back');
		const file = fc.letrec((tie) => ({
			value: fc.oneof(
				{ maxDepth: 4 },
				fc.jsonValue({ maxDepth: 1 }),
				fc.dictionary(keys, tie('value'), { maxKeys: 6 }),
				fc.array(tie('value'), { maxLength: 3 })
			),
			file: fc.dictionary(keys, tie('value'), { maxKeys: 10 })
		})).file;
		fc.assert(
			fc.property(file, fc.integer({ min: 1, max: 5 }), (found, version) => {
				const result = openProject({ ...(found as object), format: DEMO.format, version });
				if (!result.ok) expect(result.error.message).match(/\.$/);
			})
		);
	});
});
