<script lang="ts">
	import {
		formatForce,
		formatLength,
		hookOf,
		unmeasuredOn,
		type PlannedHook,
		type PlannedPiece
	} from '$lib/core/index.ts';
	import CautionList from '../CautionList.svelte';
	import Measure from '../Measure.svelte';
	import SumLine from '../SumLine.svelte';
	import type { OnePicture } from './one-picture.svelte.ts';

	let { one, planned }: { one: OnePicture; planned: PlannedPiece } = $props();

	const { styles } = $derived(one);
	const first = $derived(planned.hooks[0]);
	const { level } = $derived(one);
	const shown = $derived(level ? planned.hooks.slice(0, 1) : planned.hooks);
	const load = $derived(first?.load);
	const tension = $derived(planned.hung?.wire?.tension);

	const middle = $derived(one.project.walls[0]!.width / 2);
	const sideways = (hook: PlannedHook) => {
		const off = hook.bearing.x - middle;
		return {
			mm: Math.abs(off),
			way: Math.abs(off) < 0.01 ? 'on the centre' : off < 0 ? 'left of centre' : 'right of centre'
		};
	};
	const both = (newtons: number) =>
		`${formatForce(newtons, 'lb')} · ${formatForce(newtons, 'kg')} (${formatForce(newtons, 'N')})`;
</script>

{#if planned.trouble}
	<div class="trouble" role="alert">
		<h2>No mark can be given yet</h2>
		<p>{planned.trouble.message}</p>
	</div>
{:else if first}
	{#if unmeasuredOn(one.piece).length > 0}
		<p class="assumed">Dashed figures are assumed. Type what your tape says over them.</p>
	{/if}
	<section aria-label="Where the hook goes" aria-live="polite">
		{#each shown as hook (hook.id)}
			<h2>
				{level && planned.hooks.length > 1
					? 'Both hooks, up from the floor'
					: `${hook.name}, up from the floor`}
			</h2>
			<p data-testid="hook-height">
				<Measure mm={hook.bearing.y} {styles} size="huge" />
			</p>
			<SumLine figure={hook.height} {styles} />
			<p class="hole">
				Its nail hole: <Measure mm={hook.hole.y} {styles} /> for a {hookOf(
					hook.kind
				).name.toLowerCase()}. Held with its bottom at the hook height, it finds the hole by itself.
			</p>
		{/each}
		<h2>Left and right</h2>
		<ul class="sides">
			{#each planned.hooks as hook (hook.id)}
				{@const side = sideways(hook)}
				<li>
					<span class="name">{hook.name}</span>
					{#if side.way === 'on the centre'}
						<span class="measure big">on the centre</span>
					{:else}
						<Measure mm={side.mm} {styles} size="large" /> <span>{side.way}</span>
					{/if}
				</li>
			{/each}
		</ul>
	</section>

	<section aria-label="What it carries">
		<h2>What it carries</h2>
		{#if load}
			<dl>
				<dt>each hook, down</dt>
				<dd class="measure">{both(load.down.value)}</dd>
				{#if tension}
					<dt>the wire pulls</dt>
					<dd class="measure">{both(tension.value)}</dd>
				{/if}
				{#if load.outward > 0}
					<dt>sideways, per hook</dt>
					<dd class="measure">
						{formatForce(load.inward, 'lb')} in to {formatForce(load.outward, 'lb')} out
					</dd>
				{/if}
				<dt>off the wall, per hook</dt>
				<dd class="measure">{both(load.pull.value)}</dd>
			</dl>
		{:else}
			<p>Type the weight to see what each hook and the wire carry.</p>
		{/if}
		{#if planned.hung}
			<p class="level"><strong>Held level by:</strong> {planned.hung.heldLevelBy}</p>
			{#if planned.hung.wire}
				<p class="level">
					Wire, ring to ring: <span class="measure"
						>{formatLength(planned.hung.wire.length, styles.lead)}</span
					>, at {planned.hung.wire.angle.value.toFixed(0)}°.
				</p>
			{/if}
		{/if}
	</section>
	<CautionList cautions={planned.cautions} {styles} />
{/if}

<style>
	section {
		margin-bottom: 0.9rem;
	}

	h2 {
		margin-bottom: 0.1rem;
		font-size: 1rem;
	}

	h2::first-letter {
		text-transform: uppercase;
	}

	.hole,
	.level {
		margin-top: 0.3rem;
		font-size: 0.95rem;
	}

	.hole :global(.measure) {
		font-size: 1.15rem;
	}

	.sides li {
		display: grid;
		grid-template-columns: 5rem auto 1fr;
		gap: 0.5rem;
		align-items: baseline;
		white-space: nowrap;
	}

	.sides :global(.large) {
		font-size: 2rem;
	}

	.assumed {
		margin-bottom: 0.5rem;
		font-size: 0.95rem;
	}

	.big {
		font-size: 1.6rem;
	}

	dl {
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 0.1rem 0.8rem;
		align-items: baseline;
	}

	dd {
		font-size: 1.15rem;
		text-align: right;
	}

	.trouble {
		padding: 0.8rem 1rem;
		border: 2px solid var(--color-error);
		border-radius: 0.4rem;
		font-size: 1.05rem;
	}
</style>
