<script lang="ts">
	import {
		formatMass,
		formatMessage,
		hangerOf,
		hungPiece,
		piecesByLines,
		readLines,
		type ByLine,
		type LineTold,
		type Styles,
		massUnitOf
	} from '$lib/core/index.ts';
	import { untrack } from 'svelte';
	import { addInRow } from '$lib/store/commands/index.ts';
	import { newId } from '$lib/store/new-id.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { LINE_READ } from '$lib/words/en/one-line.ts';
	import { getView } from '../view.svelte.ts';

	let { wallId, styles }: { wallId: string; styles: Styles } = $props();

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const uid = $props.id();
	/** A rack with nothing in it asks for the first piece. */
	const empty = untrack(() => session.project.pieces.length === 0);
	const unit = $derived(styles.lead.unit === 'mm' ? 'mm' : 'in');
	const example = $derived(
		unit === 'mm'
			? '600 x 750, wire 120, rings 400 apart 200 down, 9 kg "Harbour"'
			: '24 x 30, wire 4 3/4, rings 16 apart 8 down, 20 lb "Harbour"'
	);
	const told = $derived(readLines(view.line, unit));
	const count = $derived(told.reduce((sum, { read }) => sum + (read.ok ? read.value.count : 0), 0));

	function said({ piece, count }: ByLine): string {
		const { back, width, height, weight } = piece;
		const assumed = hangerOf(back)
			.dimensions(back, hungPiece(piece))
			.filter(({ key, chosen }) => back.assumed.includes(key) && !chosen)
			.map(({ label }) => label);
		return formatMessage(
			LINE_READ.told({
				...{ count, width, height, assumed, hangs: hangerOf(back).name },
				weight: weight === null ? null : formatMass(weight, massUnitOf({ unit }))
			}),
			styles.lead
		);
	}

	/** What could be read goes up; the other lines stay, to be mended. */
	function add() {
		if (count === 0) return;
		const pieces = piecesByLines(
			told,
			newId,
			session.project.pieces.map(({ letter }) => letter)
		);
		session.run(addInRow(wallId, pieces));
		view.line = told
			.filter(({ read }) => !read.ok)
			.map(({ line }) => line)
			.join('\n');
		if (pieces.length === 1 && view.line === '') view.select(pieces[0]!.id);
	}

	const trouble = ({ read }: LineTold) => (read.ok ? null : read.error.message);
</script>

<form
	onsubmit={(event) => {
		event.preventDefault();
		add();
	}}
	aria-label="Pieces in one line each"
>
	<label class="field-label block" for={uid}>A piece a line: typed, pasted or dictated</label>
	<textarea
		id={uid}
		class="textarea w-full"
		rows={Math.min(Math.max(view.line.split('\n').length, 2), 8)}
		placeholder={example}
		spellcheck="false"
		{@attach empty ? (field) => field.focus() : null}
		aria-describedby="{uid}-told"
		bind:value={view.line}
		onkeydown={(event) => {
			if (event.key !== 'Enter' || event.shiftKey || event.isComposing) return;
			event.preventDefault();
			add();
		}}></textarea>
	<div id="{uid}-told" aria-live="polite">
		{#each told as each, index (index)}
			{#if each.read.ok}
				<p class="told">{said(each.read.value)}</p>
				{#if each.read.value.unknown.length > 0}
					<p class="wrong">{LINE_READ.unknown({ words: each.read.value.unknown })}</p>
				{/if}
			{:else}
				<p class="wrong">{trouble(each)}</p>
			{/if}
		{/each}
	</div>
	{#if count > 0}
		<button class="btn btn-primary" type="submit">{LINE_READ.add({ count })}</button>
		<p class="small-note">Enter adds; Shift and Enter begins another line.</p>
	{/if}
</form>

<style>
	form {
		display: grid;
		gap: 0.3rem;
		margin-bottom: 0.8rem;
	}

	textarea {
		min-height: 3.4rem;
		font-family: var(--font-measure);
		font-size: var(--text-base);
	}

	.told {
		padding-left: 0.5rem;
		border-left: 3px solid var(--tape-blue);
		font-size: var(--text-sm);
	}

	.wrong {
		color: var(--color-error);
		font-size: var(--text-sm);
		font-weight: 600;
	}

	.told + .told,
	.wrong + .told {
		margin-top: 0.3rem;
	}
</style>
