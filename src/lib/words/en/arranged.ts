/** What tells one arrangement of a style from another. */
export const ARRANGED = {
	'as-given': () => 'in the order they stand',
	'largest-in-middle': () => 'largest in the middle',
	'along-the-wall': () => 'spread along the wall',
	growing: ({ down }: { down: boolean }) => `growing ${down ? 'downwards' : 'to the right'}`,
	shrinking: ({ down }: { down: boolean }) => `growing ${down ? 'upwards' : 'to the left'}`,
	'by-turns': () => 'large and small by turns',
	'widths-paired': () => 'widths paired',
	'large-above-small': () => 'large above small',
	'by-size-from-top': () => 'a ring, the main piece in the middle',
	arc: () => 'an arc',
	'hanging-arc': () => 'a hanging arc',
	'wide-round': () => 'wide, round the centrepiece',
	'square-round': () => 'square, round the centrepiece',
	'upright-round': () => 'upright, round the centrepiece',
	'wide-round-largest': () => 'wide, round the largest',
	'upright-round-largest': () => 'upright, round the largest',
	'square-round-largest': () => 'square, round the largest',
	'wide-round-second': () => 'wide, round the second largest',
	'loose-and-wide': () => 'loose and wide',
	'loose-and-square': () => 'loose and square',
	'loose-and-tall': () => 'loose and tall',
	'shape-of-wall': () => 'in the shape of its wall',
	'wide-band': () => 'a wide band',
	'square-block': () => 'a square block',
	grid: ({ rows, columns }: { rows: number; columns: number }) =>
		rows * columns === 1 ? 'by itself' : `${rows} by ${columns}`,
	'columns-of': ({ rows }: { rows: number }) =>
		rows === 1 ? 'one high' : `columns about ${rows} high`
};
