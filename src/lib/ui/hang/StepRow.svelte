<script lang="ts">
	import { ArrowDown, ArrowUp, Check, CircleDashed, OctagonX, SkipForward } from '@lucide/svelte';
	import { oneOn, type SheetStep } from '$lib/core/index.ts';
	import CautionList from '../CautionList.svelte';
	import type { Day } from './day.svelte.ts';
	import Says from './Says.svelte';
	import SkipPart from './SkipPart.svelte';

	interface Props {
		day: Day;
		item: SheetStep;
		/** It is the one to do now. */
		now: boolean;
		onselect: () => void;
	}

	let { day, item, now, onselect }: Props = $props();

	let open = $state(false);
	const { step, mark, off, waitsFor } = $derived(item);
	const steps = $derived(day.sheet.map((each) => each.step));
	const up = $derived(open ? oneOn(steps, step.id, -1) : null);
	const down = $derived(open ? oneOn(steps, step.id, 1) : null);
	/** What is measured, set or hung there is told at the wall, not by a tick. */
	const ticked = $derived(
		step.asks.of === 'tick' ||
			step.asks.of === 'photo' ||
			step.asks.of === 'mark' ||
			step.asks.of === 'level'
	);

	const said = $derived(
		off
			? 'does not agree with the survey'
			: mark?.state === 'skipped'
				? `skipped: ${mark.why}`
				: mark
					? `done${mark.by ? ` by ${mark.by}` : ''}`
					: waitsFor.length > 0
						? `after: ${waitsFor[0]!.title}`
						: ''
	);
</script>

<li class:now>
	<details ontoggle={(event) => (open = event.currentTarget.open)}>
		<summary class="run-line" onclick={onselect}>
			<span class={['sign', off ? 'off' : mark?.state]}>
				{#if off}<OctagonX size={17} aria-hidden="true" />
				{:else if mark?.state === 'done'}<Check size={17} aria-hidden="true" />
				{:else if mark}<SkipForward size={17} aria-hidden="true" />
				{:else}<CircleDashed size={17} aria-hidden="true" />{/if}
			</span>
			<span class="title">{step.title}</span>
			<span class="said">{said}</span>
		</summary>
		{#if open}
			<div class="detail">
				<Says says={step.says} styles={day.styles} />
				<CautionList cautions={step.cautions} styles={day.styles} />
				<div class="acts">
					{#if mark}
						<button
							class="btn btn-sm"
							type="button"
							onclick={() => day.tell({ what: 'opened', step: step.id })}
						>
							Open it again
						</button>
					{:else if ticked}
						<button
							class="btn btn-primary btn-sm"
							type="button"
							disabled={waitsFor.length > 0}
							onclick={() => day.tell({ what: 'done', step: step.id })}
						>
							Done
						</button>
					{:else if step.asks.of !== 'trouble'}
						<span class="small-note">Done at the wall.</span>
					{/if}
					<button
						class="btn btn-ghost btn-sm"
						type="button"
						disabled={up === null}
						aria-label="Do {step.title} earlier"
						onclick={() => day.tell({ what: 'moved', step: step.id, ...up! })}
					>
						<ArrowUp size={16} aria-hidden="true" />
					</button>
					<button
						class="btn btn-ghost btn-sm"
						type="button"
						disabled={down === null}
						aria-label="Do {step.title} later"
						onclick={() => day.tell({ what: 'moved', step: step.id, ...down! })}
					>
						<ArrowDown size={16} aria-hidden="true" />
					</button>
				</div>
				{#if !mark}
					<SkipPart
						skipped={null}
						onskip={(why) => day.tell({ what: 'skipped', step: step.id, why })}
					/>
				{/if}
			</div>
		{/if}
	</details>
</li>

<style>
	li {
		border-bottom: 1px solid var(--color-base-300);
	}

	.now {
		box-shadow: inset 4px 0 var(--tape-blue);
	}

	summary {
		cursor: pointer;
		list-style: none;
	}

	.sign {
		color: var(--graphite-soft);
	}

	.sign.done {
		color: var(--moss-ink);
	}

	.sign.off {
		color: var(--color-error);
	}

	.said {
		max-width: 8.5rem;
		color: var(--graphite-soft);
		font-size: var(--text-xs);
		line-height: 1.2;
		text-align: right;
	}

	.detail {
		display: grid;
		gap: 0.5rem;
		padding: 0.2rem 0.4rem 0.7rem 0.6rem;
		font-size: var(--text-sm);
	}

	.acts {
		display: flex;
		gap: 0.4rem;
		align-items: center;
	}
</style>
