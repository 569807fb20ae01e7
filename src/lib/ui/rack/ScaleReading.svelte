<script lang="ts">
	import { Scale } from '@lucide/svelte';
	import { formatMass, pieceEstimate, type Piece } from '$lib/core/index.ts';
	import { simulatedScale, type ScaleReading } from '$lib/instruments/scale.ts';

	interface Props {
		piece: Piece;
		units: 'in' | 'mm';
		onread: (kg: number) => void;
	}

	let { piece, units, onread }: Props = $props();

	/** Weight of the person in the simulation, kg. */
	const PERSON = 72;
	let reading: ScaleReading | null = $state(null);
	const unit = $derived(units === 'in' ? ('lb' as const) : ('kg' as const));

	/** What the simulated piece truly weighs: its known weight, else the middle of its estimate, else a usual figure. */
	const truth = $derived(
		piece.weight ?? pieceEstimate(piece)?.kg ?? (piece.width * piece.height * 8) / 1e6 + 0.5
	);

	function read() {
		const shown = simulatedScale({ trueWeight: truth, person: PERSON }, Math.random).read();
		if (!shown.ok) return;
		reading = shown.value;
		onread(reading.weight);
	}
</script>

<div class="scale">
	<button class="btn btn-sm" type="button" onclick={read}>
		<Scale size={16} aria-hidden="true" /> Read the practice scale
	</button>
	{#if reading}
		<p aria-live="polite">
			With it {formatMass(reading.withPiece, unit)}, without {formatMass(reading.without, unit)}: it
			weighs <strong class="measure">{formatMass(reading.weight, unit)}</strong>
			± {formatMass(reading.plusMinus, unit)}.
		</p>
	{/if}
	<p>
		A simulated scale, to try the app with. Weigh your own piece: stand on a scale with it and
		without it, and type the difference.
	</p>
</div>

<style>
	.scale {
		display: grid;
		gap: 0.3rem;
		justify-items: start;
	}

	p {
		color: var(--graphite-soft);
		font-size: var(--text-sm);
	}
</style>
