import type { Check } from '../kinds/checks.ts';

export const hardware: Check = {
	id: 'hardware',
	holds: true,
	ask: 'The hardware is on the frame, not on the stretcher or strainer, and sits firmly.',
	mend: 'Move it to the frame; predrill to the core of the screw.'
};

export const screws: Check = {
	id: 'screws',
	holds: true,
	ask: 'Every screw is shorter than the frame is thick there.',
	mend: 'Change the screws for shorter ones.'
};

export const bumpers: Check = {
	id: 'bumpers',
	ask: 'Firm felt or bumpers sit at the lower corners.',
	mend: 'Stick felt bumpers on; rubber can stick to paint.'
};
