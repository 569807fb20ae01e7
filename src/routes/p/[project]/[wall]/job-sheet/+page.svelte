<script lang="ts">
	import { page } from '$app/state';
	import { resolve } from '$app/paths';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { photoUrls } from '$lib/ui/photo-urls.svelte.ts';
	import Segments from '$lib/ui/Segments.svelte';
	import BeforeAfter from '$lib/ui/sheet/BeforeAfter.svelte';
	import HandOver from '$lib/ui/sheet/HandOver.svelte';
	import { JobFacts } from '$lib/ui/sheet/job-facts.svelte.ts';
	import SheetHead from '$lib/ui/sheet/SheetHead.svelte';
	import SheetPage from '$lib/ui/sheet/SheetPage.svelte';
	import SheetTools from '$lib/ui/sheet/SheetTools.svelte';
	import SignOff from '$lib/ui/sheet/SignOff.svelte';
	import { getBones } from '$lib/ui/survey/bones.svelte.ts';

	const session = $derived(getSession()());
	const bones = $derived(getBones()());
	const { project } = $derived(session);
	const wallId = $derived(page.params.wall!);
	const job = new JobFacts(() => ({ session, bones, wallId }));
	const { wall, plan, styles, rack, rows } = $derived(job);
	const before = $derived(wall?.photo ? photoUrls.get(project.id, wall.photo.hash) : null);

	const PAPERS = [
		{ value: 'all', label: 'All' },
		{ value: 'sign-off', label: 'Sign-off' },
		{ value: 'before-after', label: 'Before and after' },
		{ value: 'hand-over', label: 'Hand-over' }
	] as const;
	let shown: (typeof PAPERS)[number]['value'] = $state('all');
	const shows = (paper: typeof shown) => shown === 'all' || shown === paper;
	const heading = $derived(`${project.name} · ${wall?.name ?? ''}`);
</script>

<svelte:head><title>Job papers · {heading}</title></svelte:head>

<SheetTools>
	<a class="btn" href={resolve('/p/[project]/[wall]/mark', { project: project.id, wall: wallId })}>
		‹ Back to the marks
	</a>
	<Segments
		label="Papers"
		options={[...PAPERS]}
		value={shown}
		onchoose={(paper) => (shown = paper)}
	/>
</SheetTools>
{#if plan && wall}
	{#if shows('sign-off')}
		<SheetPage of={heading} title="to agree on">
			<SheetHead {job} />
			<SignOff {wall} {plan} {rack} {rows} middle={job.middle} {styles} />
		</SheetPage>
	{/if}
	{#if shows('before-after')}
		<SheetPage of={heading} title="before and after" second={shows('sign-off')}>
			<BeforeAfter {before} />
		</SheetPage>
	{/if}
	{#if shows('hand-over')}
		<SheetPage of={heading} title="handed over" second={shows('before-after')}>
			<SheetHead {job} />
			<HandOver {rows} place={project.place} {styles} />
		</SheetPage>
	{/if}
{/if}
