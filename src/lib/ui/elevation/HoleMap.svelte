<script lang="ts">
	import { holesOf, toFill, type Wall } from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import type { Frame } from './frame.ts';

	let { wall, frame }: { wall: Wall; frame: Frame } = $props();

	const session = $derived(getSession()());
	const open = $derived(toFill(holesOf(session.committed, wall)));
</script>

<g aria-hidden="true">
	{#each open as { id, x, y, what }, index (id)}
		<g transform="translate({frame.x(x)} {frame.y(y)})">
			<title>{what}</title>
			<circle class="hole" r="3.5" />
			<path d="M0 0 l12 -12" />
			<circle class="tag" cx="20" cy="-20" r="11" />
			<text class="measure" x="20" y="-15">{index + 1}</text>
		</g>
	{/each}
</g>

<style>
	g {
		pointer-events: none;
	}

	.hole {
		fill: var(--ink);
		stroke: var(--halo);
		stroke-width: 1.5;
	}

	path {
		stroke: var(--ink);
	}

	.tag {
		fill: var(--halo);
		stroke: var(--ink);
	}

	text {
		fill: var(--ink);
		font-size: 14px;
		text-anchor: middle;
	}
</style>
