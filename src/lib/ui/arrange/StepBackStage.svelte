<script lang="ts">
	import {
		before,
		boundsOf,
		centreX,
		EYES,
		faceOf,
		floorAt,
		lookAt,
		rectToQuad,
		right,
		seenFrom,
		top,
		type Eye,
		type Eyes,
		type Quad,
		type Spot,
		type Styles,
		type Wall,
		type WallPlan
	} from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import FeatureShape from '../elevation/FeatureShape.svelte';
	import { fitWall } from '../elevation/frame.ts';
	import { matrix3d } from '../elevation/matrix.ts';
	import { wallBox } from '../elevation/outline.ts';
	import WallFace from '../elevation/WallFace.svelte';
	import LengthField from '../field/LengthField.svelte';
	import Segments from '../Segments.svelte';
	import { getView } from '../view.svelte.ts';

	let { wall, plan, styles }: { wall: Wall; plan: WallPlan; styles: Styles } = $props();

	const session = $derived(getSession()());
	const view = $derived(getView()());
	/** What the picture takes in from bottom to top, as a tangent: a wall of 2.4 m from 2.5 m away. */
	const TAKES_IN = 1.06;
	/** Share of the picture above the horizon. */
	const ABOVE = 0.4;
	/** How far furniture and the figure stand out from the wall, mm. */
	const OUT = 420;
	/** Pixels the face of the wall is drawn with, before it is put in perspective. */
	const DRAWN = 1400;

	let width = $state(0);
	let height = $state(0);

	const box = $derived(wallBox(wall));
	const group = $derived(
		plan.pieces.length > 0
			? boundsOf(plan.pieces.map(({ rect }) => rect))
			: { x: 0, y: 1000, width: wall.width, height: 800 }
	);
	const x = $derived(view.stand.x ?? centreX(group));
	const eyeHeight = $derived(floorAt(wall, x) + EYES[view.stand.eyes].height);
	const eye = $derived<Eye>({ x, y: eyeHeight, z: view.stand.away, towards: centreX(group) });
	const look = $derived(lookAt(group, { x, height: eyeHeight, distance: view.stand.away }));

	const scale = $derived(height / TAKES_IN);
	const horizon = $derived(height * ABOVE);
	const at = (spot: Spot): { x: number; y: number } | null => {
		const seen = seenFrom(eye, spot);
		return seen && { x: width / 2 + seen.x * scale, y: horizon - seen.y * scale };
	};
	const stretch = $derived(before(eye, 0, wall.width));

	const frame = $derived(
		fitWall({ width: DRAWN, height: (DRAWN * box.height) / box.width + 40 }, box, {
			left: 0,
			right: 0,
			top: 0,
			bottom: 40
		})
	);

	/** A part of the wall's face, or of a plane before it, as the eye sees it. */
	function plane(from: number, to: number, low: number, high: number, z: number) {
		const quad = [
			at({ x: from, y: high, z }),
			at({ x: to, y: high, z }),
			at({ x: to, y: low, z }),
			at({ x: from, y: low, z })
		];
		if (quad.some((corner) => corner === null)) return null;
		const size = { width: (to - from) * frame.scale, height: (high - low) * frame.scale };
		const map = rectToQuad(size, quad as unknown as Quad);
		return map.ok ? { ...size, css: matrix3d(map.value), quad: quad as unknown as Quad } : null;
	}

	const face = $derived(plane(stretch.from, stretch.to, 0, box.height, 0));
	const path = (spots: readonly Spot[]) => {
		const points = spots.map(at);
		return points.every((point) => point !== null)
			? `M${points.map((point) => `${point.x} ${point.y}`).join('L')}Z`
			: '';
	};
	/** Before the wall, and level on beyond its ends. */
	const floor = $derived.by(() => {
		if (!face) return '';
		const [, , rightFoot, leftFoot] = face.quad;
		return `M0 ${leftFoot.y} H${leftFoot.x} L${rightFoot.x} ${rightFoot.y} H${width} V${height} H0 Z`;
	});
	/** How far down the side of furniture is drawn as solid, of its height: tables have legs. */
	const APRON = 0.2;
	const furniture = $derived(
		wall.features
			.filter((feature) => faceOf(feature).centres)
			.map((feature) => {
				const [left, end, up] = [feature.x, right(feature), top(feature)];
				const apron = up - APRON * feature.height;
				const side = (x: number) =>
					path([
						{ x, y: apron, z: 0 },
						{ x, y: up, z: 0 },
						{ x, y: up, z: OUT },
						{ x, y: apron, z: OUT }
					]);
				return {
					feature,
					lid: path([
						{ x: left, y: up, z: 0 },
						{ x: end, y: up, z: 0 },
						{ x: end, y: up, z: OUT },
						{ x: left, y: up, z: OUT }
					]),
					side: eye.x < left ? side(left) : eye.x > end ? side(end) : '',
					front: plane(left, end, feature.y, up, OUT)
				};
			})
	);
	/** A grown person beside the group, to judge its size by. */
	const figure = $derived.by(() => {
		const PERSON = 1680;
		const side = group.x > 700 ? group.x - 380 : group.x + group.width + 380;
		const feet = floorAt(wall, side);
		const [low, high] = [
			at({ x: side, y: feet, z: OUT }),
			at({ x: side, y: feet + PERSON, z: OUT })
		];
		return low && high ? { x: low.x, y: low.y, scale: (low.y - high.y) / 100 } : null;
	});
	const eyesAt = Object.entries(EYES).map(([value, { label }]) => ({
		value: value as Eyes,
		label
	}));
	const round = (degrees: number) => `${Math.round(Math.abs(degrees))}°`;
</script>

<div class="step-back">
	<div class="room" bind:clientWidth={width} bind:clientHeight={height}>
		{#if width > 0 && face}
			<svg class="under" {width} {height} aria-hidden="true">
				<path class="floor" d={floor} />
			</svg>
			<div class="plane" style:transform={face.css}>
				<svg
					width={face.width}
					height={face.height}
					viewBox="{stretch.from * frame.scale} 0 {face.width} {face.height}"
					role="img"
					aria-label="{wall.name} as it is seen {EYES[view.stand.eyes].label}"
				>
					<WallFace {wall} pieces={plan.pieces} rack={session.project.pieces} {frame} cleared />
				</svg>
			</div>
			{#each furniture as { feature, lid, side, front } (feature.id)}
				<svg class="under" {width} {height} aria-hidden="true">
					<path class="box-side" d={side} />
					<path class="box-top" d={lid} />
				</svg>
				{#if front}
					<div class="plane" style:transform={front.css} aria-hidden="true">
						<svg
							width={front.width}
							height={front.height}
							viewBox="{frame.x(feature.x)} {frame.y(
								feature.y + feature.height
							)} {front.width} {front.height}"
						>
							<FeatureShape {feature} {frame} />
						</svg>
					</div>
				{/if}
			{/each}
			{#if figure}
				<svg class="under" {width} {height} aria-hidden="true">
					<g class="figure" transform="translate({figure.x} {figure.y}) scale({figure.scale})">
						<ellipse cx="0" cy="-93.5" rx="4.6" ry="6.4" />
						<path
							d="M-4 -86 C-11 -84 -13 -80 -13 -72 L-15 -50 L-12.5 -49.5 L-9.5 -68 L-9 -47 L-9.5 0 L-2.5 0 L-0.5 -42 L0.5 -42 L2.5 0 L9.5 0 L9 -47 L9.5 -68 L12.5 -49.5 L15 -50 L13 -72 C13 -80 11 -84 4 -86 Z"
						/>
					</g>
				</svg>
			{/if}
		{/if}
	</div>
	<div class="stand">
		<Segments
			label="Eyes"
			options={eyesAt}
			value={view.stand.eyes}
			onchoose={(eyes) => (view.stand = { ...view.stand, eyes })}
			close
		/>
		<div class="fields">
			<LengthField
				label="Away from the wall"
				value={view.stand.away}
				{styles}
				plausible={{ min: 600, max: 15_000 }}
				onvalue={(away) => (view.stand = { ...view.stand, away: Math.max(away, 500) })}
			/>
			<LengthField
				label="Stands, from the left"
				value={x}
				zero
				signed
				{styles}
				onvalue={(stand) => (view.stand = { ...view.stand, x: stand })}
			/>
		</div>
		<input
			class="range w-full range-xs"
			type="range"
			min="0"
			max={wall.width}
			step="10"
			value={x}
			aria-label="Where you stand along the wall"
			oninput={(event) => (view.stand = { ...view.stand, x: Number(event.currentTarget.value) })}
		/>
		<p class="small-note" data-testid="look">
			The group takes in {round(look.across)} across and {round(look.upright)} upright; its middle lies
			{round(look.above)}
			{look.above >= 0 ? 'above' : 'below'} these eyes. {look.said}
		</p>
	</div>
</div>

<style>
	.step-back {
		display: grid;
		grid-template-rows: minmax(16rem, 1fr) auto;
		height: 100%;
	}

	.room {
		position: relative;
		overflow: hidden;
		background: linear-gradient(var(--plaster-low), var(--plaster) 45%);
	}

	.under {
		position: absolute;
		inset: 0;
		pointer-events: none;
	}

	.plane {
		position: absolute;
		top: 0;
		left: 0;
		transform-origin: 0 0;
	}

	.floor {
		fill: var(--floor);
	}

	.box-side {
		fill: var(--walnut-deep);
	}

	.box-top {
		fill: var(--oak);
	}

	.figure {
		fill: var(--graphite);
		fill-opacity: 0.55;
	}

	.stand {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(19rem, 100%), 1fr));
		gap: 0.2rem 1.2rem;
		align-items: center;
		padding: 0.5rem 0.8rem;
		background: var(--color-base-100);
	}

	.fields {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 0.6rem;
	}
</style>
