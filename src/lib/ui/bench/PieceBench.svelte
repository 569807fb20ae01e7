<script lang="ts">
	import {
		formatLength,
		hangPiece,
		hungPiece,
		lineOf,
		unmeasuredOn,
		type Piece,
		type PlannedPiece,
		type Styles
	} from '$lib/core/index.ts';
	import { measureBack, setPiece } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import AsideFields from '../back/AsideFields.svelte';
	import BackDrawing from '../back/BackDrawing.svelte';
	import CautionList from '../CautionList.svelte';
	import MassField from '../field/MassField.svelte';
	import BackNotes from '../rack/BackNotes.svelte';
	import HangerChoice from '../rack/HangerChoice.svelte';
	import HangerChoices from '../rack/HangerChoices.svelte';
	import { getView } from '../view.svelte.ts';

	interface Props {
		piece: Piece;
		styles: Styles;
		/** The piece as it stands on the wall, if it does. */
		planned?: PlannedPiece | undefined;
		/** The wall it is looked at on. */
		wallId?: string;
		onflip: () => void;
		/** Its back is on the stage, so it is not drawn here as well. */
		turned: boolean;
		/** Also offer name, weight and how it hangs. */
		editable?: boolean;
	}

	let { piece, planned, wallId, styles, onflip, turned, editable = false }: Props = $props();

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const mass = $derived(styles.lead.unit === 'mm' ? 'kg' : 'lb');
	const line = $derived(lineOf(piece, styles.lead, mass));
	const { houseRules } = $derived(session.project);
	let readingsOpen = $state(false);
	const hung = $derived(hangPiece(piece, houseRules));
	const drop = $derived(hung.ok ? hung.value.points[0]?.drop : undefined);
	const toMeasure = $derived(unmeasuredOn(piece).length);
	/** Wide pieces need less height to be drawn in. */
	const tall = $derived(Math.min(Math.max((piece.height / piece.width) * 9 + 5.6, 8), 15.5));
</script>

<div class="title">
	<h2>{piece.letter} · {piece.name}</h2>
	<button type="button" class="flip" onclick={onflip}>F flips</button>
</div>

{#if editable}
	<p class="line">
		<span class="small-note">{line}</span>
		<button
			type="button"
			class="flip"
			onclick={() => {
				view.line = lineOf(piece, styles.lead, mass, false);
				view.select(null);
			}}
		>
			Another like it
		</button>
	</p>
	<div class="row">
		<label class="name">
			<span class="field-label">Name</span>
			<input
				class="input w-full"
				value={piece.name}
				maxlength="120"
				oninput={(event) => session.run(setPiece(piece.id, { name: event.currentTarget.value }))}
				onblur={() => session.seal()}
			/>
		</label>
		<div class="weight">
			<MassField
				label="Weight"
				value={piece.weight}
				units={styles.lead.unit === 'mm' ? 'mm' : 'in'}
				onvalue={(weight) => session.run(setPiece(piece.id, { weight }))}
				onseal={() => session.seal()}
			/>
		</div>
	</div>
	<HangerChoice {piece} />
{/if}

{#if !turned}
	<div class="drawing" style:height="{tall}rem">
		<BackDrawing
			back={piece.back}
			piece={hungPiece(piece)}
			outline={piece.outline}
			cautions={hung.ok ? hung.value.cautions : []}
			{styles}
			trouble={hung.ok ? null : hung.error}
			onmeasure={(key, mm) => session.run(measureBack(piece.id, key, mm))}
			onsize={(size) => session.run(setPiece(piece.id, size))}
			onseal={() => session.seal()}
		/>
	</div>
	{#if editable}
		<p class="view">Seen from behind. Left and right are named as it hangs.</p>
	{/if}
{/if}

{#if editable}
	<AsideFields
		{piece}
		{styles}
		trouble={hung.ok ? null : hung.error}
		cautions={hung.ok ? hung.value.cautions : []}
	/>
	<HangerChoices {piece} />
{/if}

{#if editable && planned && wallId}
	{#await import('../rack/BalanceAsk.svelte') then { default: BalanceAsk }}
		<BalanceAsk {piece} {planned} {wallId} {styles} />
	{/await}
{/if}

{#if editable}
	<details class="readings" ontoggle={(event) => (readingsOpen = event.currentTarget.open)}>
		<summary>Readings, and how sure they are</summary>
		{#if readingsOpen}
			{#await import('../rack/ReadingsPart.svelte') then { default: ReadingsPart }}
				<ReadingsPart {piece} {styles} />
			{/await}
		{/if}
	</details>
{/if}

{#if hung.ok && drop}
	<p class="drop">
		<span class="measure big">{formatLength(drop.value, styles.lead)}</span>
		<span class="measure unit">{formatLength(drop.value, styles.other)} top edge to hook</span>
	</p>
	<CautionList cautions={planned?.cautions ?? hung.value.cautions} {styles} />
	{#if editable}<BackNotes {piece} hung={hung.value} {styles} />{/if}
	{#if toMeasure > 0}
		<p class="assumed">
			Dashed figures are assumed. Measure them before you drill: {toMeasure} to go.
		</p>
	{/if}
{:else if !hung.ok}
	<p class="trouble" role="alert">{hung.error.message}</p>
{/if}

<style>
	.line {
		display: flex;
		gap: 0.5rem;
		justify-content: space-between;
		align-items: start;
		margin-bottom: 0.3rem;
	}

	.view {
		color: var(--graphite-soft);
		font-size: var(--text-xs);
	}

	.title {
		display: flex;
		align-items: baseline;
		justify-content: space-between;
		gap: 0.5rem;
	}

	h2 {
		font-size: var(--text-lg);
	}

	.flip {
		min-height: 2.5rem;
		color: var(--color-primary);
		font-size: var(--text-sm);
		white-space: nowrap;
		cursor: pointer;
	}

	.row {
		display: grid;
		grid-template-columns: 1fr 7.5rem;
		gap: 0.6rem;
	}

	.drawing {
		margin: 0.4rem -0.6rem 0;
	}

	.readings summary {
		padding: 0.35rem 0;
		color: var(--color-primary);
		cursor: pointer;
	}

	.drop {
		display: flex;
		flex-wrap: wrap;
		align-items: baseline;
		gap: 0 0.6rem;
	}

	.big {
		font-size: var(--text-3xl);
		line-height: 1.1;
	}

	.unit {
		color: var(--graphite-soft);
		font-size: var(--text-lg);
	}

	.assumed {
		margin-top: 0.4rem;
		font-size: var(--text-sm);
	}

	.trouble {
		padding: 0.5rem 0.7rem;
		border: 2px solid var(--color-error);
		border-radius: 0.3rem;
		color: var(--color-error);
		font-weight: 600;
	}
</style>
