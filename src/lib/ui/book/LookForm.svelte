<script lang="ts">
	import { Camera } from '@lucide/svelte';
	import type { HangRecord } from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { tell } from '../hang/tell.ts';
	import Segments from '../Segments.svelte';
	import { takePhoto } from '../take-photo.ts';

	let { record }: { record: HangRecord } = $props();

	const session = $derived(getSession()());
	const uid = $props.id();
	let found: 'fine' | 'job' | 'note' = $state('fine');
	let text = $state('');
	let photo = $state('');
	let trouble = $state('');

	async function take(event: Event & { currentTarget: HTMLInputElement }) {
		const hash = await takePhoto(event.currentTarget, session.id);
		if (!hash) return;
		trouble = hash.ok ? '' : hash.error.message;
		if (hash.ok) photo = hash.value;
	}

	function keep() {
		if (found !== 'fine' && text.trim() === '' && photo === '') {
			trouble = found === 'job' ? 'Say what is to be done.' : 'Say how it is, or take a photo.';
			return;
		}
		const { id, wallId } = record.hanging;
		tell(session, wallId, {
			what: 'looked',
			hangingId: id,
			state: found,
			text: text.trim(),
			photo
		});
		[text, photo, trouble] = ['', '', ''];
	}
</script>

<div class="look">
	<p class="small-note">Look for: {record.inspection.look}.</p>
	<Segments
		label="What was found"
		options={[
			{ value: 'fine', label: 'right' },
			{ value: 'job', label: 'a job' },
			{ value: 'note', label: 'its condition' }
		]}
		value={found}
		onchoose={(value) => (found = value)}
	/>
	<label class="field-label" for={uid}>In words</label>
	<textarea
		id={uid}
		class="textarea"
		rows="2"
		maxlength="2000"
		bind:value={text}
		aria-invalid={trouble ? 'true' : undefined}
		aria-describedby="{uid}-said"></textarea>
	<p class="trouble" id="{uid}-said" aria-live="polite">{trouble}</p>
	<div class="acts">
		<label class="btn btn-sm">
			<Camera size={16} aria-hidden="true" />
			{photo ? 'Another photo' : 'Photo'}
			<input
				class="sr-only"
				type="file"
				accept="image/*"
				aria-label="Photo of {record.piece.letter} as it is now"
				onchange={take}
			/>
		</label>
		<button class="btn btn-primary btn-sm" type="button" onclick={keep}>Keep the look</button>
	</div>
</div>

<style>
	.look {
		display: grid;
		gap: 0.3rem;
	}

	.textarea {
		width: 100%;
	}

	.trouble {
		color: var(--color-error);
		font-size: var(--text-sm);
	}

	.acts {
		display: flex;
		gap: 0.4rem;
	}
</style>
