<script lang="ts">
	import { formatMessage, type Styles } from '$lib/core/index.ts';

	let { says, styles }: { says: readonly string[]; styles: Styles } = $props();
</script>

<ul>
	{#each says as line (line)}<li>{formatMessage(line, styles.lead)}</li>{/each}
</ul>

<style>
	ul {
		display: grid;
		gap: 0.35rem;
		padding-left: 1.1rem;
		list-style: square;
		line-height: 1.35;
	}

	li::marker {
		color: var(--tape-blue-ink);
	}
</style>
