<script lang="ts">
	import {
		ceilingAt,
		floorAt,
		HALF_STUD_MM,
		leanAt,
		SURE,
		WORTH_A_NAIL,
		type Stud,
		type Wall
	} from '$lib/core/index.ts';
	import { getBones } from '../survey/bones.svelte.ts';
	import type { Frame } from './frame.ts';

	let { wall, frame }: { wall: Wall; frame: Frame } = $props();

	const watch = $derived(getBones()());
	const estimate = $derived(watch.bones?.estimate.ok ? watch.bones.estimate.value : null);
	const probe = $derived(watch.bones?.probes[0]);

	/** Its wood, with edges as soft as its place is unsure: two standard deviations each way. */
	function shape({ x, sd }: Stud) {
		const half = HALF_STUD_MM + 2 * sd;
		const [bottom, top] = [floorAt(wall, x), ceilingAt(wall, x)];
		const at = (y: number) => (estimate?.lean ? leanAt(estimate.lean, y) : 0);
		const corner = (side: number, y: number) => `${frame.x(x + at(y) + side * half)} ${frame.y(y)}`;
		return {
			path: `M${corner(-1, bottom)} L${corner(-1, top)} L${corner(1, top)} L${corner(1, bottom)} Z`,
			centre: `M${frame.x(x + at(bottom))} ${frame.y(bottom)} L${frame.x(x + at(top))} ${frame.y(top)}`,
			soft: (2 * sd) / half
		};
	}
</script>

{#if estimate}
	<g>
		{#each estimate.studs as stud, index (index)}
			{@const { path, centre, soft } = shape(stud)}
			<linearGradient id="stud-{index}">
				<stop offset="0" class="edge" />
				<stop offset={soft} class="wood" />
				<stop offset={1 - soft} class="wood" />
				<stop offset="1" class="edge" />
			</linearGradient>
			<path
				class="stud"
				class:proven={stud.proven}
				class:unsure={!stud.proven && (stud.missed || !estimate.known || stud.chance < SURE)}
				d={path}
				fill="url(#stud-{index})"
			/>
			<path class="centre" class:proven={stud.proven} d={centre} />
		{/each}
	</g>
{/if}
{#if probe && probe.gain >= WORTH_A_NAIL}
	{@const y = frame.y(floorAt(wall, probe.x) + wall.skirting + 60)}
	<g class="probe" transform="translate({frame.x(probe.x)} {y})">
		<path d="M0 0 l-7 -12 h14 Z" />
		<title>The most telling place to try next</title>
	</g>
{/if}

<style>
	.wood {
		stop-color: var(--timber);
		stop-opacity: 0.62;
	}

	.edge {
		stop-color: var(--timber);
		stop-opacity: 0;
	}

	.centre {
		stroke: var(--timber-line);
		stroke-width: 1;
		stroke-dasharray: 9 3 2 3;
		fill: none;
	}

	.stud.proven {
		stroke: var(--timber-line);
		stroke-width: 1.5;
	}

	.centre.proven {
		stroke-width: 2.5;
		stroke-dasharray: none;
	}

	.unsure {
		opacity: 0.4;
	}

	.probe path {
		fill: var(--tape-blue);
		stroke: var(--halo);
		stroke-width: 1.5;
	}
</style>
