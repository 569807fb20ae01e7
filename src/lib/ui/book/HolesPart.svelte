<script lang="ts">
	import { formatLength, holesOf, toFill, type Styles, type Wall } from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { tell } from '../hang/tell.ts';
	import { onDay } from './dates.ts';

	let { wall, styles }: { wall: Wall; styles: Styles } = $props();

	const session = $derived(getSession()());
	const holes = $derived(holesOf(session.committed, wall));
	const open = $derived(toFill(holes));
	const used = $derived(holes.filter(({ inUse }) => inUse).length);
	const length = (mm: number) => formatLength(mm, styles.lead);
</script>

<p class="small-note">
	{used} in use, {open.length} left, {holes.filter(({ filled }) => filled).length} filled.
</p>
{#if open.length === 0}
	<p>No hole is left to fill on this wall.</p>
{/if}
<ul>
	{#each open as { id, what, x, y, usedUntil, mend } (id)}
		<li>
			<p>
				<strong>{what}</strong>,
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
</ul>

<style>
	ul {
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
