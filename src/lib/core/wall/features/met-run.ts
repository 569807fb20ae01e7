import * as z from 'zod/mini';
import { outlineShape, type FeatureFace } from './types.ts';
import { block, stroke } from './parts.ts';

export const metRunSchema = z.object({
	...outlineShape,
	kind: z.literal('met-run'),
	of: z.enum(['pipe', 'cable']).check(z.describe('what was met, or what the metal may guard'))
});
type MetRun = z.infer<typeof metRunSchema>;

/** Metal or a pipe that a bit met: what it is goes on from there, seldom sideways alone. */
export const metRun: FeatureFace<MetRun> = {
	kind: 'met-run',
	label: 'Pipe or metal met',
	group: 'fittings',
	schema: metRunSchema,
	start: { width: 30, height: 30, at: { aboveFloor: 1400 } },
	usual: { of: 'pipe' },
	before: true,
	met: ({ of }) => of,
	zones: () => [],
	choices: ({ of }) => [
		{
			key: 'of',
			label: 'What it is',
			answer: of,
			answers: [
				{ answer: 'pipe', label: 'a pipe' },
				{ answer: 'cable', label: 'a cable, or a plate that guards one' }
			]
		}
	],
	choose: (feature, _key, answer) => ({ ...feature, of: answer === 'cable' ? 'cable' : 'pipe' }),
	draw: ({ width, height }) => [
		block('metal', [0, 0, width, height], 5),
		stroke('dark', 0, 0, width, height),
		stroke('dark', 0, height, width, -height)
	]
};
