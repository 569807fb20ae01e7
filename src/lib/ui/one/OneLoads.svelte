<script lang="ts">
	import { formatForce, formatLength, massUnitOf, type PlannedPiece } from '$lib/core/index.ts';
	import CautionList from '../CautionList.svelte';
	import { bothLoads } from '../loads.ts';
	import type { OnePicture } from './one-picture.svelte.ts';

	/** What its hooks and its wire carry, and what to mind. */
	let { one, planned }: { one: OnePicture; planned: PlannedPiece } = $props();

	const { styles } = $derived(one);
	const load = $derived(planned.hooks[0]?.load);
	const tension = $derived(planned.hung?.wire?.tension);
	const unit = $derived(massUnitOf(styles.lead));
	const both = (newtons: number) => `${bothLoads(newtons, styles)} (${formatForce(newtons, 'N')})`;
</script>

<section aria-label="What it carries">
	{#if load}
		<h2>What it carries</h2>
		<dl>
			<dt>each hook, down</dt>
			<dd class="measure">{both(load.down.value)}</dd>
			{#if tension}
				<dt>the wire pulls</dt>
				<dd class="measure">{both(tension.value)}</dd>
			{/if}
			{#if load.outward > 0}
				<dt>sideways, per hook</dt>
				<dd class="measure">
					{formatForce(load.inward, unit)} in to {formatForce(load.outward, unit)} out
				</dd>
			{/if}
			<dt>off the wall, per hook</dt>
			<dd class="measure">{both(load.pull.value)}</dd>
		</dl>
	{/if}
	{#if planned.hung}
		<p class="level"><strong>Held level by:</strong> {planned.hung.heldLevelBy}</p>
		{#if planned.hung.wire}
			<p class="level">
				Wire, ring to ring: <span class="measure"
					>{formatLength(planned.hung.wire.length, styles.lead)}</span
				>, at {planned.hung.wire.angle.value.toFixed(0)}°.
			</p>
		{/if}
	{/if}
</section>
<CautionList cautions={planned.cautions} {styles} />

<style>
	section {
		margin: 0.8rem 0;
	}

	h2 {
		font-size: var(--text-base);
	}

	.level {
		margin-top: 0.3rem;
		font-size: var(--text-sm);
	}

	dl {
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 0.1rem 0.8rem;
		align-items: baseline;
	}

	dd {
		font-size: var(--text-lg);
		text-align: right;
	}
</style>
