/** The stations of a job, in its order. */
export const STATIONS = [
	{ id: 'rack', name: 'Rack' },
	{ id: 'survey', name: 'Survey' },
	{ id: 'arrange', name: 'Arrange' },
	{ id: 'fix', name: 'Fix' },
	{ id: 'mark', name: 'Mark' },
	{ id: 'hang', name: 'Hang' },
	{ id: 'book', name: 'Book' }
] as const;
export type Station = (typeof STATIONS)[number]['id'];
