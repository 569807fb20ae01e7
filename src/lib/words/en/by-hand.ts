/** Choosing a fixing from the whole catalogue. */
export const BY_HAND = {
	intro: () =>
		'Any fixing of the catalogue, for the back as it is. It is judged by your house rules, and what does not serve keeps its stop.',
	at: ({ point }: { point: string }) => `At the ${point}`,
	on: () => 'It hangs on',
	serves: () => 'Serves here',
	not: () => 'Does not serve here',
	take: () => 'Take it so'
};

/** Settling several pieces at once. */
export const SETTLE_ALL = {
	ask: ({ count }: { count: number }) =>
		count === 1 ? 'Settle one by its first way…' : `Settle ${count} by their first way…`,
	intro: ({ count, same }: { count: number; same: number }) =>
		same === count
			? 'Each goes up as you entered it.'
			: 'This is what it changes of what you entered; nothing else moves.',
	same: ({ letters }: { letters: string }) => `${letters}: as entered.`,
	doIt: ({ count }: { count: number }) => (count === 1 ? 'Settle it' : `Settle all ${count}`),
	some: ({ count }: { count: number }) => `Settle the ${count} that change nothing`,
	not: () => 'Not now'
};
