<script lang="ts">
	import solver from 'highs/runtime?url';
	import { Magnet } from '@lucide/svelte';
	import {
		formatLength,
		type FitGaps,
		type FitScope,
		type Framing,
		type Result,
		type StudFit,
		type Styles
	} from '$lib/core/index.ts';
	import { fitToStuds, settlementBy } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import type { FitQuestion } from '$lib/workers/fit.worker.ts';
	import { LatestOnlyWorker } from '$lib/workers/latest-only-worker.svelte.ts';
	import { startFitWorker } from '$lib/workers/start.ts';
	import WorkFailed from '../WorkFailed.svelte';
	import Segments from '../Segments.svelte';
	import { BRINGS, fitSaid } from './fit-said.ts';

	interface Props {
		wallId: string;
		framing: Framing;
		styles: Styles;
	}

	let { wallId, framing, styles }: Props = $props();

	const session = $derived(getSession()());
	const worker = new LatestOnlyWorker<FitQuestion, Result<StudFit>>(startFitWorker);
	let whom: FitScope = $state('all');
	let gaps: FitGaps = $state('kept');
	const found = $derived(worker.answer?.ok ? worker.answer.value : null);
	const trouble = $derived(worker.answer?.ok === false ? worker.answer.error.message : '');
	const { pieces } = $derived(session.project);
	const letterOf = (id: string) => pieces.find((piece) => piece.id === id)!.letter;
	const command = $derived(
		found &&
			fitToStuds(
				wallId,
				found.moves,
				found.met.map(({ pieceId, way }) => settlementBy(pieceId, way))
			)
	);

	// What was found was for the wall as it was then.
	$effect(() => {
		void [session.committed, whom, gaps];
		worker.drop();
	});
	$effect(() => session.setPreview(command));
	$effect(() => () => {
		session.setPreview(null);
		worker.close();
	});

	const ask = () => worker.ask({ project: session.committed, wallId, framing, whom, gaps, solver });
</script>

<section aria-label="Fit to the studs">
	<h3 class="text-lg">Meet the studs</h3>
	<Segments
		named
		label="Which pieces are to meet studs"
		options={[
			{ value: 'all', label: 'every piece' },
			{ value: 'heavy', label: 'the heavy ones' }
		]}
		value={whom}
		onchoose={(value) => (whom = value)}
	/>
	<Segments
		named
		label="Pieces that hang together"
		options={[
			{ value: 'kept', label: 'move as one' },
			{ value: 'free', label: 'each by itself' }
		]}
		value={gaps}
		onchoose={(value) => (gaps = value)}
	/>
	{#if found && command}
		<div aria-live="polite">
			{#each fitSaid(found, session.rulesOn(wallId), gaps) as line (line)}<p>{line}</p>{/each}
			{#if found.moves.length > 0}
				<ul class="moves" aria-label="Moves">
					{#each found.moves as { pieceId, by, brings } (pieceId)}
						<li>
							<strong>{letterOf(pieceId)}</strong>
							<span class="measure">{formatLength(Math.abs(by), styles.lead)}</span>
							{by > 0 ? 'right' : 'left'}: {BRINGS[brings]}
						</li>
					{/each}
				</ul>
			{/if}
		</div>
		<div class="acts">
			{#if found.met.length > 0}
				<button class="btn btn-primary btn-sm" type="button" onclick={() => session.run(command)}>
					{found.moves.length > 0 ? 'Move them and use these' : 'Use these, in their studs'}
				</button>
			{/if}
			<button class="btn btn-ghost btn-sm" type="button" onclick={() => worker.drop()}
				>Leave it</button
			>
		</div>
	{:else}
		{#if worker.failed}<WorkFailed cause={worker.failed} onretry={() => worker.retry()} />{/if}
		{#if trouble}<p class="text-error" role="alert">{trouble}</p>{/if}
		<button class="btn btn-sm" type="button" disabled={worker.busy} onclick={ask}>
			<Magnet size={15} aria-hidden="true" />
			{worker.busy ? 'Trying every move…' : 'Fit the arrangement to the studs'}
		</button>
	{/if}
</section>

<style>
	section {
		display: grid;
		gap: 0.4rem;
		margin-top: 0.8rem;
		padding-top: 0.6rem;
		border-top: 1px dashed var(--color-base-300);
	}

	.moves {
		margin-top: 0.3rem;
	}

	.acts {
		display: flex;
		gap: 0.3rem;
	}
</style>
