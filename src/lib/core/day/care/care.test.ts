import { expect } from 'chai';
import { DEMO } from '../../../store/demo/index.ts';
import { planWallFast } from '../../plan/plan-wall-fast.ts';
import { fadesOf } from '../../piece/kinds/fades-of.ts';
import { careNotes, doseOf, hoursItMay, lampWithin, litOn, spotFor } from './care-of.ts';
import { luxOn } from '../../wall/light/lux-on.ts';
import { isTooMuch, lightDose, lightOfYear, type Fades } from '../../wall/light/light-dose.ts';
import { aimDistance, candelaFor, spotOnWall } from '../../wall/light/spot.ts';

describe('the light dose of a year', () => {
	/** Group, lux, hours a day, days a year → lux hours, share, within lux, within dose. Limits: CIE 157:2004. */
	const DOSES: [
		Exclude<Fades, 'none'>,
		number,
		number,
		number,
		number,
		number,
		boolean,
		boolean
	][] = [
		['high', 50, 8, 365, 146_000, 146 / 15, true, false],
		['high', 50, 10, 30, 15_000, 1, true, true],
		['high', 50, 8, 38, 15_200, 15.2 / 15, true, false],
		['medium', 50, 8.5, 353, 150_025, 150.025 / 150, true, false],
		['medium', 100, 10, 150, 150_000, 1, false, true],
		['medium', 300, 4, 365, 438_000, 2.92, false, false],
		['low', 200, 8, 365, 584_000, 584 / 600, true, true],
		['high', 200, 5, 365, 365_000, 365 / 15, false, false]
	];

	it('is lux by hours by days, against what CIE 157:2004 lets it have; the limits are inclusive', () => {
		for (const [sensitivity, lux, hoursPerDay, daysPerYear, luxHours, share, ...within] of DOSES) {
			const dose = lightDose({ lux, hoursPerDay, daysPerYear, sensitivity });
			expect(dose.luxHours).closeTo(luxHours, 1e-6);
			expect(dose.share).closeTo(share, 1e-9);
			expect([dose.withinLux, dose.withinDose]).deep.equal(within);
		}
	});

	it('is refused for a day of more than 24 hours, and for no number', () => {
		const dose = (more: object) => () =>
			lightDose({ lux: 50, hoursPerDay: 8, daysPerYear: 365, sensitivity: 'low', ...more });
		expect(dose({ hoursPerDay: 25 })).throw(RangeError);
		expect(dose({ daysPerYear: 400 })).throw(RangeError);
		expect(dose({ lux: NaN })).throw(RangeError);
		expect(dose({ lux: -1 })).throw(RangeError);
	});
});

describe('the pieces of a wall in its light', () => {
	it('come by what it does to them, the worst first, those it harms not and those nobody read last', () => {
		const [a, b, c, d] = DEMO.pieces;
		const pieces = [
			{ ...a!, fades: 'low' as const },
			{ ...b!, fades: 'none' as const },
			{ ...c!, fades: 'high' as const },
			{ ...d!, fades: 'medium' as const }
		];
		const wall = { lux: 100, lit: { hoursPerDay: 10, daysPerYear: 300, at: {} } };
		const lit = litOn(pieces, wall);
		expect(lit.map(({ piece }) => piece.id)).deep.equal([c!.id, d!.id, a!.id, b!.id]);
		// 300,000 lux hours of the 15,000, 150,000 and 600,000 of CIE 157:2004.
		expect(lit.map(({ dose }) => dose && lightOfYear(dose))).deep.equal([
			'2000 % of a year’s light',
			'200 % of a year’s light',
			'50 % of a year’s light',
			null
		]);
		expect(lit.map(({ dose }) => dose && isTooMuch(dose))).deep.equal([true, true, false, null]);
		expect(litOn(pieces, { ...wall, lux: null }).every(({ dose }) => dose === null)).equal(true);
	});
});

describe('a spot on a wall', () => {
	/** Lamp, target, distance, sideways (m), candela → lux, degrees from vertical. Source: inverse square and cosine law in three dimensions. */
	const SPOTS = [
		[2.4, 1.45, 0.5484827557301444, 0, 200, 83.10249307479228, 30],
		[3, 1.55, 0.8371578903249572, 0, 1000, 178.359096313912, 30],
		[2.7, 1.5, 0.5, 0, 500, 113.79153390987709, 22.619864948040423],
		[3, 1.55, 0.8372, 0.5, 1000, 156.9108042943681, 33.92132112133962]
	] as const;

	it('takes its cosine from the wall’s normal: a lamp 30° from vertical meets it at 60°', () => {
		for (const [lamp, target, out, aside, candela, lux, angle] of SPOTS) {
			const spot = spotOnWall({
				...{ lampHeight: lamp * 1000, targetHeight: target * 1000, distance: out * 1000 },
				...{ sideways: aside * 1000, candela }
			});
			expect(spot.lux / lux).closeTo(1, 1e-9);
			expect(spot.fromVertical).closeTo(angle, 1e-9);
		}
	});

	it('lights the top of a picture more than its foot', () => {
		// A bare lamp at 2.7 m, 30° from vertical, on a picture 0.6 m high about 1.5 m. Source: as above.
		const distance = aimDistance({ lampHeight: 2700, targetHeight: 1500 });
		const at = (targetHeight: number) => {
			const lit = spotOnWall({ lampHeight: 2700, targetHeight, distance, candela: 1 });
			return lit.lux;
		};
		expect(at(1800) / at(1500)).closeTo(1.815796930471944, 1e-9);
		expect(at(1200) / at(1500)).closeTo(0.5898042158259585, 1e-9);
	});

	it('hangs as far from the wall as its angle wants, and as strong as the light does', () => {
		// Lamp, target, standing out → distance, m. Source: tangent of 30°.
		for (const [lamp, target, out, distance] of [
			[2.4, 1.45, 0, 0.5484827557301444],
			[3.5, 1.55, 0, 1.12583302491977],
			[3, 1.55, 0.1, 0.9371578903249572]
		] as const)
			expect(
				aimDistance({
					...{ lampHeight: lamp * 1000, targetHeight: target * 1000, standsOut: out * 1000 }
				})
			).closeTo(distance * 1000, 1e-6);
		// 50 lux from 2.7 m on 1.5 m, 30° from vertical: 192 cd.
		const distance = aimDistance({ lampHeight: 2700, targetHeight: 1500 });
		const at = { lampHeight: 2700, targetHeight: 1500, distance };
		expect(candelaFor(50, at)).closeTo(192, 1e-9);
		expect(() => aimDistance({ lampHeight: 1500, targetHeight: 1500 })).throw(RangeError);
	});
});

describe('the care of a piece where it hangs', () => {
	const wall = { ...DEMO.walls[0]!, lux: 140 };
	const chart = DEMO.pieces.find(({ letter }) => letter === 'A')!;
	const mirror = DEMO.pieces.find(({ letter }) => letter === 'C')!;

	it('goes by its kind until somebody says otherwise, and by the light read at it before the wall’s', () => {
		expect(fadesOf(mirror)).equal('none');
		expect(fadesOf({ ...chart, glazing: 'glass' })).equal('medium');
		expect(fadesOf({ ...chart, fades: 'high' })).equal('high');
		expect(doseOf(mirror, wall)).equal(null);
		expect(doseOf(chart, { ...wall, lux: null })).equal(null);
		const lit = { ...wall.lit, at: { [chart.id]: 60 } };
		expect(luxOn({ ...wall, lit }, chart.id)).equal(60);
		// 140 lux · 8 h · 365 d = 408 800 lux h, of 150 000 for a work on paper.
		expect(doseOf({ ...chart, fades: 'medium' }, wall)!.share).closeTo(408_800 / 150_000, 1e-9);
		// 150 000 / 140 / 365 = 2.94 h a day.
		expect(hoursItMay({ ...chart, fades: 'medium' }, wall)).closeTo(2.935, 1e-3);
		expect(hoursItMay({ ...chart, fades: 'low' }, { ...wall, lux: 10 })).equal(24);
	});

	it('says how it is touched and what air it wants, and where its lamp belongs', () => {
		expect(careNotes(mirror).air).length(2);
		expect(careNotes({ ...chart, fades: 'high' }).touch).contain('Nobody touches');
		const plan = planWallFast(DEMO, wall.id);
		const planned = plan.ok ? plan.value.pieces[0]! : (null as never);
		const lamp = spotFor(planned, chart, wall)!;
		// A lamp whose light is just borne at the top gives less to the middle: 1/1.8158 of it in the case above.
		const at = { lampHeight: 2700, targetHeight: 1500, topHeight: 1800 };
		const fromFace = 1200 * Math.tan(Math.PI / 6);
		const light = lampWithin(50, { ...at, distance: fromFace + 30, fromFace });
		expect(light.top).closeTo(50, 1e-9);
		expect(light.middle).closeTo(50 / 1.815796930471944, 1e-9);
		expect(lamp.fromFace).closeTo(lamp.distance - chart.depth, 1e-9);
		expect(lamp.distance).closeTo(
			(lamp.lampHeight - lamp.targetHeight) * Math.tan(Math.PI / 6) + chart.depth,
			1e-9
		);
	});
});
