import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig, type Plugin } from 'vite';

/** Nothing happens when a file of the core or of the words is loaded: what a page does not use of them is left out. */
const PURE_FILES = /\/src\/lib\/(?:core|words)\//;

/** What describes a field of the project file: alone in its check, or after or before others. */
const DESCRIBE = String.raw`z\.describe\(\s*'[^']*'\s*\)`;
const DESCRIPTION = new RegExp(
	String.raw`\.check\(\s*${DESCRIBE}\s*\)|,\s*${DESCRIBE}|${DESCRIBE},\s*`,
	'g'
);

/** Leaves descriptions out of what pages load: they are for the documents, and for the schema that the server gives. */
const withoutDescriptions: Plugin = {
	name: 'without-descriptions',
	apply: 'build',
	enforce: 'pre',
	transform(code, id, options) {
		if (options?.ssr || !PURE_FILES.test(id) || !code.includes('z.describe(')) return null;
		return { code: code.replace(DESCRIPTION, ''), map: null };
	}
};

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
		test: /node_modules.(svelte.src|@sveltejs|clsx|esm-env|@lucide|zod|fraction)|src.lib.core.base/,
		minShareCount: 8
	},
	{ name: 'drawing', test: /src.lib.ui.(elevation|back|bench|field|art)/, minShareCount: 9 }
];

export default defineConfig({
	plugins: [withoutDescriptions, tailwindcss(), sveltekit()],
	// The build for browsers of today is smaller than the one that is offered first.
	resolve: { alias: { dexie: 'dexie/dist/modern/dexie.mjs' } },
	build: {
		// Lists of what each lazy part needs would weigh more in every page than the one request more costs.
		modulePreload: false,
		rolldownOptions: { treeshake, output: { codeSplitting: { groups } } }
	},
	worker: { plugins: () => [withoutDescriptions], rolldownOptions: { treeshake } }
});
