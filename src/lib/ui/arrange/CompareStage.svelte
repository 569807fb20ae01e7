<script lang="ts">
	import { Camera, Trash2 } from '@lucide/svelte';
	import {
		activeArrangement,
		planWallFast,
		SCORE_PARTS,
		SCORE_WORDS,
		scoreOnWall,
		withArrangement,
		type Arrangement,
		type Wall,
		type WallPlan
	} from '$lib/core/index.ts';
	import {
		dropArrangement,
		hangArrangement,
		keepArrangement,
		nameArrangement
	} from '$lib/store/commands/index.ts';
	import { newId } from '$lib/store/new-id.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { fitWall } from '../elevation/frame.ts';
	import { wallBox } from '../elevation/outline.ts';
	import WallFace from '../elevation/WallFace.svelte';
	import { getBones } from '../survey/bones.svelte.ts';
	import { getView } from '../view.svelte.ts';

	let { wall, plan }: { wall: Wall; plan: WallPlan } = $props();

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const watch = $derived(getBones()());
	const { project } = $derived(session);
	const hung = $derived(activeArrangement(wall));
	const kept = $derived(wall.arrangements.filter(({ id }) => id !== hung.id));
	const other = $derived(kept.find(({ id }) => id === view.compareWith) ?? kept[0]);
	const otherPlan = $derived(other && planOf(other));
	const shown = $derived(
		[
			{ arrangement: hung, plan },
			...(other && otherPlan ? [{ arrangement: other, plan: otherPlan }] : [])
		].map((each) => ({ ...each, score: scoreOnWall(project, wall, each.plan, watch.known) }))
	);
	const parts = $derived(
		SCORE_PARTS.filter((part) => shown.some(({ score }) => (score?.parts[part] ?? null) !== null))
	);
	const good = (fault: number | null | undefined) =>
		fault === null || fault === undefined ? '–' : String(Math.round(100 * (1 - fault)));

	function planOf({ id }: Arrangement): WallPlan | null {
		const walls = project.walls.map((each) =>
			each.id === wall.id ? withArrangement(each, id) : each
		);
		const planned = planWallFast({ ...project, walls }, wall.id);
		return planned.ok ? planned.value : null;
	}

	const WIDTH = 860;
	const box = $derived(wallBox(wall));
	const height = $derived(Math.min((WIDTH * box.height) / box.width, 420) + 30);
	const frame = $derived(
		fitWall({ width: WIDTH, height }, box, { left: 0, right: 0, top: 6, bottom: 24 })
	);

	function keep() {
		const id = newId();
		view.compareWith = id;
		session.run(keepArrangement(wall.id, id, `${hung.name}, kept ${kept.length + 1}`));
	}
</script>

<div class="compare">
	{#each shown as { arrangement, plan: planned }, index (arrangement.id)}
		<figure>
			<svg viewBox="0 0 {WIDTH} {height}" role="img" aria-label="{arrangement.name} on {wall.name}">
				<WallFace {wall} pieces={planned.pieces} rack={project.pieces} {frame} />
			</svg>
			<figcaption>
				<label>
					<span class="sr-only">Name of the arrangement</span>
					<input
						class="input input-sm"
						value={arrangement.name}
						maxlength="120"
						oninput={(event) =>
							session.run(nameArrangement(wall.id, arrangement.id, event.currentTarget.value))}
						onblur={() => session.seal()}
					/>
				</label>
				{#if index === 0}
					<span class="small-note">on the wall now</span>
					<button class="btn btn-sm" type="button" onclick={keep}>
						<Camera size={15} aria-hidden="true" /> Keep a copy
					</button>
				{:else}
					{#if kept.length > 1}
						<select
							class="select w-auto select-sm"
							aria-label="Compare with"
							value={arrangement.id}
							onchange={(event) => (view.compareWith = event.currentTarget.value)}
						>
							{#each kept as { id, name } (id)}<option value={id}>{name}</option>{/each}
						</select>
					{/if}
					<button
						class="btn btn-primary btn-sm"
						type="button"
						onclick={() => {
							view.compareWith = hung.id;
							session.run(hangArrangement(wall.id, arrangement));
						}}
					>
						Hang this one
					</button>
					<button
						class="btn btn-ghost btn-sm"
						type="button"
						onclick={() => session.run(dropArrangement(wall.id, arrangement))}
					>
						<Trash2 size={15} aria-hidden="true" /> Throw away
					</button>
				{/if}
			</figcaption>
		</figure>
	{/each}
	{#if kept.length === 0}
		<p class="empty">
			Keep a copy of what hangs now, change the wall, and both stand here, one above the other.
		</p>
	{:else}
		<table>
			<thead>
				<tr>
					<th scope="col">of 100</th>
					{#each shown as { arrangement } (arrangement.id)}
						<th scope="col">{arrangement.name}</th>
					{/each}
				</tr>
			</thead>
			<tbody>
				{#each parts as part (part)}
					<tr>
						<th scope="row" title={SCORE_WORDS[part].asks}>{SCORE_WORDS[part].label}</th>
						{#each shown as { arrangement, score } (arrangement.id)}
							<td class="measure">{good(score?.parts[part])}</td>
						{/each}
					</tr>
				{/each}
				<tr class="total">
					<th scope="row">in all</th>
					{#each shown as { arrangement, score } (arrangement.id)}
						<td class="measure">{good(score?.total)}</td>
					{/each}
				</tr>
			</tbody>
		</table>
	{/if}
</div>

<style>
	.compare {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(24rem, 100%), 1fr));
		gap: 0.8rem;
		align-items: start;
	}

	figure svg {
		width: 100%;
	}

	figcaption {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem;
		align-items: center;
	}

	.empty {
		padding: 0.8rem 1rem;
		background: var(--color-base-100);
	}

	table {
		grid-column: 1 / -1;
		justify-self: start;
		background: var(--color-base-100);
	}

	th,
	td {
		padding: 0.15rem 0.9rem;
		text-align: left;
	}

	td {
		font-size: var(--text-lg);
	}

	.total {
		border-top: 1px solid var(--color-base-300);
		font-weight: 600;
	}
</style>
