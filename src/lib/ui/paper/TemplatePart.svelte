<script lang="ts">
	import { resolve } from '$app/paths';
	import { Eye, Ruler } from '@lucide/svelte';
	import { SvelteSet } from 'svelte/reactivity';
	import {
		markStrips,
		SHEET_NAMES,
		sheetFrames,
		SHEETS,
		stripPages,
		stripsServe,
		type PieceFix,
		type Styles
	} from '$lib/core/index.ts';
	import { setPrinting } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import LengthField from '../field/LengthField.svelte';
	import Segments from '../Segments.svelte';
	import WorkFailed from '../WorkFailed.svelte';
	import { Printer } from './printer.svelte.ts';
	import { sheetFor } from './sheet-for.ts';

	interface Props {
		wallId: string;
		fixes: readonly PieceFix[];
		styles: Styles;
	}

	let { wallId, fixes, styles }: Props = $props();

	const session = $derived(getSession()());
	const { printing } = $derived(session.project.paper);
	const letters = $derived((session.keptPlan(wallId)?.pieces ?? []).map(({ letter }) => letter));
	const leftOut = new SvelteSet<string>();
	const wanted = $derived(letters.filter((letter) => !leftOut.has(letter)));
	const printer = new Printer(() => ({
		...{ session, wallId, fixes },
		wanted: (letter) => !leftOut.has(letter)
	}));
	const pieces = $derived(
		(session.keptPlan(wallId)?.pieces ?? []).filter(({ letter }) => !leftOut.has(letter))
	);
	const strips = $derived(markStrips(pieces));
	/** Pages of strips that do the same; null where they do not. */
	const stripsTake = $derived.by(() => {
		if (!stripsServe(pieces, strips)) return null;
		const sheet = sheetFor(printing, session.rulesOn(wallId).units);
		const made = stripPages(strips, sheetFrames(sheet, printing.margins), styles, '');
		return made.ok ? made.value.length : null;
	});
	const pages = $derived(printer.answer?.ok ? printer.answer.value.length : null);
	const RIMS = [
		['left', 'Left'],
		['right', 'Right'],
		['top', 'Top'],
		['bottom', 'Bottom']
	] as const;
	const sheets = [
		...SHEET_NAMES.map((name) => ({ value: name, label: SHEETS[name].name })),
		{ value: 'roll' as const, label: 'The roll' }
	];
	const SHEET = '/p/[project]/[wall]/template-sheet';

	function toggle(letter: string, on: boolean) {
		if (on) leftOut.delete(letter);
		else leftOut.add(letter);
	}
</script>

<p class="small-note">
	The paper of each piece at true size, with its outline, middle, level and holes: cut it out, tape
	it up, nail through the crosses.
</p>
<Segments
	named
	label="Printed on"
	options={sheets}
	value={printer.on}
	onchoose={(on) => session.run(setPrinting({ on }))}
/>
{#if letters.length === 0}
	<p>Place a piece in Arrange first.</p>
{:else}
	<fieldset>
		<legend class="field-label">Pieces</legend>
		<div class="letters">
			{#each letters as letter (letter)}
				<label>
					<input
						class="checkbox checkbox-sm"
						type="checkbox"
						checked={!leftOut.has(letter)}
						onchange={(event) => toggle(letter, event.currentTarget.checked)}
					/>
					{letter}
				</label>
			{/each}
		</div>
	</fieldset>
	{#if printer.on !== 'roll'}
		<details>
			<summary>What the printer leaves white</summary>
			<div class="field-pair">
				{#each RIMS as [side, label] (side)}
					<LengthField
						{label}
						zero
						value={printing.margins[side]}
						{styles}
						plausible={{ min: 0, max: 40 }}
						onvalue={(mm) =>
							session.run(setPrinting({ margins: { ...printing.margins, [side]: mm } }))}
						onseal={() => session.seal()}
					/>
				{/each}
			</div>
		</details>
		<label class="whole">
			<input
				class="checkbox checkbox-sm"
				type="checkbox"
				checked={printing.whole}
				onchange={(event) => session.run(setPrinting({ whole: event.currentTarget.checked }))}
			/>
			Also pages with nothing to cut or mark
		</label>
		<label class="whole">
			<input
				class="checkbox checkbox-sm"
				type="checkbox"
				checked={printing.each}
				onchange={(event) => session.run(setPrinting({ each: event.currentTarget.checked }))}
			/>
			One for each of alike pieces, to see them all up at once
		</label>
	{/if}
	{#if wanted.length === 0}
		<p class="small-note">Choose a piece to print the paper of.</p>
	{:else if printer.failed}
		<WorkFailed cause={printer.failed} onretry={() => printer.retry()} />
	{:else if printer.answer?.ok === false}
		<p class="trouble" role="alert">{printer.answer.error.message}</p>
	{:else}
		<p role="status">
			{#if pages === null}Laying them out…{:else}<span class="measure">{pages}</span>
				{pages === 1 ? 'page' : 'pages'}{/if}
		</p>
		{#if pages !== null && stripsTake !== null && stripsTake < pages}
			<p>
				Strips carry the same holes on <span class="measure">{stripsTake}</span>
				{stripsTake === 1 ? 'page' : 'pages'}.
			</p>
			<a
				class="btn btn-primary btn-sm"
				href={resolve('/p/[project]/[wall]/strip-sheet', { project: session.id, wall: wallId })}
			>
				<Ruler size={16} aria-hidden="true" /> Print strips instead
			</a>
		{/if}
		<a
			class="btn btn-sm"
			href={resolve(`${SHEET}?of=${wanted.join(',')}`, { project: session.id, wall: wallId })}
		>
			<Eye size={16} aria-hidden="true" /> Look, then print or save
		</a>
	{/if}
{/if}

<style>
	fieldset {
		margin-top: 0.5rem;
	}

	.letters {
		display: flex;
		flex-wrap: wrap;
		gap: 0.2rem 0.9rem;
	}

	.letters label,
	.whole {
		display: flex;
		gap: 0.4rem;
		align-items: center;
		min-height: 2.5rem;
	}

	summary {
		min-height: 2.5rem;
		color: var(--color-primary);
		cursor: pointer;
	}

	.trouble {
		color: var(--color-error);
		font-weight: 600;
	}
</style>
