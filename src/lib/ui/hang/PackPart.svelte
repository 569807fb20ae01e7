<script lang="ts">
	import { resolve } from '$app/paths';
	import { Download, QrCode, Share2 } from '@lucide/svelte';
	import { packWall } from '$lib/core/index.ts';
	import { download } from '$lib/files/download.ts';
	import { photosIn } from '$lib/store/photos-of.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { notices } from '../toast.svelte.ts';
	import { asShared, packFile } from './pack-file.ts';

	let { wallId }: { wallId: string } = $props();

	const session = $derived(getSession()());
	/** Only a page served safely may hand files to other programs. */
	const canShare = typeof navigator.canShare === 'function';
	let codes = $state(false);

	/** The pack as a file; null where it could not be made, which is said. */
	async function pack(): Promise<File | null> {
		const made = await packFile(session.committed, wallId);
		if (made.ok) return made.value;
		notices.error(made.error.message);
		return null;
	}

	async function save() {
		const file = await pack();
		if (file) download(file.name, file, file.type);
	}

	async function share() {
		const made = await pack();
		if (!made) return;
		const file = asShared(made);
		if (!navigator.canShare({ files: [file] })) {
			download(file.name, file, file.type);
			return;
		}
		try {
			await navigator.share({ files: [file], title: file.name });
		} catch (error) {
			if (!(error instanceof DOMException && error.name === 'AbortError'))
				notices.error('The pack was not shared. Save it as a file, and send that.');
		}
	}
</script>

<p class="small-note">
	A phone keeps its own copy of this wall, and what happens there comes back the same way. Nothing
	is sent by itself.
</p>
<div class="acts">
	{#if canShare}
		<button class="btn btn-sm" type="button" onclick={share}>
			<Share2 size={16} aria-hidden="true" /> Share
		</button>
	{/if}
	<button class="btn btn-sm" type="button" onclick={save}>
		<Download size={16} aria-hidden="true" /> Save the pack
	</button>
	<button class="btn btn-sm" type="button" onclick={() => (codes = !codes)} aria-expanded={codes}>
		<QrCode size={16} aria-hidden="true" /> Codes to scan
	</button>
</div>
{#if codes}
	{@const pack = packWall(session.committed, wallId)}
	{#await import('./PackCodes.svelte') then { default: PackCodes }}
		<PackCodes {pack} photos={photosIn(pack.project).size} />
	{/await}
{/if}
<a class="btn mt-2 btn-sm" href={resolve('/receive')}>Take in a pack</a>
{#if !isSecureContext}
	<p class="small-note mt-2">
		This page was not served over HTTPS: the phone can take in everything, but the screen may go
		dark and a lost connection ends it. The README says how to serve it safely.
	</p>
{/if}

<style>
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 0.4rem;
		margin-top: 0.3rem;
	}
</style>
