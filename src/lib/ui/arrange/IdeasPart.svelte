<script lang="ts">
	import { Square } from '@lucide/svelte';
	import {
		ABOVE_FURNITURE_MM,
		activeArrangement,
		failureNaming,
		styleFacts,
		anchorsOn,
		itemOf,
		placementsOf,
		formatMessage,
		arrangeRequestFor,
		usualRegion,
		formatLength,
		type Candidate,
		type Remedy,
		type StyleName,
		type Styles,
		type Wall,
		type WallPlan
	} from '$lib/core/index.ts';
	import { placePieces } from '$lib/store/commands/index.ts';
	import type { Command } from '$lib/store/history.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { ANNOUNCED } from '$lib/words/en/announced.ts';
	import LengthField from '../field/LengthField.svelte';
	import { getBones } from '../survey/bones.svelte.ts';
	import { getView } from '../view.svelte.ts';
	import type { IdeaWishes } from './idea-wishes.svelte.ts';
	import { Ideas } from './ideas.svelte.ts';

	interface Props {
		wall: Wall;
		plan: WallPlan;
		styles: Styles;
		/** Ids of pieces on no wall. */
		loose: readonly string[];
	}

	let { wall, plan, styles, loose }: Props = $props();

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const watch = $derived(getBones()());
	const ideas = new Ideas();
	const wishes = $derived(view.wishesFor(wall.id));
	const { project } = $derived(session);
	const rules = $derived(session.rulesOn(wall.id));

	let inPart = $state(false);
	/** The idea that is looked at, and what would hang it. */
	let look = $state.raw<{ candidate: Candidate; command: Command } | null>(null);
	const shown = $derived(look && session.previewed === look.command ? look.candidate : null);
	/** Where it stands in the list. */
	let shownAt = 0;
	/** The centre line when arrangements were asked for; it moves a little with the group on a crooked floor. */
	let askedLine = 0;

	const here = $derived(activeArrangement(wall).placements.map(({ pieceId }) => pieceId));
	const offered = $derived(
		project.pieces.filter(({ id }) => here.includes(id) || loose.includes(id))
	);
	const chosen = $derived(
		offered
			.filter(({ id }) => wishes.turned[id] ?? (here.length === 0 || here.includes(id)))
			.map(({ id }) => id)
	);
	const face = $derived(styleFacts.find((each) => each.style === wishes.style)!);
	const gap = $derived(wishes.gap ?? rules.gap);
	const anchors = $derived(anchorsOn(wall));
	const anchor = $derived(anchors.find(({ id }) => id === wishes.on) ?? anchors[0]!);
	const { under } = $derived(anchor);
	const items = $derived(
		project.pieces
			.filter(({ id }) => chosen.includes(id))
			.map((piece) => itemOf(piece, project.houseRules))
	);
	/** As the usual middle over furniture, mm. */
	const USUAL_ABOVE = (ABOVE_FURNITURE_MM.least + ABOVE_FURNITURE_MM.most) / 2;
	/** What is looked at stays where it is, whatever a search finds meanwhile. */
	const listed = $derived.by(() => {
		if (!shown) return ideas.candidates;
		const placed = JSON.stringify(shown.placements);
		return ideas.candidates
			.filter(({ placements }) => JSON.stringify(placements) !== placed)
			.toSpliced(shownAt, 0, shown);
	});
	const letters = $derived(new Map(project.pieces.map(({ id, letter }) => [id, letter])));
	const letterOf = (id: string) => letters.get(id) ?? id;

	$effect(() => () => {
		ideas.forget();
		session.setPreview(null);
		view.ideas = false;
	});

	function ask() {
		show(null);
		view.ideas = true;
		askedLine = plan.centreLine.y;
		const { style, above, by, main, off } = wishes;
		const asked = {
			style,
			gap,
			pieces: chosen,
			off,
			region: view.region,
			on: anchor.id,
			above,
			...(by === null ? {} : { by }),
			...(main === '' ? {} : { main }),
			seed: 1
		};
		// A plain copy: a worker takes no proxies.
		const task = {
			wanted: arrangeRequestFor(project, wall, asked, watch.known),
			larger: view.region && usualRegion(wall)
		};
		ideas.ask(JSON.parse(JSON.stringify(task)));
	}

	/** What was found was for another wish. */
	function wish(change: Partial<IdeaWishes>) {
		show(null);
		ideas.forget();
		Object.assign(wishes, change);
	}

	const turn = (id: string, on: boolean) =>
		wish({
			turned: { ...wishes.turned, [id]: on },
			off: wishes.off.filter((each) => each !== id)
		});

	const turnAll = (on: boolean) =>
		wish({ turned: Object.fromEntries(offered.map(({ id }) => [id, on])), off: [] });

	/** Takes what was offered, and asks again. */
	function take(remedy: Remedy) {
		if (remedy.by === 'gap') wishes.gap = remedy.gap;
		else if (remedy.by === 'region') view.region = null;
		else if (remedy.by === 'style') wishes.style = remedy.style;
		else {
			wishes.off = [...wishes.off, ...remedy.ids];
			wishes.turned = {
				...wishes.turned,
				...Object.fromEntries(remedy.ids.map((id) => [id, false]))
			};
		}
		ask();
	}

	const offer = (remedy: Remedy): string =>
		remedy.by === 'gap'
			? `Take a gap of ${formatLength(remedy.gap, styles.lead)}`
			: remedy.by === 'region'
				? 'Use the whole wall'
				: remedy.by === 'style'
					? `As ${remedy.label.toLowerCase()}`
					: `Leave ${remedy.ids.map((id) => letters.get(id)).join(', ')} out`;

	const commandFor = (candidate: Candidate): Command =>
		placePieces(
			wall.id,
			placementsOf(candidate, project.pieces, activeArrangement(wall).placements, askedLine),
			wishes.off
		);

	function show(candidate: Candidate | null) {
		look = candidate && { candidate, command: commandFor(candidate) };
		view.look = look?.command ?? null;
		session.setPreview(view.look);
	}

	function hang({ command }: { command: Command }) {
		session.run(command);
		wishes.off = [];
		view.ideas = false;
		ideas.forget();
	}
</script>

<section class="ideas" aria-label="Ideas">
	<label>
		<span class="field-label">Way to hang the group</span>
		<select
			class="select w-full select-sm"
			value={wishes.style}
			onchange={(event) => wish({ style: event.currentTarget.value as StyleName })}
		>
			{#each styleFacts as { style: value, label } (value)}
				<option {value}>{label}</option>
			{/each}
		</select>
	</label>
	<p class="small-note">{face.suits} {face.advice(chosen.length) ?? ''}</p>
	<div class="field-pair">
		<LengthField
			label="Gap"
			value={gap}
			zero
			{styles}
			plausible={{ min: 10, max: 300 }}
			onvalue={(mm) => wish({ gap: mm })}
		/>
		<label>
			<span class="field-label">Centred on</span>
			<select
				class="select w-full select-sm"
				value={anchor.id}
				onchange={(event) => wish({ on: event.currentTarget.value })}
			>
				{#each anchors as { id, label } (id)}
					<option value={id}>{label}</option>
				{/each}
			</select>
		</label>
	</div>
	{#if under}
		<label class="above">
			<input
				class="checkbox checkbox-sm"
				type="checkbox"
				checked={wishes.above}
				onchange={(event) => wish({ above: event.currentTarget.checked })}
			/>
			Stands just above it, not about the centre line
		</label>
		{#if wishes.above}
			<LengthField
				label="So much above {anchor.label}"
				value={wishes.by ?? USUAL_ABOVE}
				zero
				{styles}
				plausible={{ min: 20, max: 1000 }}
				onvalue={(mm) => wish({ by: mm })}
			/>
		{/if}
	{/if}
	{#if face.centrepiece}
		<label>
			<span class="field-label">Centrepiece</span>
			<select
				class="select w-full select-sm"
				value={wishes.main}
				onchange={(event) => wish({ main: event.currentTarget.value })}
			>
				<option value="">the largest</option>
				{#each offered.filter(({ id }) => chosen.includes(id)) as { id, letter, name } (id)}
					<option value={id}>{letter} · {name}</option>
				{/each}
			</select>
		</label>
	{/if}
	<details>
		<summary class="cursor-pointer font-semibold"
			>Pieces: {chosen.length} of {offered.length}</summary
		>
		<div class="acts">
			<button class="btn btn-sm" type="button" onclick={() => turnAll(true)}>All</button>
			<button class="btn btn-sm" type="button" onclick={() => turnAll(false)}>None</button>
		</div>
		<div class="pieces">
			{#each offered as { id, letter, name } (id)}
				<label title={name}>
					<input
						class="checkbox checkbox-sm"
						type="checkbox"
						checked={chosen.includes(id)}
						onchange={(event) => turn(id, event.currentTarget.checked)}
					/>
					{letter}
				</label>
			{/each}
		</div>
	</details>
	<details
		open={view.region !== null || activeArrangement(wall).reserved.length > 0}
		ontoggle={(event) => (inPart = event.currentTarget.open)}
	>
		<summary class="cursor-pointer font-semibold">Only in a part of the wall</summary>
		{#if inPart}
			{#await import('./RegionPart.svelte') then { default: RegionPart }}
				<RegionPart {wall} {styles} />
			{/await}
		{/if}
	</details>
	<div class="acts">
		<button
			class="btn btn-primary btn-sm"
			type="button"
			disabled={chosen.length === 0}
			onclick={ask}
		>
			Show arrangements
		</button>
		{#if chosen.length === 0}
			<span class="small-note"
				>{offered.length === 0
					? 'There is no piece yet: add some in the Rack.'
					: 'No piece is chosen: open “Pieces” and choose some.'}</span
			>
		{/if}
		{#if ideas.progress}
			<progress
				class="progress"
				max={ideas.progress.of}
				value={ideas.progress.done}
				aria-label="Searching"
			></progress>
			<button class="btn btn-ghost btn-sm" type="button" onclick={() => ideas.stop()}>
				<Square size={14} aria-hidden="true" /> Stop
			</button>
		{/if}
	</div>
	<p class="sr-only" role="status">
		{ideas.progress === null && listed.length > 0 ? ANNOUNCED.found({ count: listed.length }) : ''}
	</p>
	{#if ideas.failed}
		{#await import('../WorkFailed.svelte') then { default: WorkFailed }}
			<WorkFailed cause={ideas.failed} onretry={() => ideas.retry()} />
		{/await}
	{:else if ideas.trouble}
		<p class="trouble" role="alert">
			{formatMessage(failureNaming(ideas.trouble, letterOf), styles.lead)}
		</p>
		<div class="acts" data-testid="remedies">
			{#each ideas.remedies as remedy, index (index)}
				<button class="btn btn-xs" type="button" onclick={() => take(remedy)}>
					{offer(remedy)}
				</button>
			{/each}
		</div>
	{/if}
	{#if ideas.candidates.length > 0}
		{#await import('./CandidateCard.svelte') then { default: CandidateCard }}
			<ul class="candidates" aria-label="Arrangements">
				{#each listed as candidate, index (index)}
					<CandidateCard
						{candidate}
						pieces={items}
						{wall}
						shown={candidate === shown}
						onshow={() => {
							shownAt = index;
							show(candidate === shown ? null : candidate);
						}}
						onhang={() => look && hang(look)}
					/>
				{/each}
			</ul>
		{/await}
	{/if}
</section>

<style>
	.ideas {
		display: grid;
		gap: 0.4rem;
	}

	.pieces {
		display: flex;
		flex-wrap: wrap;
		gap: 0.2rem 0.8rem;
		padding: 0.3rem 0;
	}

	.pieces label {
		display: flex;
		gap: 0.3rem;
		align-items: center;
		min-height: 2.5rem;
	}

	.above {
		display: flex;
		gap: 0.4rem;
		align-items: center;
		font-size: var(--text-sm);
	}

	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 0.3rem;
		align-items: center;
	}

	.progress {
		flex: 1;
	}

	.trouble {
		color: var(--color-error);
		font-weight: 600;
		font-size: var(--text-sm);
	}

	.candidates {
		display: grid;
		gap: 0.3rem;
	}
</style>
