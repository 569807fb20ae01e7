import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

export default ts.config(
	{
		ignores: [
			'.cache/',
			'build/',
			'.svelte-kit/',
			'node_modules/',
			'test-results/',
			'playwright-report/'
		]
	},
	js.configs.recommended,
	...ts.configs.strict,
	...svelte.configs.recommended,
	prettier,
	...svelte.configs.prettier,
	{
		languageOptions: { globals: { ...globals.browser, ...globals.node } },
		rules: {
			'no-undef': 'off',
			'@typescript-eslint/no-non-null-assertion': 'off',
			// Paths come from `projectPath` and `resolve`. To see that, this rule needs types, and the whole run four times as long.
			'svelte/no-navigation-without-resolve': 'off'
		}
	},
	{
		// The compiler tells what is unused there, in half the time.
		files: ['src/**'],
		rules: { '@typescript-eslint/no-unused-vars': 'off' }
	},
	{
		files: ['**/*.svelte', '**/*.svelte.ts', 'src/lib/ui/**/*.ts'],
		languageOptions: {
			parserOptions: {
				extraFileExtensions: ['.svelte'],
				parser: ts.parser,
				svelteConfig
			}
		}
	},
	{
		files: ['src/lib/core/**/*.ts'],
		ignores: ['**/*.test.ts'],
		rules: {
			'no-restricted-imports': [
				'error',
				{
					patterns: [
						{
							regex: '^(?!\\.|zod/|fraction\\.js$|d3-color$|ml-matrix$)',
							message: 'The core is pure.'
						}
					]
				}
			],
			'no-restricted-globals': ['error', 'document', 'window', 'fetch', 'localStorage'],
			'no-restricted-properties': [
				'error',
				{ object: 'Math', property: 'random' },
				{ object: 'Date', property: 'now' }
			]
		}
	},
	{
		files: ['**/*.test.ts'],
		languageOptions: { globals: globals.mocha },
		rules: { '@typescript-eslint/no-unused-expressions': 'off' }
	}
);
