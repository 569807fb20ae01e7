/// <reference types="@sveltejs/kit" />
/// <reference lib="webworker" />
import { build, files, version } from '$service-worker';

declare const self: ServiceWorkerGlobalScope;

/** Each build has a store of its own; the older ones go when it takes over. */
const STORE = `warm-porch-${version}`;
/** Every page starts from the same document; what it shows is in the browser. */
const START = '/';
const SHIPPED = new Set([...build, ...files]);

self.addEventListener('install', (event) => {
	const fill = async () => {
		const store = await caches.open(STORE);
		await store.addAll([...SHIPPED, START]);
		await self.skipWaiting();
	};
	event.waitUntil(fill());
});

self.addEventListener('activate', (event) => {
	const takeOver = async () => {
		for (const key of await caches.keys()) if (key !== STORE) await caches.delete(key);
		await self.clients.claim();
	};
	event.waitUntil(takeOver());
});

self.addEventListener('fetch', (event) => {
	const { request } = event;
	const url = new URL(request.url);
	if (request.method !== 'GET' || url.origin !== location.origin) return;
	if (SHIPPED.has(url.pathname)) event.respondWith(kept(url.pathname, request));
	else if (request.mode === 'navigate') event.respondWith(fresh(request));
});

/** What was shipped never changes under its name. */
async function kept(path: string, request: Request): Promise<Response> {
	const store = await caches.open(STORE);
	return (await store.match(path)) ?? fetch(request);
}

/** A page from the server while there is one, and else the start document, which opens it all the same. */
async function fresh(request: Request): Promise<Response> {
	try {
		return await fetch(request);
	} catch (error) {
		const store = await caches.open(STORE);
		const start = await store.match(START);
		if (start) return start;
		throw error;
	}
}
