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

	/** To be made while a component starts. */
	constructor(of: () => Of) {
		const isOn = $derived(of().reading);
		$effect(() => {
			if (!isOn) this.forget();
		});
		const at = $derived.by(() => {
			const { reading, item } = of();
			const isMark = item?.step.asks.of === 'mark' && item.waitsFor.length === 0;
			return reading && this.pause > 0 && isMark ? item.step.id : null;
		});
		const next = $derived.by(() => (at === null ? null : markAfter(of().sheet, at)?.step.id));
		$effect(() => {
			if (at !== null && !this.read.includes(at)) this.read = [...this.read, at];
		});
		$effect(() => {
			if (at === null || !next) return;
			const id = next;
			const wait = setTimeout(() => of().goTo(id), this.pause * 1000);
			return () => clearTimeout(wait);
		});
	}

	/** Whoever stops, or told of them, begins anew. */
	forget(): void {
		this.read = [];
	}
}
