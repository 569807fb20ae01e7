<script lang="ts">
	import { resolve } from '$app/paths';
	import { encode } from 'uqr';
	import type { HangPack } from '$lib/core/index.ts';
	import { packParts } from '$lib/files/pack-parts.ts';

	let { pack }: { pack: HangPack } = $props();

	/** More codes than these are quicker sent as a file. */
	const MANY = 12;
	const LOCAL = /^(localhost|127\.|\[::1\])/;

	const parts = $derived(packParts(pack));
	let at = $state(0);
	const code = $derived(
		encode(`${location.origin}${resolve('/receive')}#${parts[at]}`, { ecc: 'M', border: 4 })
	);
	const path = $derived(
		code.data
			.flatMap((row, y) => row.flatMap((dark, x) => (dark ? [`M${x} ${y}h1v1h-1z`] : [])))
			.join('')
	);
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
<svg
	viewBox="0 0 {code.size} {code.size}"
	role="img"
	aria-label="Code {at + 1} of {parts.length}"
	shape-rendering="crispEdges"
>
	<rect width={code.size} height={code.size} fill="#fff" />
	<path d={path} fill="#000" />
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
<p class="small-note">
	Point the phone’s camera at each in turn, and open what it offers. The phone says how many it has.
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
		font-size: 1.4rem;
	}
</style>
