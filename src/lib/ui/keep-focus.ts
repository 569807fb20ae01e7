/** ms until what takes a place is there; then the focus goes further out. */
const PATIENCE = 300;
const EACH = 50;
/** Where work goes on, best first: the piece in hand, what the part is called. */
const PLACES = ['[data-piece][aria-pressed="true"]', ':is(h2, h3, h4)', 'h1'];

/** Taken from the page, or covered there. */
const isGone = (element: Element): boolean =>
	!element.isConnected || element.closest('[inert]') !== null;

/**
 * Gives the focus to what stands in the place of the thing that had it, once that is taken from the page or covered:
 * keys go on from there, and a screen reader tells where that is. Returns how to stop.
 */
export function keepFocus(): () => void {
	/** What has the focus and all that it stands in, closest first. */
	let trail: Element[] = [];
	let due: ReturnType<typeof setTimeout> | undefined;

	function note({ target }: FocusEvent) {
		trail = [];
		for (let each = target as Element | null; each; each = each.parentElement) trail.push(each);
	}

	/** Who leaves a thing that stays is not looking for it. */
	function forget() {
		setTimeout(() => {
			if (trail[0] && !isGone(trail[0]) && document.activeElement === document.body) trail = [];
		});
	}

	const lost = () =>
		trail.length > 0 && isGone(trail[0]!) && document.activeElement === document.body;

	function look(waited: number) {
		due = undefined;
		if (!lost()) return;
		const around = trail.filter((each) => !isGone(each));
		const place = firstPlace(waited < PATIENCE ? around.slice(0, 1) : around);
		if (!place) {
			if (waited < PATIENCE) due = setTimeout(() => look(waited + EACH), EACH);
			return;
		}
		if (!place.hasAttribute('tabindex')) place.setAttribute('tabindex', '-1');
		place.focus({ preventScroll: true });
	}

	const watch = new MutationObserver(() => {
		if (due === undefined && lost()) due = setTimeout(() => look(0), EACH);
	});
	watch.observe(document.body, { childList: true, subtree: true });
	document.addEventListener('focusin', note);
	document.addEventListener('focusout', forget);
	return () => {
		watch.disconnect();
		clearTimeout(due);
		document.removeEventListener('focusin', note);
		document.removeEventListener('focusout', forget);
	};
}

function firstPlace(around: readonly Element[]): HTMLElement | SVGElement | null {
	for (const element of around)
		for (const place of PLACES) {
			const found = element.querySelector<HTMLElement | SVGElement>(`${place}:not([inert] *)`);
			if (found) return found;
		}
	return null;
}

/** For what opens in the place of the button that asked for it. */
export const takeFocus = (element: HTMLElement): void => element.focus({ preventScroll: true });
