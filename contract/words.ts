/** What is wrong with a field, in words for the person who filled it in. The schema library's own are for programmers. */
export const WORDS: Readonly<Record<string, string>> = {
  'any.required': '{{#label}} is missing',
  'any.only': '{{#label}} is not one of the choices',
  // The one value that is refused by itself is a name with nothing in it.
  'any.invalid': '{{#label}} is empty',
  'any.unknown': '{{#label}} does not belong here',
  'alternatives.match': '{{#label}} is not one of the choices',
  'alternatives.types': '{{#label}} is not one of the choices',
  'alternatives.any': '{{#label}} is not one of the choices',
  'array.base': '{{#label}} is not a list',
  'array.includesRequiredUnknowns': '{{#label}} lacks something',
  'array.length': '{{#label}}: exactly {{#limit}} are needed',
  'array.max': '{{#label}}: at most {{#limit}}',
  'array.min': '{{#label}}: at least {{#limit}}',
  'array.unique': '{{#label}} is here twice',
  'boolean.base': '{{#label}} is neither yes nor no',
  'number.base': '{{#label}} is not a number',
  'number.infinity': '{{#label}} is not a number',
  'number.unsafe': '{{#label}} is too large a number',
  'number.integer': '{{#label}} is not a whole number',
  'number.min': '{{#label}}: at least {{#limit}}',
  'number.max': '{{#label}}: at most {{#limit}}',
  'number.multiple': '{{#label}}: only in steps of {{#multiple}}',
  'object.base': '{{#label}} is incomplete',
  'object.unknown': '{{#label}} does not belong here',
  'object.max': '{{#label}}: at most {{#limit}}',
  'string.base': '{{#label}} is not text',
  'string.empty': '{{#label}} is empty',
  'string.min': '{{#label}}: at least {{#limit}} characters',
  'string.max': '{{#label}}: at most {{#limit}} characters',
  'string.length': '{{#label}}: exactly {{#limit}} characters',
  'string.email': '{{#label}} is not an e-mail address',
  'string.guid': '{{#label}} is not an id',
  'string.isoDate': '{{#label}} is not a date and time',
  'string.pattern.base': '{{#label}} is not written as it should be',
  'string.pattern.name': '{{#label}} is not {{#name}}',
};

/** The name of a field as it is read: "Birth year" for birthYear, "Number 3" for the third of a list. */
export function fieldName(key: string | number): string {
  if (typeof key === 'number') return `Number ${key + 1}`;
  const words = key.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
  return words.charAt(0).toUpperCase() + words.slice(1);
}
