<script lang="ts">
	import { hungPiece, type hangPiece, type Piece, type Styles } from '$lib/core/index.ts';
	import { measureBack, setPiece } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import BackDrawing from '../back/BackDrawing.svelte';

	interface Props {
		piece: Piece;
		hung: ReturnType<typeof hangPiece>;
		styles: Styles;
	}

	let { piece, hung, styles }: Props = $props();

	const session = $derived(getSession()());
	/** Wide pieces need less height to be drawn in. */
	const tall = $derived(Math.min(Math.max((piece.height / piece.width) * 9 + 5.6, 8), 15.5));
</script>

<div class="drawing" style:height="{tall}rem">
	<BackDrawing
		back={piece.back}
		piece={hungPiece(piece)}
		outline={piece.outline}
		cautions={hung.ok ? hung.value.cautions : []}
		{styles}
		trouble={hung.ok ? null : hung.error}
		onmeasure={(key, mm) => session.run(measureBack(piece.id, key, mm))}
		onsize={(size) => session.run(setPiece(piece.id, size))}
		onseal={() => session.seal()}
	/>
</div>

<style>
	.drawing {
		margin: 0.4rem -0.6rem 0;
	}
</style>
