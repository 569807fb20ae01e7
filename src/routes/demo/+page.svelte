<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { onMount } from 'svelte';
	import { DEMO } from '$lib/store/demo/index.ts';
	import { keepProject, loadProject } from '$lib/store/projects.ts';
	import { projectPath } from '$lib/ui/paths.ts';

	onMount(async () => {
		const reset = page.url.searchParams.has('reset');
		const there = reset ? null : await loadProject(DEMO.id);
		if (!there?.ok) await keepProject(DEMO);
		await goto(projectPath(DEMO.id, DEMO.walls[0]!.id, 'arrange'), { replaceState: true });
	});
</script>

<svelte:head><title>Demo · Warm Porch</title></svelte:head>
<p class="p-8">Opening the Ferry House…</p>
