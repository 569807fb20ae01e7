import { json } from '@sveltejs/kit';
import * as z from 'zod/mini';
import { projectSchema } from '$lib/core/index.ts';

/** JSON Schema of the project file. */
export const GET = () => json(z.toJSONSchema(projectSchema));
