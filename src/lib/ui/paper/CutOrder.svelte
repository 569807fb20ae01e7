<script lang="ts">
	import { cutSteps, formatMessage, type StripPlan, type Styles } from '$lib/core/index.ts';
	import StripDrawing from './StripDrawing.svelte';

	let { plan, rollWidth, styles }: { plan: StripPlan; rollWidth: number; styles: Styles } =
		$props();
</script>

{#each plan.strips as strip, index (strip.from)}
	<section>
		<h3>Strip {index + 1} of {plan.strips.length}</h3>
		<StripDrawing {strip} {rollWidth} {styles} />
		<ol>
			{#each cutSteps(strip, rollWidth) as step (step)}
				<li>{formatMessage(step, styles.lead)}</li>
			{/each}
		</ol>
	</section>
{/each}

<style>
	section {
		margin-top: 4mm;
		break-inside: avoid;
	}

	h3 {
		font-size: var(--text-base);
	}

	ol {
		padding-left: 1.2rem;
		list-style: decimal;
	}
</style>
