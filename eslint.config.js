import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import regexp from 'eslint-plugin-regexp';
import vue from 'eslint-plugin-vue';
import globals from 'globals';
import ts from 'typescript-eslint';

export default ts.config(
  { ignores: ['**/*.cjs', '**/dist/', '**/node_modules/', '.data/', '.cache/', 'server/migrations/'] },
  js.configs.recommended,
  ...ts.configs.strictTypeChecked,
  ...vue.configs['flat/recommended'],
  {
    // An expression that goes back over what it has read takes minutes for a page of spaces: each must be linear.
    plugins: { regexp },
    rules: {
      'regexp/no-super-linear-backtracking': ['error', { report: 'potential' }],
      'regexp/no-super-linear-move': ['error', { report: 'potential', ignoreSticky: false }],
    },
  },
  {
    languageOptions: {
      parserOptions: {
        parser: ts.parser,
        projectService: { allowDefaultProject: ['*.js'] },
        tsconfigRootDir: import.meta.dirname,
        extraFileExtensions: ['.vue'],
      },
    },
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { varsIgnorePattern: '^_+$', argsIgnorePattern: '^_' }],
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/unbound-method': 'off',
      '@typescript-eslint/no-misused-promises': [
        'error',
        { checksVoidReturn: { arguments: false, attributes: false } },
      ],
      'vue/multi-word-component-names': 'error',
      // What a page says stands in web/wording, so that another language is another file.
      'vue/no-bare-strings-in-template': [
        'error',
        {
          attributes: {
            '/.+/': [
              'title',
              'alt',
              'placeholder',
              'label',
              'hint',
              '/^aria-(label|description|placeholder|roledescription|valuetext)$/',
            ],
          },
        },
      ],
      'no-console': 'off',
    },
  },
  { files: ['web/**'], languageOptions: { globals: globals.browser } },
  {
    files: ['core/**'],
    rules: {
      'no-restricted-globals': ['error', 'Date', 'setTimeout', 'performance', 'window', 'process', 'crypto'],
      'no-restricted-properties': ['error', { object: 'Math', property: 'random' }],
    },
  },
  // How often the tests try a thing is told from outside; nothing but tests imports it.
  { files: ['core/testing/often.ts'], rules: { 'no-restricted-globals': 'off' } },
  { files: ['bench/**/*.js', 'bin/**/*.js'], languageOptions: { globals: globals.node } },
  { files: ['**/*.js'], ...ts.configs.disableTypeChecked },
  prettier,
);
