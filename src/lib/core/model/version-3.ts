import { each, type Loose } from './loose.ts';

/** Version 3 knew no colours, no locked or grouped pieces, no reserved space and no photo of the wall. */
export function fromVersion3(file: Loose): Loose {
	return {
		...file,
		pieces: each(file.pieces, (piece) => ({ colour: '', ...piece })),
		walls: each(file.walls, (wall) => ({
			photo: null,
			...wall,
			arrangements: each(wall.arrangements, arrangement)
		}))
	};
}

const arrangement = (old: Loose): Loose => ({
	reserved: [],
	...old,
	placements: each(old.placements, (placement) => ({ locked: false, group: '', ...placement }))
});
