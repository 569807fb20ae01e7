<script lang="ts">
	import {
		changesBy,
		formatMessage,
		top,
		type FixingOption,
		type PlannedPiece,
		type Styles
	} from '$lib/core/index.ts';
	import { settle, settlementBy } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { takeFocus } from '../keep-focus.ts';
	import { SETTLE_ALL } from '$lib/words/en/by-hand.ts';

	interface Props {
		/** Pieces still open, each with the way that comes first. */
		open: readonly { planned: PlannedPiece; way: FixingOption }[];
		wallId: string;
		styles: Styles;
		ondone: () => void;
	}

	let { open, wallId, styles, ondone }: Props = $props();

	const session = $derived(getSession()());
	const rows = $derived(
		open.flatMap(({ planned, way }) => {
			const piece = session.project.pieces.find(({ id }) => id === planned.pieceId);
			if (!piece) return [];
			const now = { top: top(planned.rect), hooks: planned.hooks.length };
			return [{ piece, way, changes: changesBy(way, piece, now) }];
		})
	);
	const changed = $derived(rows.filter(({ changes }) => changes.length > 0));
	const same = $derived(rows.filter(({ changes }) => changes.length === 0));

	function take(some: typeof rows) {
		session.run(
			settle(
				wallId,
				some.map(({ piece, way }) => settlementBy(piece.id, way))
			)
		);
		ondone();
	}
</script>

<section aria-label="What this changes" tabindex="-1" {@attach takeFocus}>
	<p class="small-note">{SETTLE_ALL.intro({ count: rows.length, same: same.length })}</p>
	<ul>
		{#each changed as { piece, way, changes } (piece.id)}
			<li>
				<strong>{piece.letter}:</strong>
				{way.fixingSummary}. {changes.map((each) => formatMessage(each, styles.lead)).join(' ')}
			</li>
		{/each}
		{#if same.length > 0}
			<li>{SETTLE_ALL.same({ letters: same.map(({ piece }) => piece.letter).join(', ') })}</li>
		{/if}
	</ul>
	<div class="acts">
		<button class="btn btn-primary btn-sm" type="button" onclick={() => take(rows)}>
			{SETTLE_ALL.doIt({ count: rows.length })}
		</button>
		{#if same.length > 0 && changed.length > 0}
			<button class="btn btn-sm" type="button" onclick={() => take(same)}>
				{SETTLE_ALL.some({ count: same.length })}
			</button>
		{/if}
		<button class="btn btn-ghost btn-sm" type="button" onclick={ondone}>{SETTLE_ALL.not()}</button>
	</div>
</section>

<style>
	section {
		margin-bottom: 0.7rem;
		padding: 0.5rem 0.7rem;
		border-left: 4px solid var(--tape-blue);
	}

	ul {
		padding-left: 1.1rem;
		list-style: disc;
	}

	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 0.35rem;
		margin-top: 0.5rem;
	}
</style>
