/** Anything that can be read: a scale, a level, a stud finder. Those that ship are simulated and say so. */
export interface Instrument<Reading> {
	name: string;
	simulated: boolean;
	read(): Reading;
}
