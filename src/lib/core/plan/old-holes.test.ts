import { expect } from 'chai';
import { DEMO } from '../../store/demo/index.ts';
import { startFeature } from '../model/start.ts';
import { oldHoles } from './old-holes.ts';

describe('old holes', () => {
	const [wall] = DEMO.walls as [(typeof DEMO.walls)[0]];
	const mirror = { letter: 'C', rect: { x: 1000, y: 1000, width: 700, height: 900 } };
	const at = (x: number, y: number) => ({
		...startFeature(() => `${x}`, 'old-fixing', wall),
		...{ x, y, width: 8, height: 8 }
	});

	it('are behind a piece, or to fill where it would not hide them', () => {
		const features = [at(1300, 1500), at(1003, 1500), at(400, 1500), at(1690, 1500)];
		const found = oldHoles({ ...wall, features: [...wall.features, ...features] }, [mirror]);
		expect(found.map(({ behind }) => behind)).deep.equal(['C', null, null, null]);
		expect(oldHoles(wall, [mirror])).deep.equal([]);
	});
});
