import type { Attachment } from 'svelte/attachments';

interface Dragged<T> {
	/** The facts as they are; asked when a move begins, since what is shown changes while it lasts. */
	what: () => T;
	/** Pixels per mm. */
	scale: () => number;
	/** mm of one press of an arrow key; with Shift the coarse one. */
	step: (coarse: boolean) => number;
	onpick: () => void;
	/** mm right and up from where it was picked up, while it moves. */
	onmove: (from: T, dx: number, dy: number) => void;
	/** The same, once it is let go or nudged by a key. */
	ondrop: (from: T, dx: number, dy: number) => void;
	oncancel: () => void;
	ondelete?: () => void;
}

/** Under this many pixels a press picks and does not move. */
const STILL = 3;

/** Lets something on the elevation be picked, dragged, and nudged by the arrow keys. */
export function dragged<T>(what: Dragged<T>): Attachment<SVGElement> {
	return (node) => {
		let start: { x: number; y: number; from: T } | null = null;
		let moving = false;
		const by = (event: PointerEvent): [number, number] => [
			(event.clientX - start!.x) / what.scale(),
			(start!.y - event.clientY) / what.scale()
		];
		const end = () => {
			start = null;
			moving = false;
		};
		const listen = {
			pointerdown: (event: PointerEvent) => {
				if (event.button !== 0) return;
				event.stopPropagation();
				node.setPointerCapture(event.pointerId);
				start = { x: event.clientX, y: event.clientY, from: what.what() };
				what.onpick();
			},
			pointermove: (event: PointerEvent) => {
				if (!start) return;
				moving ||= Math.hypot(event.clientX - start.x, event.clientY - start.y) > STILL;
				if (moving) what.onmove(start.from, ...by(event));
			},
			pointerup: (event: PointerEvent) => {
				if (start && moving) what.ondrop(start.from, ...by(event));
				end();
			},
			pointercancel: () => {
				if (start) what.oncancel();
				end();
			},
			focus: () => what.onpick(),
			keydown: (event: KeyboardEvent) => {
				if (event.key === 'Delete' || event.key === 'Backspace') {
					if (!what.ondelete) return;
					event.preventDefault();
					what.ondelete();
					return;
				}
				const [right, up] =
					{ ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowDown: [0, -1], ArrowUp: [0, 1] }[
						event.key
					] ?? [];
				if (right === undefined || up === undefined) return;
				event.preventDefault();
				const step = what.step(event.shiftKey);
				what.ondrop(what.what(), right * step, up * step);
			}
		} as Record<string, (event: never) => void>;
		for (const [name, listener] of Object.entries(listen))
			node.addEventListener(name, listener as EventListener);
		return () => {
			for (const [name, listener] of Object.entries(listen))
				node.removeEventListener(name, listener as EventListener);
		};
	};
}
