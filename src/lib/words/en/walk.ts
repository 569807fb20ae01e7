interface Stop {
	/** The station it is at. */
	at: 'rack' | 'survey' | 'arrange' | 'fix' | 'mark' | 'hang' | 'book';
	title: string;
	says: string;
	tries: string;
}

/** A walk through the demo: a stop at each station, with one thing to try there. */
export const WALK: readonly Stop[] = [
	{
		at: 'rack',
		title: 'The pieces, and their backs',
		says: 'Every piece has a size, a weight and something on its back that it hangs by.',
		tries:
			'Choose B on the wall and press F: it turns round. Click a number and type what your tape says.'
	},
	{
		at: 'survey',
		title: 'The wall',
		says: 'Doors, sockets, a floor that is not level, what the wall is made of, and where its studs are.',
		tries:
			'Open “Bones”: each hint goes into one estimate of the studs, and the blue arrow shows where to try next.'
	},
	{
		at: 'arrange',
		title: 'Where they go',
		says: 'Drag a piece, or use the arrow keys: it settles on lines, gaps and studs.',
		tries: 'Choose a way to hang the group and press “Show arrangements”.'
	},
	{
		at: 'fix',
		title: 'What carries them',
		says: 'For each piece the best way to fix it, how far it is used, and what could go wrong.',
		tries: 'Choose C, the mirror: its wire is not for it. See what is better, and why.'
	},
	{
		at: 'mark',
		title: 'Where the holes go',
		says: 'Each mark as your own tape reads it, with how far it may be off.',
		tries: 'Drag the hook of the tape on the floor to another edge: every mark follows.'
	},
	{
		at: 'hang',
		title: 'The day',
		says: 'One step at a time, on a phone at the wall; what comes out otherwise is worked in.',
		tries: 'Press “Begin at the wall”. The laser in the demo is simulated.'
	},
	{
		at: 'book',
		title: 'And afterwards',
		says: 'What hangs where, on what, and when to look at it again.',
		tries: 'Then go back to all projects and start a wall of your own.'
	}
];
