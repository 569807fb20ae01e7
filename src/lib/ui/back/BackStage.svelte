<script lang="ts">
	import {
		hangerOf,
		hangPiece,
		hungPiece,
		formatMessage,
		type Piece,
		type PlannedPiece,
		type Styles
	} from '$lib/core/index.ts';
	import { measureBack, setPiece } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import BackDrawing from './BackDrawing.svelte';
	import { troubleOf } from './trouble.ts';

	interface Props {
		piece: Piece;
		planned: PlannedPiece | undefined;
		styles: Styles;
		onclose: () => void;
	}

	let { piece, planned, styles, onclose }: Props = $props();

	const session = $derived(getSession()());
	const hung = $derived(hangPiece(piece, session.project.houseRules));
	const trouble = $derived(troubleOf(piece, planned, session.project.houseRules));
</script>

<div class="stage">
	<div class="head">
		<h2>{piece.letter} · {piece.name}, from the back</h2>
		<button type="button" class="btn btn-sm" onclick={onclose}>Turn it round (F)</button>
	</div>
	{#if trouble}
		<p class="trouble" role="alert">{trouble.message}</p>
	{:else}
		<p class="help">
			Click a number and type what the tape says. Drawn as you see the back; left and right are
			named as it hangs.
			{formatMessage(hangerOf(piece.back).prompt?.(piece.back) ?? '', styles.lead)}
		</p>
	{/if}
	<div class="drawing">
		<BackDrawing
			back={piece.back}
			piece={hungPiece(piece)}
			outline={piece.outline}
			cautions={hung.ok ? hung.value.cautions : []}
			{styles}
			{trouble}
			below={56}
			onmeasure={(key, mm) => session.run(measureBack(piece.id, key, mm))}
			onsize={(size) => session.run(setPiece(piece.id, size))}
			onseal={() => session.seal()}
		/>
	</div>
</div>

<style>
	.stage {
		display: grid;
		grid-template-rows: auto auto 1fr;
		height: 100%;
		padding: 3.4rem 1rem 0.5rem;
		animation: turn 260ms ease-out;
	}

	@keyframes turn {
		from {
			transform: perspective(900px) rotateY(70deg);
			opacity: 0.2;
		}
	}

	.head {
		display: flex;
		align-items: center;
		justify-content: space-between;
	}

	h2 {
		font-size: var(--text-lg);
	}

	.help {
		color: var(--graphite-soft);
	}

	.trouble {
		color: var(--color-error);
		font-weight: 600;
	}

	.drawing {
		min-height: 0;
	}
</style>
