<script lang="ts">
	/** Lines to write on, three in a row: a name, a date, a name. */
	let { lines }: { lines: readonly string[] } = $props();
</script>

<div>
	{#each lines as what, index (index)}<p>{what}</p>{/each}
</div>

<style>
	div {
		display: grid;
		grid-template-columns: 2fr 1fr 2fr;
		gap: 8mm 6mm;
		margin-top: 9mm;
		break-inside: avoid;
	}

	p {
		padding-top: 1mm;
		border-top: 1px solid var(--sheet-ink);
		font-size: var(--text-xs);
	}
</style>
