<script lang="ts">
	import type { Piece } from '$lib/core/index.ts';
	import { isInBook, removePieces, setPieces } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';

	let { picked, onnone }: { picked: readonly Piece[]; onnone: () => void } = $props();

	const session = $derived(getSession()());
	const inBook = $derived(picked.filter(({ id }) => isInBook(session.committed, id)));

	const edit = (fields: Partial<Omit<Piece, 'id' | 'letter' | 'back'>>) =>
		session.run(
			setPieces(
				picked.map(({ id }) => id),
				fields
			)
		);
</script>

<div class="together" role="group" aria-label="Edit together">
	<strong>{picked.length} chosen:</strong>
	<label>
		glazing
		<select
			class="select select-sm"
			value=""
			onchange={(event) => {
				const { value } = event.currentTarget;
				if (value === 'none' || value === 'glass' || value === 'acrylic') edit({ glazing: value });
				event.currentTarget.value = '';
			}}
		>
			<option value="">leave</option><option>none</option><option>glass</option>
			<option>acrylic</option>
		</select>
	</label>
	<label>
		set
		<input
			class="input input-sm"
			placeholder="name of a set"
			maxlength="120"
			onchange={(event) => edit({ set: event.currentTarget.value })}
		/>
	</label>
	<button
		class="btn btn-ghost btn-sm"
		type="button"
		onclick={() => {
			session.run(removePieces(picked));
			onnone();
		}}
	>
		Remove them
	</button>
	{#if inBook.length > 0}
		<p class="small-note">
			{inBook.map(({ letter }) => letter).join(', ')} in the Book: the history would go with what is removed,
			so it stays.
		</p>
	{/if}
	<button class="btn btn-ghost btn-sm" type="button" onclick={onnone}>Choose none</button>
</div>

<style>
	.together {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem;
		align-items: center;
		padding: 0.4rem 0.6rem;
		background: var(--color-base-100);
		border-left: 4px solid var(--tape-blue);
	}

	.select {
		width: 6.5rem;
	}

	.input {
		width: 9rem;
	}
</style>
