<script lang="ts">
	import { Trash2 } from '@lucide/svelte';
	import {
		boxHints,
		HINT_WORDS,
		type KeptHint,
		type StudEstimate,
		type Styles,
		type Wall
	} from '$lib/core/index.ts';
	import { clearHints, removeHint, setHint } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import LengthField from '../field/LengthField.svelte';
	import { getView } from '../view.svelte.ts';

	interface Props {
		wall: Wall;
		styles: Styles;
		estimate: StudEstimate | null;
	}

	let { wall, styles, estimate }: Props = $props();

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const boxes = $derived(boxHints(wall.features).length);
	const misfits = $derived(
		wall.hints.filter((_, index) => estimate?.outliers.includes(index)).length
	);

	const change = (hint: KeptHint) => session.run(setHint(wall.id, hint));
	const verdict = (index: number) =>
		estimate?.outliers.includes(index)
			? 'It does not fit the others: check it, or take it away.'
			: estimate?.setAside.includes(index)
				? 'Beside a corner or an opening: studs there belong to it, so it says nothing of the spacing.'
				: null;
</script>

<section aria-label="Hints">
	<h3>
		Hints: {wall.hints.length}{boxes > 0 ? ` and ${boxes} from boxes on the wall` : ''}
	</h3>
	{#if misfits > 0}
		<p class="verdict">
			{misfits === 1 ? 'One does not fit' : `${misfits} do not fit`} the others, marked “?” on the wall:
			check there again.
		</p>
	{/if}
	<ul>
		{#each wall.hints as hint, index (hint.id)}
			<li class:chosen={view.hint === hint.id}>
				<div class="row">
					<span class="name">{HINT_WORDS[hint.kind].name}</span>
					{#if 'x' in hint}
						<LengthField
							label="{HINT_WORDS[hint.kind].name} {index + 1}, from the left"
							compact
							zero
							value={hint.x}
							{styles}
							onvalue={(x) => change({ ...hint, x })}
							onseal={() => session.seal()}
						/>
					{:else}
						<LengthField
							label="{HINT_WORDS[hint.kind].name} {index + 1}, its left"
							compact
							zero
							value={hint.left}
							{styles}
							onvalue={(left) => change({ ...hint, left })}
							onseal={() => session.seal()}
						/>
						<LengthField
							label="{HINT_WORDS[hint.kind].name} {index + 1}, its right"
							compact
							zero
							value={hint.right}
							{styles}
							onvalue={(right) => change({ ...hint, right })}
							onseal={() => session.seal()}
						/>
					{/if}
					<LengthField
						label="{HINT_WORDS[hint.kind].name} {index + 1}, height"
						help="Empty when not noted; two heights show a lean"
						compact
						zero
						value={hint.y}
						{styles}
						onvalue={(y) => change({ ...hint, y })}
						onempty={() => change({ ...hint, y: null })}
						onseal={() => session.seal()}
					/>
					<button
						class="btn btn-ghost btn-xs"
						type="button"
						aria-label="Remove {HINT_WORDS[hint.kind].name.toLowerCase()} {index + 1}"
						onclick={() => session.run(removeHint(wall.id, hint.id))}
					>
						<Trash2 size={15} aria-hidden="true" />
					</button>
				</div>
				{#if hint.simulated}<p class="small-note">by a simulated tool</p>{/if}
				{#if verdict(index)}<p class="verdict">{verdict(index)}</p>{/if}
			</li>
		{/each}
	</ul>
	{#if wall.hints.length > 0}
		<button
			class="btn btn-ghost btn-sm"
			type="button"
			onclick={() => session.run(clearHints(wall.id))}
		>
			Remove all
		</button>
	{/if}
</section>

<style>
	.row {
		display: flex;
		align-items: center;
		gap: 0.2rem;
		padding: 0.1rem 0.2rem;
	}

	.chosen {
		background: var(--color-base-300);
	}

	.name {
		flex: none;
		width: 4.6rem;
		font-size: var(--text-sm);
		line-height: 1.1;
	}

	.row > :global(.field) {
		flex: 1 1 3rem;
	}

	.verdict {
		color: var(--color-error);
		font-size: var(--text-xs);
		font-weight: 600;
	}

	h3 {
		font-weight: 600;
	}
</style>
