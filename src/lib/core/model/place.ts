import * as z from 'zod/mini';

/** What can be true of the place where pieces hang, and matters for how they are fixed. */
export const PLACE_FACTS = [
	{ fact: 'public', name: 'Open to the public' },
	{ fact: 'rented', name: 'Rented' },
	{ fact: 'children', name: 'Children live or play here' },
	{ fact: 'earthquakes', name: 'Earthquakes happen here' }
] as const;
export type PlaceFact = (typeof PLACE_FACTS)[number]['fact'];

export const placeSchema = z.array(z.enum(PLACE_FACTS.map(({ fact }) => fact)));
