<script lang="ts">
	import { AlertDialog } from 'bits-ui';

	interface Props {
		/** Why the project is not kept. */
		reason: string;
		onstay: () => void;
		onexport: () => void;
		onleave: () => void;
	}

	let { reason, onstay, onexport, onleave }: Props = $props();
</script>

<AlertDialog.Root open onOpenChange={(open) => !open && onstay()}>
	<AlertDialog.Portal>
		<AlertDialog.Overlay class="leave-shade" />
		<AlertDialog.Content class="leave-sheet">
			<AlertDialog.Title class="font-display text-xl">This project is not kept</AlertDialog.Title>
			<AlertDialog.Description>
				{reason} If you leave now, what changed since it was last kept is lost.
			</AlertDialog.Description>
			<div class="acts">
				<button class="btn btn-primary" type="button" onclick={onstay}>Stay here</button>
				<button class="btn" type="button" onclick={onexport}>Export the project</button>
				<button class="btn btn-ghost" type="button" onclick={onleave}>Leave without it</button>
			</div>
		</AlertDialog.Content>
	</AlertDialog.Portal>
</AlertDialog.Root>

<style>
	:global(.leave-shade) {
		position: fixed;
		z-index: 90;
		inset: 0;
		background: rgb(47 38 32 / 55%);
	}

	:global(.leave-sheet) {
		position: fixed;
		z-index: 91;
		top: 50%;
		left: 50%;
		display: grid;
		gap: 0.8rem;
		width: min(30rem, 92vw);
		padding: 1.2rem 1.4rem;
		transform: translate(-50%, -50%);
		border-left: 6px solid var(--brick);
		border-radius: 0 0.5rem 0.5rem 0;
		background: var(--color-base-100);
		color: var(--color-base-content);
		box-shadow: 0 8px 32px rgb(47 38 32 / 40%);
	}

	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem;
	}
</style>
