<script lang="ts">
	import { hookOf, unmeasuredOn, type PlannedHook, type PlannedPiece } from '$lib/core/index.ts';
	import Measure from '../Measure.svelte';
	import SumLine from '../SumLine.svelte';
	import type { OnePicture } from './one-picture.svelte.ts';

	/** Where the hooks go: the answer, and nothing besides. */
	let { one, planned }: { one: OnePicture; planned: PlannedPiece } = $props();

	const { styles, level } = $derived(one);
	const shown = $derived(level ? planned.hooks.slice(0, 1) : planned.hooks);
	const unread = $derived([
		...(['width', 'height'] as const).filter((figure) => !one.isTyped(figure)),
		...unmeasuredOn(one.facts.piece).map(({ label }) => label.toLowerCase())
	]);

	const middle = $derived(one.project.walls[0]!.width / 2);
	const sideways = (hook: PlannedHook) => {
		const off = hook.bearing.x - middle;
		return {
			mm: Math.abs(off),
			way: Math.abs(off) < 0.01 ? 'on the centre' : off < 0 ? 'left of centre' : 'right of centre'
		};
	};
</script>

{#snippet hole({ kind, hole }: PlannedHook)}
	{@const { name, markedAt } = hookOf(kind)}
	{markedAt === 'bearing' ? 'Nail hole' : 'Its hole'}
	<Measure mm={hole.y} {styles} />, for a {name.toLowerCase()}{markedAt === 'bearing'
		? ': hold its lowest point at the mark, and the nail finds its hole'
		: ': make it there'}.
{/snippet}

{#if planned.trouble}
	<div class="trouble" role="alert">
		<h2>No mark can be given yet</h2>
		<p>{planned.trouble.message}</p>
	</div>
{:else if planned.hooks.length > 0}
	<section aria-label="Where the hook goes" aria-live="polite">
		{#each shown as hook (hook.id)}
			<h2>
				{level && planned.hooks.length > 1
					? 'Both hooks, up from the floor'
					: `${hook.name}, up from the floor`}
			</h2>
			<p data-testid="hook-height">
				<Measure mm={hook.bearing.y} {styles} size="huge" />
			</p>
			<SumLine figure={hook.height} {styles} />
			<p class="hole">
				{@render hole(hook)}
			</p>
		{/each}
		<ul class="sides" aria-label="Left and right, as it hangs">
			{#each planned.hooks as hook (hook.id)}
				{@const side = sideways(hook)}
				<li>
					<span class="name">{hook.name}</span>
					{#if side.way === 'on the centre'}
						<span class="measure big">on the centre</span>
					{:else}
						<Measure mm={side.mm} {styles} size="large" /> <span>{side.way}</span>
					{/if}
				</li>
			{/each}
		</ul>
		{#if unread.length > 0}
			<p class="assumed">Not measured yet: {unread.join(', ')}. They are dashed in the drawing.</p>
		{/if}
	</section>
{/if}

<style>
	section {
		margin-bottom: 0.6rem;
	}

	h2 {
		margin-bottom: 0.1rem;
		font-size: var(--text-base);
	}

	h2::first-letter {
		text-transform: uppercase;
	}

	.hole {
		margin-top: 0.2rem;
		font-size: var(--text-sm);
	}

	.hole :global(.measure) {
		font-size: var(--text-lg);
	}

	.sides {
		margin-top: 0.3rem;
	}

	.sides li {
		display: grid;
		grid-template-columns: 5rem auto 1fr;
		gap: 0.5rem;
		align-items: baseline;
		white-space: nowrap;
	}

	.sides :global(.large) {
		font-size: var(--text-3xl);
	}

	.assumed {
		margin-top: 0.3rem;
		padding-left: 0.5rem;
		border-left: 3px dashed var(--marigold);
		font-size: var(--text-sm);
	}

	.big {
		font-size: var(--text-2xl);
	}

	.trouble {
		padding: 0.8rem 1rem;
		border: 2px solid var(--color-error);
		border-radius: 0.4rem;
		font-size: var(--text-base);
	}
</style>
