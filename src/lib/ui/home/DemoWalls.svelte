<script lang="ts">
	import { DEMO } from '$lib/store/demo/index.ts';
	import MiniWall from '../MiniWall.svelte';
</script>

<span>
	{#each DEMO.walls as wall (wall.id)}
		<MiniWall project={DEMO} {wall} />
	{/each}
</span>

<style>
	span {
		display: grid;
		grid-template-columns: repeat(3, 1fr);
		gap: 0.4rem;
		align-items: end;
	}
</style>
