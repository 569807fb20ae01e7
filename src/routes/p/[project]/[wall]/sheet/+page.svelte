<script lang="ts">
	import { page } from '$app/state';
	import { resolve } from '$app/paths';
	import {
		formatLength,
		hookedAcross,
		groupByPiece,
		hookOf,
		howSure,
		piecesById,
		stylesOf,
		writeSum,
		type HowSure,
		type TapeReading
	} from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { Chooser } from '$lib/ui/fix/chooser.svelte.ts';
	import NotChecked from '$lib/ui/fix/NotChecked.svelte';
	import { drivenSaid, usesByMark } from '$lib/ui/bench/mark-said.ts';
	import { READINGS } from '$lib/words/en/readings.ts';
	import { withinSaid } from '$lib/ui/within.ts';
	import { markTypeLabel } from '$lib/ui/puts.ts';
	import GatheredCautions from '$lib/ui/sheet/GatheredCautions.svelte';
	import SheetElevation from '$lib/ui/sheet/SheetElevation.svelte';
	import SheetPage from '$lib/ui/sheet/SheetPage.svelte';
	import SheetTools from '$lib/ui/sheet/SheetTools.svelte';
	import { getBones } from '$lib/ui/survey/bones.svelte.ts';

	const session = $derived(getSession()());
	const { project } = $derived(session);
	const wallId = $derived(page.params.wall!);
	const wall = $derived(project.walls.find(({ id }) => id === wallId));
	const plan = $derived(session.plan(wallId));
	const styles = $derived(stylesOf(session.rulesOn(wallId)));
	const rack = $derived(piecesById(project.pieces));
	const bones = $derived(getBones()());
	const chooser = new Chooser(() => ({ session, bones, wallId, all: false }));
	const uses = $derived(usesByMark(plan?.pieces ?? [], chooser.fixes));
	const letterOf = (pieceId: string) => rack.get(pieceId)?.letter ?? '';
	/** What could happen: on a fixing, on a back, where a piece hangs, and in the wall. */
	const cautions = $derived(
		groupByPiece([
			...[
				...chooser.fixes.flatMap(({ pieceId, cautions }) =>
					cautions.map((caution) => ({ pieceId, caution }))
				),
				...(plan?.cautions ?? [])
			].map(({ pieceId, caution }) => ({ letter: letterOf(pieceId), caution })),
			...(plan?.wallCautions ?? [])
				.filter(({ grade }) => grade !== 'note')
				.map((caution) => ({ letter: '', caution }))
		])
	);
	const sure = $derived(plan ? howSure(project, plan) : new Map<string, HowSure>());
	const kinds = $derived([...new Set(plan?.marks.map(({ hook }) => hook) ?? [])]);
	/** Rows that fit under the drawing on the first page, and on a page of their own. */
	const FIRST = 12;
	const LATER = 24;
	const pages = $derived.by(() => {
		const marks = plan?.marks ?? [];
		const rest = Math.max(marks.length - FIRST, 0);
		return [
			marks.slice(0, FIRST),
			...Array.from({ length: Math.ceil(rest / LATER) }, (_, index) =>
				marks.slice(FIRST + index * LATER, FIRST + (index + 1) * LATER)
			)
		];
	});
	/** One place for all, or said at each mark. */
	const floorTape = $derived(
		wall && plan
			? `${hookedAcross({ wall, pieces: plan.pieces, centreLineY: plan.centreLine.y }, wall.tape.across).label}${wall.tape.chain ? ', then piece to piece' : ''}`
			: ''
	);
	const both = (reading: TapeReading) => ({
		lead: formatLength(reading.printed, styles.lead),
		other: formatLength(reading.exact.value, styles.other),
		sum: writeSum(reading.exact.sum, styles.lead, reading.printed)
	});
</script>

<svelte:head><title>Marks · {wall?.name} · {project.name}</title></svelte:head>

<SheetTools>
	<a class="btn" href={resolve('/p/[project]/[wall]/mark', { project: project.id, wall: wallId })}>
		‹ Back to the marks
	</a>
</SheetTools>

{#if plan && wall}
	{@const [reading] = plan.marks}
	{#each pages as marks, index (index)}
		<SheetPage title="{project.name} · {wall.name}: marks" page={index + 1} of={pages.length}>
			{#if index === 0}
				<NotChecked {chooser} />
				<SheetElevation {wall} {plan} {rack} />
				{#if reading}
					<p class="how">
						Seen from the room. Across: <strong>{floorTape}</strong>. Height:
						<strong>{reading.up.datum}</strong>. Wall
						{formatLength(wall.width, styles.lead)} by {formatLength(wall.height, styles.lead)}.
						Tick each mark when it is on the wall.
					</p>
				{/if}
			{/if}
			<table>
				<thead>
					<tr>
						<th><span class="sr-only">done</span></th>
						<th>mark</th>
						<th>across</th>
						<th>height</th>
						<th>bearing or hole</th>
						<th>right to within</th>
						<th>hook</th>
					</tr>
				</thead>
				<tbody>
					{#each marks as mark (mark.id)}
						{@const across = both(mark.across)}
						{@const up = both(mark.up)}
						<tr>
							<td><span class="box"></span></td>
							<th scope="row">{mark.letter} {mark.name}</th>
							{#if mark.levelWith}
								<td>
									<b>{formatLength(mark.levelWith.printed, styles.lead)}</b>
									<small>{formatLength(mark.levelWith.exact, styles.other)}</small>
									<div class="way">{mark.levelWith.way} of {mark.levelWith.name}</div>
									<div class="sum">
										to prove it: {across.lead}
										{mark.across.way}
										{mark.across.datum}
									</div>
								</td>
								<td>
									<b>level</b>
									<div class="way">with {mark.levelWith.name}</div>
									<div class="sum">to prove it: {up.lead} {mark.up.way} {mark.up.datum}</div>
								</td>
							{:else}
								<td>
									<b>{across.lead}</b> <small>{across.other}</small>
									<div class="way">{mark.across.way} {mark.across.datum}</div>
									<div class="sum">{across.sum}</div>
								</td>
								<td>
									<b>{up.lead}</b> <small>{up.other}</small>
									<div class="way">
										{markTypeLabel(mark)}, {mark.up.way}
										{mark.up.datum}
									</div>
									{#if mark.cord}
										<div class="way">
											cord {formatLength(mark.cord.value, styles.lead)} from the rail’s top
										</div>
									{/if}
									<div class="sum">{up.sum}</div>
								</td>
							{/if}
							<td>
								{formatLength(
									mark.markedAt === 'bearing' ? mark.holeUp.printed : mark.bearingUp.printed,
									styles.lead
								)}
								<div class="way">{mark.markedAt === 'bearing' ? 'hole' : 'bearing'}</div>
							</td>
							<td>
								{#if sure.get(mark.pieceId)}
									{@const own = sure.get(mark.pieceId)!}
									{withinSaid(own.up, styles)} up, {withinSaid(own.across, styles)} across
									{#if READINGS.known(own)}<div class="way">{READINGS.known(own)}</div>{/if}
								{/if}
							</td>
							<td>
								{hookOf(mark.hook).name}
								<div class="way">{drivenSaid(mark, uses.get(mark.id), styles.lead)}</div>
							</td>
						</tr>
					{/each}
				</tbody>
			</table>
			{#if index === pages.length - 1}
				<ul class="cautions">
					{#each kinds as kind (kind)}
						<li><strong>{hookOf(kind).name}.</strong> {hookOf(kind).setting}</li>
					{/each}
					{#each plan.pieces.filter(({ trouble, hooks }) => trouble && hooks.length === 0) as { letter, trouble } (letter)}
						<li><strong>Stop. {letter} has no mark.</strong> {trouble!.message}</li>
					{/each}
					<GatheredCautions {cautions} {styles} />
					<li>
						<strong>Care.</strong> Cables and pipes may run behind any mark: look and probe before you
						drill, and keep each hook’s load well below its packet’s rating. Local codes win.
					</li>
				</ul>
			{/if}
		</SheetPage>
	{/each}
{/if}

<style>
	.how {
		margin: 2mm 0;
		font-size: 0.85rem;
	}

	table {
		font-size: 0.85rem;
	}

	th,
	td {
		padding: 1.2mm 2mm 1.2mm 0;
	}

	td,
	tbody th {
		font-family: var(--font-measure);
		font-size: 1rem;
		font-weight: 500;
	}

	b {
		font-size: 1.35rem;
		font-weight: 600;
		white-space: nowrap;
	}

	.way,
	.sum {
		font-family: var(--font-sans);
		font-size: 0.72rem;
	}

	.sum {
		font-family: var(--font-measure);
		font-size: 0.85rem;
	}

	.cautions {
		margin-top: 4mm;
		font-size: 0.82rem;
	}
</style>
