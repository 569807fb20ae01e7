<script lang="ts">
	import { Copy, RotateCw, Trash2 } from '@lucide/svelte';
	import {
		FRAME_MATERIALS,
		kindOf,
		kinds,
		startOutline,
		usualFrame,
		type FrameFacts,
		type OutlineShape,
		type Piece,
		type PieceKind,
		type Styles
	} from '$lib/core/index.ts';
	import {
		changeKind,
		duplicateAsSet,
		isInBook,
		removePiece,
		setPiece,
		turnPiece
	} from '$lib/store/commands/index.ts';
	import { newId } from '$lib/store/new-id.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { ART_NAMES } from '../art/art.ts';
	import LengthField from '../field/LengthField.svelte';
	import Segments from '../Segments.svelte';
	import OutlineEditor from './OutlineEditor.svelte';
	import PhotoBench from './PhotoBench.svelte';

	let { piece, styles, onremoved }: { piece: Piece; styles: Styles; onremoved: () => void } =
		$props();

	const session = $derived(getSession()());
	const inBook = $derived(isInBook(session.committed, piece.id));
	const kind = $derived(kindOf(piece.kind));
	const facing = $derived(
		piece.width === piece.height ? 'square' : piece.width > piece.height ? 'landscape' : 'portrait'
	);
	const set = (fields: Partial<Omit<Piece, 'id' | 'letter' | 'back'>>) =>
		session.run(setPiece(piece.id, fields));
	const seal = () => session.seal();

	const names: Record<OutlineShape, string> = {
		rectangle: 'straight',
		oval: 'round or oval',
		polygon: 'its own'
	};

	function frame(fields: Partial<FrameFacts>) {
		set({ frame: { ...(piece.frame ?? usualFrame), ...fields } });
	}
</script>

<div class="facts">
	<PhotoBench {piece} />
	<label>
		<span class="field-label">Kind of piece</span>
		<select
			class="select w-full select-sm"
			value={piece.kind}
			onchange={(event) =>
				session.run(changeKind(piece.id, event.currentTarget.value as PieceKind))}
		>
			{#each kinds as { kind, name, what } (kind)}<option value={kind}>{name}: {what}</option
				>{/each}
		</select>
	</label>
	<div class="line">
		<span>Hangs <strong>{facing}</strong></span>
		<button
			class="btn btn-ghost btn-sm"
			type="button"
			onclick={() => session.run(turnPiece(piece.id))}
		>
			<RotateCw size={16} aria-hidden="true" /> Turn a quarter
		</button>
	</div>
	<div class="line">
		<label class="colour">
			Leading colour
			<input
				type="color"
				value={piece.colour || '#808080'}
				oninput={(event) => set({ colour: event.currentTarget.value })}
				onchange={seal}
			/>
		</label>
		{#if piece.colour}
			<button class="btn btn-ghost btn-sm" type="button" onclick={() => set({ colour: '' })}>
				Not known
			</button>
		{:else}
			<span class="small-note">not said; a photo tells it</span>
		{/if}
	</div>
	{#if kind.outlines.length > 1}
		<Segments
			named
			label="Outline"
			options={kind.outlines.map((by) => ({ value: by, label: names[by] }))}
			value={piece.outline.by}
			onchoose={(by) => set({ outline: startOutline(by) })}
		/>
	{/if}
	{#if piece.outline.by === 'polygon'}
		<OutlineEditor
			{piece}
			points={piece.outline.points}
			onchange={(points) => set({ outline: { by: 'polygon', points } })}
			onseal={seal}
		/>
	{/if}
	{#if kind.glazing}
		<Segments
			named
			label="Glazing"
			options={[
				{ value: 'none' as const, label: 'none' },
				{ value: 'glass' as const, label: 'glass' },
				{ value: 'acrylic' as const, label: 'acrylic' }
			]}
			value={piece.glazing}
			onchoose={(glazing) => set({ glazing })}
		/>
	{/if}
	<div class="pair">
		<LengthField
			label="Depth"
			help="Front to back"
			value={piece.depth}
			{styles}
			plausible={{ min: 2, max: 300 }}
			onvalue={(depth) => set({ depth })}
			onseal={seal}
		/>
		{#if kind.framed}
			<LengthField
				label="Frame width"
				help="Of the moulding, as seen from behind"
				value={piece.frame?.width ?? null}
				{styles}
				plausible={{ min: 5, max: 200 }}
				onvalue={(width) => frame({ width })}
				onseal={seal}
			/>
		{/if}
	</div>
	{#if kind.framed}
		<label>
			<span class="field-label">Frame material</span>
			<select
				class="select w-full select-sm"
				value={piece.frame?.material ?? ''}
				onchange={(event) => {
					const material = FRAME_MATERIALS.find((each) => each === event.currentTarget.value);
					if (material) frame({ material });
					else set({ frame: null });
				}}
			>
				<option value="">not looked at</option>
				{#each FRAME_MATERIALS as material (material)}<option>{material}</option>{/each}
			</select>
		</label>
	{/if}
	<h3>Where it balances</h3>
	<p class="note">
		Lay it over a broomstick. If it does not balance in the middle, say where: the hooks follow.
	</p>
	<div class="pair">
		<LengthField
			label="Right of the middle"
			help="As it hangs; minus is left"
			signed
			zero
			value={piece.massOffset}
			{styles}
			plausible={{ min: -piece.width / 2, max: piece.width / 2 }}
			onvalue={(massOffset) => set({ massOffset })}
			onseal={seal}
		/>
		<LengthField
			label="Above the bottom"
			assumed={piece.massUp === null}
			value={piece.massUp ?? piece.height / 2}
			{styles}
			plausible={{ min: 1, max: piece.height }}
			onvalue={(massUp) => set({ massUp })}
			onseal={seal}
		/>
	</div>
	{#if piece.art}
		<label>
			<span class="field-label">Picture drawn in it</span>
			<select
				class="select w-full select-sm"
				value={piece.art}
				onchange={(event) => set({ art: event.currentTarget.value })}
			>
				<option value="">plain</option>
				{#each ART_NAMES as name (name)}<option>{name}</option>{/each}
			</select>
		</label>
	{/if}
	<label>
		<span class="field-label">Notes</span>
		<textarea
			class="textarea w-full"
			rows="2"
			maxlength="2000"
			value={piece.notes}
			oninput={(event) => set({ notes: event.currentTarget.value })}
			onblur={seal}></textarea>
	</label>
	<div class="line">
		<button
			class="btn btn-ghost btn-sm"
			type="button"
			onclick={() => session.run(duplicateAsSet(piece, [{ id: newId() }]))}
		>
			<Copy size={16} aria-hidden="true" /> One more like it
		</button>
		<button
			class="btn btn-ghost btn-sm"
			type="button"
			disabled={inBook}
			onclick={() => {
				session.run(removePiece(piece));
				onremoved();
			}}
		>
			<Trash2 size={16} aria-hidden="true" /> Remove {piece.letter} from the project
		</button>
	</div>
	{#if inBook}
		<p class="note">{piece.letter} is in the Book: its history would go with it, so it stays.</p>
	{/if}
	{#if piece.set}<p class="note">One of a set: {piece.set}.</p>{/if}
</div>

<style>
	.colour {
		display: flex;
		gap: 0.5rem;
		align-items: center;
	}

	.colour input {
		width: 2.6rem;
		height: 1.9rem;
	}

	.facts {
		display: grid;
		gap: 0.55rem;
	}

	.pair {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 0.6rem;
		align-items: start;
	}

	.line {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		justify-content: space-between;
	}

	h3 {
		margin-top: 0.3rem;
		font-size: var(--text-base);
	}

	.note {
		color: var(--graphite-soft);
		font-size: var(--text-sm);
	}
</style>
