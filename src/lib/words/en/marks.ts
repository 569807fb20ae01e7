/** Where a tape can be hooked, as a person calls it. */
export const HOOKED_AT = {
	'left-corner': () => 'the left corner',
	'right-corner': () => 'the right corner',
	nearest: () => 'the nearest solid edge',
	'side-of': ({ name, edge }: { name: string; edge: 'left' | 'right' }) => `${name}, ${edge} edge`,
	'floor-here': () => 'the floor here',
	'level-line': () => 'the floor’s left end, carried level',
	'read-line': () => 'the level line of the survey',
	'centre-line': () => 'the centre line',
	line: () => 'your level line',
	ceiling: () => 'the ceiling here',
	'edge-of': ({ name, edge }: { name: string; edge: 'top' | 'bottom' }) => `the ${edge} of ${name}`,
	piece: ({ letter }: { letter: string }) => `piece ${letter}`,
	feature: ({ name, edge }: { name: string; edge: string }) =>
		['the', name.toLowerCase(), edge].filter(Boolean).join(' '),
	mark: ({ letter, name }: { letter: string; name: string }) => `${letter}’s ${name}`,
	under: ({ of, name }: { of: 'floor' | 'ceiling'; name: string }) =>
		`${of === 'floor' ? 'the floor under' : 'the ceiling over'} ${name}`,
	floor: () => 'the floor',
	'a-ceiling': () => 'the ceiling'
};

/** Terms and formulas of a reading on the tape. */
export const TAPE_SUM = {
	'hole-beside': 'hole beside the bearing',
	'hole-below': 'hole below the bearing',
	'hole-above': 'hole above the bearing',
	'rests-elsewhere': 'where such hooks rest, as read on this wall',
	'hooked-at': 'tape hooked at',
	'tape-hook': 'your tape’s hook',
	'marks-before': 'the marks before it',
	'tape-reading': 'reading the tape',
	'setting-mark': 'setting the mark',
	across: 'place of the hook, from where the tape is hooked',
	'bearing-up': 'height of the bearing, from where the tape is hooked',
	'hole-up': 'height of the bearing and the hook’s own offset, from where the tape is hooked'
};

/** What speaks for a level line at a height. */
export const LINE_SPEAKS = {
	'marks-on-it': ({ marks, letters }: { marks: number; letters: string }) =>
		`${marks === 1 ? '1 mark lies' : `${marks} marks lie`} on it (${letters}): no height to measure there.`,
	'clear-and-handy': () =>
		'Clear of every piece, and where hands reach well: it can stay while they go up.'
};

/** How a level line or a laser is proved before anything is marked from it. Common practice. */
export const LINE_CHECKS: readonly string[] = [
	'Measure from the line down to the floor at both ends: they differ as the survey says, and no more.',
	'Turn the level or the laser round and draw it again: both lines fall together.',
	'Set a laser on something that does not shake: steps on the floor move its line.'
];
