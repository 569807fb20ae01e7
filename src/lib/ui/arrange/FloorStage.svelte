<script lang="ts">
	import { resolve } from '$app/paths';
	import { Printer } from '@lucide/svelte';
	import {
		activeArrangement,
		arrangeRequestFor,
		floorFirst,
		hangingOf,
		placementsOf,
		type Candidate,
		type Styles,
		type Wall,
		type WallPlan
	} from '$lib/core/index.ts';
	import { placePieces } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { Ideas } from './ideas.svelte.ts';
	import FloorDrawing from '../sheet/FloorDrawing.svelte';
	import FloorTable from '../sheet/FloorTable.svelte';

	let { wall, plan, styles }: { wall: Wall; plan: WallPlan; styles: Styles } = $props();

	const session = $derived(getSession()());
	/** Fewer than this go in a row. */
	const FEW = 5;
	/** A quick look: the Ideas search for longer. */
	const QUICK = 600;
	const { pieces } = $derived(session.committed);

	/** Before anything is on the wall, the pieces as they might hang there, searched for in a worker. */
	const ideas = new Ideas();
	const task = $derived(
		plan.pieces.length > 0 || pieces.length === 0
			? null
			: {
					wanted: {
						...arrangeRequestFor(session.committed, wall, {
							style: pieces.length < FEW ? 'single-hang' : 'cluster',
							gap: session.rulesOn(wall.id).gap,
							pieces: pieces.map(({ id }) => id),
							...{ region: null, on: 'wall', seed: 1 }
						}),
						budget: QUICK
					},
					larger: null
				}
	);
	$effect(() => {
		if (!task) return;
		// A plain copy: a worker takes no proxies.
		ideas.ask(JSON.parse(JSON.stringify(task)));
		return () => ideas.forget();
	});
	const idea = $derived<Candidate | null>(task ? (ideas.candidates[0] ?? null) : null);
	const hanging = $derived(
		idea
			? idea.placements.map(({ id, x, y }) => {
					const { letter, width, height } = pieces.find((piece) => piece.id === id)!;
					return { id, letter, rect: { x, y, width, height } };
				})
			: plan.pieces.map(hangingOf)
	);
	const floor = $derived(floorFirst(hanging, styles.lead));

	function hang(candidate: Candidate) {
		const { placements } = activeArrangement(wall);
		session.run(
			placePieces(wall.id, placementsOf(candidate, pieces, placements, plan.centreLine.y))
		);
	}
</script>

<div class="paper">
	{#if floor}
		{#if idea}
			<p>Nothing is on the wall yet. Lay them out this way, and move them until they please you.</p>
		{/if}
		<FloorDrawing {floor} {styles} />
		<FloorTable {floor} {styles} />
		{#if idea}
			<p>
				<button class="btn btn-primary" type="button" onclick={() => hang(idea)}>
					Put them on the wall so
				</button>
			</p>
		{:else}
			<p>
				<a
					class="btn btn-sm"
					href={resolve('/p/[project]/[wall]/floor-sheet', { project: session.id, wall: wall.id })}
				>
					<Printer size={16} aria-hidden="true" /> On paper
				</a>
			</p>
		{/if}
	{:else if ideas.progress}
		<p role="status">Laying them out…</p>
	{:else if pieces.length === 0}
		<p>Add pieces in the Rack first; here they are laid out on the floor, as they will hang.</p>
	{:else}
		<p>They have no room on this wall together: leave some out, in Ideas.</p>
	{/if}
</div>

<style>
	.paper {
		display: grid;
		gap: 0.6rem;
		max-width: 50rem;
		margin: 0 auto;
		padding: 1rem 1.2rem;
		background: var(--sheet);
		color: var(--sheet-ink);
	}
</style>
