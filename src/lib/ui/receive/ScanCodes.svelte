<script lang="ts">
	import decode from 'qr/decode.js';
	import { onMount } from 'svelte';
	import { readPart, type PackPart } from '$lib/files/pack-parts.ts';

	let { onpart }: { onpart: (part: PackPart) => Promise<void> } = $props();

	/** Pause between two looks through the camera, ms. */
	const PAUSE = 100;
	/** A frame is looked at no larger than this, pixels. */
	const LARGEST = 1280;

	let video = $state.raw<HTMLVideoElement>();
	let says = $state('Hold the screen with the codes before the camera until each was read.');
	let trouble = $state('');

	const TROUBLES: Record<string, string> = {
		NotAllowedError: 'The camera may not be used here: allow it in the browser, and try again.',
		NotFoundError: 'This device has no camera. Choose the file instead.'
	};

	async function watch(isOver: () => boolean, onstream: (stream: MediaStream) => void) {
		try {
			const stream = await navigator.mediaDevices.getUserMedia({
				video: { facingMode: 'environment', width: { ideal: LARGEST } }
			});
			onstream(stream);
			if (isOver() || !video) return;
			video.srcObject = stream;
			await video.play();
		} catch (error) {
			const name = error instanceof DOMException ? error.name : '';
			trouble = TROUBLES[name] ?? 'The camera cannot be used now. Choose the file instead.';
			return;
		}
		const canvas = document.createElement('canvas');
		const context = canvas.getContext('2d', { willReadFrequently: true })!;
		while (!isOver()) {
			const text = readFrame(canvas, context);
			const part = text === null ? null : readPart(text.slice(text.indexOf('#') + 1));
			if (part) await onpart(part);
			else if (text !== null) says = 'That code is of something else.';
			await new Promise((resolve) => setTimeout(resolve, PAUSE));
		}
	}

	/** The code in what the camera sees now; null for none. */
	function readFrame(canvas: HTMLCanvasElement, context: CanvasRenderingContext2D): string | null {
		if (!video || video.videoWidth === 0) return null;
		const { videoWidth, videoHeight } = video;
		const scale = Math.min(1, LARGEST / Math.max(videoWidth, videoHeight));
		canvas.width = Math.round(videoWidth * scale);
		canvas.height = Math.round(videoHeight * scale);
		context.drawImage(video, 0, 0, canvas.width, canvas.height);
		try {
			return decode(context.getImageData(0, 0, canvas.width, canvas.height));
		} catch {
			return null;
		}
	}

	onMount(() => {
		let over = false;
		let stop = () => {};
		void watch(
			() => over,
			(stream) => {
				stop = () => stream.getTracks().forEach((track) => track.stop());
				if (over) stop();
			}
		);
		return () => {
			over = true;
			stop();
		};
	});
</script>

{#if trouble}
	<p class="trouble" role="alert">{trouble}</p>
{:else}
	<video bind:this={video} muted playsinline aria-label="What the camera sees"></video>
	<p class="small-note" role="status">{says}</p>
{/if}

<style>
	video {
		width: 100%;
		max-height: 50vh;
		object-fit: cover;
		border-radius: 0.8rem;
		background: var(--sheet-ink);
	}

	.trouble {
		color: var(--color-error);
		font-weight: 600;
	}
</style>
