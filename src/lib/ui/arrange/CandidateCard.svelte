<script lang="ts">
	import {
		SCORE_PARTS,
		SCORE_WORDS,
		type Candidate,
		type Item,
		type Wall
	} from '$lib/core/index.ts';
	import { fitWall } from '../elevation/frame.ts';
	import { facePath, wallBox } from '../elevation/outline.ts';

	interface Props {
		candidate: Candidate;
		pieces: readonly Item[];
		wall: Wall;
		shown: boolean;
		onshow: () => void;
		onhang: () => void;
	}

	let { candidate, pieces, wall, shown, onshow, onhang }: Props = $props();

	const WIDTH = 120;
	const HEIGHT = 70;
	const MARGIN = { left: 2, right: 2, top: 2, bottom: 2 };
	const frame = $derived(fitWall({ width: WIDTH, height: HEIGHT }, wallBox(wall), MARGIN));
	const sizes = $derived(new Map(pieces.map((item) => [item.id, item])));
	const told = $derived(
		SCORE_PARTS.flatMap((part) => {
			const fault = candidate.scores.parts[part];
			return fault === null ? [] : [{ part, good: 1 - fault }];
		})
	);
</script>

<li class:shown>
	<button type="button" class="look" aria-pressed={shown} onclick={onshow}>
		<svg viewBox="0 0 {WIDTH} {HEIGHT}" width={WIDTH} height={HEIGHT} aria-hidden="true">
			<path class="face" d={facePath(wall, frame)} />
			{#each wall.features as { id, x, y, width, height } (id)}
				<rect
					class="feature"
					x={frame.x(x)}
					y={frame.y(y + height)}
					width={width * frame.scale}
					height={height * frame.scale}
				/>
			{/each}
			{#each candidate.placements as { id, x, y } (id)}
				{@const item = sizes.get(id)!}
				<rect
					class="piece"
					x={frame.x(x)}
					y={frame.y(y + item.height)}
					width={item.width * frame.scale}
					height={item.height * frame.scale}
				/>
			{/each}
		</svg>
		<span>
			<strong>{candidate.name}</strong>
			<span class="measure good">{Math.round(100 * (1 - candidate.scores.total))}</span>
		</span>
	</button>
	{#if shown}
		<dl>
			{#each told as { part, good } (part)}
				<dt title={SCORE_WORDS[part].asks}>{SCORE_WORDS[part].label}</dt>
				<dd class="measure" title={SCORE_WORDS[part].asks}>
					<span class="bar"><span style:width="{100 * good}%"></span></span>
					{Math.round(100 * good)}
				</dd>
			{/each}
		</dl>
		<button class="btn btn-primary btn-sm" type="button" onclick={onhang}>Hang it so</button>
	{/if}
</li>

<style>
	li {
		padding: 0.3rem;
		border: 1.5px solid var(--color-base-300);
		border-radius: 0.4rem;
	}

	.shown {
		border-color: var(--color-primary);
	}

	.look {
		display: flex;
		gap: 0.6rem;
		align-items: center;
		width: 100%;
		text-align: left;
		cursor: pointer;
	}

	.look > span {
		display: flex;
		flex: 1;
		justify-content: space-between;
		gap: 0.4rem;
	}

	.good {
		font-size: var(--text-xl);
	}

	.face {
		fill: var(--plaster);
		stroke: var(--skirting-edge);
	}

	.feature {
		fill: var(--skirting);
		stroke: var(--skirting-edge);
		stroke-width: 0.5;
	}

	.piece {
		fill: var(--kraft);
		stroke: var(--walnut);
		stroke-width: 0.7;
	}

	dl {
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 0.1rem 0.5rem;
		align-items: center;
		margin: 0.4rem 0;
		font-size: var(--text-xs);
		line-height: 1.2;
	}

	dd {
		display: flex;
		gap: 0.4rem;
		align-items: center;
		font-size: var(--text-base);
	}

	.bar {
		flex: 1;
		height: 0.5rem;
		border-radius: 0.25rem;
		background: var(--color-base-300);
	}

	.bar span {
		display: block;
		height: 100%;
		border-radius: 0.25rem;
		background: var(--moss-ink);
	}
</style>
