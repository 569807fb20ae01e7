<script lang="ts">
	import type { Chart } from 'chart.js';
	import type { CurvePoint } from '$lib/core/index.ts';

	interface Props {
		/** What the picture says, for those who cannot see it. */
		label: string;
		points: readonly CurvePoint[];
		/** The present choice. */
		mark: CurvePoint | null;
		xTitle: string;
		yTitle: string;
		/** A level to compare with. */
		level?: { y: number; name: string } | null;
		yMost?: number;
		xMost?: number;
	}

	let { label, points, mark, xTitle, yTitle, level = null, yMost, xMost }: Props = $props();

	let canvas: HTMLCanvasElement | undefined = $state();
	let chart: Chart | null = null;
	let library: typeof import('chart.js') | null = $state.raw(null);

	const data = $derived({
		datasets: [
			{ data: [...points], pointRadius: 0, borderWidth: 2, tension: 0.3 },
			{ data: mark ? [mark] : [], pointRadius: 6, borderWidth: 2 },
			{
				data:
					level && points.length > 0
						? [
								{ x: points[0]!.x, y: level.y },
								{ x: points.at(-1)!.x, y: level.y }
							]
						: [],
				pointRadius: 0,
				borderWidth: 1.5,
				borderDash: [5, 4]
			}
		]
	});

	$effect(() => {
		void import('chart.js').then((loaded) => (library = loaded));
	});

	$effect(() => {
		if (!library || !canvas) return;
		const { Chart, LinearScale, LineController, LineElement, PointElement } = library;
		Chart.register(LinearScale, LineController, LineElement, PointElement);
		const style = getComputedStyle(canvas);
		const ink = style.getPropertyValue('--graphite').trim();
		const soft = style.getPropertyValue('--graphite-soft').trim();
		const colours = ['--tape-blue', '--cross', '--graphite-soft'].map((name) =>
			style.getPropertyValue(name).trim()
		);
		const axis = (text: string) => ({
			title: { display: true, text, color: ink },
			ticks: { color: soft, maxTicksLimit: 6 },
			grid: { color: `${soft}33` }
		});
		chart = new Chart(canvas, {
			type: 'line',
			data: {
				datasets: data.datasets.map((set, index) => ({
					...set,
					borderColor: colours[index],
					backgroundColor: colours[index]
				}))
			},
			options: {
				animation: false,
				maintainAspectRatio: false,
				events: [],
				scales: {
					x: { type: 'linear', ...axis(xTitle), ...(xMost === undefined ? {} : { max: xMost }) },
					y: { ...axis(yTitle), min: 0, ...(yMost === undefined ? {} : { max: yMost }) }
				}
			}
		});
		return () => chart?.destroy();
	});
</script>

<div class="curve" role="img" aria-label={label}><canvas bind:this={canvas}></canvas></div>

<style>
	.curve {
		height: 10rem;
	}
</style>
