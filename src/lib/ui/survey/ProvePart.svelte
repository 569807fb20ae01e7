<script lang="ts">
	import { Check, TriangleAlert } from '@lucide/svelte';
	import {
		formatLength,
		proofsOf,
		formatMessage,
		type Styles,
		type Wall
	} from '$lib/core/index.ts';
	import { setWall } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import LengthField from '../field/LengthField.svelte';

	let { wall, styles }: { wall: Wall; styles: Styles } = $props();

	const session = $derived(getSession()());
	const proofs = $derived(proofsOf(wall));
	const set = (key: keyof Wall['proof'], mm: number | null) =>
		session.run(setWall(wall.id, { proof: { ...wall.proof, [key]: mm } }));
</script>

<p class="small-note mb-2">
	Three measures, taken again another way, before the survey is trusted with a mark.
</p>
{#each proofs as { key, label, how, expected, tolerance, read, verdict } (key)}
	<div class="proof">
		<LengthField
			{label}
			value={read}
			{styles}
			onvalue={(mm) => set(key, mm)}
			onempty={() => set(key, null)}
			onseal={() => session.seal()}
		/>
		<p class="small-note">
			{how} The survey says
			<strong class="measure">{formatLength(expected.value, styles.lead)}</strong>, give or take
			<span class="measure">{formatLength(tolerance, styles.lead)}</span>.
		</p>
		{#if verdict}
			<p class={['verdict', verdict.agrees ? 'good' : 'bad']} aria-live="polite">
				{#if verdict.agrees}<Check size={18} aria-hidden="true" />{:else}<TriangleAlert
						size={18}
						aria-hidden="true"
					/>{/if}
				{formatMessage(verdict.text, styles.lead)}
			</p>
		{/if}
	</div>
{/each}

<style>
	.proof {
		padding: 0.3rem 0 0.5rem;
		border-bottom: 1px dashed var(--color-base-300);
	}

	.verdict {
		display: flex;
		gap: 0.4rem;
		align-items: flex-start;
		font-weight: 600;
		font-size: var(--text-sm);
	}

	.verdict :global(svg) {
		flex: none;
		margin-top: 0.15rem;
	}

	.good {
		color: var(--color-success);
	}

	.bad {
		color: var(--color-error);
	}
</style>
