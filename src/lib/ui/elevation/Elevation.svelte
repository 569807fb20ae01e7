<script lang="ts">
	import {
		acrossDatums,
		activeArrangement,
		faceOf,
		groupOf,
		hookedAcross,
		groupEdges,
		hookedUp,
		neighbourGaps,
		piecesById,
		stylesOf,
		upDatums,
		type WallPlan
	} from '$lib/core/index.ts';
	import { hookTape } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { sameList, Settled } from '../settled.svelte.ts';
	import { isTyping } from '../is-typing.ts';
	import { getBones } from '../survey/bones.svelte.ts';
	import { getView, type SurveyPart } from '../view.svelte.ts';
	import FeatureShape from './FeatureShape.svelte';
	import { fitWall, MARGIN, sameFrame, WHOLE, zoomed } from './frame.ts';
	import type { Zooming } from './zooming.ts';
	import HungPieceShape from './HungPieceShape.svelte';
	import LiftFilter from './LiftFilter.svelte';
	import { Mover } from './mover.svelte.ts';
	import { wallBox } from './outline.ts';
	import { spacingLabels } from './spacing-labels.ts';
	import Tape from './Tape.svelte';
	import WallGround from './WallGround.svelte';

	interface Props {
		plan: WallPlan;
		/** Show the distances from the chosen piece to its neighbours. */
		spaced: boolean;
		/** Show what is behind the wall, whatever layer is on. */
		behind: boolean;
		/** What the Survey asks about, while it does; the pieces then stand back. */
		survey: SurveyPart | null;
	}

	let { plan, spaced, behind, survey }: Props = $props();

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const watch = $derived(getBones()());

	/** On a drawing less wide than this the distances would cover the pieces, px. */
	const NARROW = 480;
	let width = $state(0);
	let height = $state(0);

	const project = $derived(session.project);
	const wall = $derived(project.walls.find(({ id }) => id === plan.wallId)!);
	/** Parts that a drag leaves alone are told apart, so that what rests on them is not made anew. */
	const { pieces: rack } = $derived(project);
	const houseRules = $derived(session.rulesOn(plan.wallId));
	/** Every piece on the wall rests on these three, and a drag leaves them as they are. */
	const settledFrame = new Settled(
		() => zoomed(fitWall({ width, height }, wallBox(wall)), view.zoom),
		sameFrame
	);
	const settledStyles = new Settled(() => stylesOf(houseRules));
	const settledRack = new Settled(() => piecesById(rack));
	const frame = $derived(settledFrame.value);
	const styles = $derived(settledStyles.value);
	const pieces = $derived(settledRack.value);
	/** The tapes stay in sight when the wall is looked at closer. */
	const beside = $derived({ ...frame, left: Math.max(frame.left, MARGIN.left) });
	const below = $derived({ ...frame, floor: Math.min(frame.floor, height - MARGIN.bottom) });
	const wallHeight = $derived(wallBox(wall).height);

	let live: SVGSVGElement | undefined = $state();
	let zoom: Zooming | null = null;
	/** Asked for when a hand first comes near. */
	async function zoomable(): Promise<Zooming | null> {
		if (zoom || !live) return zoom;
		const { zooming } = await import('./zooming.ts');
		// The page may have gone meanwhile.
		if (live) zoom ??= zooming(live, (to) => (view.zoom = to));
		return zoom;
	}
	/** Where on the wall a pointer is, mm. */
	function placeOf({ clientX, clientY }: PointerEvent): { x: number; y: number } {
		const box = live!.getBoundingClientRect();
		return {
			x: (clientX - box.x - frame.left) / frame.scale,
			y: (frame.floor - (clientY - box.y)) / frame.scale
		};
	}

	const wallId = $derived(plan.wallId);
	$effect(() => {
		void wallId;
		return () => {
			zoom?.fit();
			view.zoom = WHOLE;
		};
	});
	const closer = async (times: number) => (await zoomable())?.by(times);
	const whole = async () => (await zoomable())?.fit();

	const datums = $derived({ wall, pieces: plan.pieces, centreLineY: plan.centreLine.y });
	const selected = $derived(plan.pieces.find(({ pieceId }) => pieceId === view.selected));
	const floorTape = $derived.by(() => {
		const hooked = hookedAcross(datums, wall.tape.across);
		const edge =
			selected && hooked.datum.from === 'nearest'
				? groupEdges(session.keptPlan(plan.wallId)?.pieces ?? plan.pieces, wall).get(
						selected.pieceId
					)
				: undefined;
		return edge ? { ...hooked, ...edge } : hooked;
	});
	const others = $derived(
		selected
			? [
					...wall.features,
					...plan.pieces.filter((piece) => piece !== selected).map(({ rect }) => rect)
				]
			: []
	);
	const spacings = $derived(
		selected && spaced && width > NARROW
			? spacingLabels(
					neighbourGaps(selected.rect, others, wall),
					frame,
					styles.lead,
					houseRules.gap,
					plan.pieces.map(({ rect }) => rect),
					wall.features
				)
			: []
	);
	const lineY = $derived(frame.y(plan.centreLine.y));
	const bones = $derived(view.bones || behind || survey === 'bones');

	/** The first free stretch of the centre line that its label fits on. */
	const labelX = $derived.by(() => {
		const room = 78 / frame.scale;
		const near = 20 / frame.scale;
		const fittings = wall.features.filter((feature) => !faceOf(feature).breaksStuds);
		const taken = [...fittings, ...plan.pieces.map(({ rect }) => rect)].filter(
			({ y, height }) => y < plan.centreLine.y + near && y + height > plan.centreLine.y
		);
		const starts = [4, ...taken.map(({ x, width }) => x + width)].toSorted((a, b) => a - b);
		const free = starts.find(
			(start) =>
				start + room <= wall.width &&
				taken.every(({ x, width }) => x >= start + room || x + width <= start)
		);
		return free === undefined ? null : frame.x(free) + 6;
	});

	const arrangement = $derived(activeArrangement(wall));
	const locked = new Settled(
		() => arrangement.placements.filter(({ locked }) => locked).map(({ pieceId }) => pieceId),
		sameList
	);
	/** Pieces that move with the selected one. */
	const mates = new Settled(
		() => groupOf(arrangement, view.selected).map(({ pieceId }) => pieceId),
		sameList
	);
	const mover = new Mover(() => ({
		session,
		wall,
		pieces: plan.pieces,
		chosen: view.selected === null ? [] : [view.selected, ...view.multiSelection],
		studs: watch.known,
		centreLine: plan.centreLine.y,
		gap: houseRules.gap,
		frame,
		styles
	}));
</script>

<div class="elevation" bind:clientWidth={width} bind:clientHeight={height}>
	{#if width > 0 && height > 0}
		<svg class="ground" {width} {height} aria-hidden="true">
			<WallGround {wall} {frame} />
			{#each wall.features as feature (feature.id)}
				<FeatureShape {feature} {frame} />
			{/each}
			{#if bones || survey === 'level'}
				{#await import('./BehindLayer.svelte') then { default: BehindLayer }}
					<BehindLayer
						{plan}
						{wall}
						{frame}
						{styles}
						{bones}
						level={survey === 'level'}
						selected={view.selected}
					/>
				{/await}
			{/if}
		</svg>
		{#if view.photo && wall.photo}
			{#await import('./PhotoLayer.svelte') then { default: PhotoLayer }}
				<PhotoLayer {wall} photo={wall.photo} {frame} />
			{/await}
		{/if}
		<svg
			bind:this={live}
			class="live"
			onpointerenter={() => void zoomable()}
			{width}
			{height}
			role="group"
			aria-label="Elevation of {wall.name}"
			onpointermove={(event) => {
				const carried = pieces.get(view.carried ?? '');
				if (carried) mover.carry(carried, placeOf(event), event.altKey);
				else mover.drag(event);
			}}
			onpointerup={() => mover.drop()}
			onpointercancel={() => mover.cancel()}
			onpointerleave={() => view.carried && mover.cancel()}
			onpointerdown={(event) => event.target === event.currentTarget && view.select(null)}
			class:surveyed={survey !== null}
		>
			<LiftFilter />
			<g class="centre-line" aria-hidden="true">
				<rect x={frame.left} y={lineY - 2.5} width={frame.width} height="5" />
				{#if labelX !== null}
					<text class="measure" x={labelX} y={lineY - 6}>centre line</text>
				{/if}
			</g>
			{#if wall.tape.up.from === 'line'}
				<g class="own-line" aria-hidden="true">
					<path d="M{frame.left} {frame.y(wall.tape.up.at)} h{frame.width}" />
					<text class="measure" x={frame.left + 8} y={frame.y(wall.tape.up.at) - 6}>level line</text
					>
				</g>
			{/if}
			{#each plan.pieces as planned (planned.pieceId)}
				<HungPieceShape
					{planned}
					piece={pieces.get(planned.pieceId)!}
					{frame}
					layer={view.layer}
					{styles}
					selected={planned.pieceId === view.selected}
					also={view.multiSelection.includes(planned.pieceId) ||
						mates.value.includes(planned.pieceId)}
					locked={locked.value.includes(planned.pieceId)}
					hook={view.hook}
					onselect={() => view.gathering || view.select(planned.pieceId)}
					ondown={(event) => {
						if (event.shiftKey) {
							event.preventDefault();
							view.selectAlso(planned.pieceId);
							return;
						}
						if (!view.multiSelection.includes(planned.pieceId)) view.select(planned.pieceId);
						mover.grab(planned, event);
					}}
					onkey={(event) => {
						if (event.key === ' ') {
							event.preventDefault();
							view.selectAlso(planned.pieceId);
							view.gathering = true;
						} else mover.nudge(planned, event);
					}}
				/>
			{/each}
			{#each mover.guides as guide (guide.axis)}
				<path
					class="guide"
					d={guide.axis === 'x'
						? `M${frame.x(guide.at)} ${frame.floor - frame.height} V${frame.floor}`
						: `M${frame.left} ${frame.y(guide.at)} h${frame.width}`}
				/>
				<text
					class="why"
					x={guide.axis === 'x' ? frame.x(guide.at) + 6 : frame.left + 8}
					y={guide.axis === 'x' ? frame.floor - frame.height + 16 : frame.y(guide.at) - 6}
				>
					{guide.why}
				</text>
			{/each}
			{#if survey !== null}
				{#await import('./SurveyLayer.svelte') then { default: SurveyLayer }}
					<SurveyLayer {wall} {frame} {styles} hints={survey === 'bones'} />
				{/await}
			{/if}
			{#if view.holes}
				{#await import('./HoleMap.svelte') then { default: HoleMap }}
					<HoleMap {wall} {frame} />
				{/await}
			{/if}
			{#if view.highlightedIssue}
				{#each view.highlightedIssue.lines as { x1, y1, x2, y2 }, index (index)}
					<path class="glance" d="M{frame.x(x1)} {frame.y(y1)} L{frame.x(x2)} {frame.y(y2)}" />
				{/each}
			{/if}
			{#if spaced && (view.region || view.taping || arrangement.reserved.length > 0)}
				{#await import('./RegionTape.svelte') then { default: RegionTape }}
					<RegionTape {wall} {frame} {styles} />
				{/await}
			{/if}
			{#if spacings.length > 0}
				{#await import('./Spacings.svelte') then { default: Spacings }}
					<Spacings labels={spacings} fields={!session.isPreviewing} />
				{/await}
			{/if}
			<Tape
				axis="up"
				frame={beside}
				units={houseRules.units}
				length={wallHeight}
				hooked={hookedUp(datums, wall.tape.up)}
				datums={() => upDatums(datums)}
				onhook={(datum) => session.run(hookTape(wall.id, { up: datum }))}
			/>
			<Tape
				axis="across"
				frame={below}
				units={houseRules.units}
				length={wall.width}
				hooked={floorTape}
				datums={() => acrossDatums(datums)}
				onhook={(datum) => session.run(hookTape(wall.id, { across: datum }))}
			/>
		</svg>
		{#if selected && spacings.length > 0 && !session.isPreviewing}
			{#await import('./SpacingFields.svelte') then { default: SpacingFields }}
				<SpacingFields
					labels={spacings}
					letter={selected.letter}
					{styles}
					onshift={(dx, dy) => mover.shift(selected, dx, dy)}
				/>
			{/await}
		{/if}
		{#if view.bones && survey === null}
			{#await import('./BonesNote.svelte') then { default: BonesNote }}
				<BonesNote {wall} {styles} />
			{/await}
		{/if}
		<div class="closer" role="group" aria-label="Look closer">
			<button type="button" aria-label="Closer" title="Closer (+)" onclick={() => void closer(1.5)}>
				+
			</button>
			<button
				type="button"
				aria-label="Further"
				title="Further (-)"
				disabled={view.zoom.k <= 1}
				onclick={() => void closer(1 / 1.5)}
			>
				−
			</button>
			{#if view.zoom.k > 1}
				<button type="button" title="The whole wall (0)" onclick={() => void whole()}>Fit</button>
			{/if}
		</div>
	{/if}
</div>

<svelte:window
	onkeydown={(event) => {
		if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
		if (view.flipped) return;
		if (event.key === '+' || event.key === '=') void closer(1.5);
		else if (event.key === '-') void closer(1 / 1.5);
		else if (event.key === '0') void whole();
	}}
/>

<style>
	.elevation {
		position: relative;
		width: 100%;
		height: 100%;
		overflow: hidden;
	}

	svg {
		position: absolute;
		inset: 0;
	}

	.closer {
		position: absolute;
		right: 0.6rem;
		bottom: 4.6rem;
		display: flex;
		flex-direction: column;
		gap: 0.25rem;
	}

	.closer button {
		min-width: 2.5rem;
		min-height: 2.5rem;
		border: 1px solid var(--color-base-300);
		border-radius: 0.3rem;
		background: var(--color-base-100);
		font-weight: 700;
		cursor: pointer;
	}

	/* Fingers do it themselves. */
	@media (width < 56rem) {
		.closer button[aria-label] {
			display: none;
		}
	}

	.closer button:disabled {
		opacity: 0.45;
		cursor: default;
	}

	.ground {
		will-change: transform;
	}

	.centre-line rect {
		fill: var(--tape-blue);
		opacity: 0.55;
	}

	.own-line path {
		stroke: var(--cross);
		stroke-width: 2;
	}

	.own-line text {
		fill: var(--cross);
		font-size: 14px;
	}

	.centre-line text {
		fill: var(--tape-blue-ink);
		font-size: 14px;
	}

	.own-line,
	.centre-line {
		pointer-events: none;
	}

	.guide {
		fill: none;
		stroke: var(--tape-blue-ink);
		stroke-width: 1.5;
		stroke-dasharray: 6 4;
		pointer-events: none;
	}

	.glance {
		fill: none;
		stroke: var(--cross);
		stroke-width: 3;
		pointer-events: none;
	}

	.why {
		fill: var(--tape-blue-ink);
		font-size: 13px;
		font-weight: 600;
		paint-order: stroke;
		stroke: var(--plaster);
		stroke-width: 4px;
		pointer-events: none;
	}

	/* In the Survey the wall is the matter, and the pieces stand back. */
	.surveyed :global(.piece) {
		opacity: 0.3;
		pointer-events: none;
	}
</style>
