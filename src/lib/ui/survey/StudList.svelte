<script lang="ts">
	import {
		coarser,
		formatLength,
		lengthToken,
		NINETY,
		formatMessage,
		SURE,
		type StudEstimate,
		type Styles,
		type Wall
	} from '$lib/core/index.ts';
	import { setWall } from '$lib/store/commands/index.ts';
	import { newId } from '$lib/store/new-id.ts';
	import { getSession } from '$lib/store/session.svelte.ts';

	interface Props {
		wall: Wall;
		styles: Styles;
		estimate: StudEstimate;
	}

	let { wall, styles, estimate }: Props = $props();

	const session = $derived(getSession()());
	const [second] = $derived(estimate.alternatives);
	const setPinned = (pinned: Wall['studs']['pinned']) =>
		session.run(setWall(wall.id, { studs: { ...wall.studs, pinned } }));
	const pin = (x: number) => setPinned([...wall.studs.pinned, { id: newId(), x }]);
	const free = (x: number) => setPinned(wall.studs.pinned.filter((each) => each.x !== x));
</script>

<table class="studs">
	<caption class="sr-only">Studs, from the left</caption>
	<thead>
		<tr>
			<th scope="col">Middle of stud</th>
			<th scope="col">9 in 10 within</th>
			<th scope="col">Chance</th>
			<th scope="col"><span class="sr-only">Certain</span></th>
		</tr>
	</thead>
	<tbody>
		{#each estimate.studs as stud, index (index)}
			<tr
				class:proven={stud.proven && !stud.missed}
				class:unsure={stud.missed || (!stud.proven && (!estimate.known || stud.chance < SURE))}
			>
				<td class="measure">{formatLength(stud.x, coarser(styles.lead))}</td>
				<td class="measure">± {formatLength(NINETY * stud.sd, coarser(styles.lead))}</td>
				<td class="measure"
					>{stud.missed
						? 'missed here'
						: stud.proven
							? 'proven'
							: stud.chance < SURE
								? 'not known'
								: `${Math.floor(stud.chance * 100)} %`}</td
				>
				<td>
					<button
						class="btn btn-ghost btn-xs"
						type="button"
						aria-pressed={stud.pinned}
						title="Both edges were found: this stud is certain"
						onclick={() => (stud.pinned ? free(stud.x) : pin(stud.x))}
					>
						{stud.pinned ? 'pinned' : 'pin'}
					</button>
				</td>
			</tr>
		{/each}
	</tbody>
</table>
<p class="small-note">
	{#if estimate.lean}
		They lean {formatMessage(lengthToken(Math.abs(estimate.lean.perMetre)), styles.lead)} to the {estimate
			.lean.perMetre > 0
			? 'right'
			: 'left'} for each metre up; places are given at the height of {formatMessage(
			lengthToken(estimate.lean.at),
			styles.lead
		)}.
	{/if}
	{#if second && second.chance >= 0.01}
		Next best: {formatMessage(lengthToken(second.pitch), styles.lead)} apart, chance {Math.floor(
			second.chance * 100
		)} %.
	{/if}
</p>

<style>
	.studs {
		width: 100%;
		margin-top: 0.4rem;
		font-size: var(--text-sm);
	}

	th {
		color: var(--graphite-soft);
		font-size: var(--text-xs);
		font-weight: 400;
		text-align: left;
	}

	td {
		font-size: var(--text-base);
	}

	.proven td {
		font-weight: 700;
	}

	.unsure td {
		color: var(--graphite-soft);
		font-style: italic;
	}
</style>
