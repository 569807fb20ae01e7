<script lang="ts" generics="D extends object">
	import { datumKey, type TapeOrigin, type HouseRules } from '$lib/core/index.ts';
	import type { Frame } from './frame.ts';
	import { ticks } from './ticks.ts';

	interface Props {
		axis: 'across' | 'up';
		frame: Frame;
		units: HouseRules['units'];
		/** Length of wall it lies along, mm. */
		length: number;
		hooked: TapeOrigin<D>;
		/** Every place it can be hooked; asked for only when the hook is moved. */
		datums: () => TapeOrigin<D>[];
		onhook: (datum: D) => void;
	}

	let { axis, frame, units, length, hooked, datums, onhook }: Props = $props();

	const THICK = 22;
	const hookMm = $derived(hooked.at);
	const across = $derived(axis === 'across');
	const marks = $derived(ticks(units, frame.scale, 0, length, hookMm));
	/** Along the tape, pixels; the side tape runs upwards. */
	const along = (mm: number) => (across ? frame.x(mm) : frame.y(mm));
	const lineLength = { 1: 5, 2: 8, 3: 12 };
	const path = $derived(
		marks
			.map(({ mm, length: size }) => {
				const at = along(hookMm + mm);
				return across ? `M${at} 0v${lineLength[size]}` : `M${THICK} ${at}h${-lineLength[size]}`;
			})
			.join('')
	);

	let dragging = $state(false);
	let svg: SVGGElement | undefined = $state();
	/** Places in order along the tape, one for each spot: the first that is named there. */
	function spots(): TapeOrigin<D>[] {
		const all = datums();
		return all
			.filter(({ at }, index) => all.findIndex((d) => Math.abs(d.at - at) < 0.5) === index)
			.toSorted((a, b) => a.at - b.at);
	}

	function nearest(mm: number): TapeOrigin<D> {
		return spots().reduce((a, b) => (Math.abs(b.at - mm) < Math.abs(a.at - mm) ? b : a));
	}

	function move(event: PointerEvent) {
		const owner = svg?.ownerSVGElement;
		if (!dragging || !owner) return;
		const box = owner.getBoundingClientRect();
		const mm = across
			? (event.clientX - box.left - frame.left) / frame.scale
			: (frame.floor - (event.clientY - box.top)) / frame.scale;
		const spot = nearest(mm);
		if (datumKey(spot.datum) !== datumKey(hooked.datum)) onhook(spot.datum);
	}

	function keydown(event: KeyboardEvent) {
		const step = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
		if (step === undefined) return;
		event.preventDefault();
		const places = spots();
		const at = places.findIndex((spot) => spot.at >= hookMm - 0.5);
		const next = places[Math.min(Math.max(at + step, 0), places.length - 1)];
		if (next) onhook(next.datum);
	}

	const start = $derived(along(0));
	const end = $derived(along(length));
	const hookAt = $derived(along(hookMm));
	/** A number at the tape's very end stays on the tape. */
	const within = (at: number) =>
		Math.min(Math.max(at, Math.min(start, end) + 9), Math.max(start, end) - 9);
</script>

<g
	bind:this={svg}
	class="tape"
	transform={across ? `translate(0 ${frame.floor + 30})` : `translate(${frame.left - 38} 0)`}
>
	{#if across}
		<rect class="blade" x={start} y="0" width={end - start} height={THICK} />
	{:else}
		<rect class="blade" x="0" y={end} width={THICK} height={start - end} />
	{/if}
	<path class="lines" d={path} />
	{#each marks as { mm, number, sixteen } (mm)}
		{@const at = along(hookMm + mm)}
		{#if number}
			{#if across}
				<text class="measure" class:sixteen x={within(at)} y={THICK - 2} text-anchor="middle"
					>{number}</text
				>
			{:else}
				<text class="measure" x="1" y={within(at) + 4} class:sixteen>{number}</text>
			{/if}
		{/if}
		{#if sixteen}
			{#if across}
				<path
					class="diamond"
					d="M{at} {THICK - 1} l3 -3.5 -3 -3.5 -3 3.5 Z"
					opacity={number ? 0 : 1}
				/>
			{:else}
				<path class="diamond" d="M4 {at} l3.5 3 3.5 -3 -3.5 -3 Z" opacity={number ? 0 : 1} />
			{/if}
		{/if}
	{/each}
	<g
		class="hook"
		class:dragging
		role="slider"
		tabindex="0"
		aria-label={across ? 'Hook of the floor tape' : 'Hook of the side tape'}
		aria-orientation={across ? 'horizontal' : 'vertical'}
		aria-valuemin="0"
		aria-valuemax={length}
		aria-valuenow={hookMm}
		aria-valuetext={hooked.label}
		style:transform={across ? `translateX(${hookAt}px)` : `translateY(${hookAt}px)`}
		onpointerdown={(event) => {
			dragging = true;
			event.currentTarget.setPointerCapture(event.pointerId);
		}}
		onpointermove={move}
		onpointerup={() => (dragging = false)}
		onpointercancel={() => (dragging = false)}
		onkeydown={keydown}
	>
		<title>Tape hooked on: {hooked.label}. Drag it, or use the arrow keys.</title>
		{#if across}
			<rect class="grip" x="-22" y="-12" width="44" height="44" />
			<path class="metal" d="M-4 -7 H4 V{THICK + 4} H-4 Z M-4 -7 h-5 v5 h5 Z" />
		{:else}
			<rect class="grip" x="-12" y="-22" width="44" height="44" />
			<path class="metal" d="M-4 -4 V4 H{THICK + 7} V-4 Z M{THICK + 2} 4 v5 h5 v-5 Z" />
		{/if}
	</g>
</g>

<style>
	.blade {
		fill: var(--steel-tape);
		stroke: var(--steel-tape-edge);
	}

	.lines {
		stroke: var(--steel-ink);
		stroke-width: 1;
		fill: none;
	}

	text {
		fill: var(--steel-ink);
		font-size: 13px;
	}

	.sixteen {
		fill: var(--tape-red);
	}

	.diamond {
		fill: var(--tape-red);
	}

	/* It slides to what it is hooked on anew. */
	.hook {
		transition: transform 220ms ease-out;
		cursor: grab;
		touch-action: none;
		outline: none;
	}

	.dragging {
		transition: none;
		cursor: grabbing;
	}

	.grip {
		fill: transparent;
	}

	.metal {
		fill: var(--steel);
		stroke: var(--iron-line);
		stroke-width: 1.2;
	}

	.hook:hover .metal,
	.hook:focus-visible .metal {
		fill: var(--zinc);
		stroke: var(--tape-blue-ink);
		stroke-width: 2.5;
	}
</style>
