import type Joi from 'joi';
import { ref, type Ref } from 'vue';
import { ServerProblem } from '../api/call.ts';
import { troubleWords } from '../shell/notices.ts';
import { watchUnread } from './unreadFields.ts';
import { say } from './say.ts';

/** A form that is checked against the same schema as the endpoint it goes to. */
export interface Form {
  /** What is wrong, by field path such as "/email". */
  readonly errors: Ref<Readonly<Record<string, string>>>;
  /** What is wrong with the whole, in a sentence; empty where nothing is. */
  readonly trouble: Ref<string>;
  readonly busy: Ref<boolean>;
  submit(value: unknown): Promise<void>;
}

const UNREAD = say.useForm.somethingTypedHereCannot;

/**
 * Checks what was typed, hands it on, and shows what the schema or the server says is wrong. A field that cannot be
 * read stops it: its text is not in the value yet, and keeping the form would drop it without a word.
 *
 * @param schemaOf fetches the schema when the form is first sent: no page waits for schemas to be shown
 */
export function useForm<T>(schemaOf: () => Promise<Joi.Schema<T>>, hand: (value: T) => Promise<void>): Form {
  const errors = ref<Readonly<Record<string, string>>>({});
  const trouble = ref('');
  const busy = ref(false);
  const hasUnread = watchUnread();

  async function submit(value: unknown): Promise<void> {
    errors.value = {};
    trouble.value = '';
    if (hasUnread()) {
      trouble.value = UNREAD;
      return;
    }
    busy.value = true;
    try {
      const [{ check }, schema] = await Promise.all([import('@prompt-spark/contract/check'), schemaOf()]);
      const checked = check(schema, value);
      if (checked.ok) await hand(checked.value);
      else errors.value = byPath(checked.errors);
    } catch (error) {
      if (error instanceof ServerProblem) errors.value = byPath(error.problem.errors ?? []);
      trouble.value = Object.keys(errors.value).length > 0 ? '' : troubleWords(error);
    } finally {
      busy.value = false;
    }
  }

  return { errors, trouble, busy, submit };
}

function byPath(errors: readonly { readonly path: string; readonly message: string }[]): Record<string, string> {
  return Object.fromEntries(errors.map(({ path, message }) => [path, message]));
}
