import { expect } from 'chai';
import * as z from 'zod/mini';
import { faultOf } from '../../words/en/faults.ts';
import { firstFault } from './open.ts';

const schema = z.strictObject({
	width: z.number().check(z.minimum(1), z.maximum(100)),
	name: z.string().check(z.minLength(1), z.maxLength(3)),
	kind: z.enum(['framed', 'canvas']),
	made: z.iso.datetime(),
	of: z.enum(['a', 'b', 'c', 'd', 'e', 'f'])
});
const fine = { width: 5, name: 'A', kind: 'framed', made: '2026-01-01T00:00:00Z', of: 'a' };
const told = (change: object): string => {
	const read = schema.safeParse({ ...fine, ...change }, { error: faultOf });
	if (read.success) return 'fine';
	const { path, fault } = firstFault(read.error);
	return `${path}: ${fault}`;
};

describe('what a schema finds wrong', () => {
	it('is told in plain words, with its path', () => {
		expect(told({})).equal('fine');
		expect(told({ width: 'wide' })).equal('width: it should be a number');
		expect(told({ width: 0 })).equal('width: it is less than 1');
		expect(told({ width: 101 })).equal('width: it is more than 100');
		expect(told({ name: '' })).equal('name: it is too short');
		expect(told({ name: 'long' })).equal('name: it is too long');
		expect(told({ kind: 'sofa' })).equal('kind: it should be "framed" or "canvas"');
		expect(told({ of: 'g' })).equal('of: it is none of the 6 kinds that are known');
		expect(told({ made: 'today' })).equal('made: it is not written as it should be');
		expect(told({ more: 1 })).equal(': it has parts that are not known: more');
	});
});
