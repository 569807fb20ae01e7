<script lang="ts">
	import { isTyping } from './is-typing.ts';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { Redo2, Undo2 } from '@lucide/svelte';
	import { onMount, type Snippet } from 'svelte';
	import { tinykeys } from 'tinykeys';
	import {
		marksOfPiece,
		mayHaveStuds,
		onNoWall,
		stationNotesOn,
		studFacts,
		stylesOf
	} from '$lib/core/index.ts';
	import { holdPhotos } from '$lib/store/photo-lock.ts';
	import { now } from '$lib/store/clock.ts';
	import type { Session } from '$lib/store/session.svelte.ts';
	import { ANNOUNCED } from '$lib/words/en/announced.ts';
	import { announcer } from './announcer.svelte.ts';
	import Elevation from './elevation/Elevation.svelte';
	import FollowNote from './FollowNote.svelte';
	import { help } from './help.svelte.ts';
	import FoldingRule from './FoldingRule.svelte';
	import HouseRules from './HouseRules.svelte';
	import KeepingNote from './KeepingNote.svelte';
	import Layers from './Layers.svelte';
	import LeaveGuard from './LeaveGuard.svelte';
	import { nextIn } from './next-of.ts';
	import { projectPath } from './paths.ts';
	import ProjectMenu from './ProjectMenu.svelte';
	import Readout from './Readout.svelte';
	import { STATIONS } from './stations.ts';
	import { BonesWatch, setBones } from './survey/bones.svelte.ts';
	import ThemeButton from './ThemeButton.svelte';
	import WalkOffer from './WalkOffer.svelte';
	import TopBar from './TopBar.svelte';
	import type { View } from './view.svelte.ts';

	interface Props {
		session: Session;
		view: View;
		children: Snippet;
	}

	let { session, view, children }: Props = $props();

	const today = now().toISOString();
	/** How many pieces here are overdue for a look. */
	let late = $state(0);
	$effect(() => {
		const project = session.committed;
		if (project.hangings.length === 0) late = 0;
		else
			void import('./book/late.ts').then(({ lateOn }) => (late = lateOn(project, wallId, today)));
	});
	const watch = new BonesWatch();
	setBones(() => watch);
	const wallId = $derived(page.params.wall!);
	const here = $derived(page.route.id?.split('/').at(-1) ?? '');
	const plan = $derived(session.plan(wallId));
	const styles = $derived(stylesOf(session.rulesOn(wallId)));
	/** What a drag changes is told at its stations once it ends. */
	const notes = $derived(stationNotesOn(session.committed, wallId, late));
	/** What is to be done next for this wall; null where nothing is. */
	const next = $derived.by(() => {
		const first = nextIn(notes);
		if (!first || first.station === here) return null;
		return { href: projectPath(session.id, wallId, first.station), says: first.says };
	});
	const wall = $derived(session.project.walls.find(({ id }) => id === wallId));
	const piece = $derived(session.project.pieces.find(({ id }) => id === view.selected));
	const planned = $derived(plan?.pieces.find(({ pieceId }) => pieceId === view.selected));
	const marks = $derived(
		plan && planned
			? marksOfPiece(session.project, plan, planned, session.keptPlan(wallId)?.pieces)
			: []
	);
	/** Paper, and the screens at the wall, stand for themselves. */
	const bare = $derived(here.endsWith('sheet') || here === 'at-the-wall');
	let surveySaid = $state.raw<typeof import('./survey/survey-said.ts').surveySaid | null>(null);
	$effect(() => {
		if (here === 'survey')
			void import('./survey/survey-said.ts').then((said) => (surveySaid = said.surveySaid));
	});
	const hint = $derived(
		here === 'survey' && wall
			? (surveySaid?.(view, wall, watch.bones, styles) ?? '')
			: session.project.pieces.length === 0
				? 'Add the first piece in the Rack: its width and height are enough to begin.'
				: 'Choose a piece to read where its hook goes.'
	);

	const shelfHere = $derived(
		(here === 'arrange' && view.arranging === 'wall') || (here === 'rack' && view.rack === 'wall')
	);
	/** A piece seen from its back. */
	const turned = $derived(view.flipped ? piece : undefined);
	/** Pieces on no wall wait under the one that is looked at. */
	const shelved = $derived(shelfHere ? onNoWall(session.committed) : []);
	const showsBones = $derived(view.bones || (here === 'survey' && view.survey === 'bones'));
	/** Arranging wants them too, so that pieces can meet them; whatever rests on fixings asks for them itself. */
	$effect(() => {
		if ((showsBones || here === 'arrange') && wall)
			watch.ask(mayHaveStuds(wall) ? studFacts(wall, session.committed.houseRules) : null);
	});

	let work: HTMLElement | undefined = $state();

	function undo() {
		if (session.canUndo) announcer.say(ANNOUNCED.undone({ label: session.canUndo }));
		session.undo();
	}

	function redo() {
		if (session.canRedo) announcer.say(ANNOUNCED.redone({ label: session.canRedo }));
		session.redo();
	}

	onMount(() => {
		const stopKeys = tinykeys(window, {
			'$mod+KeyZ': (event) => {
				if (isTyping(event.target)) return;
				event.preventDefault();
				undo();
			},
			'$mod+Shift+KeyZ': (event) => {
				event.preventDefault();
				redo();
			},
			'$mod+KeyY': (event) => {
				event.preventDefault();
				redo();
			}
		});
		const letPhotosGo = holdPhotos();
		const leaveWindows = session.join();
		const opened = session;
		const leave = () => void opened.flush();
		document.addEventListener('visibilitychange', leave);
		window.addEventListener('pagehide', leave);
		return () => {
			stopKeys();
			watch.close();
			letPhotosGo();
			document.removeEventListener('visibilitychange', leave);
			window.removeEventListener('pagehide', leave);
			// Whoever edits next takes up what this window wrote.
			void opened.flush().finally(leaveWindows);
		};
	});

	/** One letter alone acts only while the stage or the bench has the focus, and never while typing. */
	function flipKey(event: KeyboardEvent) {
		if (!(event.target instanceof Node) || !work?.contains(event.target)) return;
		if (isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
		if (event.key.toLowerCase() === 'f' && view.selected) view.flipped = !view.flipped;
		if (event.key === 'Escape') {
			if (view.tool) view.tool = null;
			else if (view.flipped) view.flipped = false;
			else view.select(null);
		}
	}
</script>

<svelte:head>
	<title>{wall?.name ?? 'Wall'} · {session.project.name} · Warm Porch</title>
</svelte:head>

<svelte:window onkeydown={flipKey} />
<LeaveGuard {session} />
{#if session.follows}<FollowNote {session} />{/if}

{#if here === 'at-the-wall' && plan && wall}
	{@render children()}
{:else if bare && plan && wall}
	<main>{@render children()}</main>
{:else if plan && wall}
	<div class="shell">
		<TopBar>
			<ProjectMenu {session} {wall} {here} />
			<FoldingRule project={session.project.id} wall={wallId} {here} {notes} />
			{#snippet end()}
				{#if session.simulates}<WalkOffer />{/if}
				<KeepingNote {session} />
				<button
					class="tool"
					type="button"
					disabled={!session.canUndo}
					aria-label="Undo {session.canUndo ?? ''}"
					title="Undo {session.canUndo ?? ''} (Ctrl Z)"
					onclick={undo}
				>
					<Undo2 size={19} aria-hidden="true" />
				</button>
				<button
					class="tool"
					type="button"
					disabled={!session.canRedo}
					aria-label="Redo {session.canRedo ?? ''}"
					title="Redo {session.canRedo ?? ''} (Ctrl Shift Z)"
					onclick={redo}
				>
					<Redo2 size={19} aria-hidden="true" />
				</button>
				<ThemeButton />
				<HouseRules {session} />
			{/snippet}
		</TopBar>
		<main
			class="work"
			class:wide={!view.benchOpen}
			class:shelved={shelved.length > 0}
			class:short={here === 'fix' || here === 'mark'}
			class:tall={turned || (here === 'arrange' && view.arranging !== 'wall')}
			bind:this={work}
		>
			<h1 class="sr-only">{wall.name}, {STATIONS.find(({ id }) => id === here)?.name}</h1>
			<div class="stage">
				<div class="shown" inert={turned !== undefined}>
					{#if here === 'rack' && view.rack === 'rack'}
						{#await import('./rack/LeaningRack.svelte') then { default: LeaningRack }}
							<LeaningRack
								pieces={session.project.pieces}
								selected={view.selected}
								{styles}
								onselect={(id) => view.select(id)}
							/>
						{/await}
					{:else if here === 'rack' && view.rack === 'table'}
						{#await import('./rack/RackTable.svelte') then { default: RackTable }}
							<RackTable {wallId} {styles} />
						{/await}
					{:else if here === 'arrange' && view.arranging !== 'wall'}
						{#await import('./arrange/ArrangeStage.svelte') then { default: ArrangeStage }}
							<ArrangeStage {wall} {plan} {styles} showing={view.arranging} />
						{/await}
					{:else if here === 'book' && view.asOfDate !== null}
						{#await import('./book/ThenStage.svelte') then { default: ThenStage }}
							<ThenStage project={session.project} {wall} at={view.asOfDate} />
						{/await}
					{:else}
						<Elevation
							{plan}
							spaced={here === 'arrange'}
							behind={here === 'fix'}
							survey={here === 'survey' ? view.survey : null}
						/>
						{#await import('./elevation/WallReading.svelte') then { default: WallReading }}
							<WallReading {wallId} {styles} />
						{/await}
					{/if}
				</div>
				{#if turned}
					<div class="turned">
						{#await import('./back/BackStage.svelte') then { default: BackStage }}
							<BackStage piece={turned} {planned} {styles} onclose={() => (view.flipped = false)} />
						{/await}
					</div>
				{/if}
				<Layers {view} {here} bones={showsBones} photo={Boolean(wall?.photo)} />
				{#if session.simulates && help.walk}
					{#await import('./DemoWalk.svelte') then { default: DemoWalk }}
						<DemoWalk projectId={session.id} {wallId} {here} />
					{/await}
				{/if}
				{#if shelved.length > 0 && wall}
					<div class="shelf-place" class:covered={turned}>
						{#await import('./arrange/Shelf.svelte') then { default: Shelf }}
							<Shelf {wall} pieces={shelved} ideas={here === 'arrange'} />
						{/await}
					</div>
				{/if}
			</div>
			{#if view.benchOpen}
				<aside class="bench" aria-label="Bench">{@render children()}</aside>
			{/if}
		</main>
		<div class="foot">
			{#if view.fromWall}
				<a
					class="to-wall"
					href={resolve('/p/[project]/[wall]/at-the-wall', {
						project: session.id,
						wall: wallId
					})}
					onclick={() => (view.fromWall = false)}
				>
					‹ Back to the wall
				</a>
			{/if}
			<Readout
				project={session.committed}
				plan={session.keptPlan(wallId)}
				planned={here === 'survey' ? undefined : planned}
				{marks}
				hook={view.hook}
				{styles}
				{hint}
				{next}
				onhook={(hook) => (view.hook = hook)}
			/>
		</div>
	</div>
{:else}
	<TopBar />
	<main class="p-8"><p>This project has no such wall.</p></main>
{/if}

<style>
	.shell {
		display: grid;
		grid-template-rows: auto minmax(0, 1fr);
		grid-auto-rows: auto;
		height: 100dvh;
	}

	.work {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 21rem;
		min-height: 0;
	}

	.work.wide {
		grid-template-columns: minmax(0, 1fr);
	}

	.stage {
		position: relative;
		display: grid;
		grid-template-rows: minmax(0, 1fr) auto;
		grid-template-columns: minmax(0, 1fr);
		min-height: 0;
		background: var(--color-base-300);
	}

	/* A piece turned over covers what is shown, which stays beneath it: turned back, it is there at once. */
	.shown {
		display: grid;
		grid-template: minmax(0, 1fr) / minmax(0, 1fr);
		grid-area: 1 / 1;
		min-height: 0;
	}

	.turned {
		position: relative;
		grid-area: 1 / 1 / -1;
		min-height: 0;
		background: var(--color-base-300);
	}

	/* Kept free until the shelf is there: the wall does not jump. */
	.shelf-place {
		grid-area: 2 / 1;
		height: 5.6rem;
	}

	.covered {
		visibility: hidden;
	}

	.bench {
		overflow-y: auto;
		padding: 0.8rem 1rem;
		border-left: 1px solid var(--color-base-300);
		background: var(--color-base-100);
	}

	.foot {
		position: sticky;
		z-index: 20;
		bottom: 0;
	}

	.to-wall {
		display: grid;
		min-height: 48px;
		place-items: center;
		background: var(--color-primary);
		color: var(--color-primary-content);
		font-weight: 700;
	}

	.tool {
		min-width: 2.5rem;
		min-height: 2.5rem;
		padding: 0.6rem;
		border-radius: 0.3rem;
		cursor: pointer;
	}

	.tool:disabled {
		opacity: 0.4;
		cursor: default;
	}

	@media (width < 56rem) {
		.shell {
			height: auto;
			min-height: 100dvh;
			grid-template-columns: minmax(0, 1fr);
		}

		.work,
		.work.wide {
			grid-template-columns: minmax(0, 1fr);
			grid-template-rows: 19rem auto;
		}

		.work.shelved {
			grid-template-rows: 23rem auto;
		}

		/* Its bench has more to say than its stage. */
		.work.short {
			grid-template-rows: 16.5rem auto;
		}

		/* What stands there besides the wall has fields of its own under it. */
		.work.tall {
			grid-template-rows: 36rem auto;
		}

		.bench {
			border-left: 0;
		}
	}
</style>
