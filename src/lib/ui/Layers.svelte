<script lang="ts">
	import { PanelRightClose, PanelRightOpen } from '@lucide/svelte';
	import type { ArrangeView, Layer, RackView, View } from './view.svelte.ts';

	interface Props {
		view: View;
		/** The station, where its stage can show more than the wall. */
		here: string;
		bones: boolean;
		/** The wall has a photo that can lie under the pieces. */
		photo: boolean;
	}

	let { view, here, bones, photo }: Props = $props();

	const rack = $derived(here === 'rack');
	const arrange = $derived(here === 'arrange');

	const stages: { id: RackView; label: string; title: string }[] = [
		{ id: 'wall', label: 'Wall', title: 'The wall they go to' },
		{ id: 'rack', label: 'Rack', title: 'Every piece, leaning side by side' },
		{ id: 'table', label: 'Table', title: 'Every piece in a table: find, sort, edit together' }
	];
	const looks: { id: ArrangeView; label: string; title: string }[] = [
		{ id: 'wall', label: 'Wall', title: 'The wall, to arrange by hand' },
		{ id: 'compare', label: 'Compare', title: 'Two arrangements side by side' },
		{ id: 'back', label: 'Step back', title: 'As it is seen from where people stand' },
		{ id: 'photo', label: 'Photo', title: 'In a photo of the real wall' },
		{ id: 'floor', label: 'Floor', title: 'Laid out on the floor first' }
	];
	const layered = $derived(
		!(rack && view.rack !== 'wall') && !(arrange && view.arranging !== 'wall')
	);

	const layers: { id: Layer; label: string; title: string }[] = [
		{ id: 'looks', label: 'Looks', title: 'The pieces as they will hang' },
		{ id: 'paper', label: 'Paper', title: 'Paper templates with the hole crosses' },
		{ id: 'nails', label: 'Nails', title: 'Only the marks' }
	];
</script>

{#if rack}
	<div class="layers stages" role="group" aria-label="On the stage">
		{#each stages as { id, label, title } (id)}
			<button
				type="button"
				{title}
				aria-pressed={view.rack === id}
				onclick={() => (view.rack = id)}
			>
				{label}
			</button>
		{/each}
	</div>
{/if}
{#if arrange}
	<div class="layers stages" role="group" aria-label="On the stage">
		{#each looks as { id, label, title } (id)}
			<button
				type="button"
				{title}
				aria-pressed={view.arranging === id}
				onclick={() => (view.arranging = id)}
			>
				{label}
			</button>
		{/each}
	</div>
{/if}
{#if layered}
	<div class="layers" role="group" aria-label="Layers">
		{#each layers as { id, label, title } (id)}
			<button
				type="button"
				{title}
				aria-pressed={view.layer === id}
				onclick={() => (view.layer = id)}
			>
				{label}
			</button>
		{/each}
		<button
			type="button"
			title="What is behind the wall"
			aria-pressed={bones}
			onclick={() => (view.bones = !view.bones)}
		>
			Bones
		</button>
		{#if photo}
			<button
				type="button"
				title="The real wall, from its photo"
				aria-pressed={view.photo}
				onclick={() => (view.photo = !view.photo)}
			>
				Photo
			</button>
		{/if}
	</div>
{/if}
<button
	class="fold"
	type="button"
	aria-label={view.benchOpen ? 'Close the bench' : 'Open the bench'}
	onclick={() => (view.benchOpen = !view.benchOpen)}
>
	{#if view.benchOpen}<PanelRightClose size={20} />{:else}<PanelRightOpen size={20} />{/if}
</button>

<style>
	.layers {
		position: absolute;
		top: 0.45rem;
		left: 3.2rem;
		display: flex;
		gap: 0.4rem;
	}

	.stages {
		right: 3.2rem;
		left: auto;
	}

	.layers button {
		min-height: 2.5rem;
		padding: 0.22rem 0.75rem;
		background: var(--color-base-100);
		font-size: var(--text-sm);
		font-weight: 600;
		cursor: pointer;
	}

	/* Strips of painter's tape with torn ends. */
	.layers button[aria-pressed='true'] {
		background: var(--color-primary);
		color: var(--color-primary-content);
		clip-path: polygon(
			0 0,
			3px 20%,
			0 40%,
			3px 60%,
			0 80%,
			2px 100%,
			calc(100% - 2px) 100%,
			100% 80%,
			calc(100% - 3px) 60%,
			100% 40%,
			calc(100% - 3px) 20%,
			100% 0
		);
	}

	.fold {
		position: absolute;
		top: 0.4rem;
		right: 0.5rem;
		min-width: 2.5rem;
		min-height: 2.5rem;
		padding: 0.6rem;
		border-radius: 0.3rem;
		color: var(--graphite-soft);
		cursor: pointer;
	}

	@media (width < 56rem) {
		.fold {
			display: none;
		}

		/* There is room for one row: in the Rack, what stands on the stage matters more. */
		.stages + .layers {
			display: none;
		}

		.stages {
			right: auto;
			left: 0.5rem;
			gap: 0.25rem;
		}

		.stages button {
			padding: 0.3rem 0.5rem;
			font-size: var(--text-xs);
			white-space: nowrap;
		}
	}
</style>
