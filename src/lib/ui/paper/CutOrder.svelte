<script lang="ts">
	import { crossCuts, formatLength, type CutPlan, type Styles } from '$lib/core/index.ts';

	let { plan, styles }: { plan: CutPlan; styles: Styles } = $props();

	/** Lengths between the cuts across, with what is cut from each. */
	const lengths = $derived.by(() => {
		const ends = [...crossCuts(plan), plan.length];
		return ends.map((end, index) => {
			const start = ends[index - 1] ?? 0;
			return {
				end,
				sheets: plan.placements
					.filter(({ y }) => y >= start - 1e-6 && y < end - 1e-6)
					.toSorted((a, b) => a.y - b.y || a.x - b.x)
			};
		});
	});
	const length = (mm: number) => formatLength(mm, styles.lead);
</script>

<ol>
	{#each lengths as { end, sheets } (end)}
		<li>
			Cut across at <span class="measure">{length(end)}</span> from the end of the roll; from that
			length cut
			{#each sheets as { id, width, height, x }, index (id)}{index > 0 ? ', ' : ''}<strong
					>{id}</strong
				>
				<span class="measure">{length(width)} × {length(height)}</span>{x > 0
					? `, ${length(x)} from the edge`
					: ''}{/each}.
		</li>
	{/each}
</ol>

<style>
	ol {
		padding-left: 1.2rem;
		list-style: decimal;
	}
</style>
