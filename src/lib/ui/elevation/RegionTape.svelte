<script lang="ts">
	import {
		activeArrangement,
		tickOf,
		type Point,
		type Styles,
		type Wall
	} from '$lib/core/index.ts';
	import { reserve } from '$lib/store/commands/index.ts';
	import { newId } from '$lib/store/new-id.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { getView } from '../view.svelte.ts';
	import type { Frame } from './frame.ts';
	import { wallBox } from './outline.ts';

	let { wall, frame, styles }: { wall: Wall; frame: Frame; styles: Styles } = $props();

	const session = $derived(getSession()());
	const view = $derived(getView()());
	/** Smaller than this is no region, mm. */
	const LEAST = 100;
	/** A corner this near the first one closes the outline, and one this near level or plumb with the last is put so, px. */
	const NEAR = 10;
	let from: Point | null = null;
	/** Being dragged, or set corner by corner. */
	let drawn: Point[] = $state.raw([]);
	const reserved = $derived(activeArrangement(wall).reserved);
	const outline = $derived(
		view.region && ('width' in view.region ? corners(view.region) : view.region)
	);

	function at(event: PointerEvent): Point {
		const box = (event.currentTarget as SVGElement).ownerSVGElement!.getBoundingClientRect();
		const tick = tickOf(styles.lead);
		const { width, height } = wallBox(wall);
		const mm = (value: number, most: number) =>
			Math.min(Math.max(Math.round(value / tick) * tick, 0), most);
		return {
			x: mm((event.clientX - box.left - frame.left) / frame.scale, width),
			y: mm((frame.floor - (event.clientY - box.top)) / frame.scale, height)
		};
	}

	const between = (a: Point, b: Point) => ({
		x: Math.min(a.x, b.x),
		y: Math.min(a.y, b.y),
		width: Math.abs(a.x - b.x),
		height: Math.abs(a.y - b.y)
	});

	function corners({ x, y, width, height }: ReturnType<typeof between>): Point[] {
		return [
			{ x, y },
			{ x: x + width, y },
			{ x: x + width, y: y + height },
			{ x, y: y + height }
		];
	}

	const path = (points: readonly Point[]) =>
		points.map(({ x, y }, index) => `${index ? 'L' : 'M'}${frame.x(x)} ${frame.y(y)}`).join(' ');

	function down(event: PointerEvent & { currentTarget: SVGElement }) {
		event.stopPropagation();
		const point = at(event);
		if (view.taping === 'corners') {
			addCorner(point);
			return;
		}
		event.currentTarget.setPointerCapture(event.pointerId);
		from = point;
	}

	function addCorner({ x, y }: Point) {
		const near = NEAR / frame.scale;
		const [first] = drawn;
		const last = drawn.at(-1);
		if (first && drawn.length > 2 && Math.hypot(first.x - x, first.y - y) < near) {
			close();
			return;
		}
		drawn = [
			...drawn,
			{
				x: last && Math.abs(last.x - x) < near ? last.x : x,
				y: last && Math.abs(last.y - y) < near ? last.y : y
			}
		];
	}

	function close() {
		if (drawn.length < 3) return;
		view.region = drawn;
		drawn = [];
		view.taping = null;
	}

	function up() {
		const [a, , c] = drawn;
		if (from && a && c) {
			const rect = between(a, c);
			if (rect.width >= LEAST && rect.height >= LEAST) {
				if (view.taping === 'reserve')
					session.run(reserve(wall.id, { id: newId(), name: '', ...rect }));
				else view.region = rect;
				view.taping = null;
			}
			drawn = [];
		}
		from = null;
	}

	function key(event: KeyboardEvent) {
		if (view.taping === null) return;
		if (event.key === 'Enter' && drawn.length > 2) {
			event.preventDefault();
			close();
		} else if (event.key === 'Backspace' && drawn.length > 0) drawn = drawn.slice(0, -1);
		else if (event.key === 'Escape') {
			drawn = [];
			view.taping = null;
		}
	}
</script>

<svelte:window onkeydown={key} />

<defs>
	<pattern id="reserved" width="10" height="10" patternUnits="userSpaceOnUse">
		<path d="M0 10 L10 0" />
	</pattern>
</defs>
{#each reserved as space, index (space.id)}
	<path class="reserved" d="{path(corners(space))} Z" />
	<text class="measure" x={frame.x(space.x) + 6} y={frame.y(space.y + space.height) + 18}>
		{space.name || `kept free${reserved.length > 1 ? ` ${index + 1}` : ''}`}
	</text>
{/each}
{#if outline}<path class="region" d="{path(outline)} Z" />{/if}
{#if drawn.length > 0}
	<path class="region" d={path(drawn) + (view.taping === 'corners' ? '' : ' Z')} />
	{#if view.taping === 'corners'}
		{#each drawn as { x, y }, index (index)}
			<circle class="corner" cx={frame.x(x)} cy={frame.y(y)} r="5" />
		{/each}
	{/if}
{/if}
{#if view.taping}
	<rect
		class="field"
		data-testid="taping"
		role="presentation"
		x={frame.left}
		y={frame.floor - frame.height}
		width={frame.width}
		height={frame.height}
		onpointerdown={down}
		onpointermove={(event) => {
			if (from) drawn = corners(between(from, at(event)));
		}}
		onpointerup={up}
		onpointercancel={() => {
			from = null;
			drawn = [];
		}}
	/>
{/if}

<style>
	.region {
		fill: rgb(63 134 181 / 8%);
		stroke: var(--tape-blue);
		stroke-width: 6;
		stroke-opacity: 0.75;
		stroke-linejoin: bevel;
		pointer-events: none;
	}

	.corner {
		fill: var(--tape-blue);
		pointer-events: none;
	}

	.reserved {
		fill: url(#reserved);
		stroke: var(--graphite-soft);
		stroke-dasharray: 8 4;
		pointer-events: none;
	}

	pattern path {
		stroke: var(--graphite-soft);
		stroke-opacity: 0.5;
	}

	text {
		fill: var(--graphite);
		font-size: 14px;
		pointer-events: none;
	}

	.field {
		fill: transparent;
		cursor: crosshair;
		touch-action: none;
	}
</style>
