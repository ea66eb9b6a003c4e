import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** MUI takes a colour by its plain name alone, as in textSecondary; a path it drops without a word. */
const COLOUR = {
  selector: 'JSXAttribute[name.name="color"][value.value=/[.]/], JSXAttribute[name.name="color"] > JSXExpressionContainer Literal[value=/^[a-z]+[.]/]',
  message: 'A colour of the theme is named as MUI does (textSecondary), or given in sx.',
};

export default tseslint.config(
  { ignores: ['src/api/schema.ts'] },
  ...tseslint.configs.strict,
  {
    files: ['src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks, 'jsx-a11y': jsxA11y },
    rules: { ...reactHooks.configs.recommended.rules, ...jsxA11y.configs.recommended.rules, 'no-restricted-syntax': ['error', COLOUR] },
  },
  {
    // that ways of bending differ is known to their own folders alone: whoever needs to know asks METHODS
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['src/methods/**', 'src/**/*.test.{ts,tsx}'],
    rules: {
      'no-restricted-syntax': [
        'error',
        COLOUR,
        { selector: 'BinaryExpression[left.property.name="method"][right.type="Literal"]', message: 'Ask METHODS what the way of bending does.' },
        { selector: 'BinaryExpression[left.property.name="kind"][left.object.property.name="method"]', message: 'Ask METHODS what the way of bending does.' },
        { selector: 'SwitchStatement[discriminant.property.name="kind"][discriminant.object.property.name="method"]', message: 'Ask METHODS what the way of bending does.' },
        { selector: 'SwitchStatement[discriminant.property.name="method"]', message: 'Ask METHODS what the way of bending does.' },
      ],
    },
  },
);
