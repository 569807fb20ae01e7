<script lang="ts">
	import { formatMessage, halts, substrates, type FixingOption } from '$lib/core/index.ts';
	import { settlementBy } from '$lib/store/commands/index.ts';
	import type { FixAnswer, FixQuestion } from '$lib/workers/fix.worker.ts';
	import { LatestOnlyWorker } from '$lib/workers/latest-only-worker.svelte.ts';
	import { startFixWorker } from '$lib/workers/start.ts';
	import CautionList from '../CautionList.svelte';
	import UseBar from '../fix/UseBar.svelte';
	import WorkFailed from '../WorkFailed.svelte';
	import type { OnePicture } from './one-picture.svelte.ts';

	let { one }: { one: OnePicture } = $props();

	const worker = new LatestOnlyWorker<FixQuestion, FixAnswer>(startFixWorker);
	const { styles, project } = $derived(one);
	const wall = $derived(project.walls[0]!);
	$effect(() => {
		worker.ask({ project, walls: [{ id: wall.id, framing: { studs: [], lean: null } }] });
	});
	$effect(() => () => worker.close());

	const fix = $derived(worker.answer?.[wall.id]?.[0]);
	const ways = $derived(fix?.choice.ok ? fix.choice.value.ways : []);
	const instead = $derived(fix?.choice.ok ? fix.choice.value.instead : []);
	/** What is to be chosen is chosen here. */
	const cautions = $derived(
		(fix?.cautions ?? []).filter(({ grade, code }) => grade !== 'note' && code !== 'to-choose')
	);
	const unknown = $derived(one.facts.made === 'unknown');
	const hooks = $derived(one.facts.fix?.points.map(({ hook }) => hook).join() ?? '');
	const isTaken = (way: FixingOption) =>
		way.points.map(({ hook }) => hook).join() === hooks &&
		JSON.stringify(way.back) === JSON.stringify(one.facts.piece.back);
	const FEW = 4;
</script>

<label>
	<span class="field-label">The wall is made of</span>
	<select
		class="select w-full select-sm"
		value={one.facts.made}
		onchange={(event) =>
			one.say({ made: event.currentTarget.value as typeof one.facts.made, fix: null })}
	>
		{#each substrates as { of, name } (of)}<option value={of}>{name}</option>{/each}
	</select>
</label>
{#if worker.failed}
	<WorkFailed cause={worker.failed} onretry={() => worker.retry()} />
{:else if !fix}
	<p role="status">Looking through the catalogue…</p>
{:else if ways.length === 0}
	<div class="stop" role="alert">
		{#if unknown}
			<strong>Stop. Say what the wall is made of.</strong>
			<p>Nothing so heavy is hung on a wall that nobody knows.</p>
		{:else}
			<strong>Stop. Nothing in the catalogue carries it here.</strong>
			<ul>
				{#each instead as text, index (index)}<li>{formatMessage(text, styles.lead)}</li>{/each}
			</ul>
		{/if}
	</div>
{:else}
	<ul class="ways" aria-label="Ways to hang it">
		{#each ways.slice(0, FEW) as way (way.id)}
			{@const taken = isTaken(way)}
			<li class:taken>
				<strong>{way.fixingSummary}</strong>
				<span class="small-note">{way.hangs}{way.prepStep ? `. ${way.prepStep}` : ''}</span>
				<UseBar share={way.use} />
				<button
					class="btn btn-sm"
					type="button"
					aria-pressed={taken}
					disabled={taken}
					onclick={() => one.settle(settlementBy(one.facts.piece.id, way))}
				>
					{taken ? 'Taken' : 'Take this'}
				</button>
			</li>
		{/each}
	</ul>
	<p class="small-note">
		Ratings are typical until you read your packet’s. Where a stud is, a screw in it carries more:
		keep it as a project to look for one.
	</p>
{/if}
<CautionList cautions={cautions.toSorted((a, b) => Number(halts(b)) - Number(halts(a)))} {styles} />

<style>
	.ways {
		display: grid;
		gap: 0.4rem;
		margin: 0.5rem 0;
	}

	.ways li {
		display: grid;
		gap: 0.15rem;
		padding: 0.5rem 0.6rem;
		border: 1.5px solid var(--color-base-300);
		border-radius: 0.3rem;
	}

	.taken {
		border-color: var(--color-primary);
	}

	.ways button {
		justify-self: start;
	}

	.stop {
		margin: 0.5rem 0;
		padding: 0.5rem 0.7rem;
		border: 2px solid var(--brick);
	}
</style>
