<script lang="ts">
	import {
		doseOf,
		formatForce,
		formatLength,
		GROUNDS,
		hangsBy,
		hangsOn,
		hookOf,
		isTooMuch,
		lightOfYear,
		pieceSchema,
		type HangRecord,
		type Styles,
		massUnitOf
	} from '$lib/core/index.ts';
	import { setPiece } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { tell } from '../hang/tell.ts';
	import { photoUrls } from '../photo-urls.svelte.ts';
	import { onDay } from './dates.ts';
	import LookForm from './LookForm.svelte';

	interface Props {
		record: HangRecord;
		/** Now, as a moment: what is due before it is late. */
		now: string;
		styles: Styles;
		onselect: () => void;
	}

	let { record, now, styles, onselect }: Props = $props();

	const session = $derived(getSession()());
	const uid = $props.id();
	const { hanging, piece, wall, due, job } = $derived(record);
	const unit = $derived(massUnitOf(styles.lead));
	const late = $derived(job !== null || (due !== null && due < now));
	const dose = $derived(doseOf(piece, wall));
	let open = $state(false);
	let why = $state('');
	let comesBack = $state(false);
	let worthTrouble = $state('');

	const said = $derived(
		hanging.until
			? `came down ${onDay(hanging.until)}${hanging.why ? `: ${hanging.why}` : ''}`
			: job
				? `a job: ${job}`
				: `look at it by ${onDay(due!)}`
	);
	const looks = $derived([...hanging.looks].sort((a, b) => b.at.localeCompare(a.at)));

	function setWorth(text: string) {
		const worth = text.trim() === '' ? null : Number(text.replace(/[\s,]/g, ''));
		const sound = pieceSchema.shape.worth.safeParse(worth).success;
		worthTrouble = sound ? '' : 'Type an amount as a number, such as 240.';
		if (sound) session.run(setPiece(piece.id, { worth }));
	}
</script>

<article class:late class:down={hanging.until} data-testid="record">
	<details ontoggle={(event) => (open = event.currentTarget.open)}>
		<summary onclick={onselect}>
			<h3>{piece.letter} · {piece.name}</h3>
			<p>{wall.name}, since {onDay(hanging.since)}{hanging.by ? `, by ${hanging.by}` : ''}</p>
			<p class="said">{said}</p>
		</summary>
		{#if open}
			<div class="detail">
				<p>{hangsBy(record)}, {hangsOn(record)}.</p>
				<table>
					<thead>
						<tr><th>point</th><th>height</th><th>carries</th><th>may carry</th></tr>
					</thead>
					<tbody>
						{#each hanging.points as { name, hook, bearing, carries, may, ratedBy, ground }, index (index)}
							<tr>
								<th scope="row" title={hookOf(hook).name}>{name}</th>
								<td class="measure">{formatLength(bearing.y, styles.lead)}</td>
								<td class="measure">{carries === null ? '?' : formatForce(carries, unit)}</td>
								<td>
									<span class="measure">{may === null ? '?' : formatForce(may, unit)}</span>
									<span class="by">{ratedBy}{ground ? `, ${GROUNDS[ground]}` : ''}</span>
								</td>
							</tr>
						{/each}
					</tbody>
				</table>
				<p class="small-note">
					{hanging.tilt === null
						? 'The level was not read.'
						: `${hanging.simulated ? 'A simulated level' : 'The level'} last read ${hanging.tilt.toFixed(2)}°.`}
					{#if dose}
						It gets {lightOfYear(dose)}{isTooMuch(dose) ? ': more than it bears, see care' : ''}.
					{/if}
				</p>
				{#each looks as { id, at, by, state, text, photo } (id)}
					{@const url = photo ? photoUrls.get(session.project.id, photo) : null}
					<p class="small-note">
						<strong>{onDay(at)}</strong>{by ? `, ${by}` : ''}: {{
							fine: 'right',
							job: 'a job',
							note: 'its condition'
						}[state]}{text ? `. ${text}` : ''}
					</p>
					{#if url}<img src={url} alt="{piece.letter} on {onDay(at)}" />{/if}
				{/each}
				<label class="field-label" for="{uid}-worth">
					Worth, for insurance{session.project.currency ? `, ${session.project.currency}` : ''}
				</label>
				<input
					id="{uid}-worth"
					class="input input-sm"
					inputmode="decimal"
					value={piece.worth ?? ''}
					aria-invalid={worthTrouble ? 'true' : undefined}
					aria-describedby="{uid}-said"
					onchange={(event) => setWorth(event.currentTarget.value)}
				/>
				<p class="trouble" id="{uid}-said" aria-live="polite">{worthTrouble}</p>
				{#if !hanging.until}
					<LookForm {record} />
					<label class="comes-back">
						<input class="checkbox" type="checkbox" bind:checked={comesBack} />
						It is coming back: leave its hooks in the wall
					</label>
					<div class="down-row">
						<label class="sr-only" for="{uid}-why">Why it comes down</label>
						<input
							id="{uid}-why"
							class="input input-sm"
							maxlength="120"
							placeholder="why it comes down"
							bind:value={why}
						/>
						<button
							class="btn btn-sm"
							type="button"
							onclick={() =>
								tell(session, wall.id, {
									what: 'taken-down',
									hangingId: hanging.id,
									why: why.trim(),
									...(comesBack && { comesBack })
								})}
						>
							Take it down
						</button>
					</div>
				{/if}
			</div>
		{/if}
	</details>
</article>

<style>
	article {
		border: 1.5px solid var(--color-base-300);
		border-radius: 0.4rem;
	}

	.late {
		border-color: var(--marigold);
		box-shadow: inset 4px 0 var(--marigold);
	}

	.down {
		border-style: dashed;
	}

	.comes-back {
		display: flex;
		gap: 0.5rem;
		align-items: center;
	}

	summary {
		padding: 0.4rem 0.7rem;
		font-size: var(--text-sm);
		line-height: 1.25;
		cursor: pointer;
		list-style: none;
	}

	h3 {
		font-size: var(--text-base);
	}

	.said {
		color: var(--graphite-soft);
	}

	.late .said {
		color: var(--color-base-content);
		font-weight: 600;
	}

	.detail {
		display: grid;
		gap: 0.4rem;
		padding: 0 0.7rem 0.7rem;
		font-size: var(--text-sm);
	}

	table {
		width: 100%;
		border-collapse: collapse;
		font-size: var(--text-xs);
	}

	th,
	td {
		padding: 0.1rem 0.4rem 0.1rem 0;
		border-bottom: 1px solid var(--color-base-300);
		text-align: left;
		vertical-align: top;
		font-weight: 400;
	}

	thead th {
		color: var(--graphite-soft);
	}

	.measure {
		font-size: var(--text-base);
	}

	.by {
		display: block;
		color: var(--graphite-soft);
		font-size: var(--text-2xs);
		line-height: 1.1;
	}

	img {
		max-height: 8rem;
	}

	.input {
		width: 100%;
	}

	.trouble {
		color: var(--color-error);
		font-size: var(--text-sm);
	}

	.down-row {
		display: flex;
		gap: 0.4rem;
	}
</style>
