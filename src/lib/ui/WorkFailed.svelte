<script lang="ts">
	interface Props {
		/** Why something could not be worked out, as a sentence. */
		cause: string;
		onretry: () => void;
	}

	let { cause, onretry }: Props = $props();
</script>

<div role="alert">
	<p>This could not be worked out: {cause}</p>
	<button class="btn btn-sm" type="button" onclick={onretry}>Try again</button>
</div>

<style>
	p {
		margin-bottom: 0.3rem;
		color: var(--color-error);
		font-weight: 600;
	}
</style>
