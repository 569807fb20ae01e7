<script lang="ts">
	import {
		formatLength,
		howToHang,
		hungPiece,
		formatMessage,
		padThickness,
		tapeStrip,
		type HangSolution,
		type Piece,
		type Styles
	} from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';

	let { piece, hung, styles }: { piece: Piece; hung: HangSolution; styles: Styles } = $props();

	const session = $derived(getSession()());
	const pads = $derived(padThickness(piece, session.project.kit));

	const strip = $derived(tapeStrip(hung.points, hungPiece(piece)));
	const steps = $derived(howToHang(piece.back).steps(piece.back));
	const away = (mm: number) =>
		Math.abs(mm) < 0.05
			? ''
			: `, ${formatLength(Math.abs(mm), styles.lead)} ${mm > 0 ? 'lower' : 'higher'}`;
</script>

{#if strip}
	<details>
		<summary>Tape strip</summary>
		<svg viewBox="0 0 300 34" aria-hidden="true">
			<rect class="strip" x="4" y="6" width="292" height="20" />
			{#each strip.marks as mark (mark.name)}
				{@const x = 4 + (mark.at / strip.length) * 292}
				<path class="mark" d="M{x - 5} 16 h10 M{x} 11 v10" />
			{/each}
		</svg>
		<ul>
			{#each strip.marks as mark (mark.name)}
				<li>
					{mark.name}
					<span class="measure">{formatLength(mark.at, styles.lead)}</span>
					{strip.along === 'top' ? `from the left end${away(mark.aside)}` : 'from the upper end'}
				</li>
			{/each}
		</ul>
		<p>
			Strip length <span class="measure">{formatLength(strip.length, styles.lead)}</span>.
			{strip.rule}
		</p>
	</details>
{/if}
{#if pads !== null}
	<p class="pads">
		To hang plumb it needs pads of <span class="measure">{formatLength(pads, styles.lead)}</span> at its
		lower corners.
	</p>
{/if}
<details>
	<summary>Step by step</summary>
	<ol>
		{#each steps as step (step)}<li>{formatMessage(step, styles.lead)}</li>{/each}
	</ol>
</details>

<style>
	.pads {
		margin-top: 0.4rem;
		font-size: var(--text-sm);
	}

	details {
		margin-top: 0.4rem;
		font-size: var(--text-sm);
	}

	summary {
		color: var(--color-primary);
		font-weight: 600;
		cursor: pointer;
	}

	ol {
		padding-left: 1.2rem;
		list-style: decimal;
	}

	.strip {
		fill: var(--tape-blue);
		opacity: 0.8;
	}

	.mark {
		stroke: var(--sheet);
		stroke-width: 2;
	}
</style>
