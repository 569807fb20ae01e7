<script lang="ts">
	import { kindOf, type Piece } from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { artOf } from '../art/art.ts';
	import { photoUrls } from '../photo-urls.svelte.ts';
	import { outlinePath } from './outline.ts';

	interface Props {
		piece: Piece;
		/** Pixels. */
		width: number;
		height: number;
	}

	let { piece, width, height }: Props = $props();

	const clip = $props.id();
	const session = $derived(getSession()());
	const photo = $derived(
		photoUrls.get(session.id, piece.photo, Math.max(width, height) * devicePixelRatio)
	);
	const art = $derived(artOf(piece.art));
	const kind = $derived(kindOf(piece.kind));
	const mirror = $derived(piece.kind === 'mirror');
	const least = $derived(Math.min(width, height));
	const frame = $derived(
		!kind.framed
			? 0
			: piece.frame
				? (piece.frame.width / piece.width) * width
				: least * (mirror ? 0.055 : 0.06)
	);
	const mount = $derived(kind.framed && !mirror && art ? least * 0.1 : 0);
	const inner = $derived({
		x: frame + mount,
		y: frame + mount,
		width: Math.max(width - 2 * (frame + mount), 0),
		height: Math.max(height - 2 * (frame + mount), 0)
	});
	/** Pixels under which a piece is a speck on the wall: nothing within it can be told apart. */
	const CRUMB = 28;
	const path = $derived(outlinePath(piece.outline, width, height));
	/** Colours differ from piece to piece, and are the same for alike ones: by what a tape reads of them. */
	const turn = $derived(
		Math.round(piece.width * 7 + piece.height * 3 + piece.depth) + piece.kind.length
	);
	const pick = (colours: readonly string[]) => colours[turn % colours.length]!;
	const mouldings = [
		'var(--moulding-dark)',
		'var(--moulding)',
		'var(--moulding-brown)',
		'var(--moulding-gilt)',
		'var(--moulding-black)'
	];
	const woods = ['var(--beech)', 'var(--timber)', 'var(--pine)'];
	const cloths = [
		'var(--cloth-red)',
		'var(--cloth-blue)',
		'var(--cloth-green)',
		'var(--cloth-gold)'
	];
	const rims = ['var(--cloth-blue)', 'var(--steel)', 'var(--cloth-red)', 'var(--cloth-green)'];
	const ground = $derived(
		mirror
			? 'var(--timber)'
			: frame > 0
				? pick(mouldings)
				: {
						panel: pick(woods),
						object: pick(woods),
						shelf: pick(woods),
						held: 'var(--holder)',
						textile: 'var(--canvas-front)',
						plate: 'var(--china)',
						canvas: 'var(--canvas-front)',
						framed: 'var(--canvas-front)',
						mirror: 'var(--glass)'
					}[piece.kind]
	);
</script>

{#if least < CRUMB}
	{#if photo}
		<image href={photo} {width} {height} preserveAspectRatio="none" />
	{:else}
		<path d={path} fill={ground} />
		{#if kind.framed}
			<rect {...inner} fill={mirror ? 'var(--glass)' : art ? art.ground : 'var(--canvas-front)'} />
		{/if}
	{/if}
{:else}
	<path d={path} fill={ground} filter="url(#lift)" />
	<clipPath id={clip}><path d={path} /></clipPath>
	<g clip-path="url(#{clip})">
		{#if photo}
			<image href={photo} {width} {height} preserveAspectRatio="none" />
		{:else if frame > 0}
			<path class="light" d="M0 {height} V0 H{width}" />
			<path
				class="dark"
				d="M{frame} {height - frame} H{width - frame} V{frame} M{width} 0 V{height} H0"
			/>
		{/if}
		{#if photo}
			<path class="light" d="M0 {height} V0 H{width}" />
		{:else if mirror}
			<rect {...inner} class="silvered" />
			<path
				class="gleam"
				d="M{inner.x + inner.width * 0.14} {inner.y + inner.height * 0.86} L{inner.x +
					inner.width * 0.74} {inner.y + inner.height * 0.08} l{inner.width * 0.07} 0 L{inner.x +
					inner.width * 0.21} {inner.y + inner.height * 0.86} Z"
			/>
		{:else if piece.kind === 'plate'}
			{#each [0.04, 0.1] as rim, index (rim)}
				<ellipse
					class="rim"
					cx={width / 2}
					cy={height / 2}
					rx={width / 2 - least * rim}
					ry={height / 2 - least * rim}
					stroke={pick(rims)}
					stroke-width={index === 0 ? least * 0.045 : 1.2}
				/>
			{/each}
			<ellipse class="well" cx={width / 2} cy={height / 2} rx={width * 0.3} ry={height * 0.3} />
		{:else if piece.kind === 'textile'}
			{#each [0.2, 0.5, 0.8] as at (at)}
				<rect x="0" y={height * (at - 0.1)} {width} height={height * 0.2} fill={pick(cloths)} />
			{/each}
			<rect {width} height={Math.max(height * 0.05, 3)} fill="var(--moulding)" />
		{:else if piece.kind === 'object' || piece.kind === 'shelf'}
			<path
				class="grain"
				d={[0.25, 0.5, 0.75].map((at) => `M0 ${height * at} H${width}`).join(' ')}
			/>
			{#if piece.kind === 'shelf'}
				{#each [0.15, 0.32, 0.5, 0.68, 0.85] as at (at)}
					<path class="peg" d="M{width * at} {height * 0.3} v{height * 0.5}" />
				{/each}
			{/if}
		{:else}
			<rect
				x={frame}
				y={frame}
				width={Math.max(width - 2 * frame, 0)}
				height={Math.max(height - 2 * frame, 0)}
				fill={mount > 0 ? 'var(--mat)' : frame > 0 ? 'var(--canvas-front)' : ground}
			/>
			{#if art}
				<svg {...inner} viewBox="0 0 100 100" preserveAspectRatio="none">
					<rect width="100" height="100" fill={art.ground} />
					{#each art.shapes as shape, index (index)}
						<path
							d={shape.d}
							fill={shape.fill ?? 'none'}
							stroke={shape.stroke}
							stroke-width={shape.width}
							stroke-linecap="round"
							vector-effect={shape.width && shape.width < 1.5 ? 'non-scaling-stroke' : undefined}
						/>
					{/each}
				</svg>
			{:else}
				<path
					class="blank"
					d="M{inner.x + inner.width * 0.12} {inner.y + inner.height * 0.8} L{inner.x +
						inner.width * 0.4} {inner.y + inner.height * 0.42} L{inner.x +
						inner.width * 0.6} {inner.y + inner.height * 0.66} L{inner.x +
						inner.width * 0.72} {inner.y + inner.height * 0.54} L{inner.x +
						inner.width * 0.9} {inner.y + inner.height * 0.8} Z"
				/>
			{/if}
			{#if mount > 0}<rect {...inner} class="bevel" />{/if}
		{/if}
	</g>
{/if}

<style>
	.light {
		fill: none;
		stroke: rgb(255 240 215 / 45%);
		stroke-width: 1.5;
	}

	.dark {
		fill: none;
		stroke: rgb(0 0 0 / 35%);
		stroke-width: 1.2;
	}

	.silvered {
		fill: var(--glass);
	}

	.gleam {
		fill: rgb(255 255 255 / 38%);
	}

	.rim {
		fill: none;
	}

	.well {
		fill: none;
		stroke: rgb(0 0 0 / 14%);
	}

	.grain {
		stroke: rgb(0 0 0 / 14%);
	}

	.peg {
		stroke: var(--plastic);
		stroke-width: 3;
		stroke-linecap: round;
	}

	.bevel {
		fill: none;
		stroke: var(--canvas);
	}

	.blank {
		fill: none;
		stroke: var(--canvas-line);
		stroke-width: 1.3;
		stroke-linejoin: round;
	}
</style>
