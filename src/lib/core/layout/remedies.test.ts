import { expect } from 'chai';
import { arrange, type ArrangeRequest } from './arrange.ts';
import { remedies } from './remedies.ts';

const item = (id: string, width: number) => ({ id, width, height: 300 });
const wanted: ArrangeRequest = {
	pieces: [item('A', 900), item('B', 500), item('C', 400), item('D', 200)],
	region: { x: 0, y: 0, width: 2000, height: 330 },
	keepOuts: [],
	style: 'single-hang',
	gap: 60,
	seed: 1
};

describe('what would make it fit', () => {
	it('is the largest gap, the fewest pieces out, a larger region, and a style that fits', () => {
		// By hand: 2000 of pieces in 2000 leave no room for any gap.
		const found = remedies(wanted, { ...wanted.region, width: 3000 } as ArrangeRequest['region']);
		expect(found.map(({ by }) => by)).deep.equal(['leave-out', 'region']);
		expect(found[0]).deep.equal({ by: 'leave-out', ids: ['A'] });

		// 2090 less 2000 is 90 for three gaps.
		const wider = { ...wanted, region: { x: 0, y: 0, width: 2090, height: 330 } };
		expect(remedies(wider, null)[0]).deep.equal({ by: 'gap', gap: 30 });

		const higher = { ...wanted, region: { x: 0, y: 0, width: 2000, height: 900 } };
		const styles = remedies(higher, null).flatMap((remedy) =>
			remedy.by === 'style' ? [remedy.style] : []
		);
		expect(styles).include.members(['double-hang', 'grid']);
		expect(styles).not.include('single-hang');
	});

	it('is tried: each makes the arrangement possible', () => {
		for (const remedy of remedies(
			{ ...wanted, region: { x: 0, y: 0, width: 1500, height: 700 } },
			{ x: 0, y: 0, width: 5000, height: 900 }
		)) {
			const change: Partial<ArrangeRequest> = {
				gap: { gap: remedy.by === 'gap' ? remedy.gap : 60 },
				'leave-out': {
					pieces: wanted.pieces.filter(
						({ id }) => !(remedy.by === 'leave-out' && remedy.ids.includes(id))
					)
				},
				region: { region: remedy.by === 'region' ? remedy.region : wanted.region },
				style: { style: remedy.by === 'style' ? remedy.style : wanted.style }
			}[remedy.by];
			const region = { x: 0, y: 0, width: 1500, height: 700 };
			expect(arrange({ ...wanted, region, ...change }).ok, JSON.stringify(remedy)).equal(true);
		}
	});

	it('leaves locked pieces in, and tries no gap below what reads as apart', () => {
		const locked = [{ id: 'A', x: 0, y: 0 }];
		const found = remedies({ ...wanted, locked }, null);
		const out = found.find((remedy) => remedy.by === 'leave-out');
		expect(out?.by === 'leave-out' && out.ids).not.include('A');
		expect(remedies({ ...wanted, gap: 10 }, null).some(({ by }) => by === 'gap')).equal(false);
	});
});
