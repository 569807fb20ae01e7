<script lang="ts">
	import { Camera } from '@lucide/svelte';
	import type { Found } from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { photoUrls } from '../photo-urls.svelte.ts';
	import { takePhoto } from '../take-photo.ts';

	interface Props {
		about: string;
		found: Found;
		onphoto: (hash: string) => void;
	}

	let { about, found, onphoto }: Props = $props();

	const session = $derived(getSession()());
	const kept = $derived(photoUrls.get(session.project.id, found.photo));
	let trouble: string | null = $state(null);

	async function take(event: Event & { currentTarget: HTMLInputElement }) {
		const hash = await takePhoto(event.currentTarget, session.id);
		if (!hash) return;
		trouble = hash.ok ? null : hash.error.message;
		if (hash.ok) onphoto(hash.value);
	}
</script>

{#if kept}<img src={kept} alt="Noted on: {about}" />{/if}
<label class="btn justify-self-start btn-ghost btn-xs">
	<Camera size={14} aria-hidden="true" />
	{found.photo ? 'Another photo' : 'Photo'}
	<input
		class="sr-only"
		type="file"
		accept="image/*"
		aria-label="Photo of: {about}"
		onchange={take}
	/>
</label>
{#if trouble}<p class="wrong" role="alert">{trouble}</p>{/if}

<style>
	img {
		max-height: 6rem;
	}

	.wrong {
		color: var(--color-error);
	}
</style>
