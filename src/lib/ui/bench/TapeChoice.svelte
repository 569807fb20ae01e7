<script lang="ts">
	import {
		acrossDatums,
		datumKey,
		upDatums,
		type AcrossDatum,
		type UpDatum,
		type Wall,
		type WallPlan
	} from '$lib/core/index.ts';
	import { hookTape } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';

	let { wall, plan }: { wall: Wall; plan: WallPlan } = $props();

	const session = $derived(getSession()());
	const datums = $derived({ wall, pieces: plan.pieces, centreLineY: plan.centreLine.y });
	const across = $derived(acrossDatums(datums));
	const up = $derived(upDatums(datums));

	function choose<D extends AcrossDatum | UpDatum>(
		list: { datum: D }[],
		key: string
	): D | undefined {
		return list.find(({ datum }) => datumKey(datum) === key)?.datum;
	}
</script>

<div class="tapes">
	<label>
		<span class="field-label">Floor tape hooked on</span>
		<select
			class="select w-full select-sm"
			value={datumKey(wall.tape.across)}
			onchange={(event) => {
				const datum = choose(across, event.currentTarget.value);
				if (datum) session.run(hookTape(wall.id, { across: datum }));
			}}
		>
			{#each across as { datum, label } (datumKey(datum))}
				<option value={datumKey(datum)}>{label}</option>
			{/each}
		</select>
	</label>
	<label class="chain">
		<input
			class="checkbox checkbox-sm"
			type="checkbox"
			checked={wall.tape.chain}
			onchange={(event) => session.run(hookTape(wall.id, { chain: event.currentTarget.checked }))}
		/>
		Piece to piece: each from the mark before it
	</label>
	<label>
		<span class="field-label">Side tape hooked on</span>
		<select
			class="select w-full select-sm"
			value={datumKey(wall.tape.up)}
			onchange={(event) => {
				const datum = choose(up, event.currentTarget.value);
				if (datum) session.run(hookTape(wall.id, { up: datum }));
			}}
		>
			{#each up as { datum, label } (datumKey(datum))}
				<option value={datumKey(datum)}>{label}</option>
			{/each}
		</select>
	</label>
</div>

<style>
	.tapes {
		display: grid;
		gap: 0.4rem;
	}

	.chain {
		display: flex;
		gap: 0.4rem;
		align-items: center;
		min-height: 2.5rem;
		font-size: var(--text-sm);
	}
</style>
