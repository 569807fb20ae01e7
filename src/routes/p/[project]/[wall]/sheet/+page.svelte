<script lang="ts">
	import { page } from '$app/state';
	import { resolve } from '$app/paths';
	import { dayProofs, formatLength, formatMessage, hookOf, ofEveryHole } from '$lib/core/index.ts';
	import { now } from '$lib/store/clock.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { usesByMark } from '$lib/ui/bench/mark-said.ts';
	import { onDay } from '$lib/ui/book/dates.ts';
	import GatheredCautions from '$lib/ui/sheet/GatheredCautions.svelte';
	import { JobFacts } from '$lib/ui/sheet/job-facts.svelte.ts';
	import MarksTable from '$lib/ui/sheet/MarksTable.svelte';
	import SheetElevation from '$lib/ui/sheet/SheetElevation.svelte';
	import SheetHead from '$lib/ui/sheet/SheetHead.svelte';
	import SheetPage from '$lib/ui/sheet/SheetPage.svelte';
	import SheetTools from '$lib/ui/sheet/SheetTools.svelte';
	import SumsTable from '$lib/ui/sheet/SumsTable.svelte';
	import { getBones } from '$lib/ui/survey/bones.svelte.ts';

	const session = $derived(getSession()());
	const bones = $derived(getBones()());
	const { project } = $derived(session);
	const wallId = $derived(page.params.wall!);
	const job = new JobFacts(() => ({ session, bones, wallId }));
	const { wall, plan, styles, rack } = $derived(job);
	const uses = $derived(usesByMark(plan?.pieces ?? [], job.fixes));
	const kinds = $derived([...new Set(plan?.marks.map(({ hook }) => hook) ?? [])]);
	const everyHole = $derived(ofEveryHole((plan?.pieces ?? []).flatMap(({ hooks }) => hooks)));
	const proofs = $derived(wall && plan ? dayProofs(wall, plan.pieces) : []);
	const today = onDay(now().toISOString());
	let sums = $state(false);

	const length = (mm: number) => formatLength(mm, styles.lead);
	const of = $derived(`${project.name} · ${wall?.name ?? ''}`);
</script>

<svelte:head><title>Marks · {wall?.name} · {project.name}</title></svelte:head>

<SheetTools>
	<a class="btn" href={resolve('/p/[project]/[wall]/mark', { project: project.id, wall: wallId })}>
		‹ Back to the marks
	</a>
	<label class="sums">
		<input class="checkbox" type="checkbox" bind:checked={sums} />
		With the sums, and a second measure for each mark
	</label>
</SheetTools>

{#if plan && wall}
	<SheetPage {of} title="marks">
		{#snippet intro()}
			{today}. Seen from the room. Wall {length(wall.width)} by {length(wall.height)}.
			{#if job.middle !== null}Middle of the group {length(job.middle)} above the floor.{/if}
		{/snippet}
		<SheetHead {job} />
		<SheetElevation {wall} {plan} {rack} {styles} tall={230} />
		{#if proofs.length > 0}
			<p class="prove">
				Prove the wall first:
				{#each proofs as { id, label, expected }, index (id)}{index > 0 ? '; ' : ''}{label}
					<b>{length(expected.value)}</b>{/each}.
			</p>
		{/if}
		<MarksTable {plan} sure={job.sure} {uses} {styles} />
		<p class="key">
			Figures are right to within the range shown, nine times in ten. ? is a figure nobody measured.
		</p>
		<ul class="cares">
			<GatheredCautions cautions={job.cares} {styles} />
			{#each everyHole as { message, remedy }, index (index)}
				<li>
					{formatMessage(message, styles.lead)}
					{formatMessage(remedy, styles.lead)}
				</li>
			{/each}
			{#each kinds as kind (kind)}
				<li><strong>{hookOf(kind).name}.</strong> {hookOf(kind).setting}</li>
			{/each}
			<li>
				Keep each hook’s load well below the rating on its packet. Local building codes come first.
			</li>
		</ul>
	</SheetPage>
	{#if sums}
		<SheetPage {of} title="sums and second measures" second>
			<SumsTable {wall} {plan} tapeHook={project.houseRules.tapeHook} {styles} />
		</SheetPage>
	{/if}
{/if}

<style>
	.sums {
		display: flex;
		gap: 0.4rem;
		align-items: center;
	}

	.prove,
	.key,
	.cares {
		margin-top: 2mm;
		font-size: var(--text-xs);
	}

	.prove b {
		font-family: var(--font-measure);
	}

	.cares {
		font-size: var(--text-2xs);
		line-height: 1.25;
		columns: 2;
		column-gap: 8mm;
	}
</style>
