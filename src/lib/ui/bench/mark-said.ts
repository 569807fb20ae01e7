import {
	bitIn,
	fixingOf,
	formatLength,
	type LengthStyle,
	type Mark,
	type PieceFix,
	type PlannedPiece,
	type Use
} from '$lib/core/index.ts';

/** How far each hook is used where that is known, by the id of its mark. */
export const usesByMark = (
	pieces: readonly PlannedPiece[],
	fixes: readonly PieceFix[]
): Map<string, Use> =>
	new Map(
		pieces.flatMap(({ pieceId, hooks }) => {
			const now = fixes.find((fix) => fix.pieceId === pieceId)?.currentUses ?? [];
			return hooks.flatMap(({ id }, index) => {
				const use = now[index];
				return use?.ok ? [[id, use.value] as const] : [];
			});
		})
	);

/** What is drilled and driven at a mark, in a few words; nothing where it is not known, or nothing is. */
export function drivenSaid(
	{ hook }: Pick<Mark, 'hook'>,
	use: Use | undefined,
	style: LengthStyle
): string {
	if (!use) return '';
	const bit = bitIn(fixingOf(hook), use.ground);
	return [
		...(bit === undefined ? [] : [`bit ${formatLength(bit, style)}`]),
		...(use.holeDepth === null ? [] : [`${formatLength(use.holeDepth, style)} deep`]),
		...(use.screw === null ? [] : [`${formatLength(use.screw, style)} long`])
	].join(', ');
}
