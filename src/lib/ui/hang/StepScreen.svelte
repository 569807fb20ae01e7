<script lang="ts">
	import LevelScreen from './LevelScreen.svelte';
	import LiftScreen from './LiftScreen.svelte';
	import MarkScreen from './MarkScreen.svelte';
	import PhotoScreen from './PhotoScreen.svelte';
	import ProofScreen from './ProofScreen.svelte';
	import type { ReadOn } from './read-on.svelte.ts';
	import type { ScreenProps } from './screen.ts';
	import SetScreen from './SetScreen.svelte';
	import TickScreen from './TickScreen.svelte';
	import TroubleScreen from './TroubleScreen.svelte';

	/** Reads one mark after another; null where none is read aloud. */
	let { reading, ...rest }: ScreenProps & { reading: ReadOn | null } = $props();

	const { asks } = $derived(rest.item.step);
</script>

{#if asks.of === 'proof'}
	<ProofScreen {...rest} proof={asks.proof} />
{:else if asks.of === 'mark'}
	<MarkScreen {...rest} mark={asks.mark} {reading} />
{:else if asks.of === 'set'}
	<SetScreen {...rest} {...asks} />
{:else if asks.of === 'lift'}
	<LiftScreen {...rest} {...asks} />
{:else if asks.of === 'level'}
	<LevelScreen {...rest} {...asks} />
{:else if asks.of === 'trouble'}
	<TroubleScreen {...rest} />
{:else if asks.of === 'photo'}
	<PhotoScreen {...rest} />
{:else}
	<TickScreen {...rest} />
{/if}
