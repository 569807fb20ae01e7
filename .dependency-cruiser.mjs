/** Floors of the core, from the ground up. A wing imports only from floors beneath its own. */
const FLOORS = [
	['base'],
	['readings'],
	['catalogue'],
	['wall'],
	['piece'],
	['model', 'photo'],
	['fixing', 'layout'],
	['marking'],
	['plan'],
	['day']
];

const wingRules = FLOORS.flatMap((wings, floor) => {
	const beneath = FLOORS.slice(0, floor).flat();
	return wings.map((wing) => ({
		name: `${wing}-looks-down`,
		comment: `The wing "${wing}" imports only from ${beneath.join(', ') || 'itself'}.`,
		severity: 'error',
		from: { path: `^src/lib/core/${wing}/`, pathNot: '\\.test\\.ts$' },
		to: {
			path: '^src/lib/core/',
			pathNot: [wing, ...beneath].map((each) => `^src/lib/core/${each}/`)
		}
	}));
});

/** How files may import each other; `npm run lint` holds it. Types count as imports. */
export default {
	forbidden: [
		{
			name: 'no-circles',
			comment: 'A file never imports, through others, itself.',
			severity: 'error',
			from: {},
			to: { circular: true }
		},
		{
			name: 'core-is-pure',
			comment: 'The core imports nothing of the app outside it but the words it says things with.',
			severity: 'error',
			from: { path: '^src/lib/core/', pathNot: '\\.test\\.ts$' },
			to: { path: '^src/', pathNot: '^src/lib/(core|words)/' }
		},
		{
			name: 'words-are-plain',
			comment: 'Words are functions of plain values: they import only words.',
			severity: 'error',
			from: { path: '^src/lib/words/' },
			to: { path: '^src/', pathNot: '^src/lib/words/' }
		},
		{
			name: 'core-by-its-face',
			comment: 'Outside the core, only its index is imported, or what it stands on.',
			severity: 'error',
			from: { path: '^src/', pathNot: '^src/lib/core/' },
			to: { path: '^src/lib/core/', pathNot: '^src/lib/core/(index\\.ts$|base/)' }
		},
		...wingRules
	],
	options: {
		includeOnly: '^src/',
		tsPreCompilationDeps: true,
		tsConfig: { fileName: 'tsconfig.json' },
		enhancedResolveOptions: { extensions: ['.ts', '.svelte', '.js', '.mjs'] }
	}
};
