<script lang="ts">
	import { onMount } from 'svelte';
	import { type HangerKind, hangerOf, hangers, hungPiece } from '$lib/core/index.ts';
	import BackDrawing from '$lib/ui/back/BackDrawing.svelte';
	import LengthField from '$lib/ui/field/LengthField.svelte';
	import MassField from '$lib/ui/field/MassField.svelte';
	import OneAnswer from '$lib/ui/one/OneAnswer.svelte';
	import OneCard from '$lib/ui/one/OneCard.svelte';
	import OneLoads from '$lib/ui/one/OneLoads.svelte';
	import OneMarks from '$lib/ui/one/OneMarks.svelte';
	import OneWall from '$lib/ui/one/OneWall.svelte';
	import { OnePicture, type HeightMode } from '$lib/ui/one/one-picture.svelte.ts';
	import Segments from '$lib/ui/Segments.svelte';
	import ThemeButton from '$lib/ui/ThemeButton.svelte';
	import TopBar from '$lib/ui/TopBar.svelte';

	const one = new OnePicture();
	const { facts } = $derived(one);
	const choices = $derived(
		hangerOf(facts.piece.back)
			.choices(facts.piece.back)
			.filter(({ detail }) => !detail)
	);
	/** The four ways most single pictures hang; the Rack knows the others. */
	const QUICK: readonly HangerKind[] = ['wire-one', 'wire-two', 'rings', 'sawtooth'];
	const offered = hangers.filter(({ kind }) => QUICK.includes(kind));
	const styles = $derived(one.styles);
	const tall = { min: 300, max: 4000 };

	const middle = $derived(one.project.walls[0]!.width / 2);
	let keeping = $state(false);
	let stripFailed: string | null = $state(null);

	onMount(() => {
		if (location.hash.length < 2) return;
		void import('$lib/ui/one/kept-facts.ts').then(({ factsFrom }) => {
			const kept = factsFrom(location.hash);
			if (kept) one.facts = kept;
		});
	});
	// The address carries what was said, so that a reload, a bookmark or a link brings it back.
	$effect(() => {
		if (!one.isFresh)
			history.replaceState(history.state, '', `#${encodeURIComponent(JSON.stringify(facts))}`);
	});

	async function strip() {
		const { saveStrip } = await import('$lib/ui/one/strip-file.ts');
		stripFailed = saveStrip(one);
	}
</script>

<svelte:head><title>Just one picture · Warm Porch</title></svelte:head>

<TopBar>
	<h1 class="text-base font-semibold">Just one picture</h1>
	{#snippet end()}
		<button class="btn btn-primary btn-sm" type="button" onclick={() => (keeping = true)}>
			Keep as a project
		</button>
		<ThemeButton />
	{/snippet}
</TopBar>

<main class="one">
	<div class="choices">
		<Segments
			label="How it hangs"
			options={offered.map(({ kind, name }) => ({
				value: kind,
				label: name
			}))}
			value={facts.piece.back.kind}
			onchoose={(kind: HangerKind) => one.hangBy(kind)}
		/>
		<Segments
			label="Units"
			options={[
				{ value: 'in', label: 'inches' },
				{ value: 'mm', label: 'mm' }
			]}
			value={facts.units}
			onchoose={(units) => one.say({ units })}
		/>
	</div>
	<div class="drawing">
		<p class="seen">From the back, as you read it. Left and right are as it hangs.</p>
		<BackDrawing
			back={facts.piece.back}
			piece={hungPiece(facts.piece)}
			{styles}
			unsized={{ width: !one.isTyped('width'), height: !one.isTyped('height') }}
			trouble={one.planned?.trouble ?? null}
			below={120}
			onmeasure={(key, mm) => one.measure(key, mm)}
			onsize={(size) => one.size(size)}
		>
			{#snippet behind(geometry, box)}
				<OneWall
					{one}
					{geometry}
					{box}
					hook={one.planned?.hooks[0]}
					caption={one.level && one.planned?.hooks.length === 2
						? 'both hooks'
						: (one.planned?.hooks[0]?.name ?? '')}
				/>
			{/snippet}
			{#snippet over(box, geometry)}
				<OneMarks hooks={one.planned?.hooks ?? []} {middle} {geometry} {box} />
				<div class="at" style:left="{box.width - 46}px" style:top="{box.height - 70}px">
					{#if facts.mode === 'centre'}
						<LengthField
							compact
							label="Centre height"
							help="Floor to the middle of the picture"
							value={facts.centre}
							assumed={!one.isTyped('centre')}
							{styles}
							plausible={tall}
							onvalue={(mm) => one.say({ centre: mm })}
						/>
					{:else if facts.mode === 'top'}
						<LengthField
							compact
							label="Top edge height"
							help="Floor to the top edge"
							value={facts.top}
							assumed={!one.isTyped('top')}
							{styles}
							plausible={tall}
							onvalue={(mm) => one.say({ top: mm })}
						/>
					{:else}
						<LengthField
							compact
							label="Furniture height"
							help="Floor to the top of the furniture"
							value={facts.furniture}
							assumed={!one.isTyped('furniture')}
							{styles}
							plausible={{ min: 200, max: 2000 }}
							onvalue={(mm) => one.say({ furniture: mm })}
						/>
					{/if}
				</div>
				{#if facts.mode === 'bottom'}
					<div class="at" style:left="{box.width - 46}px" style:top="{box.height - 108}px">
						<LengthField
							compact
							label="Space above the furniture"
							help="Usually 6 to 8 in (150 to 200 mm)"
							value={facts.above}
							assumed={!one.isTyped('above')}
							{styles}
							plausible={{ min: 20, max: 1000 }}
							onvalue={(mm) => one.say({ above: mm })}
						/>
					</div>
				{/if}
			{/snippet}
		</BackDrawing>
	</div>
	<div class="below">
		<Segments
			named
			label="Its height is given for the"
			options={[
				{ value: 'centre', label: 'centre' },
				{ value: 'top', label: 'top edge' },
				{ value: 'bottom', label: 'bottom, above furniture' }
			]}
			value={facts.mode}
			onchoose={(mode: HeightMode) => one.say({ mode })}
		/>
		{#each choices as choice (choice.key)}
			<Segments
				named
				label={choice.label}
				options={choice.answers.map(({ answer, label }) => ({ value: answer, label }))}
				value={choice.answer}
				onchoose={(answer) => one.choose(choice.key, answer)}
			/>
		{/each}
		<div class="weight">
			<MassField
				label="Weight, if known"
				value={facts.piece.weight}
				units={facts.units}
				onvalue={(weight) => one.size({ weight })}
			/>
		</div>
	</div>
	{#if one.planned}
		<div class="side">
			<div class="answer">
				<p class="stale">One figure cannot be read: this answer is from before it.</p>
				<OneAnswer {one} planned={one.planned} />
			</div>
			<aside>
				{#if one.planned.hooks.length > 0}
					<h2>What to hang it on</h2>
					{#if facts.piece.weight === null}
						<p>Type its weight, and the catalogue says what carries it.</p>
					{:else}
						{#await import('$lib/ui/one/OneVerdict.svelte') then { default: OneVerdict }}
							<OneVerdict {one} />
						{/await}
					{/if}
					<OneLoads {one} planned={one.planned} />
					<div class="acts">
						<button class="btn btn-sm" type="button" onclick={() => window.print()}>
							Print a card
						</button>
						{#if one.level && one.planned.hooks.length > 1}
							<button class="btn btn-sm" type="button" onclick={() => void strip()}>
								True-size strip as PDF
							</button>
						{/if}
					</div>
					{#if stripFailed}<p role="alert">{stripFailed}</p>{/if}
				{/if}
			</aside>
		</div>
	{/if}
</main>
{#if one.planned}<OneCard {one} planned={one.planned} />{/if}
{#if keeping}
	{#await import('$lib/ui/one/KeepOne.svelte') then { default: KeepOne }}
		<KeepOne {one} bind:open={keeping} />
	{/await}
{/if}

<style>
	.one {
		display: grid;
		grid-template: auto minmax(20rem, 1fr) auto / minmax(0, 1fr) 24.5rem;
		grid-template-areas: 'choices side' 'drawing side' 'below side';
		gap: 0.6rem 1rem;
		height: calc(100dvh - 3.5rem);
		min-height: 36rem;
		padding: 0.75rem 1rem;
	}

	.choices {
		grid-area: choices;
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		gap: 0.5rem;
	}

	.drawing {
		display: grid;
		grid-area: drawing;
		grid-template-rows: auto minmax(0, 1fr);
		min-height: 20rem;
		border-radius: 0.5rem;
		background: var(--plaster);
	}

	.seen {
		padding: 0.2rem 0.6rem;
		color: var(--graphite-soft);
		font-size: var(--text-xs);
	}

	.at {
		position: absolute;
		width: 76px;
		transform: translate(-50%, -50%);
	}

	.below {
		grid-area: below;
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem 1.6rem;
	}

	.weight {
		width: 9rem;
	}

	.side {
		grid-area: side;
		overflow-y: auto;
		padding: 0.2rem 0.4rem;
	}

	h2 {
		font-size: var(--text-base);
	}

	.stale {
		display: none;
		padding: 0.4rem 0.6rem;
		border-left: 4px solid var(--color-error);
		font-size: var(--text-sm);
	}

	.one:has(:global([aria-invalid='true'])) .answer:not(:has(:global([role='alert']))) .stale {
		display: block;
	}

	.one:has(:global([aria-invalid='true'])) .answer :global(:is(.huge, .measure)) {
		text-decoration: line-through;
	}

	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 0.4rem;
		margin-top: 0.6rem;
	}

	@media (width < 60rem) {
		.one {
			display: flex;
			flex-direction: column;
			height: auto;
		}

		.side {
			display: contents;
		}

		/* The answer first: what it is reckoned from comes after it. */
		.answer {
			order: -1;
		}

		.answer :global(.huge) {
			font-size: var(--text-4xl);
		}

		.drawing {
			flex: none;
			height: 27rem;
		}

		aside {
			order: 1;
		}
	}

	@media print {
		.one {
			display: none;
		}
	}
</style>
