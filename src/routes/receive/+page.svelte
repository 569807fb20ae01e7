<script lang="ts">
	import { afterNavigate, goto } from '$app/navigation';
	import { format } from 'date-fns';
	import {
		eventFace,
		mayTakePlan,
		mergeDay,
		openPack,
		say,
		stepTitles,
		stylesOf,
		type DayEvent,
		type Merged,
		type Project
	} from '$lib/core/index.ts';
	import { joinParts, readPart } from '$lib/files/pack-parts.ts';
	import { dropParts, keepPart } from '$lib/store/pack-parts.ts';
	import { keepProject, loadProject, rewriteProject, storageTrouble } from '$lib/store/projects.ts';
	import { takeHeld } from '$lib/ui/receive/held.ts';
	import { projectPath } from '$lib/ui/paths.ts';
	import TopBar from '$lib/ui/TopBar.svelte';

	let trouble = $state('');
	/** How many codes of the pack were read; null while none was. */
	let read: { have: number; of: number } | null = $state.raw(null);
	let pack: Project | null = $state.raw(null);
	let here: { project: Project; stamp: string } | null = $state.raw(null);
	/** Ids of their events chosen over ours. */
	let take: ReadonlySet<string> = $state.raw(new Set());

	const merged = $derived.by(() => taken(take));
	const first = $derived.by(() => taken(new Set()));
	const lead = $derived.by(() => pack && stylesOf(pack.houseRules).lead);

	const titles = $derived(pack ? stepTitles(pack, pack.walls[0]!.id) : new Map<string, string>());

	/** What an event speaks of: its step, its hook, or its piece. */
	function matterSaid(event: DayEvent): string {
		if ('step' in event) return `“${titles.get(event.step) ?? 'a step that is planned no more'}”`;
		const pieceId = eventFace(event).pieceOf?.(event, pack!);
		return `piece ${pack!.pieces.find(({ id }) => id === pieceId)?.letter ?? '?'}`;
	}

	/** What comes of it where some of their words are chosen over ours. */
	function taken(theirs: ReadonlySet<string>): Merged | null {
		return pack && here && mergeDay(here.project, pack.day, theirs);
	}

	async function look(file: unknown) {
		trouble = '';
		const opened = openPack(file);
		if (!opened.ok) {
			trouble = opened.error.message;
			return;
		}
		const known = await loadProject(opened.value.id);
		here = known.ok ? known.value : null;
		if (!known.ok && known.error.code !== 'no-such-project') trouble = known.error.message;
		else pack = opened.value;
	}

	async function readCode() {
		const part = readPart(location.hash.slice(1));
		if (!part) return;
		try {
			const parts = await keepPart(part);
			read = { have: parts.length, of: part.of };
			if (parts.length < part.of) return;
			const joined = joinParts(parts);
			await dropParts();
			if (joined.ok) await look(joined.value);
			else trouble = joined.error.message;
		} catch (error) {
			trouble = storageTrouble(error);
		}
	}

	async function choose(event: Event & { currentTarget: HTMLInputElement }) {
		const file = event.currentTarget.files?.[0];
		event.currentTarget.value = '';
		if (!file) return;
		try {
			await look(JSON.parse(await file.text()));
		} catch {
			trouble = `${file.name} is not a hang pack: it is not JSON.`;
		}
	}

	async function keep(project: Project) {
		const kept = here ? await rewriteProject(project, here.stamp) : await keepProject(project);
		if (kept.ok) await goto(projectPath(project.id, pack!.walls[0]!.id, 'hang'));
		else trouble = kept.error.message;
	}

	function choosing(id: string, theirs: boolean) {
		take = new Set(theirs ? [...take, id] : [...take].filter((each) => each !== id));
	}

	afterNavigate(() => {
		const held = takeHeld();
		if (held !== null) void look(held);
		else void readCode();
	});

	const inShort = (event: DayEvent) => say(eventFace(event).inShort?.(event) ?? '', lead!);
	const at = (moment: string) => format(moment, 'd MMM, HH:mm');
</script>

<svelte:head><title>Take in a hang pack · Warm Porch</title></svelte:head>
<svelte:window onhashchange={readCode} />

<TopBar />
<main class="mx-auto grid max-w-xl gap-3 p-5">
	<h1 class="text-2xl">Take in a hang pack</h1>
	{#if trouble}<p class="trouble" role="alert">{trouble}</p>{/if}
	{#if !pack}
		{#if read && read.have < read.of}
			<p class="read" role="status">
				<strong class="measure">{read.have} of {read.of}</strong> codes read. Show the next, and point
				the camera at it.
			</p>
		{:else}
			<p>
				A hang pack carries one wall to the phone, or what happened at the wall back to the bench.
				Choose the file, drop it on this page, or scan its codes.
			</p>
		{/if}
		<label class="btn justify-self-start btn-primary">
			Choose the file
			<input
				class="sr-only"
				type="file"
				accept=".json,application/json"
				aria-label="The hang pack"
				onchange={choose}
			/>
		</label>
	{:else}
		{@const wall = pack.walls[0]!}
		<p>
			<strong>{pack.name}, {wall.name}</strong>: {pack.pieces.length} pieces, {pack.day.length} things
			told.
		</p>
		{#if !here}
			<p>This device holds no such project yet. The wall is kept here under its own name.</p>
			<button class="btn btn-primary" type="button" onclick={() => keep(pack!)}>Keep it here</button
			>
		{:else if merged && first}
			<p role="status">
				{merged.added === 0
					? 'Nothing in it is new here.'
					: `${merged.added} ${merged.added === 1 ? 'thing' : 'things'} happened there that ${merged.added === 1 ? 'is' : 'are'} not known here.`}
			</p>
			{#each first.conflicts as { ours, theirs } (theirs.id)}
				<fieldset>
					<legend>
						Both told of {matterSaid(theirs)}
					</legend>
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
				onclick={() => keep({ ...merged.project, revision: here!.project.revision + 1 })}
			>
				Take in what happened
			</button>
			{#if mayTakePlan(here.project, pack)}
				{@const turned = mergeDay(pack, here.project.day)}
				<button class="btn" type="button" onclick={() => keep(turned.project)}>
					Take its plan, and keep what happened here
				</button>
				{#if turned.conflicts.length > 0}
					<p class="small-note">
						{turned.conflicts.length} told otherwise here: the pack’s word would stand.
					</p>
				{/if}
			{/if}
		{/if}
	{/if}
</main>

<style>
	.trouble {
		color: var(--color-error);
		font-weight: 600;
	}

	.read .measure {
		font-size: 2.4rem;
	}

	.btn:focus-within {
		outline: 3px solid var(--color-primary);
	}

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
