<script lang="ts">
	import { goto } from '$app/navigation';
	import { Dialog } from 'bits-ui';
	import { stylesOf, usualHouseRules, type HouseRules } from '$lib/core/index.ts';
	import { readOwnKit } from '$lib/store/own-kit.ts';
	import { newProject } from '$lib/store/new-project.ts';
	import { keepProject } from '$lib/store/projects.ts';
	import { enterGoesOn } from './enter-goes-on.ts';
	import LengthField from './field/LengthField.svelte';
	import DoorPicture from './home/DoorPicture.svelte';
	import { projectPath } from './paths.ts';
	import Segments from './Segments.svelte';

	let name = $state('My wall');
	let units: HouseRules['units'] = $state('in');
	let width = $state(12 * 304.8);
	let height = $state(8 * 304.8);

	const houseRules = $derived({ ...usualHouseRules, units });
	const styles = $derived(stylesOf(houseRules));
	const room = { min: 500, max: 20_000 };

	async function start(event: SubmitEvent) {
		event.preventDefault();
		const project = newProject({
			name: name.trim() || 'My wall',
			wall: { name: 'Wall 1', width, height },
			houseRules,
			kit: await readOwnKit()
		});
		await keepProject(project);
		await goto(projectPath(project.id, project.walls[0]!.id, 'rack'));
	}
</script>

<Dialog.Root>
	<Dialog.Trigger class="door-button">
		<DoorPicture of="wall" />
		<strong>Start a wall</strong>
		<span>Several pieces, arranged to the gap, with every mark.</span>
	</Dialog.Trigger>
	<Dialog.Portal>
		<Dialog.Overlay class="side-shade" />
		<Dialog.Content class="side-sheet">
			<Dialog.Title class="mb-1 font-display text-xl">Start a wall</Dialog.Title>
			<Dialog.Description class="mb-3">
				Measure corner to corner on the wall face, and floor to ceiling.
			</Dialog.Description>
			<form class="grid gap-2" onsubmit={start} {@attach enterGoesOn('button')}>
				<label>
					<span class="field-label">Name of the project</span>
					<input class="input w-full" bind:value={name} maxlength="120" />
				</label>
				<Segments
					named
					label="Units that lead"
					options={[
						{ value: 'in', label: 'inches' },
						{ value: 'mm', label: 'millimetres' }
					]}
					value={units}
					onchoose={(value) => (units = value)}
				/>
				<LengthField
					label="Wall width"
					value={width}
					{styles}
					plausible={room}
					onvalue={(mm) => (width = mm)}
				/>
				<LengthField
					label="Wall height"
					value={height}
					{styles}
					plausible={room}
					onvalue={(mm) => (height = mm)}
				/>
				<button class="btn mt-2 btn-primary" type="submit">Start</button>
			</form>
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>
