import { select } from 'd3-selection';
import { zoom, zoomIdentity, type D3ZoomEvent } from 'd3-zoom';
import type { Zoom } from './frame.ts';

/** So many times closer at the most. */
const CLOSEST = 12;

export interface Zooming {
	/** So many times closer, or further, about the middle of what is seen. */
	by(times: number): void;
	/** The whole wall again. */
	fit(): void;
	stop(): void;
}

/**
 * Lets the wheel, two fingers, and a drag on the bare wall look closer at a drawing and move it. What stands on the wall
 * keeps its own drags.
 */
export function zooming(svg: SVGSVGElement, onzoom: (to: Zoom) => void): Zooming {
	const behaviour = zoom<SVGSVGElement, unknown>()
		.scaleExtent([1, CLOSEST])
		.filter(
			(event: Event) =>
				event.type === 'wheel' ||
				(event instanceof TouchEvent && event.touches.length > 1) ||
				(event.target === svg && !(event instanceof MouseEvent && event.button !== 0))
		)
		.on('zoom', ({ transform: { k, x, y } }: D3ZoomEvent<SVGSVGElement, unknown>) =>
			onzoom({ k, x, y })
		);
	const held = select(svg).call(behaviour).on('dblclick.zoom', null);
	svg.style.touchAction = 'pan-y';
	return {
		by: (times) => behaviour.scaleBy(held, times),
		fit: () => behaviour.transform(held, zoomIdentity),
		stop: () => void held.on('.zoom', null)
	};
}
