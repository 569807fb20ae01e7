<script lang="ts">
	import { page } from '$app/state';
	import { resolve } from '$app/paths';
	import { bothUnits, formatLength, formatMessage, ofEveryHole } from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { markTypeLabel } from '$lib/ui/puts.ts';
	import GatheredCautions from '$lib/ui/sheet/GatheredCautions.svelte';
	import { JobFacts } from '$lib/ui/sheet/job-facts.svelte.ts';
	import SheetElevation from '$lib/ui/sheet/SheetElevation.svelte';
	import SheetHead from '$lib/ui/sheet/SheetHead.svelte';
	import SheetPage from '$lib/ui/sheet/SheetPage.svelte';
	import SheetTools from '$lib/ui/sheet/SheetTools.svelte';
	import { getBones } from '$lib/ui/survey/bones.svelte.ts';

	const session = $derived(getSession()());
	const bones = $derived(getBones()());
	const { project } = $derived(session);
	const wallId = $derived(page.params.wall!);
	const job = new JobFacts(() => ({ session, bones, wallId }));
	const { wall, plan, styles, rack, rows } = $derived(job);
	const bring = $derived(
		(job.bag ?? []).filter(({ group }) => group === 'tools' || group === 'drill')
	);
	/** So many fit on the page; the marks sheet has them all. */
	const MOST = 3;
	const standing = $derived(
		ofEveryHole((plan?.pieces ?? []).flatMap(({ hooks }) => hooks)).map((caution) => ({
			letters: [],
			caution
		}))
	);
	const mind = $derived(job.cares.slice(0, MOST));
	const length = (mm: number) => formatLength(mm, styles.lead);
</script>

<svelte:head><title>Helper’s page · {wall?.name} · {project.name}</title></svelte:head>

<SheetTools>
	<a class="btn" href={resolve('/p/[project]/[wall]/mark', { project: project.id, wall: wallId })}>
		‹ Back to the marks
	</a>
</SheetTools>
{#if plan && wall}
	<SheetPage of="{project.name} · {wall.name}" title="the helper’s page">
		<SheetHead {job} />
		<SheetElevation {wall} {plan} {rack} {styles} tall={130} />
		<p>
			Seen from the room.
			{#if job.middle !== null}
				The middle of the group is <b>{bothUnits(job.middle, styles)}</b> above the floor.
			{/if}
			Holes first, then heaviest up first.
		</p>
		<table>
			<thead>
				<tr>
					<th><span class="sr-only">up</span></th>
					<th>piece</th>
					<th>weighs</th>
					<th>hangs on</th>
					<th>first mark</th>
					<th>the others</th>
				</tr>
			</thead>
			<tbody>
				{#each rows as { piece, weight, byTwo, on, marks: [first, ...others] } (piece.id)}
					<tr>
						<td><span class="box"></span></td>
						<th scope="row"><b>{piece.letter}</b> {piece.name}</th>
						<td>
							{weight || 'not weighed'}
							{#if byTwo}<strong class="two">two people</strong>{/if}
						</td>
						<td>{on}</td>
						<td>
							{#if first}
								<span class="measure">{length(first.across.printed)}</span>
								{first.across.way}
								{first.across.datum};
								<span class="measure">{length(first.up.printed)}</span>
								{markTypeLabel(first)}, {first.up.way}
								{first.up.datum}
							{/if}
						</td>
						<td>
							{#each others as { id, name, levelWith, across, up } (id)}
								<div>
									{name}:
									{#if levelWith}
										<span class="measure">{length(levelWith.printed)}</span>
										{levelWith.way}, level
									{:else}
										<span class="measure">{length(across.printed)}</span>
										{across.way}
										{across.datum}; <span class="measure">{length(up.printed)}</span>
										{up.way}
										{up.datum}
									{/if}
								</div>
							{/each}
						</td>
					</tr>
				{/each}
			</tbody>
		</table>
		<div class="foot">
			{#if bring.length > 0}
				<section>
					<h2>Bring</h2>
					<ul class="bring">
						{#each bring as { key, name } (key)}
							<li><span class="box small"></span> {formatMessage(name, styles.lead)}</li>
						{/each}
					</ul>
				</section>
			{/if}
			<section>
				<h2>Mind</h2>
				<ul>
					<GatheredCautions cautions={[...mind, ...standing]} {styles} />
				</ul>
			</section>
		</div>
	</SheetPage>
{/if}

<style>
	p {
		margin: 1mm 0;
		font-size: var(--text-xs);
	}

	table {
		font-size: var(--text-2xs);
		line-height: 1.25;
	}

	th,
	td {
		padding: 0.5mm 2.5mm 0.5mm 0;
	}

	td .measure {
		font-size: var(--text-lg);
		white-space: nowrap;
	}

	.two {
		display: block;
	}

	.small {
		width: 3mm;
		height: 3mm;
	}

	.foot {
		display: grid;
		gap: 2mm;
		margin-top: 3mm;
		font-size: var(--text-2xs);
		line-height: 1.25;
	}

	.bring {
		display: flex;
		flex-wrap: wrap;
		gap: 1mm 5mm;
	}

	h2 {
		font-size: var(--text-base);
	}
</style>
