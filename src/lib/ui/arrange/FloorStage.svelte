<script lang="ts">
	import { resolve } from '$app/paths';
	import { Printer } from '@lucide/svelte';
	import { floorFirst, hangingOf, type Styles, type Wall, type WallPlan } from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import FloorDrawing from '../sheet/FloorDrawing.svelte';
	import FloorTable from '../sheet/FloorTable.svelte';

	let { wall, plan, styles }: { wall: Wall; plan: WallPlan; styles: Styles } = $props();

	const session = $derived(getSession()());
	const floor = $derived(floorFirst(plan.pieces.map(hangingOf), styles.lead));
</script>

<div class="paper">
	{#if floor}
		<FloorDrawing {floor} {styles} />
		<FloorTable {floor} {styles} />
		<p>
			<a
				class="btn btn-sm"
				href={resolve('/p/[project]/[wall]/floor-sheet', { project: session.id, wall: wall.id })}
			>
				<Printer size={16} aria-hidden="true" /> On paper
			</a>
		</p>
	{:else}
		<p>Put pieces on the wall first; here they are laid out on the floor, as they will hang.</p>
	{/if}
</div>

<style>
	.paper {
		display: grid;
		gap: 0.6rem;
		max-width: 50rem;
		margin: 0 auto;
		padding: 1rem 1.2rem;
		background: #fff;
		color: #000;
	}
</style>
