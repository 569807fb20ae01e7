/** What those who live with hung pieces should know. Common practice. */
export const LIVING_WITH: readonly string[] = [
	'To take a piece down: lift it straight up off its hooks, with both hands, and look at what it hung on before it goes back. What two people hung, two people take down.',
	'Hang only the piece named here on these fixings. Work out a heavier one anew.',
	'Dust frames with a dry brush; spray no cleaner on glass: put it on the cloth. Keep sun and radiators off the pieces.',
	'If one leans, creeps or rattles, take it down and have its fixing looked at.'
];
