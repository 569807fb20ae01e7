/** What a project file says of itself. Apart from its schema, which a page that only starts a project can do without. */
export const PROJECT_FORMAT = 'warm-porch-project';
export const PROJECT_VERSION = 6;
