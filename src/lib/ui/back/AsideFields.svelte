<script lang="ts">
	import {
		canBeNothing,
		hangerOf,
		hungPiece,
		formatMessage,
		type Caution,
		type Failure,
		type Piece,
		type Styles
	} from '$lib/core/index.ts';
	import { measureBack } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import LengthField from '../field/LengthField.svelte';

	interface Props {
		piece: Piece;
		styles: Styles;
		trouble: Failure | null;
		cautions: readonly Caution[];
	}

	let { piece, styles, trouble, cautions }: Props = $props();

	const session = $derived(getSession()());
	const asides = $derived(
		hangerOf(piece.back)
			.dimensions(piece.back, hungPiece(piece))
			.filter(({ aside }) => aside)
	);
	function said(key: string): string | null {
		if (trouble?.path === key) return trouble.message;
		const warned = cautions.find(({ path, grade }) => path === key && grade !== 'note');
		return warned ? formatMessage(`${warned.message} ${warned.remedy}`, styles.lead) : null;
	}
</script>

{#if asides.length > 0}
	<div class="asides">
		{#each asides as dimension (dimension.key)}
			<LengthField
				label={dimension.label}
				help={dimension.help}
				value={dimension.value}
				{styles}
				zero={canBeNothing(piece.back, dimension.key)}
				signed={dimension.signed}
				plausible={dimension.plausible}
				assumed={piece.back.assumed.includes(dimension.key)}
				trouble={said(dimension.key)}
				onvalue={(mm) => session.run(measureBack(piece.id, dimension.key, mm))}
				onseal={() => session.seal()}
			/>
		{/each}
	</div>
{/if}

<style>
	.asides {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(8rem, 1fr));
		gap: 0.2rem 0.6rem;
		align-items: start;
	}
</style>
