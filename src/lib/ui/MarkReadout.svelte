<script lang="ts">
	import {
		ArrowDown,
		ArrowLeft,
		ArrowRight,
		ArrowUp,
		ChevronDown,
		ChevronUp
	} from '@lucide/svelte';
	import type { Mark, PlannedPiece, Project, Styles, WallPlan } from '$lib/core/index.ts';
	import Measure from './Measure.svelte';
	import { markTypeLabel } from './puts.ts';

	interface Props {
		/** As the commands made them: how sure a mark is waits for the end of a drag. */
		project: Project;
		plan: WallPlan;
		planned: PlannedPiece;
		mark: Mark;
		styles: Styles;
		/** Goes on to the piece’s next hook. */
		onnext: () => void;
	}

	let { project, plan, planned, mark, styles, onnext }: Props = $props();

	let why = $state(false);
	const Up = $derived(mark.up.way === 'down from' ? ArrowDown : ArrowUp);
	const Across = $derived(mark.across.way === 'left of' ? ArrowLeft : ArrowRight);
</script>

{#if why}
	{#await import('./SumLine.svelte') then { default: SumLine }}
		<div class="why">
			<div>
				<h3>Height of the {markTypeLabel(mark)}, {mark.up.way} {mark.up.datum}</h3>
				<SumLine figure={mark.up.exact} printed={mark.up.printed} {styles} open />
			</div>
			<div>
				<h3>Along the wall, {mark.across.way} {mark.across.datum}</h3>
				<SumLine figure={mark.across.exact} printed={mark.across.printed} {styles} open />
			</div>
			<div class="how-sure">
				{#await import('./HowSure.svelte') then { default: HowSure }}
					<HowSure {project} {plan} pieceId={planned.pieceId} {styles} open />
				{/await}
			</div>
		</div>
	{/await}
{/if}
<div class="line" aria-live="polite">
	<h2>
		{planned.letter} ·
		{#if planned.hooks.length > 1}
			<button type="button" class="other-hook" onclick={onnext}>
				{mark.name}
			</button>
		{:else}
			{mark.name}
		{/if}
	</h2>
	<p>
		<span class="from">{markTypeLabel(mark)}, {mark.up.way} {mark.up.datum}</span>
		<Up class="way" size={18} aria-label="{mark.up.way} {mark.up.datum}" />
		<Measure mm={mark.up.exact.value} printed={mark.up.printed} {styles} size="large" />
	</p>
	<p>
		<span class="from">{mark.across.way} {mark.across.datum}</span>
		<Across class="way" size={18} aria-label="{mark.across.way} {mark.across.datum}" />
		<Measure mm={mark.across.exact.value} printed={mark.across.printed} {styles} size="large" />
	</p>
	{#if mark.cord}
		<p>
			<span class="from">cord from the rail’s top</span>
			<Measure mm={mark.cord.value} {styles} size="large" />
		</p>
	{/if}
	<p class="sure">
		{#await import('./HowSure.svelte') then { default: HowSure }}
			<HowSure {project} {plan} pieceId={planned.pieceId} {styles} />
		{/await}
	</p>
	<button type="button" class="open" aria-expanded={why} onclick={() => (why = !why)}>
		Why {#if why}<ChevronDown size={18} aria-hidden="true" />{:else}<ChevronUp
				size={18}
				aria-hidden="true"
			/>{/if}
	</button>
</div>

<style>
	.line {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.1rem 2.4rem;
		min-height: 4.4rem;
		padding: 0.3rem 1.25rem;
	}

	.line p {
		display: flex;
		flex-direction: column;
		line-height: 1.1;
	}

	h2 {
		font-size: var(--text-lg);
		white-space: nowrap;
	}

	.from {
		color: var(--umber-soft);
		font-size: var(--text-sm);
	}

	.how-sure {
		grid-column: span 2;
	}

	.line :global(.way) {
		display: none;
	}

	.sure {
		margin-left: auto;
	}

	/* In the hand it is one line: from where, and how sure, are behind “Why”. */
	@media (max-width: 40rem) {
		.how-sure {
			grid-column: auto;
		}

		.line {
			flex-wrap: nowrap;
			gap: 0.6rem;
			min-height: 3.4rem;
			padding: 0.2rem 0.8rem;
		}

		h2 {
			min-width: 3rem;
			margin-right: auto;
			font-size: var(--text-sm);
			line-height: 1.1;
			white-space: normal;
		}

		.line p {
			flex-direction: row;
			align-items: center;
		}

		.line p.sure,
		.line .from,
		.line p :global(.other) {
			display: none;
		}

		.line :global(.way) {
			display: block;
		}

		.line p :global(.measure) {
			font-size: var(--text-xl);
		}
	}

	.other-hook {
		min-height: 2.5rem;
		border-bottom: 2px dotted var(--umber-soft);
		cursor: pointer;
	}

	.open {
		display: flex;
		align-items: center;
		gap: 0.2rem;
		min-height: 2.5rem;
		padding: 0.4rem 0.7rem;
		border: 1.5px solid var(--umber-soft);
		border-radius: 1rem;
		cursor: pointer;
	}

	.why {
		position: absolute;
		z-index: 10;
		right: 0;
		bottom: 100%;
		left: 0;
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(15rem, 100%), 1fr));
		gap: 0.6rem 1.5rem;
		max-height: 65vh;
		overflow-y: auto;
		padding: 0.8rem 1.25rem;
		background: var(--umber-deep);
		border-bottom: 1px solid var(--umber-rule);
	}
</style>
