<script lang="ts">
	import { untrack } from 'svelte';
	import {
		crossedBy,
		formatLength,
		LINE_CHECKS,
		lineOffers,
		type Styles,
		type Wall,
		type WallPlan
	} from '$lib/core/index.ts';
	import { hookTape } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import LengthField from '../field/LengthField.svelte';

	let { wall, plan, styles }: { wall: Wall; plan: WallPlan; styles: Styles } = $props();

	const session = $derived(getSession()());
	const offers = $derived(lineOffers(plan.pieces, wall));
	const { up } = $derived(wall.tape);
	const line = $derived(up.from === 'line' ? up.at : null);
	// What is folded away is not worked out.
	let open = $state(untrack(() => wall.tape.up.from === 'line'));
	const crossed = $derived(line === null ? [] : crossedBy(line, plan.pieces, wall));
	const length = (mm: number) => formatLength(mm, styles.lead);
	const put = (at: number) => session.run(hookTape(wall.id, { up: { from: 'line', at } }));
</script>

<details bind:open>
	<summary>A level line or a laser</summary>
	{#if open}
		<p class="small-note">Every height then reads up or down from that one line.</p>
		<ul>
			{#each offers as { at, why } (at)}
				<li>
					<button
						class="btn btn-sm"
						type="button"
						aria-pressed={line === at}
						onclick={() => put(at)}
					>
						<span class="measure">{length(at)}</span> up
					</button>
					<span>{why}</span>
				</li>
			{/each}
		</ul>
		<LengthField
			label="Or at"
			help="Above the floor’s left end, carried level"
			value={line ?? offers[0]?.at ?? wall.levels.line}
			assumed={line === null}
			{styles}
			plausible={{ min: 300, max: wall.height }}
			onvalue={put}
			onseal={() => session.seal()}
		/>
		{#if line !== null}
			{#if crossed.length > 0}
				<p><strong>It runs over</strong></p>
				<ul aria-label="What the line runs over">
					{#each crossed as { name, from, to } (`${name} ${from}`)}
						<li>
							<span>{name}</span>
							<span class="measure"
								>{length(Math.max(from, 0))} – {length(Math.min(to, wall.width))}</span
							>
						</li>
					{/each}
				</ul>
			{:else}
				<p>It runs free from corner to corner.</p>
			{/if}
			<p><strong>Prove it</strong></p>
			<ol>
				{#each LINE_CHECKS as check (check)}<li>{check}</li>{/each}
			</ol>
		{/if}
	{/if}
</details>

<style>
	details {
		margin-top: 0.5rem;
	}

	summary {
		min-height: 2.5rem;
		color: var(--color-primary);
		cursor: pointer;
	}

	ul li {
		display: flex;
		gap: 0.6rem;
		align-items: center;
		padding: 0.2rem 0;
		font-size: var(--text-sm);
		line-height: 1.2;
	}

	ul .btn {
		flex: none;
	}

	ol {
		padding-left: 1.2rem;
		font-size: var(--text-sm);
		list-style: decimal;
	}
</style>
