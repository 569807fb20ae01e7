<script lang="ts">
	import { BoxSelect, Pentagon, SquareDashed, Trash2 } from '@lucide/svelte';
	import {
		activeArrangement,
		boxOf,
		formatLength,
		type Styles,
		type Wall
	} from '$lib/core/index.ts';
	import { setReserved, unreserve } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { getView, type View } from '../view.svelte.ts';

	let { wall, styles }: { wall: Wall; styles: Styles } = $props();

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const reserved = $derived(activeArrangement(wall).reserved);
	const ways = [
		{ taping: 'region', label: 'Tape out a region', Icon: BoxSelect },
		{ taping: 'corners', label: 'Tape corner by corner', Icon: Pentagon },
		{ taping: 'reserve', label: 'Keep a space free', Icon: SquareDashed }
	] as const;
	const asked: Record<NonNullable<View['taping']>, string> = {
		region: 'Drag from corner to corner on the wall. Escape leaves it.',
		corners:
			'Click each corner on the wall; the first one again, or Enter, closes the outline. Backspace takes the last corner back.',
		reserve: 'Drag over the space that is to stay free. Escape leaves it.'
	};

	/** The middle third of the wall, to be typed over: for those who do not drag. */
	const third = () => ({
		x: Math.round(wall.width / 3),
		y: 1000,
		width: Math.round(wall.width / 3),
		height: 1000
	});

	$effect(() => () => (view.taping = null));
</script>

<div class="acts">
	{#each ways as { taping, label, Icon } (taping)}
		<button
			class="btn btn-xs"
			type="button"
			aria-pressed={view.taping === taping}
			onclick={() => (view.taping = view.taping === taping ? null : taping)}
		>
			<Icon size={14} aria-hidden="true" />
			{label}
		</button>
	{/each}
	{#if view.region}
		<button class="btn btn-ghost btn-xs" type="button" onclick={() => (view.region = null)}>
			Take the tape off
		</button>
	{:else}
		<button class="btn btn-ghost btn-xs" type="button" onclick={() => (view.region = third())}>
			Type a region in
		</button>
	{/if}
</div>
{#if view.taping}<p class="small-note" role="status">{asked[view.taping]}</p>{/if}
{#if view.region}
	{@const box = boxOf(view.region)}
	<p class="small-note measure" data-testid="region">
		{formatLength(box.width, styles.lead)} × {formatLength(box.height, styles.lead)}, {formatLength(
			box.x,
			styles.lead
		)} from the left, {formatLength(box.y, styles.lead)} up
	</p>
	{#if 'width' in view.region}
		{@const region = view.region}
		{#await import('./RectFields.svelte') then { default: RectFields }}
			<RectFields rect={region} {styles} onrect={(rect) => (view.region = rect)} />
		{/await}
	{/if}
{/if}
{#each reserved as space, index (space.id)}
	<details>
		<summary class="cursor-pointer">
			Kept free{space.name ? ` for ${space.name}` : reserved.length > 1 ? ` ${index + 1}` : ''}: {formatLength(
				space.width,
				styles.lead
			)} × {formatLength(space.height, styles.lead)}
		</summary>
		<label>
			<span class="field-label">Kept free for</span>
			<input
				class="input w-full input-sm"
				value={space.name}
				maxlength="120"
				placeholder="a lamp, a clock, what is still to come"
				oninput={(event) =>
					session.run(setReserved(wall.id, space.id, { name: event.currentTarget.value }))}
				onchange={() => session.seal()}
			/>
		</label>
		{#await import('./RectFields.svelte') then { default: RectFields }}
			<RectFields
				rect={space}
				{styles}
				onrect={(rect) => session.run(setReserved(wall.id, space.id, rect))}
				onseal={() => session.seal()}
			/>
		{/await}
		<button
			class="btn btn-ghost btn-xs"
			type="button"
			onclick={() => session.run(unreserve(wall.id, space.id))}
		>
			<Trash2 size={14} aria-hidden="true" /> Give it back
		</button>
	</details>
{/each}

<style>
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 0.3rem;
		align-items: center;
	}
</style>
