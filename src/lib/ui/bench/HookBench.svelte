<script lang="ts">
	import {
		fixingOf,
		hangerOf,
		holdingIn,
		formatForce,
		massUnitOf,
		hookOf,
		nailPullOf,
		type Ground,
		type HookKind,
		type Piece,
		type PlannedPiece,
		type Project,
		type Styles
	} from '$lib/core/index.ts';
	import { setHook } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import KitFields from '../fix/KitFields.svelte';
	import { bothLoads } from '../loads.ts';
	import StayLevel from './StayLevel.svelte';

	interface Props {
		piece: Piece;
		planned: PlannedPiece | undefined;
		styles: Styles;
		kit: Project['kit'];
		/** What holes in its wall can meet, the usual first. */
		grounds: readonly Ground[];
	}

	let { piece, planned, grounds, styles, kit }: Props = $props();

	const session = $derived(getSession()());
	/** Everything that goes in the wall for it, as planned now. */
	const kinds = $derived([...new Set(planned?.hooks.map(({ kind }) => kind) ?? [piece.hook])]);
	const groundOf = (kind: HookKind): Ground =>
		grounds.find((each) => holdingIn(fixingOf(kind), each)) ?? fixingOf(kind).holds[0]!.in[0]!;
	const hung = $derived(planned?.hung);
	/** The most that a hook’s plate pulls at its nail, N; 0 where none does. */
	const pried = $derived(
		Math.max(0, ...(planned?.hooks.map((hook) => nailPullOf(hook, kit)) ?? []))
	);
	const unit = $derived(massUnitOf(styles.lead));
	const both = (newtons: number) => bothLoads(newtons, styles);
</script>

{#if !planned?.settled}
	<label class="block">
		<span class="field-label">Hook used until you choose one</span>
		<select
			class="select w-full"
			value={piece.hook}
			onchange={(event) => session.run(setHook(piece.id, event.currentTarget.value as HookKind))}
		>
			{#each hangerOf(piece.back).hooks as kind (kind)}
				<option value={kind}>{hookOf(kind).name}</option>
			{/each}
		</select>
	</label>
{/if}
{#each kinds as kind (kind)}
	<KitFields {kind} ground={groundOf(kind)} {kit} {styles} />
{/each}

{#if planned && hung}
	<h3>What it carries</h3>
	{#if planned.hooks[0]?.load}
		<table>
			<thead>
				<tr><th scope="col">hook</th><th scope="col">down</th><th scope="col">off the wall</th></tr>
			</thead>
			<tbody>
				{#each planned.hooks as each (each.id)}
					<tr>
						<th scope="row">{each.name}</th>
						{#each [each.load!.down.value, each.load!.pull.value] as newtons, index (index)}
							<td class="measure">
								{formatForce(newtons, unit)}
								<span>{formatForce(newtons, unit === 'kg' ? 'lb' : 'kg')}</span>
							</td>
						{/each}
					</tr>
				{/each}
			</tbody>
		</table>
		{#if hung.wire?.tension}
			<p>
				The wire pulls <span class="measure">{both(hung.wire.tension.value)}</span> at
				<span class="measure">{hung.wire.angle.value.toFixed(0)}°</span>.
			</p>
		{/if}
		{#if planned.hooks[0].load.outward > 0}
			<p>
				Sideways, each hook takes between <span class="measure"
					>{formatForce(planned.hooks[0].load.inward, unit)}</span
				>
				inward, the wire sliding freely, and
				<span class="measure">{formatForce(planned.hooks[0].load.outward, unit)}</span> outward, the wire
				caught.
			</p>
		{/if}
		{#if pried > 0}
			<p>
				Its nail is pulled with <span class="measure">{both(pried)}</span> in all: the weight acts in
				front of the wall, and the plate pries.
			</p>
		{/if}
	{:else}
		<p>Weigh it (stand on a scale with it and without it), and type the weight in the Rack.</p>
	{/if}
	<StayLevel {hung} {styles} />
{/if}

<style>
	h3 {
		margin-top: 0.8rem;
		font-size: var(--text-base);
	}

	table {
		width: 100%;
		margin: 0.2rem 0 0.5rem;
	}

	th {
		font-size: var(--text-sm);
		font-weight: 500;
		text-align: left;
	}

	td {
		font-size: var(--text-lg);
		white-space: nowrap;
	}

	td span {
		color: var(--graphite-soft);
		font-size: var(--text-base);
	}
</style>
