<script lang="ts">
	import { formatLength, type Styles } from '$lib/core/index.ts';

	interface Props {
		mm: number;
		/** As printed in the leading units, when that was rounded as one of a set. */
		printed?: number;
		styles: Styles;
		size?: 'huge' | 'large' | 'plain';
	}

	let { mm, printed = mm, styles, size = 'plain' }: Props = $props();
</script>

<span class={['measure', size]}
	><span class="lead">{formatLength(printed, styles.lead)}</span>
	<span class="other">{formatLength(mm, styles.other)}</span></span
>

<style>
	.measure {
		white-space: nowrap;
	}

	.other {
		margin-left: 0.15em;
		font-size: 0.58em;
		opacity: 0.75;
	}

	.huge {
		font-size: var(--text-4xl);
		line-height: 1;
	}

	.huge .other {
		font-size: 0.42em;
	}

	.large {
		font-size: var(--text-3xl);
		line-height: 1.05;
	}
</style>
