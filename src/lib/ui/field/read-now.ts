import type { FactReading } from '../../core/index.ts';
import { newId } from '../../store/new-id.ts';
import type { Session } from '../../store/session.svelte.ts';

/** A reading taken now, by who hangs. */
export const readNow = (
	{ project }: Session,
	value: number,
	way: FactReading['way'],
	simulated = false
): FactReading => ({
	...{ id: newId(), value, way, at: new Date().toISOString(), by: project.hanger },
	...{ simulated, struck: false }
});
