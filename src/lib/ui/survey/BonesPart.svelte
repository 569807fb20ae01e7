<script lang="ts">
	import { resolve } from '$app/paths';
	import {
		coarser,
		formatLength,
		HINT_KINDS,
		HINT_WORDS,
		mayHaveStuds,
		PITCHES,
		formatMessage,
		substrateOf,
		WORTH_A_NAIL,
		type HintKind,
		type Styles,
		type Wall,
		type WallPlan
	} from '$lib/core/index.ts';
	import { setWall } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { EXPECTED_SPACINGS, PROBING } from '$lib/words/en/probing.ts';
	import HintGlyph from '../elevation/HintGlyph.svelte';
	import { getView } from '../view.svelte.ts';
	import { bonesSaid } from './bones-said.ts';
	import WorkFailed from '../WorkFailed.svelte';
	import { getBones } from './bones.svelte.ts';
	import HintEntry from './HintEntry.svelte';
	import HintList from './HintList.svelte';
	import SensorReading from './SensorReading.svelte';
	import StudList from './StudList.svelte';

	let { wall, styles, plan }: { wall: Wall; styles: Styles; plan: WallPlan } = $props();

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const watch = $derived(getBones()());
	const estimate = $derived(watch.bones?.estimate.ok ? watch.bones.estimate.value : null);
	const [probe] = $derived(watch.bones?.probes ?? []);
	const worthIt = $derived((probe?.gain ?? 0) >= WORTH_A_NAIL);
	const how = $derived(PROBING[wall.made.of]);
	/** What is told alike is told once, the gravest first. */
	const told = $derived([...new Map(plan.runs.map((run) => [run.what, run])).values()]);
	const sources = $derived([...new Set(plan.runs.map(({ source }) => source))]);
	let curve = $state(false);

	const pick = (kind: HintKind) => (view.tool = view.tool === kind ? null : kind);
	$effect(() => () => (view.tool = null));
</script>

{#if !mayHaveStuds(wall)}
	<p class="small-note">
		{substrateOf(wall.made).name} has no studs to look for. Where cables and pipes are likely is hatched
		on the wall.
	</p>
{:else}
	{#if watch.failed}<WorkFailed cause={watch.failed} onretry={() => watch.retry()} />{/if}
	<div class="told">
		<p class="said" aria-live="polite" data-testid="bones-said">
			{formatMessage(bonesSaid(watch.bones), styles.lead)}
		</p>
		{#if worthIt && probe}
			<p class="small-note" data-testid="next-probe">
				{estimate?.known ? 'To be surer, try' : 'Try'}
				{how.with} at
				<strong class="measure">{formatLength(probe.x, coarser(styles.lead))}</strong>
				from the left, low down.
			</p>
		{:else if how.with === null}
			<p class="small-note" data-testid="next-probe">{how.says}</p>
		{/if}
	</div>
	<fieldset class="my-2">
		<legend class="field-label">Choose a tool; it stays in hand while you tap or type</legend>
		<div class="tools">
			{#each HINT_KINDS as kind (kind)}
				<button
					type="button"
					class="tool"
					aria-pressed={view.tool === kind}
					title={formatMessage(HINT_WORDS[kind].tells, styles.lead)}
					onclick={() => pick(kind)}
				>
					<svg width="22" height="22" viewBox="-11 -11 22 22" aria-hidden="true">
						<HintGlyph {kind} wide={14} />
					</svg>
					{HINT_WORDS[kind].name}
				</button>
			{/each}
		</div>
		{#if view.tool}
			<p class="small-note">
				{formatMessage(HINT_WORDS[view.tool].tells, styles.lead)} Tap the wall at each place, or type
				it. Escape puts the tool away.
			</p>
			<HintEntry {wall} {styles} kind={view.tool} />
		{/if}
	</fieldset>
	{#if worthIt && probe}
		<p class="small-note">{formatMessage(probe.why, styles.lead)} {how.says}</p>
	{/if}
	{#if session.simulates}<SensorReading {wall} {styles} />{/if}
	<HintList {wall} {styles} {estimate} />
	<label class="mt-2 block">
		<span class="field-label">Spacing of the studs</span>
		<select
			class="select w-full select-sm"
			value={wall.studs.pitch === null ? '' : String(wall.studs.pitch)}
			onchange={({ currentTarget: { value } }) =>
				session.run(
					setWall(wall.id, {
						studs: { ...wall.studs, pitch: value === '' ? null : Number(value) }
					})
				)}
		>
			<option value="">to be found from the hints</option>
			{#each PITCHES as pitch (pitch)}
				<option value={String(pitch)}>
					{formatLength(pitch, styles.lead)} · {formatLength(pitch, styles.other)}
				</option>
			{/each}
		</select>
		{#if wall.studs.pitch === null}
			<span class="small-note"
				>{EXPECTED_SPACINGS({
					units: styles.lead.unit === 'mm' ? 'mm' : 'in',
					lath: substrateOf(wall.made).resistsNails === true
				})}</span
			>
		{/if}
	</label>
	{#if estimate}
		<StudList {wall} {styles} {estimate} />
		<details class="mt-2" bind:open={curve}>
			<summary class="cursor-pointer font-semibold">Chance of wood along the wall</summary>
			{#if curve}
				{#await import('./WoodCurve.svelte') then { default: WoodCurve }}
					<WoodCurve points={watch.bones?.curve ?? []} {estimate} {styles} />
				{/await}
			{/if}
		</details>
	{/if}
{/if}
<details class="mt-2">
	<summary class="cursor-pointer font-semibold">Where not to drill</summary>
	<ul class="runs small-note">
		{#each told as run (run.what)}
			<li>{run.grade === 'stop' ? 'Stop' : 'Care'}: {formatMessage(run.what, styles.lead)}.</li>
		{/each}
	</ul>
	<p class="small-note">
		A hint, never permission: elsewhere cables may run anywhere, and sockets on the other face of a
		thin wall count too. Sources: {sources.join('; ')}; local rules win. Turn the power off and use
		a detector; for anything you are not sure of, ask a licensed electrician or plumber.
	</p>
</details>
<p class="small-note mt-2">
	<a class="link" href={resolve('/practice')}>Practise on a hidden wall</a>
</p>

<style>
	/* As high as the answer and its advice grow, so that the tools never jump from under a finger. */
	.told {
		min-height: 8.4rem;
	}

	.said {
		padding: 0.4rem 0.6rem;
		border-left: 4px solid var(--tape-blue);
		background: color-mix(in srgb, var(--tape-blue) 10%, var(--color-base-100));
		font-size: var(--text-sm);
	}

	.said + p {
		margin-top: 0.4rem;
	}

	.tools {
		display: grid;
		grid-template-columns: repeat(3, 1fr);
		gap: 0.25rem;
	}

	.tool {
		display: flex;
		gap: 0.25rem;
		align-items: center;
		min-height: 2.5rem;
		padding: 0.1rem 0.35rem;
		border-radius: 0.3rem;
		background: var(--boxwood);
		color: var(--boxwood-ink);
		font-size: 0.875rem;
		line-height: 1.05;
		text-align: left;
		cursor: pointer;
	}

	.tool svg {
		flex: none;
	}

	.tool[aria-pressed='true'] {
		outline: 3px solid var(--color-primary);
		font-weight: 700;
	}

	.runs {
		padding-left: 1.1rem;
		list-style: disc;
	}
</style>
