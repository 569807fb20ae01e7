<script lang="ts">
	import { page } from '$app/state';
	import { stylesOf } from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import Segments from '$lib/ui/Segments.svelte';
	import BonesPart from '$lib/ui/survey/BonesPart.svelte';
	import FeaturesPart from '$lib/ui/survey/FeaturesPart.svelte';
	import LevelPart from '$lib/ui/survey/LevelPart.svelte';
	import MadePart from '$lib/ui/survey/MadePart.svelte';
	import OutlinePart from '$lib/ui/survey/OutlinePart.svelte';
	import ProvePart from '$lib/ui/survey/ProvePart.svelte';
	import { getView, type SurveyPart } from '$lib/ui/view.svelte.ts';

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const styles = $derived(stylesOf(session.rulesOn(page.params.wall!)));
	const wall = $derived(session.project.walls.find(({ id }) => id === page.params.wall)!);
	const plan = $derived(session.plan(wall.id)!);

	const parts: Record<SurveyPart, { label: string; part: typeof LevelPart }> = {
		outline: { label: 'Outline', part: OutlinePart },
		level: { label: 'Level', part: LevelPart },
		made: { label: 'Made of', part: MadePart },
		features: { label: 'On it', part: FeaturesPart },
		bones: { label: 'Bones', part: BonesPart },
		prove: { label: 'Prove', part: ProvePart }
	};
	const Part = $derived(parts[view.survey].part);
</script>

<h2 class="mb-1 text-xl">Survey</h2>
<div class="mb-3">
	<Segments
		close
		label="What the survey asks about"
		options={Object.entries(parts).map(([value, { label }]) => ({
			value: value as SurveyPart,
			label
		}))}
		value={view.survey}
		onchoose={(part: SurveyPart) => (view.survey = part)}
	/>
</div>
{#key view.survey}
	<Part {wall} {styles} {plan} />
{/key}
