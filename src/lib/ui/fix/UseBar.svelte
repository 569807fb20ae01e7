<script lang="ts">
	import { withinRule } from '$lib/core/index.ts';
	import { percent } from './fix-said.ts';

	let { share }: { share: number } = $props();

	/** A little of what is too much is shown beyond the mark. */
	const MOST = 1.25;
	const shown = $derived(Math.min(share, MOST) / MOST);
	const grade = $derived(!withinRule(share) ? 'over' : share > 0.8 ? 'near' : 'fine');
</script>

<span class="use">
	<span class="blade" aria-hidden="true">
		<span class={['fill', grade]} style:width="{shown * 100}%"></span>
		<span class="mark" style:left="{100 / MOST}%"></span>
	</span>
	<span class="measure">used {percent(share)}</span>
</span>

<style>
	.use {
		display: flex;
		gap: 0.5rem;
		align-items: center;
	}

	.blade {
		position: relative;
		flex: 1;
		height: 0.7rem;
		border: 1px solid var(--steel-tape-edge);
		background: var(--steel-tape);
	}

	.fill {
		position: absolute;
		inset: 0 auto 0 0;
		background: var(--moss-ink);
	}

	.near {
		background: var(--marigold);
	}

	.over {
		background: var(--brick);
	}

	.mark {
		position: absolute;
		top: -0.2rem;
		bottom: -0.2rem;
		width: 2px;
		background: var(--color-base-content);
	}
</style>
