<script lang="ts">
	interface Props {
		from: { x: number; y: number };
		to: { x: number; y: number };
		/** Where the line itself runs: x of a vertical one, y of a level one. */
		at: number;
		vertical: boolean;
	}

	let { from, to, at, vertical }: Props = $props();

	const a = $derived(vertical ? { x: at, y: from.y } : { x: from.x, y: at });
	const b = $derived(vertical ? { x: at, y: to.y } : { x: to.x, y: at });
	const tick = $derived(vertical ? 'h10 m-5 0' : 'v10 m0 -5');
	const shift = $derived(vertical ? 'm-5 0' : 'm0 -5');
</script>

<path class="extension" d="M{from.x} {from.y} L{a.x} {a.y} M{to.x} {to.y} L{b.x} {b.y}" />
<path class="pencil" d="M{a.x} {a.y} {shift} {tick} L{b.x} {b.y} {shift} {tick}" />

<style>
	.extension {
		fill: none;
		stroke: var(--graphite-soft);
		stroke-width: 0.7;
		stroke-dasharray: 2 3;
		opacity: 0.8;
	}

	.pencil {
		stroke-width: 1.2;
	}
</style>
