<script lang="ts">
	import {
		sideNeighbours,
		bestMeasure,
		causesOf,
		landingOfPiece,
		landingsOn,
		marksOfPiece,
		within,
		type Project,
		type Styles,
		type WallPlan
	} from '$lib/core/index.ts';
	import { withinSaid } from './within.ts';

	interface Props {
		project: Project;
		plan: WallPlan;
		pieceId: string;
		styles: Styles;
		/** Opened to its parts. */
		open?: boolean;
	}

	let { project, plan, pieceId, styles, open = false }: Props = $props();

	const planned = $derived(plan.pieces.find((each) => each.pieceId === pieceId));
	const landing = $derived(
		planned &&
			!planned.hanging &&
			landingOfPiece(project, plan, planned, marksOfPiece(project, plan, planned))
	);
	const piece = $derived(project.pieces.find(({ id }) => id === pieceId));
	const said = (mm: number) => withinSaid(mm, styles);

	const beside = $derived.by(() => {
		if (!open || !landing) return [];
		const wall = project.walls.find(({ id }) => id === plan.wallId)!;
		return sideNeighbours(landing, landingsOn(project, plan), wall);
	});
	const letterOf = (id: string) => plan.pieces.find(({ pieceId }) => pieceId === id)?.letter;
</script>

{#if landing && piece}
	{#if open}
		<div class="opened">
			{#each [['Height', landing.height], ['Left and right', landing.side]] as const as [name, spread] (name)}
				{@const best = bestMeasure(spread, piece, project.readings)}
				<div>
					<h3>{name}: within {said(within(spread))}, nine times in ten</h3>
					<ul>
						{#each causesOf(spread).slice(0, 3) as { says, within: alone, assumed } (says)}
							<li>
								<span class="measure">{said(alone)}</span>
								{says}{assumed ? ', not measured' : ''}
							</li>
						{/each}
					</ul>
					{#if best && said(best.within) !== said(within(spread))}
						<p>{best.says}: within <span class="measure">{said(best.within)}</span>.</p>
					{/if}
				</div>
			{/each}
			{#each beside as { pieceId, gap, line } (pieceId)}
				<p>
					Beside {letterOf(pieceId)}: gap within
					<span class="measure">{said(within(gap))}</span>, line within
					<span class="measure">{said(within(line))}</span>.
				</p>
			{/each}
		</div>
	{:else}
		<span class="from">right to within, up · across</span>
		<span class="measure figure">
			{said(within(landing.height))} · {said(within(landing.side))}
		</span>
	{/if}
{/if}

<style>
	.opened {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(15rem, 1fr));
		gap: 0.3rem 1.5rem;
	}

	h3 {
		font-size: var(--text-base);
	}

	.from {
		color: var(--umber-soft);
		font-size: var(--text-sm);
	}

	.figure {
		font-size: var(--text-xl);
	}

	li .measure {
		display: inline-block;
		min-width: 3.2rem;
	}

	li,
	p {
		font-size: var(--text-sm);
	}
</style>
