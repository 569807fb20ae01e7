<script lang="ts">
	import { kinds, startPiece, type PieceKind, type Styles } from '$lib/core/index.ts';
	import { addInRow } from '$lib/store/commands/index.ts';
	import { newId } from '$lib/store/new-id.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { enterGoesOn } from '../enter-goes-on.ts';
	import { getView } from '../view.svelte.ts';
	import LengthField from '../field/LengthField.svelte';

	let { wallId, styles }: { wallId: string; styles: Styles } = $props();

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const frame = { min: 50, max: 3000 };

	let width: number | null = $state(null);
	let height: number | null = $state(null);
	let kind: PieceKind = $state('framed');
	let turn = $state(0);

	function add(event: SubmitEvent) {
		event.preventDefault();
		if (width === null || height === null) return;
		const { project } = session;
		const piece = startPiece(
			newId,
			project.pieces.map(({ letter }) => letter),
			{ width, height, kind }
		);
		session.run(addInRow(wallId, [piece]));
		view.toBench = true;
		view.select(piece.id);
		width = height = null;
		turn++;
	}
</script>

<form class="add" onsubmit={add} {@attach enterGoesOn('send')}>
	<label class="kind">
		<span class="field-label">Kind of piece</span>
		<select class="select w-full select-sm" bind:value={kind}>
			{#each kinds as { kind, name } (kind)}<option value={kind}>{name}</option>{/each}
		</select>
	</label>
	{#key turn}
		<LengthField
			label="Width"
			value={width}
			{styles}
			plausible={frame}
			onvalue={(mm) => (width = mm)}
		/>
		<LengthField
			label="Height"
			value={height}
			{styles}
			plausible={frame}
			onvalue={(mm) => (height = mm)}
		/>
	{/key}
	<button class="btn btn-primary" type="submit" disabled={width === null || height === null}>
		Add a piece
	</button>
</form>

<style>
	.add {
		display: grid;
		grid-template-columns: 1fr 1fr auto;
		gap: 0.5rem;
		align-items: start;
	}

	.kind {
		grid-column: 1 / -1;
	}

	.btn {
		margin-top: 1.3rem;
	}
</style>
