<script lang="ts">
	import { page } from '$app/state';
	import { resolve } from '$app/paths';
	import { Braces, Frame, HandHelping, Printer, Ruler, Signature, Table } from '@lucide/svelte';
	import { onMount } from 'svelte';
	import {
		acrossDatums,
		datumKey,
		halts,
		bestMeasure,
		hookOf,
		howSure,
		landingsOn,
		pointNamed,
		secondMeasures,
		stylesOf,
		unmeasuredOn,
		upDatums,
		within,
		type AcrossDatum,
		type Mark,
		type UpDatum
	} from '$lib/core/index.ts';
	import { download } from '$lib/files/download.ts';
	import { fileName } from '$lib/files/file-name.ts';
	import { marksCsv } from '$lib/files/marks-csv.ts';
	import { marksJson } from '$lib/files/marks-json.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import LineChoice from '$lib/ui/bench/LineChoice.svelte';
	import { usesByMark } from '$lib/ui/bench/mark-said.ts';
	import MarkCard from '$lib/ui/bench/MarkCard.svelte';
	import TapeChoice from '$lib/ui/bench/TapeChoice.svelte';
	import CautionList from '$lib/ui/CautionList.svelte';
	import { Chooser } from '$lib/ui/fix/chooser.svelte.ts';
	import NotChecked from '$lib/ui/fix/NotChecked.svelte';
	import { getBones } from '$lib/ui/survey/bones.svelte.ts';
	import { getView } from '$lib/ui/view.svelte.ts';

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const { project } = $derived(session);
	const wallId = $derived(page.params.wall!);
	const rules = $derived(session.rulesOn(wallId));
	const styles = $derived(stylesOf(rules));
	const wall = $derived(project.walls.find(({ id }) => id === wallId)!);
	const plan = $derived(session.plan(wallId)!);
	const marks = $derived(plan.marks);
	const kinds = $derived([...new Set(marks.map(({ hook }) => hook))]);
	const bones = $derived(getBones()());
	const chooser = new Chooser(() => ({ session, bones, wallId, all: false }));
	const uses = $derived(usesByMark(plan.pieces, chooser.fixes));
	const stops = $derived(chooser.fixes.flatMap(({ cautions }) => cautions.filter(halts)));
	const unsettled = $derived(plan.pieces.filter(({ settled }) => !settled).length);
	const troubled = $derived(
		plan.pieces.filter(({ trouble, hooks }) => trouble && hooks.length === 0)
	);
	const assumed = $derived(
		project.pieces.filter(
			(piece) => unmeasuredOn(piece).length > 0 && marks.some(({ pieceId }) => pieceId === piece.id)
		)
	);

	const datums = $derived({ wall, pieces: plan.pieces, centreLineY: plan.centreLine.y });
	/** Where the tape is hooked now, along the wall and up it. */
	const hookedOn = $derived({
		across: labelOf(acrossDatums(datums), wall.tape.across),
		up: labelOf(upDatums(datums), wall.tape.up)
	});
	function labelOf(
		list: readonly { datum: AcrossDatum | UpDatum; label: string }[],
		is: AcrossDatum | UpDatum
	): string {
		return list.find(({ datum }) => datumKey(datum) === datumKey(is))?.label ?? 'nothing yet';
	}

	const at = $derived({ project: project.id, wall: wallId });
	const papers = $derived([
		{ href: resolve('/p/[project]/[wall]/strip-sheet', at), label: 'Strips', icon: Ruler },
		{ href: resolve('/p/[project]/[wall]/elevation-sheet', at), label: 'Elevation', icon: Frame },
		{
			href: resolve('/p/[project]/[wall]/helper-sheet', at),
			label: 'Helper’s page',
			icon: HandHelping
		},
		{ href: resolve('/p/[project]/[wall]/job-sheet', at), label: 'Job papers', icon: Signature }
	]);

	let paperOpen = $state(false);
	let templatesOpen = $state(false);

	onMount(() => {
		view.layer = 'nails';
		return () => (view.layer = 'looks');
	});

	const landed = $derived(
		new Map(landingsOn(project, plan).map((landing) => [landing.pieceId, landing]))
	);

	/** How sure a piece's marks are, told at its first. */
	function sureOf(mark: Mark) {
		const landing = landed.get(mark.pieceId);
		const piece = project.pieces.find(({ id }) => id === mark.pieceId);
		if (!landing || !piece || hookIndex(mark) > 0) return { landing: null, next: null };
		const unsure = within(landing.height) > rules.tolerance;
		return { landing, next: unsure ? bestMeasure(landing.height, piece, project.readings) : null };
	}

	/** Which of its piece's hooks a mark is for. */
	const hookIndex = ({ id }: Mark): number => pointNamed(id)?.index ?? 0;

	const name = (extension: string) => fileName([project.name, wall.name, 'marks'], extension);
</script>

<h2 class="mb-2 text-xl">Mark</h2>
<NotChecked {chooser} />
<CautionList cautions={stops} {styles} />
{#each troubled as { letter, trouble } (letter)}
	<p class="warn">{letter} has no mark. {trouble!.message}</p>
{/each}
{#if assumed.length > 0}
	<p class="warn">
		Not measured yet: the back of {assumed.map(({ letter }) => letter).join(', ')}. Those marks rest
		on assumed figures.
	</p>
{/if}
{#if marks.length === 0}
	<p class="mt-3">
		No marks yet. They appear as soon as a piece with a possible back is on the wall.
	</p>
{:else}
	<a class="btn my-2 w-full btn-primary" href={resolve('/p/[project]/[wall]/sheet', at)}>
		<Printer size={18} aria-hidden="true" /> Print sheet
	</a>
{/if}
<details class="fold">
	<summary
		>Tape hooked on <strong>{hookedOn.across}</strong> and <strong>{hookedOn.up}</strong></summary
	>
	<TapeChoice {wall} {plan} />
	<LineChoice {wall} {plan} {styles} />
</details>
<details class="fold">
	<summary>Other papers and files</summary>
	{#if marks.length > 0}
		<div class="out">
			{#each papers as { href, label, icon: Icon } (label)}
				<a class="btn btn-sm" {href}><Icon size={16} aria-hidden="true" /> {label}</a>
			{/each}
			<button
				class="btn btn-sm"
				type="button"
				onclick={() =>
					download(name('csv'), marksCsv(marks, rules, howSure(project, plan)), 'text/csv')}
			>
				<Table size={16} aria-hidden="true" /> CSV
			</button>
			<button
				class="btn btn-sm"
				type="button"
				onclick={() =>
					download(
						name('json'),
						marksJson(wall, marks, howSure(project, plan)),
						'application/json'
					)}
			>
				<Braces size={16} aria-hidden="true" /> JSON
			</button>
		</div>
	{/if}
	<details class="fold" ontoggle={(event) => (paperOpen = event.currentTarget.open)}>
		<summary>Paper to cut</summary>
		{#if paperOpen}
			{#await import('$lib/ui/paper/PaperPart.svelte') then { default: PaperPart }}
				<PaperPart {wallId} {styles} />
			{/await}
		{/if}
	</details>
	<details class="fold" ontoggle={(event) => (templatesOpen = event.currentTarget.open)}>
		<summary>Templates to print</summary>
		{#if templatesOpen}
			{#await import('$lib/ui/paper/TemplatePart.svelte') then { default: TemplatePart }}
				<TemplatePart {wallId} fixes={chooser.fixes} {styles} />
			{/await}
		{/if}
	</details>
</details>
{#if unsettled > 0 && marks.length > 0}
	<p class="small-note my-2">
		{unsettled}
		{unsettled === 1 ? 'piece is' : 'pieces are'} still to choose in Fix: marked for the hook of
		{unsettled === 1 ? 'its back' : 'their backs'}.
	</p>
{/if}
<div class="marks">
	{#each marks as mark (mark.id)}
		<MarkCard
			{mark}
			{styles}
			use={uses.get(mark.id)}
			second={secondMeasures(wall, mark, rules.tapeHook, styles.lead)}
			{...sureOf(mark)}
			cautions={plan.placementCautions
				.filter(({ hookId }) => hookId === mark.id)
				.map(({ caution }) => caution)}
			selected={view.selected === mark.pieceId && hookIndex(mark) === view.hook}
			onselect={() => {
				view.select(mark.pieceId);
				view.hook = hookIndex(mark);
			}}
		/>
	{/each}
</div>
{#if kinds.length > 0}
	<h3 class="mt-3 text-lg">Setting them</h3>
	<ul class="foot">
		{#each kinds as kind (kind)}
			<li><strong>{hookOf(kind).name}.</strong> {hookOf(kind).setting}</li>
		{/each}
	</ul>
{/if}

<style>
	.out {
		display: flex;
		flex-wrap: wrap;
		gap: 0.4rem;
		margin: 0.7rem 0;
	}

	.fold summary {
		min-height: 2.5rem;
		padding-top: 0.5rem;
		color: var(--color-primary);
		cursor: pointer;
	}

	.marks {
		display: grid;
		gap: 0.45rem;
	}

	.warn {
		margin: 0.4rem 0;
		padding: 0.4rem 0.6rem;
		border-left: 4px solid var(--marigold);
		background: color-mix(in srgb, var(--marigold) 14%, var(--color-base-100));
		font-size: var(--text-sm);
	}

	.foot {
		margin-top: 0.7rem;
		color: var(--graphite-soft);
		font-size: var(--text-sm);
	}
</style>
