<script lang="ts">
	import {
		formatMessage,
		hookOf,
		withinRule,
		type HandPoint,
		type HookKind,
		type Piece,
		type Styles
	} from '$lib/core/index.ts';
	import { settle } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { BY_HAND } from '$lib/words/en/by-hand.ts';
	import { percent } from './fix-said.ts';
	import UseBar from './UseBar.svelte';

	interface Props {
		piece: Piece;
		wallId: string;
		points: readonly HandPoint[];
		/** What hangs there as planned now, point by point. */
		now: readonly HookKind[];
		styles: Styles;
	}

	let { piece, wallId, points, now, styles }: Props = $props();

	const session = $derived(getSession()());
	let chosen: (HookKind | null)[] = $state([]);
	const kindAt = (index: number): HookKind | undefined => chosen[index] ?? now[index] ?? now[0];
	const serves = ({ use }: HandPoint['judged'][number]) =>
		use.ok && withinRule(use.value.utilisation);

	function choose() {
		const hooks = points.map((_, index) => ({ hook: kindAt(index)!, x: null }));
		session.run(settle(wallId, [{ pieceId: piece.id, back: piece.back, points: hooks }]));
	}
</script>

<p class="small-note">{BY_HAND.intro()}</p>
{#each points as { name, judged }, index (name)}
	{@const kind = kindAt(index)}
	{@const at = judged.find((each) => each.kind === kind)}
	<label>
		<span class="field-label">{points.length > 1 ? BY_HAND.at({ point: name }) : BY_HAND.on()}</span
		>
		<select
			class="select w-full"
			value={kind}
			onchange={(event) => (chosen[index] = event.currentTarget.value as HookKind)}
		>
			<optgroup label={BY_HAND.serves()}>
				{#each judged.filter(serves) as { kind: each, use } (each)}
					<option value={each}>
						{hookOf(each).name}{use.ok ? `, ${percent(use.value.utilisation)}` : ''}
					</option>
				{/each}
			</optgroup>
			<optgroup label={BY_HAND.not()}>
				{#each judged.filter((each) => !serves(each)) as { kind: each, use } (each)}
					<option value={each}>
						{hookOf(each).name}{use.ok ? `, ${percent(use.value.utilisation)}` : ''}
					</option>
				{/each}
			</optgroup>
		</select>
	</label>
	{#if at?.use.ok}
		<UseBar share={at.use.value.utilisation} />
		<p class="small-note">{formatMessage(at.use.value.explanation, styles.lead)}.</p>
	{:else if at}
		<p class="why" role="status">
			{formatMessage(at.use.ok ? '' : at.use.error.message, styles.lead)}
		</p>
	{/if}
{/each}
<button class="btn mt-2 btn-sm" type="button" onclick={choose}>{BY_HAND.take()}</button>

<style>
	.why {
		margin: 0.2rem 0 0.4rem;
		color: var(--brick);
	}
</style>
