/** A length by tape, and its standard deviation, mm. */
export interface Taped {
	length: number;
	sd: number;
}
