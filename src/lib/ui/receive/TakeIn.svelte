<script lang="ts">
	import { format } from 'date-fns';
	import {
		eventFace,
		mayTakePlan,
		mergeDay,
		formatMessage,
		stepTitles,
		stylesOf,
		type DayEvent,
		type Merged,
		type Project
	} from '$lib/core/index.ts';

	interface Props {
		pack: Project;
		/** What this device holds of that project; null for nothing. */
		here: Project | null;
		/** How many photos came with it. */
		photos: number;
		onkeep: (project: Project) => void;
	}

	let { pack, here, photos, onkeep }: Props = $props();

	/** Ids of their events chosen over ours. */
	let take: ReadonlySet<string> = $state.raw(new Set());

	const wall = $derived(pack.walls[0]!);
	const merged = $derived.by(() => taken(take));
	const first = $derived.by(() => taken(new Set()));
	const turned = $derived(here && mayTakePlan(here, pack) ? mergeDay(pack, here.day) : null);
	const { lead } = $derived(stylesOf(pack.houseRules));
	const titles = $derived(stepTitles(pack, wall.id));

	/** What comes of it where some of their words are chosen over ours. */
	function taken(theirs: ReadonlySet<string>): Merged | null {
		return here && mergeDay(here, pack.day, theirs);
	}

	/** What an event speaks of: its step, or its piece. */
	function matterSaid(event: DayEvent): string {
		if ('step' in event) return `“${titles.get(event.step) ?? 'a step that is planned no more'}”`;
		const pieceId = eventFace(event).pieceOf?.(event, pack);
		return `piece ${pack.pieces.find(({ id }) => id === pieceId)?.letter ?? '?'}`;
	}

	function choosing(id: string, theirs: boolean) {
		take = new Set(theirs ? [...take, id] : [...take].filter((each) => each !== id));
	}

	const count = (number: number, one: string, many: string) =>
		`${number} ${number === 1 ? one : many}`;
	const inShort = (event: DayEvent) => formatMessage(eventFace(event).summary?.(event) ?? '', lead);
	const at = (moment: string) => format(moment, 'd MMM, HH:mm');
</script>

<p>
	<strong>{pack.name}, {wall.name}</strong>: {count(pack.pieces.length, 'piece', 'pieces')}, {count(
		pack.day.length,
		'thing',
		'things'
	)} told{photos > 0 ? `, ${count(photos, 'photo', 'photos')}` : ''}.
</p>
{#if !here}
	<p>This device holds no such project yet. The wall is kept here under its own name.</p>
	<button class="btn btn-primary" type="button" onclick={() => onkeep(pack)}>Keep it here</button>
{:else if merged && first}
	<p role="status">
		{merged.added === 0
			? 'Nothing in it is new here.'
			: `${count(merged.added, 'thing', 'things')} happened there that ${merged.added === 1 ? 'is' : 'are'} not known here.`}
	</p>
	{#each first.conflicts as { ours, theirs } (theirs.id)}
		<fieldset>
			<legend>Both devices say something of {matterSaid(theirs)}: which counts?</legend>
			{#each [{ told: ours, mine: true }, { told: theirs, mine: false }] as { told, mine } (told.id)}
				<label>
					<input
						class="radio"
						type="radio"
						name={theirs.id}
						checked={mine !== take.has(theirs.id)}
						onchange={() => choosing(theirs.id, !mine)}
					/>
					<span>
						{mine ? 'here' : 'in the pack'}: {inShort(told)} ({at(told.at)}{told.by
							? `, ${told.by}`
							: ''})
					</span>
				</label>
			{/each}
		</fieldset>
	{/each}
	<button
		class="btn btn-primary"
		type="button"
		onclick={() => onkeep({ ...merged.project, revision: here.revision + 1 })}
	>
		Take in what happened
	</button>
	{#if turned}
		<button class="btn" type="button" onclick={() => onkeep(turned.project)}>
			Take its plan, and keep what happened here
		</button>
		{#if turned.conflicts.length > 0}
			<p class="small-note">
				{turned.conflicts.length} differ here: the pack’s version would count.
			</p>
		{/if}
	{/if}
{/if}

<style>
	fieldset {
		display: grid;
		gap: 0.2rem;
		padding: 0.5rem 0.8rem;
		border-left: 6px solid var(--marigold);
		background: color-mix(in srgb, var(--marigold) 14%, var(--color-base-100));
	}

	legend {
		float: left;
		font-weight: 600;
	}

	label {
		display: flex;
		gap: 0.5rem;
		align-items: center;
		min-height: 2.5rem;
	}
</style>
