<script lang="ts">
	import { Eye, Shuffle } from '@lucide/svelte';
	import { onMount } from 'svelte';
	import { page } from '$app/state';
	import {
		formatLength,
		HIDDEN_KINDS,
		PROBE_TOOLS,
		formatMessage,
		stylesOf,
		usualHouseRules,
		type HiddenKind,
		type ProbeTool
	} from '$lib/core/index.ts';
	import LengthField from '$lib/ui/field/LengthField.svelte';
	import { Practice, PRACTICE } from '$lib/ui/practice/practice.svelte.ts';
	import PracticeResult from '$lib/ui/practice/PracticeResult.svelte';
	import PracticeWall from '$lib/ui/practice/PracticeWall.svelte';
	import Segments from '$lib/ui/Segments.svelte';
	import { bonesSaid } from '$lib/ui/survey/bones-said.ts';
	import { BonesWatch } from '$lib/ui/survey/bones.svelte.ts';
	import ThemeButton from '$lib/ui/ThemeButton.svelte';
	import TopBar from '$lib/ui/TopBar.svelte';

	const watch = new BonesWatch();
	onMount(() => () => watch.close());

	const asked = Number(page.url.searchParams.get('seed'));
	let practice = $state.raw(new Practice(asked > 0 ? asked : newSeed()));
	let kind: HiddenKind | 'any' = $state('any');
	let units: 'in' | 'mm' = $state('in');
	let tool: ProbeTool | 'name' = $state('nail');
	let advised = $state(false);
	let place = $state(PRACTICE.width / 2);

	const styles = $derived(stylesOf({ ...usualHouseRules, units, tapeFraction: 16 }));
	const estimate = $derived(watch.bones?.estimate.ok ? watch.bones.estimate.value : null);
	const probe = $derived(watch.bones?.probes[0] ?? null);
	const holes = $derived(practice.tries.filter(({ hole }) => hole).length);
	const names = { knock: 'Knock', magnet: 'Magnet', nail: 'Thin nail', name: 'Name a stud' };

	$effect(() => watch.ask(practice.facts));
	$effect(() => {
		const round = practice;
		return () => round.close();
	});

	function newSeed(): number {
		return 1 + Math.floor(Math.random() * 999_999);
	}

	function again() {
		practice = new Practice(newSeed(), kind === 'any' ? undefined : kind);
		advised = false;
		tool = 'nail';
	}

	function point(x: number) {
		place = Math.min(Math.max(x, 0), PRACTICE.width);
		if (practice.score) return;
		if (tool === 'name') practice.name(place);
		else practice.try(tool, place);
	}
</script>

<svelte:head><title>Practice wall · Warm Porch</title></svelte:head>

<div class="page" data-seed={practice.seed}>
	<TopBar>
		<h1 class="title">Practice wall</h1>
		{#snippet end()}<ThemeButton />{/snippet}
	</TopBar>
	<main>
		<div class="stage">
			<PracticeWall
				{practice}
				estimate={estimate?.known ? estimate : null}
				advice={advised && probe ? probe.x : null}
				{styles}
				onpoint={point}
			/>
		</div>
		<aside class="bench" aria-label="Bench">
			{#if practice.score}
				<PracticeResult {practice} {styles} />
			{:else}
				<p class="small-note mb-2">
					A made-up wall {formatLength(PRACTICE.width, styles.lead)} wide; its studs are hidden. Find
					them with few holes, name their middles, then lift the board.
				</p>
				<Segments
					named
					label="In your hand"
					options={[...PROBE_TOOLS, 'name' as const].map((value) => ({
						value,
						label: names[value]
					}))}
					value={tool}
					onchoose={(chosen: ProbeTool | 'name') => (tool = chosen)}
				/>
				<div class="at">
					<LengthField
						label="Place, from the left"
						value={place}
						zero
						{styles}
						onvalue={(mm) => (place = mm)}
					/>
					<button class="btn btn-primary" type="button" onclick={() => point(place)}>
						{tool === 'name' ? 'Name it' : 'Try there'}
					</button>
				</div>
				<p class="answer" role="status" data-testid="answer">
					{practice.said || 'Tap the wall to try.'}
				</p>
				<p class="small-note">
					Tries <strong class="measure">{practice.tries.length}</strong>, holes
					<strong class="measure">{holes}</strong>.
				</p>
				<label class="advised">
					<input class="checkbox checkbox-sm" type="checkbox" bind:checked={advised} />
					Show what the app makes of it
				</label>
				{#if advised}
					<p class="small-note" data-testid="advice">
						{formatMessage(bonesSaid(watch.bones), styles.lead)}
					</p>
					{#if probe}
						<p class="small-note">{formatMessage(probe.why, styles.lead)}</p>
						<button
							class="btn btn-sm"
							type="button"
							disabled={watch.busy}
							onclick={() => {
								place = probe.x;
								practice.try('nail', probe.x);
							}}
						>
							Nail at {formatLength(probe.x, styles.lead)}
						</button>
					{/if}
					{#if estimate?.known}
						<button
							class="btn btn-sm"
							type="button"
							onclick={() => (practice.named = estimate.studs.map(({ x }) => x))}
						>
							Name these {estimate.studs.length} studs
						</button>
					{/if}
				{/if}
				<p class="mt-3">
					<button
						class="btn btn-primary"
						type="button"
						disabled={practice.named.length === 0}
						onclick={() => practice.lift()}
					>
						<Eye size={17} aria-hidden="true" /> Lift the board
					</button>
				</p>
			{/if}
			<div class="new">
				<label>
					<span class="field-label">Next wall</span>
					<select class="select select-sm" bind:value={kind}>
						<option value="any">any kind</option>
						{#each HIDDEN_KINDS as each (each)}
							<option value={each}>{each}</option>
						{/each}
					</select>
				</label>
				<button class="btn btn-sm" type="button" onclick={again}>
					<Shuffle size={16} aria-hidden="true" /> New wall
				</button>
				<Segments
					label="Units"
					options={[
						{ value: 'in', label: 'inches' },
						{ value: 'mm', label: 'mm' }
					]}
					value={units}
					onchoose={(chosen: 'in' | 'mm') => (units = chosen)}
				/>
			</div>
		</aside>
	</main>
</div>

<style>
	.page {
		display: grid;
		grid-template-rows: auto minmax(0, 1fr);
		height: 100dvh;
	}

	.title {
		font-size: var(--text-lg);
	}

	main {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 21rem;
		min-height: 0;
	}

	.stage {
		min-height: 0;
		background: var(--color-base-300);
	}

	.bench {
		overflow-y: auto;
		padding: 0.8rem 1rem;
		border-left: 1px solid var(--color-base-300);
		background: var(--color-base-100);
	}

	.at {
		display: flex;
		gap: 0.5rem;
		align-items: start;
		margin-top: 0.5rem;
	}

	.at .btn {
		margin-top: 1.3rem;
	}

	.answer {
		padding: 0.4rem 0.6rem;
		border-left: 4px solid var(--tape-blue);
		background: color-mix(in srgb, var(--tape-blue) 10%, var(--color-base-100));
		font-size: var(--text-lg);
		font-weight: 600;
	}

	.advised {
		display: flex;
		gap: 0.4rem;
		align-items: center;
		margin: 0.4rem 0;
	}

	.new {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem;
		align-items: end;
		margin-top: 1rem;
		padding-top: 0.6rem;
		border-top: 1px dashed var(--color-base-300);
	}

	@media (width < 56rem) {
		.page {
			height: auto;
			min-height: 100dvh;
		}

		main {
			grid-template-columns: minmax(0, 1fr);
			grid-template-rows: 19rem auto;
		}

		.bench {
			border-left: 0;
		}
	}
</style>
