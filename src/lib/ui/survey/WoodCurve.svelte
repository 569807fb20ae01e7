<script lang="ts">
	import {
		MM_PER_INCH,
		SURE,
		type Point,
		type StudEstimate,
		type Styles
	} from '$lib/core/index.ts';
	import Curve from '../rack/Curve.svelte';

	interface Props {
		points: readonly Point[];
		estimate: StudEstimate;
		styles: Styles;
	}

	let { points, estimate, styles }: Props = $props();

	const inches = $derived(styles.lead.unit !== 'mm');
	const over = $derived(inches ? MM_PER_INCH : 1);
	const shown = $derived(points.map(({ x, y }) => ({ x: x / over, y })));
	const best = $derived(points.reduce((a, b) => (b.y > a.y ? b : a), { x: 0, y: 0 }));
</script>

<Curve
	label="The chance that a nail meets wood along the wall: {estimate.studs
		.length} peaks, the highest {Math.floor(best.y * 100)} %"
	points={shown}
	mark={null}
	xTitle={inches ? 'from the left, in' : 'from the left, mm'}
	yTitle="chance"
	level={{ y: SURE, name: 'below this, not known' }}
	yMost={1}
/>
<p class="small-note">Dashed: {SURE}. Below it the app does not call a stud known.</p>
