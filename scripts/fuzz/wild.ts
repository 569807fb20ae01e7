import {
	featureFaces,
	hangers,
	openProject,
	startBack,
	startFeature,
	startPiece,
	startProject,
	STYLE_NAMES,
	substrates,
	usualHouseRules,
	type Project
} from '../../src/lib/core/index.ts';

type Draw = () => number;

const one = <T>(list: readonly T[], draw: Draw): T => list[Math.floor(draw() * list.length)]!;
/** From a little to a lot, evenly by its logarithm. */
const between = (least: number, most: number, draw: Draw): number =>
	least * (most / least) ** draw();

/** Ids that are no use as keys of a plain object. */
const IDS = ['__proto__', 'constructor', 'prototype', 'toString', 'hasOwnProperty'];

/** A project that the schema lets through and nobody would make: any sizes, backs, walls, places and rules. */
export function wildProject(draw: Draw): Project | null {
	let made = 0;
	const newId = () => (made < IDS.length && draw() < 0.3 ? IDS[made++]! : `id-${made++}`);
	const houseRules = {
		...usualHouseRules,
		gap: between(1, 900, draw),
		centreHeight: between(300, 3000, draw)
	};
	const project = startProject(newId, new Date(0), {
		name: one(['Wild', '=cmd', '__proto__', 'x'.repeat(100)], draw),
		wall: { name: 'Wall', width: between(300, 24_000, draw), height: between(300, 12_000, draw) },
		houseRules
	});
	const count = Math.floor(draw() * 24);
	const pieces = Array.from({ length: count }, () => wildPiece(project, newId, draw));
	const named = pieces.map((piece, index) => ({ ...piece, letter: `P${index}` }));
	const walls = project.walls.map((wall) => ({
		...wall,
		skirting: draw() < 0.2 ? 0 : between(1, 400, draw),
		rail: draw() < 0.3 ? wall.height * draw() : null,
		made: { ...wall.made, of: one(substrates, draw).of },
		ceiling: draw() < 0.3 ? [{ x: wall.width * draw(), y: wall.height * (0.3 + draw()) }] : [],
		levels: {
			line: between(200, 2500, draw),
			readings:
				draw() < 0.4
					? [0, wall.width].map((x) => ({
							...{ id: newId(), x, down: between(100, 3000, draw), up: between(100, 9000, draw) }
						}))
					: []
		},
		features: Array.from({ length: Math.floor(draw() * 8) }, () => wildFeature(wall, newId, draw)),
		arrangements: wall.arrangements.map((arrangement) => ({
			...arrangement,
			placements: named
				.filter(() => draw() < 0.8)
				.map(({ id }) => ({
					...{ pieceId: id, x: wall.width * (draw() * 1.4 - 0.2), locked: draw() < 0.1 },
					...{ group: draw() < 0.2 ? 'g' : '', fix: null },
					height:
						draw() < 0.5
							? { from: 'house' as const }
							: {
									from: one(['centre', 'top', 'bottom'] as const, draw),
									at: wall.height * (draw() * 1.4 - 0.2)
								}
				}))
		}))
	}));
	const opened = openProject(JSON.parse(JSON.stringify({ ...project, pieces: named, walls })));
	return opened.ok ? opened.value : null;
}

/** Counts, which stay as they are. */
const WHOLE = ['count', 'screws', 'pairs', 'tooth'];

function wildPiece(project: Project, newId: () => string, draw: Draw) {
	const size = { width: between(15, 6000, draw), height: between(15, 6000, draw) };
	const piece = startPiece(
		newId,
		project.pieces.map(({ letter }) => letter),
		size
	);
	const weight = draw() < 0.6 ? between(0.01, 300, draw) : null;
	const base = {
		...piece,
		weight,
		depth: between(1, 400, draw),
		massOffset: draw() < 0.3 ? size.width * (draw() - 0.5) : 0
	};
	const back = startBack(one(hangers, draw).kind, base);
	const shaken = Object.fromEntries(
		Object.entries(back).map(([key, value]) => [
			key,
			typeof value === 'number' && !WHOLE.includes(key) && draw() < 0.5
				? value * between(0.05, 4, draw)
				: value
		])
	) as typeof back;
	return { ...base, back: shaken };
}

function wildFeature(wall: Parameters<typeof startFeature>[2], newId: () => string, draw: Draw) {
	const feature = startFeature(newId, one(featureFaces, draw).kind, wall);
	return {
		...feature,
		x: wall.width * (draw() * 1.2 - 0.1),
		y: wall.height * (draw() * 1.2 - 0.1),
		width: between(5, wall.width, draw),
		height: between(5, wall.height, draw)
	};
}

export const wildStyle = (draw: Draw) => one(STYLE_NAMES, draw);
