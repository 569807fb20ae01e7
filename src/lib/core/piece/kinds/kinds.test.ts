import { expect } from 'chai';
import { hangers } from '../hangers/index.ts';
import type { Piece } from '../piece.ts';
import { startPiece } from '../../model/start.ts';
import { hangPiece } from '../../plan/hang.ts';
import { backCheck, checkTally, jobsOf } from './back-check.ts';
import { kinds } from './index.ts';

let made = 0;
const newId = () => `id-${made++}`;
const piece = (more: Partial<Piece> = {}): Piece => ({
	...startPiece(newId, [], { width: 400, height: 300 }),
	...more
});

describe('every kind of piece', () => {
	it('starts with a usual way to hang that suits it and can be solved', () => {
		for (const { kind } of kinds) {
			const fresh = startPiece(newId, [], { width: 250, height: 250, weight: 1, kind });
			const hung = hangPiece(fresh, { hookMargin: 6, heavy: 15 });
			expect(hung.ok, kind).equal(true);
			const stops = hung.ok ? hung.value.cautions.filter(({ grade }) => grade === 'stop') : [];
			expect(stops, kind).deep.equal([]);
		}
	});

	it('offers only ways that exist, each once, and asks each check once', () => {
		const known = hangers.map(({ kind }) => kind);
		for (const { kind, hangers: offered } of kinds) {
			expect(known, kind).include.members([...offered]);
			expect(new Set(offered).size).equal(offered.length);
			for (const hanger of offered) {
				const ids = backCheck(
					piece({ ...startPiece(newId, [], { width: 250, height: 250, kind, hanger }) })
				).map(({ id }) => id);
				expect(new Set(ids).size, `${kind} by ${hanger}`).equal(ids.length);
			}
		}
	});
});

describe('the back check', () => {
	it('asks what the kind, its glazing and its way of hanging call for', () => {
		const asked = (more: Partial<Piece>) => backCheck(piece(more)).map(({ id }) => id);
		expect(asked({})).include.members(['joints', 'rabbet', 'hardware', 'screws', 'bumpers']);
		expect(asked({})).not.include('glass-edges');
		expect(asked({ glazing: 'glass' })).include('glass-edges');
		expect(asked(startPiece(newId, [], { width: 250, height: 250, kind: 'panel' }))).include(
			'sealed'
		);
	});

	it('tells what is open and lists the jobs', () => {
		const fresh = piece();
		const { total } = checkTally(fresh);
		expect(checkTally(fresh)).deep.equal({ open: total, jobs: 0, total });
		const looked = piece({
			letter: 'Q',
			found: {
				joints: { state: 'fine', note: '', photo: '' },
				labels: { state: 'job', note: 'two stickers', photo: '' }
			}
		});
		expect(checkTally(looked)).deep.equal({ open: total - 2, jobs: 1, total });
		expect(jobsOf([fresh, looked])).deep.equal([
			{
				pieceId: looked.id,
				letter: 'Q',
				check: 'labels',
				mend: backCheck(looked).find(({ id }) => id === 'labels')!.mend,
				note: 'two stickers'
			}
		]);
	});
});
