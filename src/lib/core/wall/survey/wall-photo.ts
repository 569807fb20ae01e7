import * as z from 'zod/mini';
import { position, share, size } from '../../base/schemas/sizes.ts';

const corner = z.object({ x: share, y: share });

/** A photo of the real wall, and where a rectangle known on the wall lies in it. */
export const wallPhotoSchema = z.object({
	hash: z.string().check(z.minLength(1), z.maxLength(64), z.describe('hash of the photo')),
	corners: z
		.array(corner)
		.check(
			z.length(4),
			z.describe(
				'where the rectangle’s corners lie, as shares of the photo from its upper left: upper left, upper right, lower right, lower left'
			)
		),
	known: z
		.object({ x: position, y: position, width: size, height: size })
		.check(z.describe('the rectangle on the wall, mm, x and y of its lower left corner'))
});
export type WallPhoto = z.infer<typeof wallPhotoSchema>;
