<script lang="ts">
	import {
		BACKINGS,
		BODIES,
		CONTENTS,
		formatMass,
		GLAZINGS,
		kindOf,
		MOULDINGS,
		narrowing,
		pieceEstimate,
		PROFILES,
		formatMessage,
		usualBuild,
		type Build,
		type Piece,
		type Styles
	} from '$lib/core/index.ts';
	import { addReadings, setPiece } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import MassField from '../field/MassField.svelte';
	import LengthField from '../field/LengthField.svelte';
	import { readNow } from '../field/read-now.ts';
	import ReadWith from '../field/ReadWith.svelte';
	import ScaleReading from './ScaleReading.svelte';

	let { piece, styles }: { piece: Piece; styles: Styles } = $props();

	const session = $derived(getSession()());
	const units = $derived(styles.lead.unit === 'mm' ? ('mm' as const) : ('in' as const));
	const [lead, other] = $derived(
		units === 'in' ? (['lb', 'kg'] as const) : (['kg', 'lb'] as const)
	);
	const estimate = $derived(pieceEstimate(piece));
	const both = (kg: number) => `${formatMass(kg, lead)} · ${formatMass(kg, other)}`;

	const weighed = $derived({ of: 'piece' as const, id: piece.id, key: 'weight' });
	const build = $derived(piece.build ?? usualBuild(piece));

	function describe(fields: Partial<Build>) {
		session.run(setPiece(piece.id, { build: { ...build, ...fields } }));
	}

	type Body = NonNullable<Build['body']>;
	const thickness = $derived((build.body ?? usualBuild(piece).body)?.thick ?? piece.depth);

	const words: Record<string, string> = {
		carved: 'carved or built up',
		textile: 'textile',
		rug: 'rug or heavy quilt',
		none: 'none',
		fibreboard: 'fibreboard',
		'glass-2': 'glass, 2 mm',
		'glass-3': 'glass, 3 mm',
		'acrylic-2': 'acrylic, 2 mm',
		'acrylic-3': 'acrylic, 3 mm',
		'mirror-4': 'mirror, 4 mm',
		'mirror-6': 'mirror, 6 mm',
		card: 'card',
		'fibreboard-3': 'fibreboard, 3 mm',
		'plywood-4': 'plywood, 4 mm',
		paper: 'print on paper',
		canvas: 'canvas',
		'panel-6': 'panel, 6 mm'
	};
</script>

<div class="weights">
	<MassField
		label="Weight by the scale"
		value={piece.weight}
		{units}
		onvalue={(weight) => session.run(setPiece(piece.id, { weight }))}
		onseal={() => session.seal()}
	/>
	{#if session.simulates}
		<ScaleReading
			{piece}
			{units}
			onread={(weight) =>
				session.run(
					addReadings(
						{
							...{ fact: weighed, name: `the weight of ${piece.letter}`, way: 'scale' },
							stands: piece.weight,
							write: (mean) => setPiece(piece.id, { weight: mean })
						},
						[readNow(session, weight, 'scale', true)]
					)
				)}
		/>
	{/if}
	<ReadWith
		field="weight of {piece.letter}"
		fact={weighed}
		stands={piece.weight}
		instrument="luggage"
		value={piece.weight ?? estimate?.kg ?? 4}
		{styles}
		write={(weight) => setPiece(piece.id, { weight })}
	/>
	<h3>No scale? Estimate it</h3>
	{#snippet list(
		label: string,
		value: string,
		options: readonly string[],
		choose: (value: string) => void
	)}
		<label>
			<span class="field-label">{label}</span>
			<select
				class="select w-full select-sm"
				{value}
				onchange={(event) => choose(event.currentTarget.value)}
			>
				{#each options as option (option)}
					<option value={option}>{words[option] ?? option}</option>
				{/each}
			</select>
		</label>
	{/snippet}
	<div class="pair">
		{@render list('Moulding', build.moulding, MOULDINGS, (moulding) =>
			describe({ moulding: moulding as Build['moulding'] })
		)}
		{@render list('Glazing', build.glazing, GLAZINGS, (glazing) =>
			describe({ glazing: glazing as Build['glazing'] })
		)}
		{@render list('What it shows', build.content, CONTENTS, (content) =>
			describe({ content: content as Build['content'] })
		)}
		{@render list('Backing', build.backing, BACKINGS, (backing) =>
			describe({ backing: backing as Build['backing'] })
		)}
	</div>
	{#if !kindOf(piece.kind).framed}
		<div class="pair">
			{@render list('What it is of', build.body?.of ?? 'none', ['none', ...BODIES], (of) =>
				describe({ body: of === 'none' ? null : { of: of as Body['of'], thick: thickness } })
			)}
			{#if build.body}
				{@const { body } = build}
				<LengthField
					label={piece.kind === 'shelf' ? 'Its board is thick' : 'How thick'}
					value={body.thick}
					{styles}
					plausible={{ min: 0.5, max: 200 }}
					onvalue={(thick) => describe({ body: { ...body, thick } })}
				/>
			{/if}
		</div>
	{/if}
	{#if build.moulding !== 'none'}
		<label>
			<span class="field-label">Section of the moulding</span>
			<select
				class="select w-full select-sm"
				value={String(build.profile)}
				onchange={(event) => describe({ profile: Number(event.currentTarget.value) })}
			>
				{#each PROFILES as { share, shape } (share)}<option value={String(share)}>{shape}</option
					>{/each}
			</select>
		</label>
	{/if}
	{#if kindOf(piece.kind).framed && piece.kind !== 'mirror'}
		<label class="check">
			<input
				type="checkbox"
				class="checkbox checkbox-sm"
				checked={build.mount !== null}
				onchange={(event) =>
					describe({
						mount: event.currentTarget.checked
							? { windowWidth: piece.width * 0.6, windowHeight: piece.height * 0.6 }
							: null
					})}
			/>
			It has a window mount
		</label>
		{#if build.mount}
			{@const { mount } = build}
			<div class="pair">
				<LengthField
					label="Window width"
					value={mount.windowWidth}
					{styles}
					plausible={{ min: 20, max: piece.width }}
					onvalue={(windowWidth) => describe({ mount: { ...mount, windowWidth } })}
				/>
				<LengthField
					label="Window height"
					value={mount.windowHeight}
					{styles}
					plausible={{ min: 20, max: piece.height }}
					onvalue={(windowHeight) => describe({ mount: { ...mount, windowHeight } })}
				/>
			</div>
		{/if}
	{/if}
	{#if estimate}
		<p class="estimate" aria-live="polite" data-testid="estimate">
			<span class="measure big"
				>{formatMass(estimate.low, lead)} to {formatMass(estimate.high, lead)}</span
			>
			<span class="measure"
				>{formatMass(estimate.low, other)} to {formatMass(estimate.high, other)}</span
			>
		</p>
		<table>
			<tbody>
				{#each estimate.parts as part, index (index)}
					<tr><th scope="row">{part.name}</th><td class="measure">{both(part.kg)}</td></tr>
				{/each}
			</tbody>
		</table>
		<p class="note">
			{piece.weight === null
				? 'Loads are worked out with the high end.'
				: 'The scale’s figure is used.'}
			{formatMessage(narrowing(estimate), styles.lead)}
		</p>
		<button
			class="btn justify-self-start btn-ghost btn-sm"
			type="button"
			onclick={() => session.run(setPiece(piece.id, { build: null }))}
		>
			Forget the estimate
		</button>
	{:else}
		<button class="btn justify-self-start btn-sm" type="button" onclick={() => describe({})}>
			Estimate from these
		</button>
	{/if}
</div>

<style>
	.weights {
		display: grid;
		gap: 0.5rem;
	}

	.pair {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 0.4rem 0.6rem;
	}

	h3 {
		margin-top: 0.4rem;
		font-size: var(--text-base);
	}

	.check {
		display: flex;
		gap: 0.5rem;
		align-items: center;
	}

	.estimate {
		display: flex;
		flex-wrap: wrap;
		gap: 0 0.7rem;
		align-items: baseline;
	}

	.big {
		font-size: var(--text-3xl);
	}

	th {
		font-weight: 400;
		text-align: left;
	}

	td {
		text-align: right;
	}

	.note {
		color: var(--graphite-soft);
		font-size: var(--text-sm);
	}
</style>
