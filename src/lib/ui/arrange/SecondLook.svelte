<script lang="ts">
	import { Wand2 } from '@lucide/svelte';
	import {
		lookAgain,
		formatMessage,
		type LayoutIssue,
		type Styles,
		type Wall,
		type WallPlan
	} from '$lib/core/index.ts';
	import { movePieces } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { getView } from '../view.svelte.ts';

	let { wall, plan, styles }: { wall: Wall; plan: WallPlan; styles: Styles } = $props();

	const session = $derived(getSession()());
	const view = $derived(getView()());
	let last: LayoutIssue[] = [];
	/** A drag is not judged before it ends. */
	const glances = $derived.by(() => {
		if (session.isPreviewing) return last;
		last = lookAgain(session.project, wall.id);
		return last;
	});

	$effect(() => () => (view.highlightedIssue = null));

	function mend({ fix: mend }: LayoutIssue) {
		if (!mend) return;
		view.highlightedIssue = null;
		session.run(movePieces(wall.id, mend.moves, plan.pieces));
	}
</script>

{#if glances.length > 0}
	<ul class="glances" data-testid="second-look">
		{#each glances as glance, index (index)}
			<li
				onpointerenter={() => (view.highlightedIssue = glance)}
				onpointerleave={() => (view.highlightedIssue = null)}
			>
				<span>{formatMessage(glance.says, styles.lead)}</span>
				{#if glance.fix}
					<button
						class="btn btn-xs"
						type="button"
						onfocus={() => (view.highlightedIssue = glance)}
						onblur={() => (view.highlightedIssue = null)}
						onclick={() => mend(glance)}
					>
						<Wand2 size={13} aria-hidden="true" />
						{formatMessage(glance.fix.label, styles.lead)}
					</button>
				{:else if glance.notOffered}
					<span class="small-note">{formatMessage(glance.notOffered, styles.lead)}</span>
				{/if}
			</li>
		{/each}
	</ul>
{:else if plan.pieces.length > 1}
	<p class="small-note">Nothing looks like a slip.</p>
{/if}

<style>
	.glances {
		display: grid;
		gap: 0.3rem;
		margin-bottom: 0.4rem;
	}

	li {
		display: grid;
		gap: 0.2rem;
		justify-items: start;
		padding: 0.3rem 0.5rem;
		border-left: 4px solid var(--marigold);
		background: color-mix(in srgb, var(--marigold) 10%, var(--color-base-100));
		font-size: var(--text-sm);
		line-height: 1.3;
	}
</style>
