<script lang="ts">
	import { page } from '$app/state';
	import { Volume2, VolumeX, X } from '@lucide/svelte';
	import {
		cautionsTogether,
		doneTogether,
		firstTogether,
		halts,
		PHASES,
		spokenStep,
		type Met,
		type SheetStep
	} from '$lib/core/index.ts';
	import { settlementBy } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import CautionList from '$lib/ui/CautionList.svelte';
	import { Aloud } from '$lib/ui/hang/aloud.svelte.ts';
	import { Awake } from '$lib/ui/hang/awake.svelte.ts';
	import { Day } from '$lib/ui/hang/day.svelte.ts';
	import DayOver from '$lib/ui/hang/DayOver.svelte';
	import NotChecked from '$lib/ui/fix/NotChecked.svelte';
	import NextWay from '$lib/ui/hang/NextWay.svelte';
	import NotKept from '$lib/ui/hang/NotKept.svelte';
	import { ReadOn } from '$lib/ui/hang/read-on.svelte.ts';
	import RingedWall from '$lib/ui/hang/RingedWall.svelte';
	import SkipPart from '$lib/ui/hang/SkipPart.svelte';
	import StepScreen from '$lib/ui/hang/StepScreen.svelte';
	import WrongPart from '$lib/ui/hang/WrongPart.svelte';
	import KeepingNote from '$lib/ui/KeepingNote.svelte';
	import { projectPath } from '$lib/ui/paths.ts';
	import { getBones } from '$lib/ui/survey/bones.svelte.ts';

	const session = $derived(getSession()());
	const bones = $derived(getBones()());
	const wallId = $derived(page.params.wall!);
	const day = new Day(() => ({ session, bones, wallId }));
	const { sheet, styles, plan, wall } = $derived(day);

	/** The step looked at: what is told there opens others, and nobody is taken away from it. Null for the first that is open. */
	let looked: string | null = $state(null);
	let wrong = $state(false);

	const item: SheetStep | null = $derived(
		sheet.find(({ step }) => step.id === looked) ?? day.next ?? null
	);
	/** What is done in one go. */
	const group = $derived(item ? doneTogether(sheet, item) : []);
	/** The screen that asks most stands for them. */
	const led = $derived([
		...group.filter(({ step }) => step.asks.of === 'photo'),
		...group.filter(({ step }) => step.asks.of !== 'photo')
	]);
	const cautions = $derived(cautionsTogether(sheet, group));
	const at = $derived(item ? sheet.indexOf(item) : sheet.length);
	const inPhase = $derived(sheet.filter(({ step }) => step.phase === item?.step.phase));
	const done = $derived(sheet.filter(({ mark, off }) => mark && !off).length);
	const asks = $derived(item?.step.asks);
	const planned = $derived(plan.pieces.find(({ pieceId }) => pieceId === item?.step.pieceId));
	const hook = $derived(
		asks?.of === 'set'
			? asks.hook
			: asks?.of === 'mark'
				? (planned?.hooks.find(({ id }) => id === asks.mark.id) ?? null)
				: null
	);
	/** Something else was met than it was fixed for, and nobody chose another way yet. */
	const reopened = $derived(
		planned !== undefined &&
			!planned.settled &&
			!planned.hanging &&
			day.project.day.some(
				(event) =>
					event.what === 'met' &&
					event.pieceId === planned.pieceId &&
					event.at >= (day.state.began ?? '')
			)
	);

	/** Marks are read aloud one after another. */
	const spoken = $derived(asks?.of === 'mark' ? led.slice(0, 1) : led);
	const awake = new Awake();
	const aloud = new Aloud(() =>
		item ? spoken.map((each) => spokenStep(each, styles.lead)).join(' ') : 'All is done.'
	);
	const reading = new ReadOn(() => ({
		// A mark that is to be fixed another way first is not gone past.
		...{ reading: aloud.on, item: reopened ? null : item, sheet },
		goTo: (id) => (looked = id)
	}));

	/** On to the first open step; back to the one before where what was told at it cannot be kept. */
	async function next(told: string) {
		looked = day.next?.step.id ?? null;
		scrollTo({ top: 0 });
		if (!(await session.keep())) looked = told;
	}

	function back() {
		const before = sheet[at - 1];
		if (before) looked = firstTogether(sheet, before).step.id;
		scrollTo({ top: 0 });
	}

	function met(what: Met) {
		if (!hook || !item?.step.pieceId) return;
		const { pieceId } = item.step;
		day.tell({
			...{ what: 'met', step: item.step.id, hookId: hook.id, pieceId },
			...{ met: what, hole: hook.hole, hook: hook.kind }
		});
		wrong = false;
		looked = null;
	}

	function use(index: number) {
		const pieceId = planned!.pieceId;
		const choice = day.fixOf(pieceId)?.choice;
		const way = choice?.ok ? choice.value.ways[index] : undefined;
		if (way) day.tell({ what: 'settled', ...settlementBy(pieceId, way) });
	}
</script>

<svelte:head><title>At the wall · {wall.name} · Warm Porch</title></svelte:head>

<header>
	<h1>{wall.name}</h1>
	<p>
		{#if item}
			{PHASES[item.step.phase].toLowerCase()}
			{inPhase.indexOf(item) + 1}{group.length > 1
				? `–${inPhase.indexOf(item) + group.length}`
				: ''} of {inPhase.length}
		{/if}
	</p>
	<KeepingNote {session} word />
	<a
		href={projectPath(page.params.project!, wallId, 'hang')}
		aria-label="Leave the wall, back to the run sheet"
	>
		<X size={24} aria-hidden="true" />
	</a>
</header>
<progress value={done} max={sheet.length} aria-label="{done} of {sheet.length} steps"></progress>
<main>
	<NotChecked chooser={day.chooser} />
	{#if session.keeping.state === 'failed'}
		<NotKept
			{session}
			error={session.keeping.error}
			title={item ? `“${item.step.title}”` : 'this day'}
		/>
	{:else if wrong}
		<WrongPart
			{styles}
			pieceId={item?.step.pieceId ?? null}
			onmet={hook && asks?.of === 'set' ? met : null}
			onclose={() => (wrong = false)}
		/>
	{:else if item}
		<!-- Each step has screens of its own: one that goes is not told of the next. -->
		{#each led.slice(0, 1) as shown (shown.step.id)}
			{@const { step, waitsFor, mark } = shown}
			{@const { asks } = step}
			{#snippet more()}
				<button class="in-reach wrong" type="button" onclick={() => (wrong = true)}
					>Something’s wrong</button
				>
				{#if aloud.able}
					<button
						class="in-reach"
						type="button"
						aria-pressed={aloud.on}
						onclick={() => (aloud.on = !aloud.on)}
					>
						{#if aloud.on}
							<VolumeX size={20} aria-hidden="true" /> Stop
						{:else}
							<Volume2 size={20} aria-hidden="true" /> Read aloud
						{/if}
					</button>
				{/if}
				<SkipPart
					skipped={mark?.state === 'skipped' ? mark.why : null}
					onskip={(why) => {
						day.tell({ what: 'skipped', step: step.id, why });
						void next(step.id);
					}}
				/>
			{/snippet}
			<h2>{step.title}</h2>
			{#if waitsFor.length > 0}
				<p class="first" role="status">
					First: {waitsFor[0]!.title}{waitsFor.length > 1
						? `, and ${waitsFor.length - 1} more`
						: ''}.
					<button type="button" onclick={() => next(step.id)}>Go there</button>
				</p>
			{/if}
			{#if hook || asks.of === 'lift' || asks.of === 'level'}
				<RingedWall
					{wall}
					{plan}
					pieceId={step.pieceId}
					{hook}
					mark={asks.of === 'mark' ? asks.mark : null}
				/>
			{/if}
			<CautionList cautions={cautions.fresh} {styles} brief />
			{#if cautions.told.length > 0}
				<details>
					<summary>
						{cautions.told.some(halts) ? 'Stop, as shown before' : 'Take care, as shown before'}
					</summary>
					<CautionList cautions={cautions.told} {styles} />
				</details>
			{/if}
			{#if !awake.held && step.phase === 'prove'}
				<p class="small-note">
					{awake.able
						? 'This browser did not let the screen stay on: set it to stay lit yourself.'
						: 'This page cannot keep the screen on here: set the phone to stay lit, or serve it over HTTPS.'}
				</p>
			{/if}
			{#if reopened && (asks.of === 'mark' || asks.of === 'set')}
				<NextWay
					letter={planned!.letter}
					fix={bones.busy ? undefined : day.fixOf(planned!.pieceId)}
					{styles}
					onuse={use}
				/>
				<div class="reach">{@render more()}</div>
			{:else}
				<StepScreen
					{day}
					item={shown}
					group={aloud.on ? spoken : led}
					reading={aloud.on ? reading : null}
					onnext={() => next(step.id)}
					onback={back}
					onlook={(id) => (looked = id)}
					{more}
				/>
			{/if}
		{/each}
	{:else}
		<DayOver {day} onback={back} />
	{/if}
</main>

<style>
	header {
		position: sticky;
		z-index: 6;
		top: 0;
		display: flex;
		gap: 0.8rem;
		align-items: center;
		min-height: 3.2rem;
		padding: 0 0.4rem 0 1rem;
		background: var(--umber);
		color: var(--umber-text);
	}

	h1 {
		font-size: var(--text-lg);
		white-space: nowrap;
	}

	header p {
		margin-left: auto;
		font-size: var(--text-sm);
		white-space: nowrap;
	}

	header a {
		display: grid;
		width: 48px;
		height: 48px;
		place-items: center;
	}

	header :focus-visible {
		outline-color: var(--steel-tape);
	}

	/* How far the day has come, as a tape pulled out. */
	progress {
		display: block;
		width: 100%;
		height: 12px;
		appearance: none;
		border: 0;
		background:
			repeating-linear-gradient(90deg, var(--shade) 0 1px, transparent 1px 13px), var(--boxwood);
	}

	progress::-webkit-progress-bar {
		background: transparent;
	}

	progress::-webkit-progress-value {
		background:
			repeating-linear-gradient(90deg, var(--shade) 0 1px, transparent 1px 13px), var(--tape-blue);
	}

	progress::-moz-progress-bar {
		background: var(--tape-blue);
	}

	main {
		display: flex;
		flex-direction: column;
		gap: 0.7rem;
		max-width: 34rem;
		min-height: calc(100dvh - 4rem);
		margin: 0 auto;
		padding: 0.8rem 1rem 0;
	}

	h2 {
		font-size: var(--text-2xl);
		line-height: 1.15;
		text-wrap: balance;
	}

	.first {
		display: flex;
		gap: 0.8rem;
		align-items: center;
		justify-content: space-between;
		padding: 0.3rem 0.8rem;
		border-left: 6px solid var(--marigold);
		background: color-mix(in srgb, var(--marigold) 14%, var(--color-base-100));
	}

	.first button {
		min-height: 48px;
		color: var(--color-primary);
		font-weight: 700;
		cursor: pointer;
	}

	.reach {
		display: flex;
		flex-wrap: wrap;
		gap: 0.4rem;
		padding-bottom: 1rem;
	}

	.in-reach {
		display: flex;
		gap: 0.4rem;
		align-items: center;
		min-height: 48px;
		padding: 0 0.7rem;
		font-size: var(--text-base);
		border: 2px solid var(--color-primary);
		border-radius: 1.5rem;
		color: var(--color-primary);
		font-weight: 700;
		cursor: pointer;
	}

	.in-reach.wrong {
		border-color: var(--color-error);
		color: var(--color-error);
	}

	summary {
		min-height: 48px;
		padding-top: 0.7rem;
		color: var(--color-primary);
		font-weight: 600;
		cursor: pointer;
	}
</style>
