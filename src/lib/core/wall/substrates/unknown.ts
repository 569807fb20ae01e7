import { care } from './said.ts';
import type { Substrate } from './types.ts';

export const unknown = {
	of: 'unknown',
	name: 'Not known yet',
	tell: 'Knock along it, and look behind a socket’s plate with the power off.',
	ground: 'unknown',
	studs: null,
	board: false,
	unsettled: true,
	asks: [
		'Drill one small hole low down where a piece will cover it, and look at the dust: white is board or plaster, red or grey is masonry, wood is a stud.'
	],
	cautions: [care('wall-unknown')]
} as const satisfies Substrate;
