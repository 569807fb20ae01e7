<script lang="ts">
	import {
		backHardware,
		fixings,
		formatForce,
		formatMass,
		groundsOf,
		GROUNDS,
		holdingIn,
		hookOf,
		mostInStud,
		ownRating,
		type Fixing,
		type Ground,
		type HookKind,
		type Styles,
		type Wall,
		massUnitOf
	} from '$lib/core/index.ts';
	import { takeKit } from '$lib/store/commands/index.ts';
	import { keepOwnKit, readOwnKit } from '$lib/store/own-kit.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { notices } from '../toast.svelte.ts';
	import BearingDrawing from './BearingDrawing.svelte';
	import FixingSheet from './FixingSheet.svelte';
	import KitFields from './KitFields.svelte';

	let { wall, styles }: { wall: Wall; styles: Styles } = $props();

	const session = $derived(getSession()());
	const { kit } = $derived(session.project);
	const unit = $derived(massUnitOf(styles.lead));
	const here = $derived(groundsOf(wall.made));
	/** What is looked at; the rest is not drawn. */
	const opened: Partial<Record<HookKind, boolean>> = $state({});
	let chosen: Ground | 'all' | null = $state(null);
	const ground: Ground | 'all' = $derived(chosen ?? here[0]!);
	const shown = $derived(fixings.filter((fixing) => isHere(fixing, ground)));

	const isHere = (fixing: Fixing, where: Ground | 'all') =>
		where === 'all' || holdingIn(fixing, where) !== undefined;

	/** Where a fixing is told of: the chosen ground, or the first it holds in. */
	function groundFor(fixing: Fixing): Ground {
		const where: Ground | 'all' = ground;
		return where === 'all' ? fixing.holds[0]!.in[0]! : where;
	}

	function rated(fixing: Fixing): string {
		const own = ownRating(kit[fixing.kind], groundFor(fixing));
		if (own) return `yours: ${formatMass(own.kg, unit)}`;
		const holding = holdingIn(fixing, groundFor(fixing))!;
		if (holding.by === 'packet') {
			const said = `typically ${formatMass(holding.kg, unit)}`;
			return holding.meaning === 'failure' ? `${said}, a failure load` : said;
		}
		const most = mostInStud(fixing, wall.made, kit[fixing.kind]);
		return most ? `calculated: ${formatForce(most.across, unit)}` : 'too short here';
	}

	async function keep() {
		if (await keepOwnKit(kit)) notices.success('Kept: a new project starts with your kit.');
		else notices.error('This browser does not let it be kept.');
	}

	async function take() {
		const own = await readOwnKit();
		if (Object.keys(own).length === 0) notices.error('Nothing has been kept as your own yet.');
		else session.run(takeKit(own));
	}
</script>

<label>
	<span class="field-label">What holds in</span>
	<select
		class="select w-full"
		value={ground}
		onchange={(event) => (chosen = event.currentTarget.value as Ground | 'all')}
	>
		{#each Object.entries(GROUNDS) as [value, label] (value)}
			<option {value}>{label}{here.includes(value as Ground) ? ' (this wall)' : ''}</option>
		{/each}
		<option value="all">anything: the whole catalogue</option>
	</select>
</label>
<ul aria-label="Fixings">
	{#each shown as fixing (fixing.kind)}
		<li>
			<details ontoggle={(event) => (opened[fixing.kind] = event.currentTarget.open)}>
				<summary>
					<span>{hookOf(fixing.kind).name}</span>
					<span class="soft">{rated(fixing)}</span>
				</summary>
				{#if opened[fixing.kind]}
					<BearingDrawing kind={fixing.kind} ground={groundFor(fixing)} {kit} {styles} />
					<KitFields kind={fixing.kind} ground={groundFor(fixing)} {kit} {styles} />
					<FixingSheet kind={fixing.kind} ground={groundFor(fixing)} {styles} />
				{/if}
			</details>
		</li>
	{/each}
</ul>
<h3>For the back</h3>
<ul aria-label="For the back">
	{#each backHardware as { key, name, suits, classes, mistakes, never } (key)}
		<li>
			<details>
				<summary><span>{name}</span></summary>
				<p>{suits}</p>
				{#if classes.length > 0}
					<p class="soft">
						Typically, for one: {classes
							.map(({ what, newtons }) => `${what} ${formatForce(newtons, unit)}`.trim())
							.join(', ')}.
					</p>
				{/if}
				<p><strong>Goes wrong:</strong> {mistakes.join(' ')}</p>
				<p><strong>Not for:</strong> {never}</p>
			</details>
		</li>
	{/each}
</ul>
<h3>My kit</h3>
<p class="small-note">
	What you measured, rated and counted above belongs to this project. Keep it as your own, and a new
	project starts with it.
</p>
<div class="acts">
	<button
		class="btn btn-sm"
		type="button"
		disabled={Object.keys(kit).length === 0}
		onclick={() => void keep()}
	>
		Keep as my own
	</button>
	<button class="btn btn-ghost btn-sm" type="button" onclick={() => void take()}>
		Take what I kept
	</button>
</div>

<style>
	ul {
		margin-top: 0.5rem;
	}

	li {
		border-bottom: 1px solid var(--color-base-300);
	}

	summary {
		display: flex;
		gap: 0.6rem;
		justify-content: space-between;
		align-items: baseline;
		min-height: 2.5rem;
		padding: 0.25rem 0;
		cursor: pointer;
	}

	summary::-webkit-details-marker {
		display: none;
	}

	summary .soft {
		white-space: nowrap;
	}

	.soft {
		color: var(--graphite-soft);
		font-size: var(--text-sm);
	}

	details[open] {
		padding-bottom: 0.7rem;
	}

	details[open] summary {
		font-weight: 600;
	}

	h3 {
		margin-top: 0.9rem;
		font-size: var(--text-base);
	}

	.acts {
		display: flex;
		gap: 0.3rem;
		margin-top: 0.3rem;
	}
</style>
