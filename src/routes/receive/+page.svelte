<script lang="ts">
	import { afterNavigate, goto } from '$app/navigation';
	import { Camera } from '@lucide/svelte';
	import { openPack, type Project } from '$lib/core/index.ts';
	import { joinParts, readPart, type PackPart } from '$lib/files/pack-parts.ts';
	import type { ZippedPhoto } from '$lib/files/photo-zip.ts';
	import { jsonOf, readFile } from '$lib/files/read-file.ts';
	import { newId } from '$lib/store/new-id.ts';
	import { dropParts, keepPart } from '$lib/store/pack-parts.ts';
	import { keepZippedPhoto } from '$lib/store/photos.ts';
	import { keepProject, loadProject, rewriteProject } from '$lib/store/projects.ts';
	import { storageTrouble } from '$lib/store/storage-trouble.ts';
	import { takeHeld, type Arrived } from '$lib/ui/receive/held.ts';
	import TakeIn from '$lib/ui/receive/TakeIn.svelte';
	import { projectPath } from '$lib/ui/paths.ts';
	import { unzipped } from '$lib/ui/zip.ts';
	import TopBar from '$lib/ui/TopBar.svelte';

	/** A browser hands out its camera only to a page that is served safely. */
	const canScan = typeof navigator.mediaDevices?.getUserMedia === 'function';

	let trouble = $state('');
	let scanning = $state(false);
	/** Which codes of the pack were read; null while none was. */
	let read: { numbers: number[]; of: number } | null = $state.raw(null);
	let pack: Project | null = $state.raw(null);
	let photos: readonly ZippedPhoto[] = $state.raw([]);
	let here: { project: Project; stamp: string } | null = $state.raw(null);

	async function look(arrived: Arrived) {
		trouble = '';
		const opened = openPack(arrived.pack);
		if (!opened.ok) {
			trouble = opened.error.message;
			return;
		}
		const known = await loadProject(opened.value.id);
		here = known.ok ? known.value : null;
		if (!known.ok && known.error.code !== 'no-such-project') trouble = known.error.message;
		else [pack, photos] = [opened.value, arrived.photos];
	}

	async function takePart(part: PackPart) {
		try {
			const parts = await keepPart(part);
			if (parts.length > (read?.numbers.length ?? 0)) navigator.vibrate?.(40);
			read = { numbers: parts.map(({ number }) => number), of: part.of };
			if (parts.length < part.of) return;
			scanning = false;
			const joined = joinParts(parts);
			await dropParts();
			read = null;
			if (joined.ok) await look({ pack: joined.value, photos: [] });
			else trouble = joined.error.message;
		} catch (error) {
			trouble = storageTrouble(error);
		}
	}

	async function readLink() {
		const part = readPart(location.hash.slice(1));
		if (part) await takePart(part);
	}

	async function choose(event: Event & { currentTarget: HTMLInputElement }) {
		const file = event.currentTarget.files?.[0];
		event.currentTarget.value = '';
		if (!file) return;
		const opened = await readFile(file, unzipped);
		const found = opened.ok ? jsonOf(opened.value.text) : undefined;
		if (!opened.ok) trouble = opened.error.message;
		else if (found === undefined) trouble = `${file.name} is not a hang pack: it is not JSON.`;
		else await look({ pack: found, photos: opened.value.photos });
	}

	/** Photos first: what is kept then never speaks of one that is not there. */
	async function keep(project: Project) {
		for (const photo of photos) {
			const kept = await keepZippedPhoto(project.id, photo);
			if (kept.ok) continue;
			trouble = kept.error.message;
			return;
		}
		const kept = here
			? await rewriteProject(project, here.stamp, newId())
			: await keepProject(project);
		if (kept.ok) await goto(projectPath(project.id, pack!.walls[0]!.id, 'hang'));
		else trouble = kept.error.message;
	}

	afterNavigate(() => {
		const held = takeHeld();
		if (held !== null) void look(held);
		else void readLink();
	});
</script>

<svelte:head><title>Take in a hang pack · Warm Porch</title></svelte:head>
<svelte:window onhashchange={readLink} />

<TopBar />
<main class="mx-auto grid max-w-xl gap-3 p-5">
	<h1 class="text-2xl">Take in a hang pack</h1>
	{#if trouble}<p class="trouble" role="alert">{trouble}</p>{/if}
	{#if pack}
		<TakeIn {pack} here={here && here.project} photos={photos.length} onkeep={keep} />
	{:else}
		{#if read}
			{@const { numbers, of } = read}
			<div class="read">
				<p role="status"><strong class="measure">{numbers.length} of {of}</strong> codes read</p>
				<ol aria-hidden="true">
					{#each { length: of }, index (index)}
						<li class="measure" class:have={numbers.includes(index + 1)}>{index + 1}</li>
					{/each}
				</ol>
				<p>Show the next, and point the camera at it.</p>
			</div>
		{:else}
			<p>
				A hang pack carries one wall to the phone, or what happened at the wall back to the bench.
				Choose the file, drop it on this page, or scan its codes.
			</p>
		{/if}
		{#if scanning}
			{#await import('$lib/ui/receive/ScanCodes.svelte') then { default: ScanCodes }}
				<ScanCodes onpart={takePart} />
			{/await}
			<button
				class="btn justify-self-start btn-outline"
				type="button"
				onclick={() => (scanning = false)}
			>
				Stop the camera
			</button>
		{:else if canScan}
			<button
				class="btn justify-self-start btn-primary"
				type="button"
				onclick={() => (scanning = true)}
			>
				<Camera size={18} aria-hidden="true" /> Scan its codes
			</button>
		{:else}
			<p class="small-note">
				This page was not served over HTTPS, so it cannot use the camera. The device’s own camera
				opens each code as a link.
			</p>
		{/if}
		<label class="btn justify-self-start btn-outline">
			Choose the file
			<input
				class="sr-only"
				type="file"
				accept=".json,.txt,.zip,application/json,text/plain,application/zip"
				aria-label="The hang pack"
				onchange={choose}
			/>
		</label>
	{/if}
</main>

<style>
	.trouble {
		color: var(--color-error);
		font-weight: 600;
	}

	.read strong {
		font-size: var(--text-3xl);
	}

	ol {
		display: flex;
		flex-wrap: wrap;
		gap: 0.3rem;
		margin: 0.4rem 0;
	}

	li {
		display: grid;
		place-items: center;
		min-width: 2.2rem;
		height: 2.2rem;
		border: 2px dashed var(--color-base-300);
		border-radius: 0.4rem;
		color: var(--graphite-soft);
	}

	.have {
		border: 2px solid var(--color-primary);
		color: var(--color-primary-content);
		background: var(--color-primary);
	}

	.btn:focus-within {
		outline: 3px solid var(--color-primary);
	}
</style>
