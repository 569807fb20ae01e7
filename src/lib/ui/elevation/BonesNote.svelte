<script lang="ts">
	import {
		mayHaveStuds,
		formatMessage,
		substrateOf,
		type Styles,
		type Wall
	} from '$lib/core/index.ts';
	import { bonesSaid } from '../survey/bones-said.ts';
	import { getBones } from '../survey/bones.svelte.ts';

	let { wall, styles }: { wall: Wall; styles: Styles } = $props();

	const watch = $derived(getBones()());
	const said = $derived(
		mayHaveStuds(wall)
			? bonesSaid(watch.bones)
			: `${substrateOf(wall.made).name}: no studs to look for.`
	);
</script>

<p class="bones" role="note">
	{formatMessage(said, styles.lead)}
	Hatched: where cables and pipes are likely. It is a hint, never permission to drill elsewhere.
</p>

<style>
	.bones {
		position: absolute;
		top: 3.2rem;
		left: 50%;
		width: min(34rem, 80%);
		padding: 0.5rem 0.9rem;
		transform: translateX(-50%);
		border-left: 4px solid var(--marigold);
		background: var(--color-base-100);
		font-size: var(--text-sm);
	}
</style>
