<script lang="ts" generics="T extends string">
	interface Props {
		label: string;
		options: { value: T; label: string; title?: string }[];
		value: T;
		onchoose: (value: T) => void;
		/** Show the label beside the choices. */
		named?: boolean;
		/** Set closer, to keep a row of many in one line. */
		close?: boolean;
	}

	let { label, options, value, onchoose, named = false, close = false }: Props = $props();
	const group = $props.id();
</script>

<fieldset class="segments">
	<legend class={named ? 'field-label' : 'sr-only'}>{label}</legend>
	<div class={['row', close && 'close']}>
		{#each options as option (option.value)}
			<label title={option.title}>
				<input
					type="radio"
					name={group}
					value={option.value}
					checked={option.value === value}
					onchange={() => onchoose(option.value)}
				/>
				<span>{option.label}</span>
			</label>
		{/each}
	</div>
</fieldset>

<style>
	.row {
		display: flex;
		flex-wrap: wrap;
		gap: 0.3rem;
	}

	.close {
		gap: 0.12rem;
	}

	.close label {
		flex: 1 1 auto;
		max-width: 6rem;
	}

	.close span {
		padding: 0.3rem 0.24rem;
		font-size: 0.875rem;
	}

	label {
		position: relative;
		cursor: pointer;
	}

	input {
		position: absolute;
		inset: 0;
		opacity: 0;
		cursor: pointer;
	}

	span {
		display: grid;
		min-height: 2.5rem;
		place-items: center;
		padding: 0.35rem 0.5rem;
		border-radius: 2px;
		background: var(--color-base-300);
		font-size: var(--text-sm);
		font-weight: 600;
	}

	/* A chosen one is a strip of painter's tape, its ends torn. */
	input:checked + span {
		background: var(--color-primary);
		color: var(--color-primary-content);
		clip-path: polygon(
			0 0,
			2px 15%,
			0 30%,
			3px 45%,
			1px 60%,
			3px 78%,
			0 100%,
			100% 100%,
			calc(100% - 3px) 82%,
			100% 66%,
			calc(100% - 2px) 50%,
			100% 34%,
			calc(100% - 3px) 18%,
			100% 0
		);
	}

	label:focus-within {
		outline: 3px solid var(--color-primary);
		outline-offset: 2px;
	}
</style>
