import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vite';

/** Nothing happens when a file of the core or of the words is loaded: what a page does not use of them is left out. */
const PURE_FILES = /\/src\/lib\/(?:core|words)\//;

const treeshake = {
	moduleSideEffects: [
		{ test: PURE_FILES, sideEffects: false },
		{ test: /./, sideEffects: true }
	],
	manualPureFunctions: ['memoised', 'memoisedOn', 'failsBy', 'cautionsBy', 'either']
};

/** What most pages load goes into few chunks: small ones compress badly. */
const groups = [
	{
		name: 'frame',
		test: /node_modules.(svelte|@sveltejs|clsx|esm-env|@lucide|zod|fraction)|src.lib.core.base/,
		minShareCount: 8
	},
	{ name: 'drawing', test: /src.lib.ui.(elevation|back|bench|field|art)/, minShareCount: 9 }
];

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	// The build for browsers of today is smaller than the one that is offered first.
	resolve: { alias: { dexie: 'dexie/dist/modern/dexie.mjs' } },
	build: { rolldownOptions: { treeshake, output: { codeSplitting: { groups } } } },
	worker: { rolldownOptions: { treeshake } }
});
