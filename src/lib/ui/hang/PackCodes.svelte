<script lang="ts">
	import { resolve } from '$app/paths';
	import { encode } from 'uqr';
	import type { HangPack } from '$lib/core/index.ts';
	import { packParts } from '$lib/files/pack-parts.ts';

	let { pack, photos }: { pack: HangPack; photos: number } = $props();

	/** More codes than these are quicker sent as a file. */
	const MANY = 20;
	/** How long each code stands, ms: a camera reads several frames of it. */
	const STANDS = 1000;
	const LOCAL = /^(localhost|127\.|\[::1\])/;

	const parts = $derived(packParts(pack));
	let at = $state(0);
	let turning = $state(false);
	const code = $derived(
		encode(`${location.origin}${resolve('/receive')}#${parts[at]}`, { ecc: 'L', border: 4 })
	);
	const path = $derived(
		code.data
			.flatMap((row, y) => row.flatMap((dark, x) => (dark ? [`M${x} ${y}h1v1h-1z`] : [])))
			.join('')
	);

	$effect(() => {
		if (!turning) return;
		const turn = setInterval(() => (at = (at + 1) % parts.length), STANDS);
		return () => clearInterval(turn);
	});
</script>

{#if LOCAL.test(location.host)}
	<p class="small-note" role="note">
		A phone cannot reach <strong>{location.host}</strong>: open this page under the name or number
		of this computer in your network first, or save the pack as a file.
	</p>
{/if}
{#if parts.length > MANY}
	<p class="small-note">{parts.length} codes: a file is quicker.</p>
{/if}
{#if photos > 0}
	<p class="small-note">
		{photos === 1 ? 'One photo does' : `${photos} photos do`} not go by codes: the file carries them.
	</p>
{/if}
<svg
	viewBox="0 0 {code.size} {code.size}"
	role="img"
	aria-label="Code {at + 1} of {parts.length}"
	shape-rendering="crispEdges"
>
	<rect width={code.size} height={code.size} fill="var(--sheet)" />
	<path d={path} fill="var(--sheet-ink)" />
</svg>
<div class="row">
	<button class="btn btn-sm" type="button" disabled={at === 0} onclick={() => (at -= 1)}>
		Before
	</button>
	<p>code <span class="measure">{at + 1}</span> of {parts.length}</p>
	<button
		class="btn btn-primary btn-sm"
		type="button"
		disabled={at === parts.length - 1}
		onclick={() => (at += 1)}
	>
		Next code
	</button>
</div>
<label class="turn">
	<input class="toggle toggle-sm" type="checkbox" bind:checked={turning} />
	Turn them by themselves
</label>
<p class="small-note">
	On the other device open “Take in a pack”, press “Scan its codes”, and hold it to this screen
	while the codes turn. Or point the phone’s own camera at each, and open what it offers.
</p>

<style>
	svg {
		width: min(100%, 22rem);
		margin: 0.5rem auto;
		display: block;
	}

	.row {
		display: flex;
		align-items: center;
		justify-content: space-between;
	}

	.measure {
		font-size: var(--text-xl);
	}

	.turn {
		display: flex;
		gap: 0.5rem;
		align-items: center;
		min-height: 2.5rem;
	}
</style>
