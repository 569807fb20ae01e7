<script lang="ts">
	import { formatLength, HALF_STUD_MM, type StudEstimate, type Styles } from '$lib/core/index.ts';
	import { fitWall } from '../elevation/frame.ts';
	import { ticks } from '../elevation/ticks.ts';
	import { PRACTICE, type Practice } from './practice.svelte.ts';

	interface Props {
		practice: Practice;
		estimate: StudEstimate | null;
		/** Where the advice points, mm; null where it is not asked for. */
		advice: number | null;
		styles: Styles;
		onpoint: (x: number) => void;
	}

	let { practice, estimate, advice, styles, onpoint }: Props = $props();

	let width = $state(0);
	let height = $state(0);
	const frame = $derived(
		fitWall({ width, height }, PRACTICE, { left: 14, right: 14, top: 20, bottom: 46 })
	);
	const tape = $derived(
		ticks(styles.lead.unit === 'mm' ? 'mm' : 'in', frame.scale, 0, PRACTICE.width, 0)
	);
	/** Rows of tries, low on the wall where holes do not show; knocks and magnets higher. */
	const rows = { nail: 200, magnet: 900, knock: 1300 };

	function point(event: PointerEvent & { currentTarget: SVGElement }) {
		const box = event.currentTarget.getBoundingClientRect();
		onpoint((event.clientX - box.left - frame.left) / frame.scale);
	}
</script>

<div class="practice" bind:clientWidth={width} bind:clientHeight={height}>
	<svg {width} {height} role="img" aria-label="The practice wall" onpointerdown={point}>
		<rect
			class="face"
			x={frame.left}
			y={frame.floor - frame.height}
			width={frame.width}
			height={frame.height}
		/>
		{#if practice.score}
			{#each practice.wall.studs as x (x)}
				<rect
					class="true"
					x={frame.x(x - HALF_STUD_MM)}
					y={frame.floor - frame.height}
					width={2 * HALF_STUD_MM * frame.scale}
					height={frame.height}
				/>
			{/each}
		{:else if estimate && advice !== null}
			{#each estimate.studs as { x, sd, chance } (x)}
				<rect
					class="guess"
					x={frame.x(x - HALF_STUD_MM - 2 * sd)}
					y={frame.floor - frame.height}
					width={2 * (HALF_STUD_MM + 2 * sd) * frame.scale}
					height={frame.height}
					opacity={0.1 + 0.3 * chance}
				/>
			{/each}
		{/if}
		{#each practice.tries as { tool, x, found }, index (index)}
			<g transform="translate({frame.x(x)} {frame.y(rows[tool])})">
				{#if tool === 'nail'}
					<circle class="hole" r="2.6" />
					<path
						class={found ? 'hit' : 'miss'}
						d={found ? 'M-5 9 L0 4 L5 9' : 'M-4 -9 l8 -6 m-8 0 l8 6'}
					/>
				{:else}
					<path class={found ? 'hit' : 'miss'} d={found ? 'M-6 0 H6 M0 -6 V6' : 'M-3 0 H3'} />
				{/if}
			</g>
		{/each}
		{#each practice.named as x (x)}
			<path class="named" d="M{frame.x(x)} {frame.floor - frame.height + 4} V{frame.floor}" />
			<text class="measure" x={frame.x(x)} y={frame.floor - frame.height - 5}>
				{formatLength(x, styles.lead)}
			</text>
		{/each}
		{#if advice !== null && !practice.score}
			<path class="advice" d="M{frame.x(advice)} {frame.y(rows.nail) - 8} l-8 -14 h16 Z" />
		{/if}
		<rect class="tape" x={frame.left} y={frame.floor + 8} width={frame.width} height="22" />
		<path
			class="ticks"
			d={tape
				.map(({ mm, length }) => `M${frame.x(mm)} ${frame.floor + 8} v${length * 4}`)
				.join(' ')}
		/>
		{#each tape.filter(({ number }) => number) as { mm, number } (mm)}
			<text class="measure number" x={frame.x(mm)} y={frame.floor + 28}>{number}</text>
		{/each}
	</svg>
</div>

<style>
	.practice {
		width: 100%;
		height: 100%;
		min-height: 15rem;
	}

	svg {
		display: block;
		cursor: crosshair;
		touch-action: manipulation;
	}

	.face {
		fill: var(--plaster);
		stroke: var(--skirting-edge);
	}

	.true {
		fill: var(--timber);
		opacity: 0.75;
	}

	.guess {
		fill: var(--timber);
	}

	.hole {
		fill: var(--umber-deep);
	}

	.hit,
	.miss {
		fill: none;
		stroke: var(--tape-blue-ink);
		stroke-width: 2;
	}

	.miss {
		stroke: var(--graphite-soft);
	}

	.named {
		stroke: var(--cross);
		stroke-width: 2;
		stroke-dasharray: 7 4;
	}

	.advice {
		fill: var(--tape-blue);
		stroke: var(--halo);
		stroke-width: 1.5;
	}

	text {
		fill: var(--graphite);
		font-size: 15px;
		text-anchor: middle;
	}

	.tape {
		fill: var(--steel-tape);
		stroke: var(--steel-tape-edge);
	}

	.ticks {
		stroke: var(--steel-ink);
	}

	.number {
		fill: var(--steel-ink);
		font-size: 13px;
	}
</style>
