import { expect } from 'chai';
import { encode } from 'uqr';
import { packWall } from '../core/index.ts';
import { DEMO } from '../store/demo/index.ts';
import { joinParts, packParts, readPart } from './pack-parts.ts';

const pack = packWall(DEMO, 'stair-hall');
const parts = packParts(pack);
const read = parts.map((part) => readPart(part)!);

describe('a hang pack in codes', () => {
	it('comes back whole out of its parts, in any order and read twice', () => {
		expect(parts.length).within(2, 12);
		const joined = joinParts([...read].reverse().concat(read[0]!));
		expect(joined.ok && joined.value).deep.equal(JSON.parse(JSON.stringify(pack)));
	});

	it('has parts that each fit one code', () => {
		for (const part of parts)
			expect(
				encode(`https://a-name-of-some-length.example/receive#${part}`, { ecc: 'M' }).version
			).most(30);
	});

	it('says what is missing or damaged', () => {
		const code = (given: typeof read) => {
			const joined = joinParts(given);
			return joined.ok ? 'ok' : joined.error.code;
		};
		expect(code(read.slice(1))).equal('part-missing');
		expect(code([])).equal('part-missing');
		const bent = { ...read[0]!, text: read[0]!.text.replace(/.{4}$/, 'AAAA') };
		expect(code([bent, ...read.slice(1)])).equal('damaged');
		expect(readPart('0.3.abc.xyz')).equal(null);
		expect(readPart('4.3.abc.xyz')).equal(null);
		expect(readPart(`1.2.abc.${'x'.repeat(600)}`)?.number).equal(1);
		expect(readPart(`1.2.abc.${'x'.repeat(601)}`)).equal(null);
		expect(readPart('hello')).equal(null);
	});
});
