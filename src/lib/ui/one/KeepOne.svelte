<script lang="ts">
	import { goto } from '$app/navigation';
	import { Dialog } from 'bits-ui';
	import { keepProject } from '$lib/store/projects.ts';
	import { enterGoesOn } from '../enter-goes-on.ts';
	import LengthField from '../field/LengthField.svelte';
	import { projectPath } from '../paths.ts';
	import type { OnePicture } from './one-picture.svelte.ts';

	let { one, open = $bindable() }: { one: OnePicture; open: boolean } = $props();

	let name = $state('Wall 1');
	let width: number | null = $state(null);
	let height: number | null = $state(null);
	const room = { min: 500, max: 20_000 };

	async function keep(event: SubmitEvent) {
		event.preventDefault();
		if (width === null || height === null) return;
		const project = one.projectOn({ name: name.trim() || 'Wall 1', width, height });
		await keepProject(project);
		await goto(projectPath(project.id, project.walls[0]!.id, 'arrange'));
	}
</script>

<Dialog.Root bind:open>
	<Dialog.Portal>
		<Dialog.Overlay class="side-shade" />
		<Dialog.Content class="side-sheet">
			<Dialog.Title class="mb-1 font-display text-xl">Keep as a project</Dialog.Title>
			<Dialog.Description class="mb-3">
				The wall it hangs on: corner to corner on the wall face, and floor to ceiling. The picture
				starts in its middle.
			</Dialog.Description>
			<form class="grid gap-2" onsubmit={keep} {@attach enterGoesOn('button')}>
				<label>
					<span class="field-label">Name of the wall</span>
					<input class="input w-full" bind:value={name} maxlength="120" />
				</label>
				<LengthField
					label="Wall width"
					value={width}
					styles={one.styles}
					plausible={room}
					onvalue={(mm) => (width = mm)}
				/>
				<LengthField
					label="Wall height"
					value={height}
					styles={one.styles}
					plausible={room}
					onvalue={(mm) => (height = mm)}
				/>
				<button
					class="btn mt-2 btn-primary"
					type="submit"
					disabled={width === null || height === null}
				>
					Keep it
				</button>
			</form>
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>
