import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vite';

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	// The build for browsers of today is smaller than the one that is offered first.
	resolve: { alias: { dexie: 'dexie/dist/modern/dexie.mjs' } }
});
