<script lang="ts">
	import { page } from '$app/state';
	import { provedBy, formatMessage, type DayProof } from '$lib/core/index.ts';
	import { projectPath } from '../paths.ts';
	import BigMeasure from './BigMeasure.svelte';
	import Foot from './Foot.svelte';
	import ReadingPad from './ReadingPad.svelte';
	import Says from './Says.svelte';
	import type { ScreenProps } from './screen.ts';

	let { day, item, proof, onnext, onback, more }: ScreenProps & { proof: DayProof } = $props();

	let typed: number | null | undefined = $state();
	let simulated = $state(false);
	const read = $derived(typed === undefined ? (day.state.proofs.get(proof.id) ?? null) : typed);
	const verdict = $derived(read === null ? null : provedBy(proof, read));

	function keep() {
		if (read === null || !verdict) return;
		day.tell({ what: 'proved', step: proof.id, read, simulated });
		if (verdict.agrees) onnext();
	}
</script>

<Says says={item.step.says} styles={day.styles} />
<BigMeasure
	printed={proof.expected.value}
	exact={proof.expected.value}
	from="as surveyed"
	styles={day.styles}
/>
<ReadingPad
	label="What the tape reads"
	value={read}
	styles={day.styles}
	truth={proof.expected.value}
	onvalue={(mm, by) => ([typed, simulated] = [mm, by])}
>
	{#if verdict}
		<p class={['verdict', !verdict.agrees && 'off']} role="status">
			{formatMessage(verdict.says, day.styles.lead)}
			{#if !verdict.agrees}
				<a href={projectPath(page.params.project!, page.params.wall!, 'survey')}>Open Survey</a>
			{/if}
		</p>
	{/if}
</ReadingPad>
<Foot label="Keep it, next" disabled={!verdict} onact={keep} {onback} {more} />

<style>
	.verdict {
		padding: 0.5rem 0.8rem;
		border-left: 6px solid var(--moss-ink);
		background: color-mix(in srgb, var(--moss-ink) 12%, var(--color-base-100));
	}

	.off {
		border-color: var(--brick);
		background: color-mix(in srgb, var(--brick) 14%, var(--color-base-100));
	}

	a {
		display: inline-block;
		min-height: 48px;
		padding: 0.7rem 0;
		color: var(--color-primary);
		font-weight: 700;
		text-decoration: underline;
	}
</style>
