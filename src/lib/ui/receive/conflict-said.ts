import type { DayEvent } from '../../core/index.ts';
import { formatLength, type LengthStyle } from '../../core/index.ts';

/** What one device told of a matter, in a few words. */
export function eventSaid(event: DayEvent, style: LengthStyle): string {
	switch (event.what) {
		case 'done':
			return 'done';
		case 'opened':
			return 'open again';
		case 'skipped':
			return `skipped: ${event.why}`;
		case 'proved':
			return `read ${formatLength(event.read, style)}`;
		case 'set':
			return `set ${formatLength(event.hole.x, style)} along, ${formatLength(event.hole.y, style)} up`;
		case 'met':
			return `met ${event.met}`;
		case 'levelled':
			return `the level read ${event.tilt.toFixed(2)}°`;
		case 'came-out':
			return `came out ${formatLength(Math.abs(event.higher), style)} too ${event.higher < 0 ? 'low' : 'high'}`;
		case 'corrected':
			return 'hooks set anew';
		case 'shifted':
			return `levelled, ${formatLength(Math.abs(event.right), style)} along`;
		case 'settled':
			return `fixed on ${event.points.length} points`;
		case 'hung':
			return `hung by ${event.hanging.points.length} points`;
		case 'taken-down':
			return `taken down: ${event.why || 'no reason given'}`;
		default:
			return event.what;
	}
}
