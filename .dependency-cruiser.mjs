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
			comment: 'The core imports nothing of the app outside it.',
			severity: 'error',
			from: { path: '^src/lib/core/', pathNot: '\\.test\\.ts$' },
			to: { path: '^src/', pathNot: '^src/lib/core/' }
		}
	],
	options: {
		includeOnly: '^src/',
		tsPreCompilationDeps: true,
		tsConfig: { fileName: 'tsconfig.json' },
		enhancedResolveOptions: { extensions: ['.ts', '.svelte', '.js', '.mjs'] }
	}
};
