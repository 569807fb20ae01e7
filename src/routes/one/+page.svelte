<script lang="ts">
	import { goto } from '$app/navigation';
	import { type HangerKind, hangerOf, hangers, hungPiece } from '$lib/core/index.ts';
	import BackDrawing from '$lib/ui/back/BackDrawing.svelte';
	import LengthField from '$lib/ui/field/LengthField.svelte';
	import MassField from '$lib/ui/field/MassField.svelte';
	import OneAnswer from '$lib/ui/one/OneAnswer.svelte';
	import OneWall from '$lib/ui/one/OneWall.svelte';
	import { OnePicture, type HeightMode } from '$lib/ui/one/one-picture.svelte.ts';
	import { projectPath } from '$lib/ui/paths.ts';
	import Segments from '$lib/ui/Segments.svelte';
	import ThemeButton from '$lib/ui/ThemeButton.svelte';
	import TopBar from '$lib/ui/TopBar.svelte';

	const one = new OnePicture();
	const choices = $derived(
		hangerOf(one.piece.back)
			.choices(one.piece.back)
			.filter(({ detail }) => !detail)
	);
	/** The four ways most single pictures hang; the Rack knows the others. */
	const QUICK: readonly HangerKind[] = ['wire-one', 'wire-two', 'rings', 'sawtooth'];
	const offered = hangers.filter(({ kind }) => QUICK.includes(kind));
	const styles = $derived(one.styles);
	const tall = { min: 300, max: 4000 };

	async function keep() {
		const { project } = one;
		const { keepProject } = await import('$lib/store/projects.ts');
		await keepProject(project);
		await goto(projectPath(project.id, project.walls[0]!.id, 'arrange'));
	}
</script>

<svelte:head><title>Just one picture · Warm Porch</title></svelte:head>

<TopBar>
	<h1 class="text-base font-semibold">Just one picture</h1>
	{#snippet end()}
		<button class="btn btn-primary btn-sm" type="button" onclick={keep}>Keep as a project</button>
		<ThemeButton />
	{/snippet}
</TopBar>

<main class="one">
	<div class="choices">
		<Segments
			label="How it hangs"
			options={offered.map(({ kind, name }) => ({
				value: kind,
				label: name
			}))}
			value={one.piece.back.kind}
			onchoose={(kind: HangerKind) => one.hangBy(kind)}
		/>
		<Segments
			label="Units"
			options={[
				{ value: 'in', label: 'inches' },
				{ value: 'mm', label: 'mm' }
			]}
			value={one.units}
			onchoose={(units) => (one.units = units)}
		/>
	</div>
	<div class="drawing">
		<BackDrawing
			back={one.piece.back}
			piece={hungPiece(one.piece)}
			{styles}
			mirrored={false}
			trouble={one.planned?.trouble ?? null}
			below={120}
			onmeasure={(key, mm) => one.measure(key, mm)}
			onsize={(size) => one.size(size)}
		>
			{#snippet behind(geometry, box)}
				<OneWall
					{one}
					{geometry}
					{box}
					hook={one.planned?.hooks[0]}
					caption={one.level && one.planned?.hooks.length === 2
						? 'both hooks'
						: (one.planned?.hooks[0]?.name ?? '')}
				/>
			{/snippet}
			{#snippet over(box)}
				<div class="at" style:left="{box.width - 46}px" style:top="{box.height - 70}px">
					{#if one.mode === 'centre'}
						<LengthField
							compact
							label="Centre height"
							help="Floor to the middle of the picture"
							value={one.centre}
							{styles}
							plausible={tall}
							onvalue={(mm) => (one.centre = mm)}
						/>
					{:else if one.mode === 'top'}
						<LengthField
							compact
							label="Top edge height"
							help="Floor to the top edge"
							value={one.top}
							{styles}
							plausible={tall}
							onvalue={(mm) => (one.top = mm)}
						/>
					{:else}
						<LengthField
							compact
							label="Furniture height"
							help="Floor to the top of the furniture"
							value={one.furniture}
							{styles}
							plausible={{ min: 200, max: 2000 }}
							onvalue={(mm) => (one.furniture = mm)}
						/>
					{/if}
				</div>
				{#if one.mode === 'bottom'}
					<div class="at" style:left="{box.width - 46}px" style:top="{box.height - 108}px">
						<LengthField
							compact
							label="Space above the furniture"
							help="Usually 6 to 8 in (150 to 200 mm)"
							value={one.above}
							{styles}
							plausible={{ min: 20, max: 1000 }}
							onvalue={(mm) => (one.above = mm)}
						/>
					</div>
				{/if}
			{/snippet}
		</BackDrawing>
	</div>
	<div class="below">
		<Segments
			named
			label="Its height is given for the"
			options={[
				{ value: 'centre', label: 'centre' },
				{ value: 'top', label: 'top edge' },
				{ value: 'bottom', label: 'bottom, above furniture' }
			]}
			value={one.mode}
			onchoose={(mode: HeightMode) => (one.mode = mode)}
		/>
		{#each choices as choice (choice.key)}
			<Segments
				named
				label={choice.label}
				options={choice.answers.map(({ answer, label }) => ({ value: answer, label }))}
				value={choice.answer}
				onchoose={(answer) => one.choose(choice.key, answer)}
			/>
		{/each}
		<div class="weight">
			<MassField
				label="Weight, if known"
				value={one.piece.weight}
				units={one.units}
				onvalue={(weight) => one.size({ weight })}
			/>
		</div>
	</div>
	<aside>
		{#if one.planned}
			<OneAnswer {one} planned={one.planned} />
		{/if}
	</aside>
</main>

<style>
	.one {
		display: grid;
		grid-template: auto 1fr auto / minmax(0, 1fr) 24.5rem;
		grid-template-areas: 'choices aside' 'drawing aside' 'below aside';
		gap: 0.6rem 1rem;
		height: calc(100dvh - 3.5rem);
		min-height: 36rem;
		padding: 0.75rem 1rem;
	}

	.choices {
		grid-area: choices;
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		gap: 0.5rem;
	}

	.drawing {
		grid-area: drawing;
		min-height: 20rem;
		border-radius: 0.5rem;
		background: var(--plaster);
	}

	.at {
		position: absolute;
		width: 76px;
		transform: translate(-50%, -50%);
	}

	.below {
		grid-area: below;
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem 1.6rem;
	}

	.weight {
		width: 9rem;
	}

	aside {
		grid-area: aside;
		overflow-y: auto;
		padding: 0.2rem 0.4rem;
	}

	@media (width < 60rem) {
		.one {
			grid-template: auto / minmax(0, 1fr);
			grid-template-areas: 'choices' 'drawing' 'below' 'aside';
			height: auto;
		}

		.drawing {
			height: 27rem;
		}
	}
</style>
