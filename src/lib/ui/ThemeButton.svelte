<script lang="ts">
	import { Moon, Sun, SunMoon } from '@lucide/svelte';
	import { theme } from './theme.svelte.ts';

	const order = ['system', 'porch-day', 'porch-dusk'] as const;
	const shown = {
		system: { icon: SunMoon, label: 'Light as the system has it' },
		'porch-day': { icon: Sun, label: 'Day' },
		'porch-dusk': { icon: Moon, label: 'Dusk' }
	};

	const { icon: Icon, label } = $derived(shown[theme.chosen]);
	const next = $derived(order[(order.indexOf(theme.chosen) + 1) % order.length]!);
</script>

<button
	class="light"
	type="button"
	aria-label="Light: {label}. Change to {shown[next].label}"
	title="Light: {label}"
	onclick={() => theme.choose(next)}
>
	<Icon size={20} aria-hidden="true" />
</button>

<style>
	.light {
		min-width: 2.5rem;
		min-height: 2.5rem;
		padding: 0.6rem;
		border-radius: 0.3rem;
		cursor: pointer;
	}
</style>
