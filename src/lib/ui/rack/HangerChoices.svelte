<script lang="ts">
	import { hangerOf, type Piece } from '$lib/core/index.ts';
	import { chooseOnBack } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import ChoiceField from '../field/ChoiceField.svelte';

	let { piece }: { piece: Piece } = $props();

	const session = $derived(getSession()());
	const choices = $derived(hangerOf(piece.back).choices(piece.back));
</script>

<div class="choices">
	{#each choices as choice (choice.key)}
		<ChoiceField
			{choice}
			onchoose={(answer) => session.run(chooseOnBack(piece.id, choice.key, answer))}
		/>
	{/each}
</div>

<style>
	.choices {
		display: grid;
		gap: 0.35rem;
		margin-top: 0.3rem;
	}
</style>
