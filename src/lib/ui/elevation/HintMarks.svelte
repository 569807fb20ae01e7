<script lang="ts">
	import {
		boxHints,
		floorAt,
		formatLength,
		HINT_WORDS,
		spanOf,
		tickOf,
		type Hint,
		type KeptHint,
		type Styles,
		type Wall
	} from '$lib/core/index.ts';
	import { addHint, moveHint, removeHint } from '$lib/store/commands/index.ts';
	import { newId } from '$lib/store/new-id.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { getBones } from '../survey/bones.svelte.ts';
	import { hintAt } from '../survey/hint-at.ts';
	import { getView } from '../view.svelte.ts';
	import { dragged } from './dragged.ts';
	import type { Frame } from './frame.ts';
	import HintGlyph from './HintGlyph.svelte';

	let { wall, frame, styles }: { wall: Wall; frame: Frame; styles: Styles } = $props();

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const watch = $derived(getBones()());
	const estimate = $derived(watch.bones?.estimate.ok ? watch.bones.estimate.value : null);
	const hints = $derived<Hint[]>([...wall.hints, ...boxHints(wall.features)]);

	const place = (hint: Hint) => {
		const [left, right] = spanOf(hint);
		const x = (left + right) / 2;
		return {
			x: frame.x(x),
			y: frame.y(hint.y ?? floorAt(wall, x) + wall.skirting + 150),
			wide: (right - left) * frame.scale
		};
	};
	const state = (index: number) =>
		estimate?.outliers.includes(index)
			? 'does not fit'
			: estimate?.setAside.includes(index)
				? 'set aside'
				: '';
	const label = (hint: Hint, index: number) =>
		[
			HINT_WORDS[hint.kind].name,
			`${formatLength(spanOf(hint)[0], styles.lead)} from the left`,
			state(index)
		]
			.filter(Boolean)
			.join(', ');
	const round = (mm: number) => Math.round(mm / tickOf(styles.lead)) * tickOf(styles.lead);
	const to = (hint: KeptHint, dx: number, dy: number) =>
		moveHint(wall.id, hint, round(dx), round(dy));

	/** Where a press with a tool began, mm. */
	let pressed: number | null = null;

	function at(event: PointerEvent): { x: number; y: number } {
		const box = (event.currentTarget as SVGElement).ownerSVGElement!.getBoundingClientRect();
		return {
			x: round((event.clientX - box.left - frame.left) / frame.scale),
			y: round((frame.floor - (event.clientY - box.top)) / frame.scale)
		};
	}

	function drop(event: PointerEvent) {
		if (pressed === null || !view.tool) return;
		const { x, y } = at(event);
		const hint = hintAt(newId(), view.tool, pressed, x, y);
		session.run(addHint(wall.id, hint));
		view.hint = hint.id;
		pressed = null;
	}
</script>

{#if view.tool}
	<rect
		class="field"
		data-testid="tap-field"
		role="presentation"
		x={frame.left}
		y={frame.floor - frame.height}
		width={frame.width}
		height={frame.height}
		onpointerdown={(event) => {
			event.stopPropagation();
			pressed = at(event).x;
		}}
		onpointerup={drop}
	/>
{/if}
{#each hints as hint, index (hint.id)}
	{@const { x, y, wide } = place(hint)}
	{@const own = wall.hints[index]}
	{#if own}
		<g
			class="hint"
			class:chosen={view.hint === hint.id}
			class:passed={view.tool !== null}
			role="button"
			tabindex="0"
			aria-label={label(hint, index)}
			data-hint={hint.kind}
			transform="translate({x} {y})"
			{@attach dragged({
				what: () => own,
				scale: () => frame.scale,
				step: (coarse) => (styles.lead.unit === 'mm' ? (coarse ? 10 : 1) : coarse ? 25.4 : 3.175),
				onpick: () => (view.hint = own.id),
				onmove: (from, dx, dy) => session.setPreview(to(from, dx, dy)),
				ondrop: (from, dx, dy) => session.run(to(from, dx, dy)),
				oncancel: () => session.setPreview(null),
				ondelete: () => session.run(removeHint(wall.id, own.id))
			})}
		>
			<circle class="grip" r="13" />
			<HintGlyph kind={hint.kind} {wide} state={state(index)} />
		</g>
	{:else}
		<g transform="translate({x} {y})" aria-hidden="true">
			<HintGlyph kind={hint.kind} {wide} state={state(index)} />
		</g>
	{/if}
{/each}

<style>
	.field {
		fill: transparent;
		cursor: crosshair;
		touch-action: none;
	}

	/* A tool in hand taps beside a hint, however close. */
	.passed {
		pointer-events: none;
	}

	.hint {
		cursor: grab;
		touch-action: none;
		outline: none;
	}

	.grip {
		fill: transparent;
	}

	.chosen .grip,
	.hint:focus-visible .grip {
		fill: rgb(255 255 255 / 45%);
		stroke: var(--tape-blue-ink);
		stroke-width: 2.5;
	}
</style>
