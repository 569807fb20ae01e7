import { formatLength, formatMass, type Styles, massUnitOf } from '../../core/index.ts';
import type { MakeName } from '../../instruments/makes.ts';

/** What an instrument shows, as a person reads it. */
export function writeReading(shown: number, instrument: MakeName, { lead }: Styles): string {
	if (instrument === 'laser') return formatLength(shown, lead);
	if (instrument === 'luggage') return formatMass(shown, massUnitOf(lead));
	return instrument === 'level' ? `${shown.toFixed(2)}°` : `${Math.round(shown)} lx`;
}
