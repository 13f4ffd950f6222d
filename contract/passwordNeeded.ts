/** The title of the refusal by which a browser knows to ask for the coach's password once more. */
export const PASSWORD_NEEDED = 'Password needed';
