<script lang="ts">
	import { Plus, X } from '@lucide/svelte';
	import { onDestroy, untrack } from 'svelte';
	import {
		CORNER_READING_MM,
		estimate,
		factKey,
		FEATURE_GROUPS,
		featureFaces,
		type FeatureKind,
		type Styles,
		type Taped,
		type Wall
	} from '$lib/core/index.ts';
	import { WHOLE } from '$lib/photos/photo.ts';
	import { newId } from '$lib/store/new-id.ts';
	import { keepPhoto } from '$lib/store/photos.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { PHOTO_MEASURE } from '$lib/words/en/photo-measure.ts';
	import LengthField from '../field/LengthField.svelte';
	import { notices } from '../toast.svelte.ts';
	import { getView } from '../view.svelte.ts';
	import FigureRows from './FigureRows.svelte';
	import { keepWall } from './keep-wall.ts';
	import PhotoDesk from './PhotoDesk.svelte';
	import { WallPhoto } from './wall-photo.svelte.ts';
	import WholeSheet from './WholeSheet.svelte';

	interface Props {
		file: File;
		wall: Wall;
		styles: Styles;
		onclose: () => void;
	}

	let { file, wall, styles, onclose }: Props = $props();

	const session = $derived(getSession()());
	const view = $derived(getView()());
	/** Sides as the tape gave them; null where none was laid on. */
	let sides: Record<'width' | 'height', number | null> = $state.raw(
		untrack(() => ({ width: wall.width, height: wall.height }))
	);
	let trouble: string | null = $state(null);
	let working = $state(false);
	let kind: FeatureKind = $state('door');

	const survey = untrack(() => new WallPhoto(file, () => wall, taped));
	const { photo } = survey;
	void photo.open();
	onDestroy(() => photo.close());

	/** What was read before is as sure as its readings; a new figure as a tape laid into two corners. */
	function taped(): { width?: Taped; height?: Taped } {
		const of = (key: 'width' | 'height') => {
			const length = sides[key];
			if (length === null) return {};
			const read = session.project.readings[factKey({ of: 'wall', id: wall.id, key })];
			const sd = (length === wall[key] && read && estimate(read)?.sd) || CORNER_READING_MM;
			return { [key]: { length, sd } };
		};
		return { ...of('width'), ...of('height') };
	}

	const untaped = $derived.by(() => {
		const { outline } = survey;
		if (!outline) return {};
		return Object.fromEntries(
			(['width', 'height'] as const)
				.filter((key) => sides[key] === null)
				.map((key) => [key, outline[key]])
		);
	});

	async function keep() {
		const { corners } = survey;
		if (!corners) return;
		working = true;
		const { develop } = await import('$lib/photos/develop.ts');
		const developed = await develop(file, WHOLE);
		const hash = developed.ok ? await keepPhoto(session.project.id, developed.value) : developed;
		working = false;
		trouble = hash.ok ? null : hash.error.message;
		if (!hash.ok) return;
		const { features } = survey;
		session.run(
			keepWall({
				...{ session, wall: { ...wall, ...tapedSides() }, hash: hash.value },
				...{ corners, outline: untaped, features }
			})
		);
		session.seal();
		view.photo = true;
		notices.success(PHOTO_MEASURE.keptWall({ count: features.length }));
		onclose();
	}

	const tapedSides = () => ({
		width: sides.width ?? wall.width,
		height: sides.height ?? wall.height
	});
	const rowsOf = (figures: Record<string, { value: number; sd: number }>) =>
		Object.entries(figures).map(([key, figure]) => ({
			...{ key, label: PHOTO_MEASURE.figure[key as keyof typeof PHOTO_MEASURE.figure] },
			...figure
		}));
</script>

<WholeSheet
	title={PHOTO_MEASURE.wallTitle({ name: wall.name })}
	how={PHOTO_MEASURE.wallHow()}
	{onclose}
>
	<PhotoDesk
		{photo}
		alt="The wall"
		lines={survey.lines}
		trouble={trouble ?? survey.trouble}
		hint={survey.ready ? PHOTO_MEASURE.traceNext() : null}
	>
		<div class="pair">
			{#each ['width', 'height'] as const as side (side)}
				<LengthField
					label={PHOTO_MEASURE.taped({ side })}
					help="Empty where it was not taped"
					value={sides[side]}
					{styles}
					plausible={{ min: 500, max: 20_000 }}
					onvalue={(mm) => (sides = { ...sides, [side]: mm })}
					onempty={() => (sides = { ...sides, [side]: null })}
				/>
			{/each}
		</div>
		{#if survey.outline && Object.keys(untaped).length > 0}
			<FigureRows figures={rowsOf(untaped)} {styles} />
		{/if}
		<div class="add">
			<label>
				<span class="field-label">On the wall</span>
				<select class="select w-full select-sm" bind:value={kind}>
					{#each FEATURE_GROUPS as group (group)}
						<optgroup label={group}>
							{#each featureFaces.filter((face) => face.group === group) as { kind, label } (kind)}
								<option value={kind}>{label}</option>
							{/each}
						</optgroup>
					{/each}
				</select>
			</label>
			<button
				class="btn btn-sm"
				type="button"
				disabled={!survey.ready}
				onclick={() => survey.trace(kind, newId())}
			>
				<Plus size={15} aria-hidden="true" /> Mark it
			</button>
		</div>
		{#each survey.features as { id, name, figures } (id)}
			<section aria-label={name}>
				<h3>
					{name}
					<button
						class="btn btn-square btn-ghost btn-xs"
						type="button"
						aria-label="Leave out {name.toLowerCase()}"
						onclick={() => survey.untrace(id)}
					>
						<X size={15} aria-hidden="true" />
					</button>
				</h3>
				<FigureRows figures={rowsOf(figures)} {styles} />
			</section>
		{/each}
		<div class="line">
			<button
				class="btn btn-primary"
				type="button"
				disabled={!survey.ready || working}
				onclick={() => void keep()}
			>
				{working ? 'Working…' : 'Use these'}
			</button>
			<button class="btn btn-ghost" type="button" onclick={onclose}>Leave it</button>
		</div>
	</PhotoDesk>
</WholeSheet>

<style>
	.pair {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 0.6rem;
		align-items: start;
	}

	.add {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 0.6rem;
		align-items: end;
	}

	h3 {
		display: flex;
		justify-content: space-between;
		font-size: var(--text-base);
	}

	.line {
		display: flex;
		gap: 0.4rem;
	}
</style>
