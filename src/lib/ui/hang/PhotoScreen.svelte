<script lang="ts">
	import { Camera } from '@lucide/svelte';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { photoUrls } from '../photo-urls.svelte.ts';
	import { takePhoto } from '../take-photo.ts';
	import Foot from './Foot.svelte';
	import Others from './Others.svelte';
	import Says from './Says.svelte';
	import type { ScreenProps } from './screen.ts';

	let { day, item, group, onnext, onback, more }: ScreenProps = $props();

	const session = $derived(getSession()());
	let photo = $state('');
	let trouble = $state('');
	const url = $derived(photoUrls.get(session.id, photo));

	async function take(event: Event & { currentTarget: HTMLInputElement }) {
		const hash = await takePhoto(event.currentTarget, session.id);
		if (!hash) return;
		trouble = hash.ok ? '' : hash.error.message;
		if (hash.ok) photo = hash.value;
	}

	function done() {
		if (photo !== '') day.tell({ what: 'pictured', photo });
		for (const { step } of group) day.tell({ what: 'done', step: step.id });
		onnext();
	}
</script>

<Says says={item.step.says} styles={day.styles} />
<Others {group} styles={day.styles} />
<label class="take">
	<Camera size={22} aria-hidden="true" />
	{photo === '' ? 'Take a photo for the Book' : 'Another photo'}
	<input
		class="sr-only"
		type="file"
		accept="image/*"
		capture="environment"
		aria-label="Photo of the wall as it hangs"
		onchange={take}
	/>
</label>
{#if url}<img src={url} alt="The wall as it hangs now" />{/if}
<p class="trouble" aria-live="polite">{trouble}</p>
<Foot label="Done, next" disabled={item.waitsFor.length > 0} onact={done} {onback} {more} />

<style>
	.take {
		display: flex;
		gap: 0.5rem;
		align-items: center;
		justify-content: center;
		min-height: 3.4rem;
		border: 2px solid var(--color-primary);
		border-radius: 0.8rem;
		color: var(--color-primary);
		font-weight: 700;
		cursor: pointer;
	}

	.take:focus-within {
		outline: 3px solid var(--color-primary);
		outline-offset: 2px;
	}

	img {
		max-height: 40vh;
		object-fit: contain;
	}

	.trouble {
		color: var(--color-error);
	}
</style>
