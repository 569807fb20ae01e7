import { expect } from 'chai';
import { overlap } from '../../base/geometry/rect.ts';
import { startFeature, startWall } from '../../model/start.ts';
import { chooseOnFeature, faceOf, featureFaces, featureSchema } from './index.ts';

const wall = startWall(() => 'id', { name: 'Wall', width: 4000, height: 2400 });

const zonesReached = (
	kind: (typeof featureFaces)[number]['kind'],
	place: object,
	piece: { x: number; y: number; width: number; height: number }
) => {
	const feature = { ...startFeature(() => 'f', kind, wall), ...place };
	return faceOf(feature)
		.zones(feature)
		.filter(({ rect }) => overlap(rect, piece))
		.map(({ caution }) => caution('A').code);
};

describe('every kind of feature', () => {
	it('starts on the wall, as its schema wants it, and is drawn within its outline', () => {
		for (const { kind, draw, choices, label } of featureFaces) {
			const feature = startFeature(() => 'f', kind, wall);
			expect(featureSchema.safeParse(feature).success, label).equal(true);
			expect(feature.x >= 0 && feature.x + feature.width <= wall.width, label).equal(true);
			expect(feature.y >= 0 && feature.y + feature.height <= wall.height, label).equal(true);
			const parts = draw(feature);
			expect(parts, label).not.length(0);
			for (const part of parts) {
				const wide = part.as === 'rect' ? part.width : part.as === 'line' ? part.dx : 0;
				expect(part.x + wide, label).most(feature.width + 0.01);
				expect(part.x, label).least(-0.01);
			}
			for (const { key, answers } of choices?.(feature) ?? [])
				for (const { answer } of answers) {
					const chosen = chooseOnFeature(feature, key, answer);
					expect(featureSchema.safeParse(chosen).success, `${label} ${key}`).equal(true);
					const told = faceOf(chosen).choices!(chosen).find((choice) => choice.key === key);
					expect(told!.answer).equal(answer);
				}
			expect(chooseOnFeature(feature, 'nonsense', 'yes')).equal(feature);
		}
	});

	it('asks for room as the trade does', () => {
		const piece = (x: number, y: number) => ({ x, y, width: 400, height: 300 });
		const console_ = { x: 1000, y: 0, width: 1200, height: 800 };
		// Common practice: 150 to 200 mm above furniture.
		expect(zonesReached('furniture', console_, piece(1200, 949))).deep.equal([
			'low-over-furniture'
		]);
		expect(zonesReached('furniture', console_, piece(1200, 951))).deep.equal([]);
		expect(zonesReached('furniture', { ...console_, sort: 'bed' }, piece(1200, 1400))).deep.equal([
			'over-people'
		]);
		const low = { ...console_, height: 600 };
		expect(zonesReached('furniture', { ...low, sort: 'cot' }, piece(1200, 1400))).deep.equal([
			'over-cot'
		]);
		expect(zonesReached('furniture', { ...low, sort: 'hearth' }, piece(1200, 1400))).deep.equal([
			'over-hearth'
		]);
		const door = { x: 1000, y: 0, width: 900, height: 2100 };
		expect(zonesReached('door', door, piece(1950, 1200))).deep.equal([]);
		expect(zonesReached('door', { ...door, opens: 'right' }, piece(1950, 1200))).deep.equal([
			'door-swing'
		]);
		expect(zonesReached('door', { ...door, opens: 'right' }, piece(580, 1200))).deep.equal([]);
		expect(zonesReached('radiator', { x: 1000, y: 100 }, piece(1200, 1500))).deep.equal([
			'over-heat'
		]);
		expect(zonesReached('thermostat', { x: 1000, y: 1400 }, piece(1150, 1400))).deep.equal([
			'near-fitting'
		]);
	});

	it('lets an old nail that is sound be, and has one in the way drawn', () => {
		const on = { x: 1000, y: 1500, width: 400, height: 300 };
		const nail = { x: 1200, y: 1600 };
		expect(zonesReached('old-fixing', nail, on)).deep.equal(['over-old-fixing']);
		expect(zonesReached('old-fixing', { ...nail, reusable: true }, on)).deep.equal([]);
		expect(zonesReached('old-fixing', { ...nail, of: 'hole' }, on)).deep.equal([]);
	});

	it('is a sign of a stud only where its box is as old as the wall', () => {
		const socket = startFeature(() => 'f', 'socket', wall);
		expect(faceOf(socket).box!(socket)).equal(true);
		const later = chooseOnFeature(socket, 'later', 'yes');
		expect(faceOf(later).box!(later)).equal(false);
	});
});
