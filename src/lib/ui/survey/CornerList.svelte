<script lang="ts">
	import { Plus, Trash2 } from '@lucide/svelte';
	import type { Styles, Wall } from '$lib/core/index.ts';
	import { setWall } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import LengthField from '../field/LengthField.svelte';
	import type { CeilingShape } from './ceiling.ts';

	let { wall, styles, shape }: { wall: Wall; styles: Styles; shape: CeilingShape } = $props();

	const session = $derived(getSession()());
	const free = $derived(shape === 'corners');

	function name(index: number): string {
		if (index === wall.ceiling.length - 1 && !free) return 'right end';
		return shape === 'gable' ? 'ridge' : `corner ${index + 1}`;
	}

	const set = (ceiling: Wall['ceiling']) => session.run(setWall(wall.id, { ceiling }));
	const change = (index: number, fields: Partial<Wall['ceiling'][number]>) =>
		set(wall.ceiling.map((corner, at) => (at === index ? { ...corner, ...fields } : corner)));
</script>

<div class="corners">
	{#each wall.ceiling as corner, index (index)}
		<LengthField
			label="Across to the {name(index)}"
			value={corner.x}
			{styles}
			onvalue={(x) => change(index, { x })}
			onseal={() => session.seal()}
		/>
		<LengthField
			label="Height of the {name(index)}"
			help="Above the floor at the left end, carried level"
			value={corner.y}
			{styles}
			onvalue={(y) => change(index, { y })}
			onseal={() => session.seal()}
		/>
		{#if free}
			<button
				class="btn btn-ghost btn-xs"
				type="button"
				aria-label="Remove {name(index)}"
				onclick={() => set(wall.ceiling.filter((_, at) => at !== index))}
			>
				<Trash2 size={16} aria-hidden="true" />
			</button>
		{/if}
	{/each}
</div>
{#if free}
	<button
		class="btn btn-sm"
		type="button"
		onclick={() => {
			const last = wall.ceiling.at(-1) ?? { x: 0, y: wall.height };
			set([...wall.ceiling, { x: (last.x + wall.width) / 2, y: last.y }]);
		}}
	>
		<Plus size={15} aria-hidden="true" /> Corner
	</button>
{/if}

<style>
	.corners {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.2rem 0.5rem;
	}

	.corners > :global(.field) {
		flex: 1 1 8rem;
	}
</style>
