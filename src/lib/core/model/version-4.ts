import { asRecord, each, eachOf, type Loose } from './loose.ts';

/** Version 4 knew no settled fixings, no packet ratings, and neither school, weight nor nudge among the house rules. */
export function fromVersion4(file: Loose): Loose {
	return {
		place: [],
		packed: [],
		...file,
		houseRules: { school: 'careful', heavy: 15, nudge: 25, ...asRecord(file.houseRules) },
		kit: eachOf(file.kit ?? {}, (own) => ({ rating: null, stock: null, ...own })),
		walls: each(file.walls, (wall) => ({
			...wall,
			arrangements: each(wall.arrangements, (arrangement) => ({
				...arrangement,
				placements: each(arrangement.placements, (placement) => ({ fix: null, ...placement }))
			}))
		}))
	};
}
