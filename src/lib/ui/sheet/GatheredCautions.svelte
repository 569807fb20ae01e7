<script lang="ts">
	import { formatMessage, type Gathered, type Styles } from '$lib/core/index.ts';

	let { cautions, styles }: { cautions: readonly Gathered[]; styles: Styles } = $props();

	const whose = ({ letters, caution }: Gathered) =>
		[...letters, caution.grade].join(', ').replace(/^./, (first) => first.toUpperCase());
</script>

{#each cautions as each, index (index)}
	<li>
		<strong>{whose(each)}.</strong>
		{formatMessage(each.caution.message, styles.lead)}
		{formatMessage(each.caution.remedy, styles.lead)}
	</li>
{/each}
