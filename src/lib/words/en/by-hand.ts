/** Choosing a fixing from the whole catalogue. */
export const BY_HAND = {
	intro: () =>
		'Any fixing of the catalogue, for the back as it is. Each is checked by your house rules; what cannot be used stays a stop.',
	at: ({ point }: { point: string }) => `At the ${point}`,
	on: () => 'It hangs on',
	serves: () => 'Can be used here',
	not: () => 'Cannot be used here',
	take: () => 'Use these hooks'
};

/** Settling several pieces at once. */
export const SETTLE_ALL = {
	ask: ({ count }: { count: number }) =>
		count === 1 ? 'Use the best way for one…' : `Use the best way for all ${count}…`,
	intro: ({ count, same }: { count: number; same: number }) =>
		same === count
			? 'Each goes up as you entered it.'
			: 'This is what it changes of what you entered; nothing else moves.',
	same: ({ letters }: { letters: string }) => `${letters}: as entered.`,
	doIt: ({ count }: { count: number }) => (count === 1 ? 'Use it' : `Use for all ${count}`),
	some: ({ count }: { count: number }) => `Use for the ${count} that change nothing`,
	not: () => 'Not now'
};
