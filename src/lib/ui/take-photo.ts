import type { Result } from '../core/index.ts';
import { checkPhotoFile, WHOLE } from '../photos/photo.ts';
import { keepPhoto } from '../store/photos.ts';

/** Keeps the whole of a photo chosen in a file field, under its hash; null when none was chosen. */
export async function takePhoto(
	field: HTMLInputElement,
	projectId: string
): Promise<Result<string> | null> {
	const file = field.files?.[0];
	field.value = '';
	if (!file) return null;
	const checked = checkPhotoFile(file);
	if (!checked.ok) return checked;
	const { develop } = await import('../photos/develop.ts');
	const developed = await develop(file, WHOLE);
	return developed.ok ? keepPhoto(projectId, developed.value) : developed;
}
