<script lang="ts">
	import { page } from '$app/state';
	import { care, stylesOf } from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import CautionList from '$lib/ui/CautionList.svelte';
	import HookBench from '$lib/ui/bench/HookBench.svelte';
	import PieceList from '$lib/ui/bench/PieceList.svelte';
	import { getView } from '$lib/ui/view.svelte.ts';

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const { pieces, kit } = $derived(session.project);
	const styles = $derived(stylesOf(session.rulesOn(page.params.wall!)));
	const plan = $derived(session.plan(page.params.wall!));
	const piece = $derived(pieces.find(({ id }) => id === view.selected));
	const planned = $derived(plan?.pieces.find(({ pieceId }) => pieceId === view.selected));
	const ofPiece = $derived(
		(plan?.ofPlace ?? [])
			.filter(({ pieceId, hookId }) => pieceId === view.selected && hookId)
			.map(({ caution }) => caution)
	);
	const cautions = [
		care(
			'rating',
			'Whether the wall and the fixing can carry this load is not computed here yet: a fall can injure someone.',
			'Compare each hook’s load with the rating on its packet, for your own wall, and keep well below it. Put anything heavy into a stud; ask an art installer where the piece is big, valuable or over masonry. Local codes win.'
		),
		care(
			'behind',
			'Cables and pipes may run behind any mark.',
			'Look for sockets, switches and radiators above, below and beside it, and probe before you drill. Ask a licensed electrician or plumber when in doubt.'
		)
	];
</script>

{#if piece}
	<button class="back" type="button" onclick={() => view.select(null)}>‹ All pieces</button>
	<HookBench {piece} {planned} {styles} {kit} />
{:else}
	<h2 class="mb-2 text-xl">Fix</h2>
	<p class="mb-2">Choose a piece to set its hook and see what each hook carries.</p>
	<PieceList {pieces} selected={view.selected} {styles} onselect={(id) => view.select(id)} />
{/if}
<div class="mt-4">
	<CautionList cautions={[...ofPiece, ...cautions, ...(plan?.wallCautions ?? [])]} {styles} />
</div>

<style>
	.back {
		color: var(--color-primary);
		font-size: 0.92rem;
		cursor: pointer;
	}
</style>
