<script lang="ts">
	/** @param before address of a photo of the bare wall; null for none. */
	let { before }: { before: string | null } = $props();

	const places = $derived([
		{ name: 'Before', photo: before },
		{ name: 'After', photo: null }
	]);
</script>

{#each places as { name, photo } (name)}
	<h2>{name}</h2>
	<div class="place">
		{#if photo}<img src={photo} alt="The wall before" />{:else}
			<p>A photo goes here: from the middle, level, the whole wall in it.</p>
		{/if}
	</div>
	<p class="line">Date</p>
{/each}

<style>
	h2 {
		font-size: var(--text-base);
	}

	.place {
		display: grid;
		place-items: center;
		height: 84mm;
		border: 1px dashed var(--sheet-rule);
		color: var(--sheet-note);
		font-size: var(--text-xs);
	}

	img {
		max-width: 100%;
		max-height: 100%;
	}

	.line {
		width: 50mm;
		margin: 8mm 0 4mm;
		padding-top: 1mm;
		border-top: 1px solid var(--sheet-ink);
		font-size: var(--text-xs);
	}
</style>
