<script lang="ts">
	let over = $state(false);

	const carriesFiles = (event: DragEvent) => event.dataTransfer?.types.includes('Files') ?? false;

	function dragover(event: DragEvent) {
		if (!carriesFiles(event)) return;
		event.preventDefault();
		over = true;
	}

	async function drop(event: DragEvent) {
		if (!carriesFiles(event)) return;
		event.preventDefault();
		over = false;
		const file = event.dataTransfer?.files[0];
		if (!file) return;
		const { openFile } = await import('./open-file.ts');
		await openFile(file);
	}
</script>

<svelte:window
	ondragover={dragover}
	ondragleave={(event) => {
		if (!event.relatedTarget) over = false;
	}}
	ondrop={drop}
/>

{#if over}
	<div class="drop" role="status">Let go to open the project file</div>
{/if}

<style>
	.drop {
		position: fixed;
		inset: 1rem;
		z-index: 100;
		display: grid;
		place-items: center;
		border: 4px dashed var(--tape-blue);
		border-radius: 1rem;
		background: color-mix(in srgb, var(--color-base-100) 88%, transparent);
		font-family: var(--font-display);
		font-size: var(--text-3xl);
		pointer-events: none;
	}
</style>
