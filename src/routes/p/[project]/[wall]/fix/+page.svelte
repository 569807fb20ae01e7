<script lang="ts">
	import { page } from '$app/state';
	import {
		activeArrangement,
		centreX,
		formatLength,
		groundsOf,
		mayFitStuds,
		ofEveryHole,
		oldHoles,
		settledAs,
		stylesOf,
		type Caution,
		type FixingOption
	} from '$lib/core/index.ts';
	import { settle, settlementBy, unsettle } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { SETTLE_ALL } from '$lib/words/en/by-hand.ts';
	import CautionList from '$lib/ui/CautionList.svelte';
	import HookBench from '$lib/ui/bench/HookBench.svelte';
	import Segments from '$lib/ui/Segments.svelte';
	import BagList from '$lib/ui/fix/BagList.svelte';
	import { ticks } from '$lib/ui/fix/bag-ticks.ts';
	import BagPart from '$lib/ui/fix/BagPart.svelte';
	import { Chooser } from '$lib/ui/fix/chooser.svelte.ts';
	import FitPart from '$lib/ui/fix/FitPart.svelte';
	import FixList from '$lib/ui/fix/FixList.svelte';
	import NotChecked from '$lib/ui/fix/NotChecked.svelte';
	import WayCard from '$lib/ui/fix/WayCard.svelte';
	import { getBones } from '$lib/ui/survey/bones.svelte.ts';
	import { getView } from '$lib/ui/view.svelte.ts';

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const bones = $derived(getBones()());
	const wallId = $derived(page.params.wall!);
	const { pieces, kit } = $derived(session.project);
	const wall = $derived(session.project.walls.find(({ id }) => id === wallId)!);
	const styles = $derived(stylesOf(session.rulesOn(wallId)));
	const plan = $derived(session.plan(wallId));
	const piece = $derived(pieces.find(({ id }) => id === view.selected));
	const planned = $derived(plan?.pieces.find(({ pieceId }) => pieceId === view.selected));
	/** As it was settled, whatever way is being shown. */
	const settled = $derived(
		session.keptPlan(wallId)?.pieces.find(({ pieceId }) => pieceId === view.selected)?.settled ??
			false
	);
	const fixed = $derived(
		activeArrangement(session.committed.walls.find(({ id }) => id === wallId)!).placements.find(
			({ pieceId }) => pieceId === view.selected
		)?.fix
	);
	/** Id of the way that is shown on the wall without being settled. */
	let shown: string | null = $state(null);

	const gravity = ({ grade }: Caution): number => ({ stop: 2, care: 1, note: 0 })[grade];
	let settling = $state(false);
	let part: 'pieces' | 'bag' | 'catalogue' = $state('pieces');
	let all = $state(false);
	const chooser = new Chooser(() => ({
		session,
		bones,
		wallId,
		all: all && part === 'bag'
	}));
	const fixes = $derived(chooser.fixes);
	const fix = $derived(fixes.find(({ pieceId }) => pieceId === view.selected));
	const ownBag = $derived(piece ? chooser.bagFor(piece.id) : null);
	const choice = $derived(fix?.choice.ok ? fix.choice.value : null);

	/** Those still open that have a way nothing speaks *stop* against. */
	const open = $derived(
		fixes.flatMap(({ pieceId, settled, choice }) => {
			const first = choice.ok ? choice.value.ways[0] : undefined;
			const planned = plan?.pieces.find((each) => each.pieceId === pieceId);
			return settled || !first || first.stopped || !planned ? [] : [{ planned, way: first }];
		})
	);

	function show(way: FixingOption | null) {
		shown = way?.id ?? null;
		session.setPreview(way && settle(wallId, [settlementBy(view.selected!, way)]));
	}

	$effect(() => {
		void view.selected;
		return () => {
			shown = null;
			others = false;
			session.setPreview(null);
		};
	});

	const holes = $derived(oldHoles(wall, plan?.pieces ?? []));
	/** The first way, and what is settled or shown; the others when they are asked for. */
	let others = $state(false);
	let byHand = $state(false);
	const shownWays = $derived(
		(choice?.ways ?? []).filter(
			(way, index) =>
				others ||
				index === 0 ||
				shown === way.id ||
				Boolean(fixed && settled && settledAs(fixed, way))
		)
	);
	const gravest = (cautions: readonly Caution[]) =>
		cautions.filter(({ grade }) => grade !== 'note');
	const ofPiece = $derived([
		...(fix?.cautions ?? []),
		...(plan?.placementCautions ?? [])
			.filter(({ pieceId }) => pieceId === view.selected)
			.map(({ caution }) => caution)
	]);
	/** What asks for something first; notes after it, and what is true of every wall last. */
	const graver = $derived(
		[
			...ofPiece.filter(({ code }) => code !== 'to-choose'),
			...gravest(plan?.wallCautions ?? []),
			...(planned ? ofEveryHole(planned.hooks) : [])
		].toSorted((a, b) => gravity(b) - gravity(a))
	);
	/** Without a piece: what is true of the wall, and of every hole that is planned in it. */
	const ofWall = $derived(
		[
			...gravest(plan?.wallCautions ?? []),
			...ofEveryHole((plan?.pieces ?? []).flatMap(({ hooks }) => hooks))
		].toSorted((a, b) => gravity(b) - gravity(a))
	);
</script>

{#if chooser.failed}<NotChecked {chooser} />{/if}
{#if piece}
	<button class="back" type="button" onclick={() => view.select(null)}>‹ All pieces</button>
	<h2>{piece.letter} · {piece.name}</h2>
	{#if settled}
		<button class="back" type="button" onclick={() => session.run(unsettle(wallId, piece.id))}>
			Choose again
		</button>
	{/if}
	<div class="cautions">
		<CautionList cautions={graver} {styles} brief />
	</div>
	{#if fix && !fix.choice.ok}
		<p>{fix.choice.error.message}</p>
	{:else if choice && choice.ways.length === 0}
		<p class="none" role="alert">
			Nothing in the catalogue holds this piece here by your house rules.
		</p>
		<ul class="instead">
			{#each choice.instead as line (line)}<li>{line}</li>{/each}
		</ul>
	{:else if choice}
		<ul class="ways" aria-label="Ways to fix {piece.letter}">
			{#each shownWays as way, index (way.id)}
				<WayCard
					{way}
					{styles}
					first={index === 0}
					settled={Boolean(fixed && settled && settledAs(fixed, way))}
					shown={shown === way.id}
					onshow={() => show(shown === way.id ? null : way)}
					onsettle={() => {
						shown = null;
						session.run(settle(wallId, [settlementBy(piece.id, way)]));
					}}
				/>
			{/each}
		</ul>
		{#if choice.ways.length > shownWays.length}
			<button class="more" type="button" onclick={() => (others = true)}>
				{choice.ways.length - shownWays.length} more ways
			</button>
		{/if}
	{:else if planned && !chooser.failed}
		<p class="small-note" role="status">Working out what holds it…</p>
	{:else}
		<p>It hangs on no wall here yet: place it in Arrange first.</p>
	{/if}
	{#if fix && planned && fix.byHand.length > 0}
		<details class="hook" ontoggle={(event) => (byHand = event.currentTarget.open)}>
			<summary>Choose it by hand</summary>
			{#if byHand}
				{#await import('$lib/ui/fix/HandChoice.svelte') then { default: HandChoice }}
					<HandChoice
						{piece}
						{wallId}
						points={fix.byHand}
						now={planned.hooks.map(({ kind }) => kind)}
						{styles}
					/>
				{/await}
			{/if}
		</details>
	{/if}
	{#if ownBag}
		<details class="hook">
			<summary>To carry for it</summary>
			<BagList items={ownBag} {styles} {...ticks(session, `${wallId}/${piece.id}`)} />
		</details>
	{/if}
	<details class="hook">
		<summary>Its hook as planned now</summary>
		<HookBench {piece} {planned} grounds={groundsOf(wall.made)} {styles} {kit} />
	</details>
{:else}
	<h2 class="mb-2 text-xl">Fix</h2>
	<div class="cautions">
		<CautionList cautions={ofWall} {styles} brief />
	</div>
	<Segments
		label="What to look at"
		options={[
			{ value: 'pieces', label: 'the pieces' },
			{ value: 'bag', label: 'the bag' },
			{ value: 'catalogue', label: 'the catalogue' }
		]}
		value={part}
		onchoose={(value) => (part = value)}
	/>
	<div class="part">
		{#if part === 'catalogue'}
			{#await import('$lib/ui/fix/CataloguePart.svelte') then { default: CataloguePart }}
				<CataloguePart {wall} {styles} />
			{/await}
		{:else if part === 'bag'}
			<BagPart
				{wall}
				{chooser}
				items={chooser.bag}
				unsettled={plan?.pieces.filter(({ settled }) => !settled).length ?? 0}
				{all}
				onall={(value) => (all = value)}
			/>
		{:else}
			<p class="mb-2">
				What goes in the wall for each piece: chosen for its weight, its back, the wall and the
				studs.
			</p>
			{#if settling && open.length > 0}
				{#await import('$lib/ui/fix/SettleAll.svelte') then { default: SettleAll }}
					<SettleAll {open} {wallId} {styles} ondone={() => (settling = false)} />
				{/await}
			{:else if open.length > 0}
				<button class="btn mb-2 btn-primary" type="button" onclick={() => (settling = true)}>
					{SETTLE_ALL.ask({ count: open.length })}
				</button>
			{/if}
			<FixList pieces={plan?.pieces ?? []} {fixes} onselect={(id) => view.select(id)} />
			{#if mayFitStuds(wall) && bones.known.length > 0}
				<FitPart {wallId} framing={bones.framing} {styles} />
			{/if}
			{#if holes.length > 0}
				<h3 class="mt-3 text-lg">Left from before</h3>
				<ul class="instead">
					{#each holes as { feature, carries, behind } (feature.id)}
						<li>
							{feature.name},
							<span class="measure">{formatLength(centreX(feature), styles.lead)}</span>
							from the left corner: {carries
								? `carries ${carries}`
								: behind
									? `hidden behind ${behind}`
									: 'to fill'}
						</li>
					{/each}
				</ul>
			{/if}
		{/if}
	</div>
{/if}

<style>
	.back {
		min-height: 2.5rem;
		color: var(--color-primary);
		font-size: var(--text-sm);
		cursor: pointer;
	}

	h2 {
		font-size: var(--text-lg);
	}

	.more {
		min-height: 2.5rem;
		color: var(--color-primary);
		cursor: pointer;
	}

	.cautions {
		margin: 0.4rem 0;
	}

	.part {
		margin-top: 0.6rem;
	}

	.ways {
		display: grid;
		gap: 0.5rem;
		margin-top: 0.4rem;
	}

	.none {
		color: var(--color-error);
		font-weight: 600;
	}

	.instead {
		padding-left: 1.1rem;
		list-style: disc;
	}

	.hook {
		margin-top: 0.8rem;
		padding-top: 0.6rem;
		border-top: 1px dashed var(--color-base-300);
	}

	.hook summary {
		font-weight: 600;
		cursor: pointer;
	}
</style>
