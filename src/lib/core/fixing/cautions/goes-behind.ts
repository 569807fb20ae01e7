import { hookOf, type Hook, type HookKind } from '../../catalogue/facts/index.ts';

/** Whether a hook goes through the face of the wall: strips, cords and pin pricks do not. */
export function goesBehind(kind: HookKind): boolean {
	const { puts, shallow }: Hook = hookOf(kind);
	return puts === 'hole' && !shallow;
}
