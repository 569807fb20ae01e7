import { expect } from 'chai';
import { usualHouseRules } from '../../model/house-rules.ts';
import { startBack } from '../../model/start.ts';
import type { HangerKind } from '../../piece/hangers/index.ts';
import { asked, PIECE } from './asked.kit.test.ts';
import type { FailedPlace } from './failed.ts';
import type { ToChoose } from './to-choose.ts';
import { holeOf, useAt, type OnWall } from './use-at.ts';

const { bed, point, site } = asked('board', 20);
const on = (kind: HangerKind = 'rings'): OnWall => ({
	back: startBack(kind, PIECE),
	bearing: { x: 1000, y: 1500 },
	...{ bed, point }
});
const given = (failed: FailedPlace[] = [], kit: ToChoose['kit'] = {}) =>
	({ kit, failed, hungPiece: PIECE, houseRules: usualHouseRules, site }) as unknown as ToChoose;

describe('where a fixing is drilled', () => {
	it('is over its bearing by what the hook rises, the one of the kit where it was measured', () => {
		const own = { dy: 30, standOff: null, stock: null, rating: null };
		expect(holeOf('picture-hook-1', on(), { 'picture-hook-1': own })).deep.equal({
			...{ x: 1000, y: 1530 }
		});
		expect(holeOf('plate-screw', on(), {})).deep.equal({ x: 1000, y: 1500 });
	});

	it('is where the back has its hole', () => {
		const there = { ...on(), point: { ...point, hole: { dx: 12, dy: -7 } } };
		expect(holeOf('picture-hook-1', there as OnWall, {})).deep.equal({ x: 1012, y: 1493 });
	});
});

describe('a fixing at a point', () => {
	const code = (...of: Parameters<typeof useAt>) => {
		const use = useAt(...of);
		return use.ok ? 'serves' : use.error.code;
	};

	it('is none beside a hole that failed', () => {
		const failed = [{ at: { x: 1000, y: 1510 }, met: 'nothing' as const, hook: null }];
		expect(code('picture-hook-1', on(), given(failed))).equal('failed-near');
		expect(code('picture-hook-1', on(), given())).equal('serves');
	});

	it('serves what the back hangs on, with a head where its slot wants one', () => {
		expect(code('picture-hook-1', on('cleat'), given())).equal('other-back');
		const inSlot = { ...on('keyholes'), bed: { ...bed, ground: 'timber' as const } };
		expect(code('screw', inSlot, given())).equal('serves');
	});
});
