<script lang="ts" module>
	/** Drawn in pencil on the sheet, in a field of 160 by 72. */
	const PICTURES = {
		one: {
			lines:
				'M56 18 h48 v46 h-48 Z M60 22 h40 v38 h-40 Z M66 40 L80 28 L94 40 M80 4 v60 M36 64 v-46 M32 64 h8 M32 18 h8',
			crosses: 'M75 28 h10 M80 23 v10'
		},
		wall: {
			lines:
				'M6 40 h148 M20 20 h26 v40 h-26 Z M60 26 h42 v28 h-42 Z M116 12 h24 v24 h-24 Z M116 44 h24 v20 h-24 Z',
			crosses:
				'M29 26 h8 M33 22 v8 M69 32 h8 M73 28 v8 M85 32 h8 M89 28 v8 M124 18 h8 M128 14 v8 M124 50 h8 M128 46 v8'
		},
		file: {
			lines: 'M58 10 h34 l12 12 v42 h-46 Z M92 10 v12 h12 M70 34 h22 M70 42 h22 M70 50 h14',
			crosses: 'M122 54 v-30 M114 32 l8 -8 l8 8'
		}
	};
</script>

<script lang="ts">
	let { of }: { of: keyof typeof PICTURES } = $props();
</script>

<svg viewBox="0 0 160 72" aria-hidden="true">
	<path class="lines" d={PICTURES[of].lines} />
	<path class="crosses" d={PICTURES[of].crosses} />
</svg>

<style>
	svg {
		width: 100%;
		height: 4.5rem;
	}

	path {
		fill: none;
		stroke: var(--ink);
		stroke-width: 1.3;
		stroke-linejoin: round;
		stroke-linecap: round;
	}

	.crosses {
		stroke: var(--cross);
		stroke-width: 2;
	}
</style>
