import { markAfter, type SheetStep } from '../../core/index.ts';

/** What a reading knows of the day. */
interface Of {
	/** Marks are being read aloud. */
	reading: boolean;
	item: SheetStep | null;
	sheet: readonly SheetStep[];
	/** Goes to a step without telling that the one before is done. */
	goTo: (id: string) => void;
}

/** Reads one mark after another, with time to put each on: nothing is told as done until a person says so. */
export class ReadOn {
	/** Seconds at each mark; 0 to stay at it. */
	pause = $state(0);
	/** Ids of the steps of the marks that were read one after another, this one with them. */
	read: string[] = $state.raw([]);
	readonly #next: SheetStep | null;

	/** To be made while a component starts. */
	constructor(of: () => Of) {
		this.#next = $derived.by(() => {
			const { item, sheet } = of();
			return item ? markAfter(sheet, item.step.id) : null;
		});
		$effect(() => {
			const { reading, item, goTo } = of();
			if (!reading || this.pause === 0 || item?.step.asks.of !== 'mark') return;
			if (item.waitsFor.length > 0) return;
			const { id } = item.step;
			if (!this.read.includes(id)) this.read = [...this.read, id];
			const next = this.#next;
			if (!next) return;
			const wait = setTimeout(() => goTo(next.step.id), this.pause * 1000);
			return () => clearTimeout(wait);
		});
	}

	/** The mark that is read next; null at the last. */
	get next(): SheetStep | null {
		return this.#next;
	}

	/** Whoever stops, or told of them, begins anew. */
	forget(): void {
		this.read = [];
	}
}
