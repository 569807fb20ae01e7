import { createVirtualizer } from '@tanstack/svelte-virtual';
import { untrack } from 'svelte';
import { fromStore } from 'svelte/store';

interface LongList {
	/** What scrolls; nothing until it is there. */
	scroller: HTMLElement | undefined;
	lines: number;
	/** Pixels a line is likely to take, until it is drawn and measured. */
	likely: (line: number) => number;
	/** The line to bring into sight; null for none. */
	sought: number | null;
}

/** Lines drawn beyond those that are seen, so that the next one is there when a key or a wheel comes to it. */
const BEYOND = 4;

/** Frames in which a line is sought again: what is drawn on the way there turns out higher than it seemed likely. */
const FRAMES = 10;

/**
 * The lines of a long list that are drawn: those near what is seen, and the room that the others take. Made while a
 * component is set up; `list` is read again whenever what it reads changes.
 */
export function nearLines(list: () => LongList) {
	const virtual = fromStore(
		createVirtualizer<HTMLElement, HTMLElement>({
			count: 0,
			getScrollElement: () => null,
			estimateSize: () => 0,
			overscan: BEYOND
		})
	);
	$effect(() => {
		const { scroller, lines, likely } = list();
		untrack(() => virtual.current).setOptions({
			count: lines,
			getScrollElement: () => scroller ?? null,
			estimateSize: likely
		});
	});
	const sought = $derived(list().sought);
	$effect(() => {
		const line = sought;
		if (line === null) return;
		let left = FRAMES;
		let frame = 0;
		const seek = () => {
			virtual.current.scrollToIndex(line, { align: 'auto' });
			if (--left > 0) frame = requestAnimationFrame(seek);
		};
		// By the next frame what scrolls knows how high the list now is.
		frame = requestAnimationFrame(seek);
		return () => cancelAnimationFrame(frame);
	});
	return {
		get drawn() {
			return virtual.current.getVirtualItems();
		},
		/** Pixels above the first that is drawn. */
		get above() {
			return virtual.current.getVirtualItems()[0]?.start ?? 0;
		},
		/** Pixels below the last that is drawn. */
		get below() {
			const last = virtual.current.getVirtualItems().at(-1);
			return virtual.current.getTotalSize() - (last?.end ?? 0);
		},
		/** Reads how high a drawn line is; it carries its number as `data-index`. */
		measure(line: HTMLElement) {
			virtual.current.measureElement(line);
		}
	};
}
