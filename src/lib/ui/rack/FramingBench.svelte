<script lang="ts">
	import {
		formatLength,
		frameFromWork,
		longestScrew,
		MOUNT_SCHOOLS,
		RING_PLATE_MM,
		type MountSchool,
		type Piece,
		type Styles
	} from '$lib/core/index.ts';
	import { setPiece } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import LengthField from '../field/LengthField.svelte';
	import Segments from '../Segments.svelte';

	let { piece, styles }: { piece: Piece; styles: Styles } = $props();

	const session = $derived(getSession()());

	let work = $state({ width: 200, height: 280 });
	let mount: 'none' | 'window' | 'float' = $state('window');
	let margin = $state(60);
	let school: MountSchool = $state('extra');
	const moulding = $derived(piece.frame?.width ?? 20);
	const rabbet = $derived(piece.frame?.rabbet ?? 6);

	const sums = $derived(frameFromWork({ work, mount, margin, school, moulding, rabbet }));
	const length = (mm: number) => formatLength(mm, styles.lead);
	const size = ({ width, height }: { width: number; height: number }) =>
		`${length(width)} × ${length(height)}`;
</script>

<p class="note">From the work outwards: mount, sheets, outside of the frame.</p>
<div class="pair">
	<LengthField
		label="Work, width"
		value={work.width}
		{styles}
		plausible={{ min: 20, max: 3000 }}
		onvalue={(width) => (work = { ...work, width })}
	/>
	<LengthField
		label="Work, height"
		value={work.height}
		{styles}
		plausible={{ min: 20, max: 3000 }}
		onvalue={(height) => (work = { ...work, height })}
	/>
</div>
<Segments
	named
	label="Mount"
	options={[
		{ value: 'window', label: 'window' },
		{ value: 'float', label: 'float' },
		{ value: 'none', label: 'none' }
	]}
	value={mount}
	onchoose={(value: typeof mount) => (mount = value)}
/>
{#if mount !== 'none'}
	<LengthField
		label="Margin at top and sides"
		value={margin}
		{styles}
		plausible={{ min: 5, max: 300 }}
		onvalue={(mm) => (margin = mm)}
	/>
	<Segments
		named
		label="Bottom margin"
		options={MOUNT_SCHOOLS.map(({ value, name }) => ({ value, label: name }))}
		value={school}
		onchoose={(value: typeof school) => (school = value)}
	/>
{/if}
{#if sums.ok}
	{@const { frame, margins } = sums.value}
	<dl>
		{#if mount !== 'none'}
			<dt>Window</dt>
			<dd class="measure">{size(frame.window)}</dd>
			<dt>Margins: sides, top, bottom</dt>
			<dd class="measure">
				{length(margins.side)}, {length(margins.top)}, {length(margins.bottom)}
			</dd>
		{/if}
		<dt>Glass, mount and backing</dt>
		<dd class="measure">{size(frame.sight)}</dd>
		<dt>Outside of the frame</dt>
		<dd class="measure big" data-testid="outside">{size(frame.outer)}</dd>
	</dl>
	<button
		class="btn btn-sm"
		type="button"
		onclick={() => session.run(setPiece(piece.id, { ...frame.outer }))}
	>
		Use it as the size of {piece.letter}
	</button>
{:else}
	<p role="alert" class="wrong">{sums.error.message}</p>
{/if}
<dl>
	<dt>Longest screw into a frame {length(piece.depth)} deep</dt>
	<dd class="measure">{length(longestScrew(piece.depth, RING_PLATE_MM))}</dd>
</dl>
<ul class="advice">
	<li>Moulding {length(moulding)} wide, rabbet {length(rabbet)}: change them under “Piece”.</li>
	<li>Paper needs glass or acrylic in front, off its surface, and acid-free board behind.</li>
	<li>
		Acrylic weighs half of glass and does not break; it scratches, and draws pastel off paper.
	</li>
	<li>Oil and acrylic paint on canvas breathe: no glass, and a board screwed to the stretcher.</li>
</ul>

<style>
	.pair {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 0.6rem;
	}

	dl {
		margin: 0.5rem 0;
	}

	dt {
		color: var(--graphite-soft);
		font-size: var(--text-sm);
	}

	dd {
		font-size: var(--text-lg);
	}

	.big {
		font-size: var(--text-2xl);
	}

	.note,
	.advice {
		color: var(--graphite-soft);
		font-size: var(--text-sm);
	}

	.advice {
		display: grid;
		gap: 0.25rem;
		padding-left: 1rem;
		list-style: disc;
	}

	.wrong {
		color: var(--color-error);
		font-weight: 600;
	}
</style>
