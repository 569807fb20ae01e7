<script lang="ts">
	import { resolve } from '$app/paths';
	import { Download, QrCode, Share2 } from '@lucide/svelte';
	import { packWall } from '$lib/core/index.ts';
	import { download } from '$lib/files/download.ts';
	import { fileName } from '$lib/files/file-name.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { notices } from '../toast.svelte.ts';

	let { wallId }: { wallId: string } = $props();

	const session = $derived(getSession()());
	const wall = $derived(session.kept.walls.find(({ id }) => id === wallId)!);
	const name = $derived(fileName([session.kept.name, wall.name, 'hang pack'], 'json'));
	const write = () => JSON.stringify(packWall(session.kept, wallId));
	/** Only a page served safely may hand files to other programs. */
	const canShare = typeof navigator.canShare === 'function';
	let codes = $state(false);

	async function share() {
		const file = new File([write()], name, { type: 'application/json' });
		if (!navigator.canShare({ files: [file] })) {
			download(name, write(), 'application/json');
			return;
		}
		try {
			await navigator.share({ files: [file], title: name });
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
	<button
		class="btn btn-sm"
		type="button"
		onclick={() => download(name, write(), 'application/json')}
	>
		<Download size={16} aria-hidden="true" /> Save the pack
	</button>
	<button class="btn btn-sm" type="button" onclick={() => (codes = !codes)} aria-expanded={codes}>
		<QrCode size={16} aria-hidden="true" /> Codes to scan
	</button>
</div>
{#if codes}
	{#await import('./PackCodes.svelte') then { default: PackCodes }}
		<PackCodes pack={packWall(session.kept, wallId)} />
	{/await}
{/if}
<a class="btn mt-2 btn-sm" href={resolve('/receive')}>Take in a pack</a>
{#if !isSecureContext}
	<p class="small-note mt-2">
		This page was not served over HTTPS: the phone can be told everything, but the screen may go
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
