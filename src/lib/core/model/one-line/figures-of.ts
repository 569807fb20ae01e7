import type { HangerKind } from '../../piece/hangers/index.ts';

/** Figures of a back that can be told in a line: between its points, down from the top, and others by their word. */
interface LineFigures {
	apart?: string;
	down: readonly string[];
	/** By the word before the figure. */
	others?: Readonly<Record<string, string>>;
}

const WIRE: LineFigures = {
	apart: 'ringSpan',
	down: ['ringDrop'],
	others: { wire: 'pulledDrop' }
};

/** What the words of a line mean on each back; one that is forgotten does not compile. */
export const FIGURES_OF: Readonly<Record<HangerKind, LineFigures>> = {
	'wire-one': WIRE,
	'wire-two': { ...WIRE, others: { wire: 'pulledDrop', hooks: 'hookSpacing' } },
	rings: { apart: 'ringSpan', down: ['ringDrop', 'rightDrop'] },
	'ring-one': { down: ['loopDrop'] },
	sawtooth: { down: ['barDrop'] },
	'sawtooth-two': { apart: 'barSpan', down: ['barDrop', 'rightDrop'] },
	keyholes: { apart: 'slotSpan', down: ['slotDrop', 'rightDrop'] },
	drilled: { down: ['downFromTop'] },
	stretcher: { down: ['barDepth'], others: { hooks: 'hookSpacing' } },
	cleat: { apart: 'screwSpan', down: ['railDrop'] },
	'mirror-plates': { down: ['leftDown', 'rightDown'] },
	security: { apart: 'clipSpan', down: ['clipDrop', 'rightDrop'] },
	rail: { apart: 'ringSpan', down: ['ringDrop'] },
	'plate-hanger': { down: ['archDrop'] },
	strips: { apart: 'stripSpan', down: ['stripDrop'] },
	pin: { apart: 'pinSpan', down: ['pinDrop'] }
};

/** Words for a back, the longer first where one begins another. */
export const HANGER_WORDS: readonly [RegExp, HangerKind][] = [
	[/\bwire on two hooks\b|\btwo hooks\b|\b2 hooks\b/i, 'wire-two'],
	[/\bwire on one hook\b/i, 'wire-one'],
	[/\btwo sawtooths?\b|\b2 sawtooths?\b/i, 'sawtooth-two'],
	[/\bsaw-?tooth\b/i, 'sawtooth'],
	[/\bkey-?holes?\b/i, 'keyholes'],
	[/\bdrilled\b/i, 'drilled'],
	[/\b(?:french )?cleat\b|\bsplit batten\b/i, 'cleat'],
	[/\bmirror plates?\b/i, 'mirror-plates'],
	[/\bsecurity\b/i, 'security'],
	[/\bstrips?\b/i, 'strips'],
	[/\bplate hanger\b/i, 'plate-hanger'],
	[/\bstretcher\b/i, 'stretcher'],
	[/\bpins?\b/i, 'pin'],
	[/\bpicture rail\b|\bcords?\b/i, 'rail'],
	[/\bone ring\b|\b1 ring\b/i, 'ring-one'],
	[/\brings?\b|\bd-?rings?\b/i, 'rings']
];
