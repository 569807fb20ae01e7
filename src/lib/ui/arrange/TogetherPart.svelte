<script lang="ts">
	import { Group, Lock } from '@lucide/svelte';
	import {
		actTakes,
		hangingOf,
		together,
		TOGETHER_ACTS,
		type PlannedPiece,
		type Styles,
		type TogetherAct
	} from '$lib/core/index.ts';
	import { groupPieces, lockPieces, movePieces } from '$lib/store/commands/index.ts';
	import { newId } from '$lib/store/new-id.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import LengthField from '../field/LengthField.svelte';
	import { getView } from '../view.svelte.ts';

	interface Props {
		wallId: string;
		/** The chosen pieces; lines follow the first. */
		pieces: readonly PlannedPiece[];
		all: readonly PlannedPiece[];
		styles: Styles;
		gap: number;
	}

	let { wallId, pieces, all, styles, gap }: Props = $props();

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const hanging = $derived(pieces.map(hangingOf));
	const ids = $derived(pieces.map(({ pieceId }) => pieceId));
	const acts = Object.entries(TOGETHER_ACTS) as [TogetherAct, string][];
	let own: number | null = $state(null);
	const wished = $derived(own ?? gap);

	const run = (act: TogetherAct, by?: number) =>
		session.run(movePieces(wallId, together(act, hanging, by), all));
</script>

<section aria-label="Together">
	<h3 class="text-lg">Together: {hanging.map(({ letter }) => letter).join(', ')}</h3>
	<p class="small-note">Lines follow {hanging[0]!.letter}, chosen first.</p>
	<div class="acts">
		{#each acts as [act, label] (act)}
			<button
				class="btn btn-xs"
				type="button"
				disabled={!actTakes(act, hanging.length)}
				onclick={() => run(act)}
			>
				{label}
			</button>
		{/each}
	</div>
	<div class="gap">
		<LengthField
			label="Set the gap"
			value={wished}
			zero
			{styles}
			plausible={{ min: 10, max: 300 }}
			onvalue={(mm) => (own = mm)}
		/>
		<button class="btn btn-sm" type="button" onclick={() => run('across', wished)}>Across</button>
		<button class="btn btn-sm" type="button" onclick={() => run('up', wished)}>Up</button>
	</div>
	<div class="acts">
		<button
			class="btn btn-xs"
			type="button"
			onclick={() => session.run(groupPieces(wallId, ids, newId()))}
		>
			<Group size={14} aria-hidden="true" /> Make them a group
		</button>
		<button
			class="btn btn-xs"
			type="button"
			onclick={() => session.run(lockPieces(wallId, ids, true))}
		>
			<Lock size={14} aria-hidden="true" /> Lock them
		</button>
		<button class="btn btn-ghost btn-xs" type="button" onclick={() => (view.multiSelection = [])}>
			Only {hanging[0]!.letter}
		</button>
	</div>
</section>

<style>
	section {
		margin-top: 0.6rem;
		padding-top: 0.4rem;
		border-top: 1px dashed var(--color-base-300);
	}

	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 0.25rem;
		margin: 0.3rem 0;
	}

	.gap {
		display: flex;
		gap: 0.4rem;
		align-items: start;
	}

	.gap .btn {
		margin-top: 1.35rem;
	}
</style>
