<script lang="ts">
	import { formatLength, holesOf, toFill, type Styles, type Wall } from '$lib/core/index.ts';
	import { onMount } from 'svelte';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { tell } from '../hang/tell.ts';
	import { getView } from '../view.svelte.ts';
	import { onDay } from './dates.ts';

	let { wall, styles }: { wall: Wall; styles: Styles } = $props();

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const holes = $derived(holesOf(session.committed, wall));
	const open = $derived(toFill(holes));
	const counts = $derived({
		'in use': holes.filter(({ inUse }) => inUse).length,
		'kept for what comes back': holes.filter(({ waits }) => waits).length,
		left: open.length,
		filled: holes.filter(({ filled }) => filled).length
	});
	const length = (mm: number) => formatLength(mm, styles.lead);

	onMount(() => {
		view.holes = true;
		return () => (view.holes = false);
	});
</script>

<p class="small-note">
	{Object.entries(counts)
		.filter(([of, count]) => count > 0 || of === 'left')
		.map(([of, count]) => `${count} ${of}`)
		.join(', ')}.
</p>
{#if open.length === 0}
	<p>No hole is left to fill on this wall.</p>
{/if}
<ol>
	{#each open as { id, what, x, y, usedUntil, mend }, index (id)}
		<li>
			<p>
				<strong>{index + 1} · {what}</strong>,
				<span class="measure">{length(x)}</span> from the left corner,
				<span class="measure">{length(y)}</span> up from the floor’s left end{usedUntil
					? `, left ${onDay(usedUntil)}`
					: ''}.
			</p>
			<p class="small-note">{mend}</p>
			<button
				class="btn btn-sm"
				type="button"
				onclick={() => tell(session, wall.id, { what: 'filled', hole: id })}
			>
				It is filled
			</button>
		</li>
	{/each}
</ol>

<style>
	ol {
		display: grid;
		gap: 0.5rem;
		margin-top: 0.4rem;
	}

	li {
		padding: 0.4rem 0.6rem;
		border: 1.5px solid var(--color-base-300);
		border-radius: 0.4rem;
		font-size: var(--text-sm);
	}
</style>
