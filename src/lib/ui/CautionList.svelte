<script lang="ts">
	import { CircleAlert, Info, OctagonX } from '@lucide/svelte';
	import { formatMessage, type Caution, type Styles } from '$lib/core/index.ts';

	interface Props {
		cautions: readonly Caution[];
		styles: Styles;
		/** What to do is unfolded where it is no *stop*. */
		brief?: boolean;
	}

	let { cautions, styles, brief = false }: Props = $props();

	const icons = { stop: OctagonX, care: CircleAlert, note: Info };
	const words = { stop: 'Stop', care: 'Care', note: 'Note' };
</script>

{#if cautions.length > 0}
	<ul class="cautions">
		{#each cautions as caution, index (index)}
			{@const Icon = icons[caution.grade]}
			<li class={caution.grade}>
				<Icon size={20} aria-hidden="true" />
				{#snippet said()}
					<strong>{words[caution.grade]}.</strong>
					{formatMessage(caution.message, styles.lead)}
				{/snippet}
				{#if brief && caution.grade !== 'stop'}
					<details>
						<summary>{@render said()}</summary>
						{formatMessage(caution.remedy, styles.lead)}
					</details>
				{:else}
					<p>
						{@render said()}
						{formatMessage(caution.remedy, styles.lead)}
					</p>
				{/if}
			</li>
		{/each}
	</ul>
{/if}

<style>
	.cautions {
		display: grid;
		gap: 0.4rem;
	}

	li {
		display: flex;
		gap: 0.5rem;
		align-items: flex-start;
		padding: 0.4rem 0.6rem;
		border-left: 4px solid var(--tape-blue);
		border-radius: 0 0.3rem 0.3rem 0;
		background: color-mix(in srgb, var(--tape-blue) 10%, var(--color-base-100));
		font-size: var(--text-sm);
		line-height: 1.3;
	}

	li :global(svg) {
		flex: none;
		margin-top: 0.05rem;
	}

	.care {
		border-color: var(--marigold);
		background: color-mix(in srgb, var(--marigold) 14%, var(--color-base-100));
	}

	.stop {
		border-color: var(--brick);
		background: color-mix(in srgb, var(--brick) 14%, var(--color-base-100));
	}
</style>
