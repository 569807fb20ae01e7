<script lang="ts">
	import {
		formatLength,
		hangPiece,
		lineOf,
		unmeasuredOn,
		type Piece,
		type PlannedPiece,
		type Styles,
		massUnitOf
	} from '$lib/core/index.ts';
	import { setPiece } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import AsideFields from '../back/AsideFields.svelte';
	import CautionList from '../CautionList.svelte';
	import MassField from '../field/MassField.svelte';
	import PhotoButton from '../photo/PhotoButton.svelte';
	import BackNotes from '../rack/BackNotes.svelte';
	import HangerChoice from '../rack/HangerChoice.svelte';
	import HangerChoices from '../rack/HangerChoices.svelte';
	import { getView } from '../view.svelte.ts';
	import BackPart from './BackPart.svelte';
	import PieceTitle from './PieceTitle.svelte';

	interface Props {
		piece: Piece;
		styles: Styles;
		/** The piece as it stands on the wall, if it does. */
		planned: PlannedPiece | undefined;
		/** The wall it is looked at on. */
		wallId: string;
	}

	let { piece, planned, wallId, styles }: Props = $props();

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const mass = $derived(massUnitOf(styles.lead));
	const line = $derived(lineOf(piece, styles.lead, mass));
	const { houseRules } = $derived(session.project);
	let readingsOpen = $state(false);
	const hung = $derived(hangPiece(piece, houseRules));
	const drop = $derived(hung.ok ? hung.value.points[0]?.drop : undefined);
	const toMeasure = $derived(unmeasuredOn(piece).length);
</script>

<PieceTitle {piece} />
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
{#if piece.outline.by === 'rectangle'}<PhotoButton {piece} {wallId} {styles} />{/if}
{#if !view.flipped}
	<BackPart {piece} {hung} {styles} />
	<p class="view">Seen from behind. Left and right are named as it hangs.</p>
{/if}
{#if hung.ok && drop}
	<p class="drop">
		<span class="measure big">{formatLength(drop.value, styles.lead)}</span>
		<span class="measure unit">{formatLength(drop.value, styles.other)} top edge to hook</span>
	</p>
	{#if toMeasure > 0}
		<p class="assumed">
			Dashed figures are assumed. Measure them before you drill: {toMeasure} to go.
		</p>
	{/if}
{:else if !hung.ok}
	<p class="trouble" role="alert">{hung.error.message}</p>
{/if}
<AsideFields
	{piece}
	{styles}
	trouble={hung.ok ? null : hung.error}
	cautions={hung.ok ? hung.value.cautions : []}
/>
<HangerChoices {piece} />
{#if planned}
	{#await import('../rack/BalanceAsk.svelte') then { default: BalanceAsk }}
		<BalanceAsk {piece} {planned} {wallId} {styles} />
	{/await}
{/if}
{#if hung.ok}
	<CautionList cautions={planned?.cautions ?? hung.value.cautions} {styles} />
	<BackNotes {piece} hung={hung.value} {styles} />
{/if}
<details ontoggle={(event) => (readingsOpen = event.currentTarget.open)}>
	<summary>Readings, and how sure they are</summary>
	{#if readingsOpen}
		{#await import('../rack/ReadingsPart.svelte') then { default: ReadingsPart }}
			<ReadingsPart {piece} {styles} />
		{/await}
	{/if}
</details>
<details>
	<summary>In one line, and another like it</summary>
	<p class="small-note">{line}</p>
	<button
		class="btn btn-sm"
		type="button"
		onclick={() => {
			view.line = lineOf(piece, styles.lead, mass, false);
			view.select(null);
		}}
	>
		Another like it
	</button>
</details>

<style>
	.view {
		color: var(--graphite-soft);
		font-size: var(--text-xs);
	}

	.row {
		display: grid;
		grid-template-columns: 1fr 7.5rem;
		gap: 0.6rem;
	}

	summary {
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
