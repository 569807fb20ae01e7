<script lang="ts">
	import { say, type Gathered, type Styles } from '$lib/core/index.ts';

	let { cautions, styles }: { cautions: readonly Gathered[]; styles: Styles } = $props();

	const whose = ({ letters, caution }: Gathered) =>
		[...letters, caution.grade].join(', ').replace(/^./, (first) => first.toUpperCase());
</script>

{#each cautions as each, index (index)}
	<li>
		<strong>{whose(each)}.</strong>
		{say(each.caution.message, styles.lead)}
		{say(each.caution.remedy, styles.lead)}
	</li>
{/each}
