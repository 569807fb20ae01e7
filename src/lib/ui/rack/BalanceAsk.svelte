<script lang="ts">
	import {
		balanceOf,
		bestMeasure,
		factKey,
		landingOfPiece,
		marksOfPiece,
		pieceFacts,
		within,
		type Piece,
		type PlannedPiece,
		type Styles
	} from '$lib/core/index.ts';
	import { addReadings, setPiece } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import LengthField from '../field/LengthField.svelte';
	import { readNow } from '../field/read-now.ts';
	import { withinSaid } from '../within.ts';

	interface Props {
		piece: Piece;
		/** As it stands on the wall it is looked at on. */
		planned: PlannedPiece;
		wallId: string;
		styles: Styles;
	}

	let { piece, planned, wallId, styles }: Props = $props();

	const session = $derived(getSession()());
	const { project } = $derived(session);
	const fact = $derived(balanceOf(piece.id));
	const mass = $derived(
		pieceFacts(piece, project.readings).find((each) => factKey(each.fact) === factKey(fact))
	);
	const landing = $derived.by(() => {
		const plan = session.plan(wallId);
		return plan && landingOfPiece(project, plan, planned, marksOfPiece(project, plan, planned));
	});
	/** It is asked where it would make the piece land better, and nobody read it yet. */
	const asks = $derived(
		mass?.state === 'assumed' && landing?.side.some(({ cause }) => cause === factKey(fact))
	);
	const then = $derived(
		landing && asks ? bestMeasure(landing.side, piece, project.readings) : null
	);

	let slides = $state(false);
	let off: number | null = $state(null);

	function read(mm: number) {
		const figure = {
			...{ fact, name: `where ${piece.letter} balances`, stands: null, way: 'tape' as const },
			write: (massOffset: number) => setPiece(piece.id, { massOffset })
		};
		session.run(addReadings(figure, [readNow(session, mm, 'tape')]));
		session.seal();
		[slides, off] = [false, null];
	}
</script>

{#if asks && landing}
	<section class="balance" aria-label="Balance">
		<p>
			<strong>Hang it on one finger, at the middle of its wire.</strong> Does it hang level?
			{#if then?.reads?.key === fact.key}
				Left and right it is then right to within
				<span class="measure">{withinSaid(then.within, styles)}</span>; not asked, to within
				<span class="measure">{withinSaid(within(landing.side), styles)}</span>.
			{/if}
		</p>
		{#if slides}
			<LengthField
				label="Finger right of the middle"
				help="Slide until it hangs level; minus is left, as you look at its front"
				value={off}
				{styles}
				signed
				zero
				onvalue={(mm) => (off = mm)}
			/>
		{/if}
		<div class="acts">
			{#if slides}
				<button
					class="btn btn-primary btn-sm"
					type="button"
					disabled={off === null}
					onmousedown={(event) => event.preventDefault()}
					onclick={() => off !== null && read(off)}
				>
					It balances there
				</button>
			{:else}
				<button class="btn btn-sm" type="button" onclick={() => read(0)}>Yes, level</button>
			{/if}
			<button class="btn btn-sm" type="button" onclick={() => (slides = !slides)}>
				{slides ? 'Never mind' : 'No, it tips'}
			</button>
		</div>
	</section>
{/if}

<style>
	.balance {
		display: grid;
		gap: 0.4rem;
		margin-top: 0.5rem;
		padding: 0.5rem 0.7rem;
		border-left: 6px solid var(--tape-blue);
		background: color-mix(in srgb, var(--tape-blue) 12%, var(--color-base-100));
		line-height: 1.3;
	}

	.acts {
		display: flex;
		gap: 0.5rem;
	}
</style>
