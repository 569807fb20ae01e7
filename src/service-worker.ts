/// <reference types="@sveltejs/kit" />
/// <reference lib="webworker" />
import { build, files, version } from '$service-worker';

declare const self: ServiceWorkerGlobalScope;

/** Each build has a store of its own. */
const STORES = 'warm-porch-';
const STORE = `${STORES}${version}`;
/** Every page starts from the same document; what it shows is in the browser. */
const START = '/';
const SHIPPED = new Set([...build, ...files]);
const BUILT = '/_app/immutable/';

/** A new build waits until a person takes it; the first has nothing to wait for. */
self.addEventListener('install', (event) => {
	const fill = async () => {
		const store = await caches.open(STORE);
		await store.addAll([...SHIPPED, START]);
	};
	event.waitUntil(fill());
});

self.addEventListener('message', (event) => {
	if (event.data === 'take-over') void self.skipWaiting();
});

/** Windows that stay with the build before still find its parts: its store goes with the next. */
self.addEventListener('activate', (event) => {
	const takeOver = async () => {
		const stores = (await caches.keys()).filter((key) => key.startsWith(STORES) && key !== STORE);
		for (const old of stores.slice(0, -1)) await caches.delete(old);
		await self.clients.claim();
	};
	event.waitUntil(takeOver());
});

self.addEventListener('fetch', (event) => {
	const { request } = event;
	const url = new URL(request.url);
	if (request.method !== 'GET' || url.origin !== location.origin) return;
	if (SHIPPED.has(url.pathname) || url.pathname.startsWith(BUILT))
		event.respondWith(kept(url.pathname, request));
	else if (request.mode === 'navigate' && !url.pathname.startsWith('/api/'))
		event.respondWith(kept(START, request));
});

/** What was shipped never changes under its name; of a document this build’s own is opened. */
async function kept(path: string, request: Request): Promise<Response> {
	const own = await (await caches.open(STORE)).match(path);
	return own ?? (await caches.match(path)) ?? fetch(request);
}
