<script lang="ts">
	import {
		floorAt,
		formatLength,
		hiddenWall,
		seedOf,
		type KeptHint,
		type Styles,
		type Wall
	} from '$lib/core/index.ts';
	import { slidMagnet, studSensor } from '$lib/instruments/sensor.ts';
	import { addHint } from '$lib/store/commands/index.ts';
	import { newId } from '$lib/store/new-id.ts';
	import { getSession } from '$lib/store/session.svelte.ts';

	let { wall, styles }: { wall: Wall; styles: Styles } = $props();

	const session = $derived(getSession()());
	/** The simulated wall behind this one: the same each time. */
	const hidden = $derived(hiddenWall(seedOf(wall.id), wall.width, '16 in'));
	/** A hand sweeps this far at a time, mm. */
	const SWEEP = 700;

	let from = $state(0);
	let said = $state('');

	const height = (x: number) => floorAt(wall, x) + wall.skirting + 900;

	function take(name: string, hint: KeptHint, to: number) {
		session.run(addHint(wall.id, { ...hint, simulated: true }));
		said = `The simulated ${name} answered at ${formatLength(to, styles.lead)}; it is among the hints.`;
		from = to + 60;
	}

	function sweep(tool: 'sensor' | 'magnet') {
		const stretch = [from, from + SWEEP] as const;
		const y = height(from);
		const failed = (message: string) => {
			said = message;
			from = from + SWEEP > wall.width ? 0 : from + SWEEP / 2;
		};
		if (tool === 'magnet') {
			const held = slidMagnet(hidden, stretch, Math.random).read();
			if (!held.ok) return failed(held.error.message);
			return take('magnet', { id: newId(), kind: 'magnet', x: held.value, y }, held.value);
		}
		const sensed = studSensor(hidden, stretch, Math.random).read();
		if (!sensed.ok) return failed(sensed.error.message);
		const { left, right } = sensed.value;
		return take('stud sensor', { id: newId(), kind: 'edges', left, right, y }, right);
	}
</script>

<details>
	<summary class="cursor-pointer font-semibold">Simulated sensor and magnet</summary>
	<p class="small-note">
		To try the app with: they sweep a made-up wall from
		<span class="measure">{formatLength(from, styles.lead)}</span> on, not yours.
	</p>
	<div class="acts">
		<button class="btn btn-sm" type="button" onclick={() => sweep('sensor')}
			>Sweep the sensor</button
		>
		<button class="btn btn-sm" type="button" onclick={() => sweep('magnet')}
			>Slide the magnet</button
		>
	</div>
	<p class="small-note" aria-live="polite">{said}</p>
</details>

<style>
	.acts {
		display: flex;
		gap: 0.3rem;
		margin: 0.2rem 0;
	}
</style>
