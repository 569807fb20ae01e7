import { expect } from 'chai';
import { aboveFurniture } from '../../layout/above-furniture.ts';
import { lintLayout, type LookedAt } from '../../layout/lint-layout.ts';
import { remedies } from '../../layout/remedies.ts';
import { slipsIn } from '../../layout/slips.ts';
import { startFeature, startWall } from '../../model/start.ts';
import { anchorsOn } from '../../plan/anchors.ts';
import { usualRegion } from '../../plan/arrange-wall.ts';
import { faceOf, type Feature } from '../../wall/features/index.ts';
import { holdsPoint, type Rect } from '../geometry/rect.ts';
import * as layout from './layout.ts';

let count = 0;
const newId = () => `id-${count++}`;
const wall = startWall(newId, { name: 'Wall', width: 4000, height: 2400 });
const thing = (kind: Feature['kind'], more: Partial<Feature> = {}) =>
	({
		...startFeature(newId, kind, wall),
		...{ x: 2000, y: 1000, width: 300, height: 300 },
		...more
	}) as Feature;

const outlined = (rects: Rect[]) =>
	rects.map((rect, index) => ({ id: `${index}`, letter: 'ABCD'[index]!, rect }));
/** What a second look finds at these pieces. */
const seen = (rects: Rect[], more: Partial<LookedAt> = {}): string[] =>
	lintLayout({
		...{ pieces: outlined(rects), beneath: [], openings: [], anyHeight: false },
		...{ centreLine: 1448, floor: 0, ...more }
	}).map(({ code }) => code);
const frame = (x: number, y = 1198): Rect => ({ x, y, width: 400, height: 500 });

/** What each figure decides; a figure without its check does not compile. */
const BOUNDARIES: { readonly [Name in keyof typeof layout]: () => void } = {
	LOWEST_PIECE_MM: () => expect(corners().bottom).equal(700),
	BELOW_CEILING_MM: () => expect(corners().top).equal(2400 - 200),
	WALL_END_MM: () => expect([corners().left, corners().right]).deep.equal([80, 4000 - 80]),
	STRETCH_MM: () => {
		const anchors = (x: number) =>
			anchorsOn({
				...wall,
				features: [thing('door', { x: 500, width: 900 }), thing('window', { x, width: 900 })]
			}).filter(({ label }) => label.startsWith('between')).length;
		expect([anchors(1900), anchors(1899)]).deep.equal([1, 0]);
	},
	LEAST_GAP_MM: () => {
		const gapFor = (width: number) =>
			remedies(
				{
					pieces: [1, 2].map((id) => ({ id: `${id}`, width: 500, height: 500 })),
					region: { x: 0, y: 0, width, height: 600 },
					...{ keepOuts: [], style: 'same-top', gap: 50, seed: 1 }
				},
				null
			).find(({ by }) => by === 'gap');
		expect(gapFor(1012)).deep.equal({ by: 'gap', gap: 12 });
		expect(gapFor(1011)).equal(undefined);
	},
	NEIGHBOURS_MM: () => {
		// A step of 7 mm between two tops.
		const stepped = (apart: number) => [frame(1000), frame(1400 + apart, 1205)];
		expect([350, 350.1].map((apart) => seen(stepped(apart)).includes('step'))).deep.equal([
			...[true, false]
		]);
		expect([350, 350.1].map((apart) => slipsIn(stepped(apart)))).deep.equal([1, 0]);
	},
	SLIP_MM: () => {
		const odd = (more: number) =>
			seen([frame(1000), frame(1450), frame(1900), frame(2350 + more)]).includes('odd-gap');
		expect([1.5, 1.6, 19.9, 20].map(odd)).deep.equal([false, true, true, false]);
	},
	OFF_MIDDLE_MM: () => {
		const off = (by: number) => {
			const beneath = [{ id: 't', name: 'Table', x: 900 + by, y: 0, width: 600, height: 1000 }];
			return seen([frame(1000)], { beneath }).includes('off-furniture');
		};
		expect([2, 2.1, 79.9, 80].map(off)).deep.equal([false, true, true, false]);
	},
	CENTRES_MM: () => {
		const at = (centre: number) => seen([frame(1000, centre - 250)]);
		expect([1299, 1300, 1600, 1601].map(at)).deep.equal([['too-low'], [], [], ['too-high']]);
	},
	ABOVE_FURNITURE_MM: () => {
		expect(aboveFurniture(SOFA).bottom).deep.equal({ least: 950, most: 1000 });
		const sofa = thing('furniture', { ...SOFA });
		const minds = (y: number) =>
			faceOf(sofa)
				.zones(sofa)
				.some(({ rect }) => holdsPoint(rect, { x: 1000, y }));
		expect([949, 951].map(minds)).deep.equal([true, false]);
	},
	FURNITURE_SHARE: () => expect(aboveFurniture(SOFA).width).deep.equal({ least: 1200, most: 1350 })
};

const SOFA: Rect = { x: 0, y: 0, width: 1800, height: 800 };

function corners() {
	const region = usualRegion(wall) as { x: number; y: number }[];
	const of = (key: 'x' | 'y') => region.map((corner) => corner[key]);
	return {
		...{ left: Math.min(...of('x')), right: Math.max(...of('x')) },
		...{ bottom: Math.min(...of('y')), top: Math.max(...of('y')) }
	};
}

describe('the figure of a layout', () => {
	for (const [name, decides] of Object.entries(BOUNDARIES))
		it(`${name} decides where it says`, decides);
});
