import { expect } from 'chai';
import type { Severity } from '../../../base/caution.ts';
import { hungSince, ofPlace, toHang } from './types.ts';

type Planned = Parameters<typeof hungSince>[0];
const planned = (more: object = {}): Planned =>
	({ pieceId: 'a', hooks: [{}], ...more }) as unknown as Planned;

describe('what the plan says of a piece', () => {
	it('goes with its steps where it is of its place, and more than a note', () => {
		const said = (pieceId: string, grade: Severity, hookId?: string) => ({
			...{ pieceId, hookId },
			caution: { code: `${pieceId} ${grade}`, grade, message: '', remedy: '' }
		});
		const plan = {
			placementCautions: [
				...[said('a', 'stop'), said('a', 'care'), said('a', 'note')],
				...[said('a', 'care', 'hook'), said('b', 'stop')]
			]
		};
		const told = ofPlace({ plan } as unknown as Parameters<typeof ofPlace>[0], planned());
		expect(told.map(({ code }) => code)).deep.equal(['a stop', 'a care']);
	});

	it('tells whether it was hung since the day began', () => {
		const hanging = { since: '2026-05-02T09:00' };
		expect(hungSince(planned({ hanging }), '2026-05-02T08:00')).equal(true);
		expect(hungSince(planned({ hanging }), '2026-05-02T09:00')).equal(true);
		expect(hungSince(planned({ hanging }), '2026-05-02T10:00')).equal(false);
		expect(hungSince(planned({ hanging }), null)).equal(false);
		expect(hungSince(planned(), '2026-05-02T08:00')).equal(false);
	});

	it('leaves to be hung what does not hang and has hooks', () => {
		const pieces = [
			planned(),
			planned({ pieceId: 'b', hanging: { since: '' } }),
			planned({ pieceId: 'c', hooks: [] })
		];
		const waiting = toHang({ plan: { pieces } } as Parameters<typeof toHang>[0]);
		expect(waiting.map(({ pieceId }) => pieceId)).deep.equal(['a']);
	});
});
