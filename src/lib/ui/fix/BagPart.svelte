<script lang="ts">
	import { resolve } from '$app/paths';
	import { bagCsv } from '$lib/files/bag-csv.ts';
	import { download } from '$lib/files/download.ts';
	import { fileName } from '$lib/files/file-name.ts';
	import { stylesOf, type BagItem, type Wall } from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import Segments from '../Segments.svelte';
	import BagList from './BagList.svelte';
	import type { Chooser } from './chooser.svelte.ts';
	import NotChecked from './NotChecked.svelte';
	import { ticks } from './bag-ticks.ts';

	interface Props {
		wall: Wall;
		chooser: Chooser;
		/** null while it is being worked out. */
		items: readonly BagItem[] | null;
		/** Pieces of this wall that are not settled yet. */
		unsettled: number;
		/** Of the whole project. */
		all: boolean;
		onall: (all: boolean) => void;
	}

	let { wall, chooser, items, unsettled, all, onall }: Props = $props();

	const SHEET = '/p/[project]/[wall]/bag-sheet';
	const session = $derived(getSession()());
	const rules = $derived(session.rulesOn(wall.id));
	const styles = $derived(stylesOf(rules));
	const ticked = $derived(ticks(session, all ? '' : wall.id));

	function save() {
		if (!items) return;
		const named = [session.project.name, ...(all ? [] : [wall.name]), 'bag'];
		download(fileName(named, 'csv'), bagCsv(items, ticked.packed, rules), 'text/csv');
	}
</script>

<Segments
	named
	label="What to carry for"
	options={[
		{ value: 'wall', label: 'this wall' },
		{ value: 'all', label: 'every wall' }
	]}
	value={all ? 'all' : 'wall'}
	onchoose={(value) => onall(value === 'all')}
/>
{#if items === null && chooser.failed}
	<NotChecked {chooser} />
{:else if items === null}
	<p class="small-note" role="status">Packing…</p>
{:else if items.length === 0}
	<p>Nothing to carry yet: place a piece in Arrange.</p>
{:else}
	{#if unsettled > 0}
		<p class="small-note">
			{unsettled} of this wall {unsettled === 1 ? 'is' : 'are'} still to choose: packed with the hook
			of {unsettled === 1 ? 'its back' : 'their backs'}.
		</p>
	{/if}
	<BagList {items} {styles} {...ticked} />
	<div class="acts">
		<a
			class="btn btn-sm"
			href={resolve(all ? `${SHEET}?all` : SHEET, { project: session.id, wall: wall.id })}
		>
			To print
		</a>
		<button class="btn btn-sm" type="button" onclick={save}>Save as CSV</button>
	</div>
{/if}

<style>
	.acts {
		display: flex;
		gap: 0.5rem;
		margin-top: 0.7rem;
	}
</style>
