import Joi from 'joi';
import { id, name, shape, timeZone, yesOrNo } from './fields.ts';

/** What a coach types to sign in. */
export interface Credentials {
  readonly email: string;
  readonly password: string;
}

const email = Joi.string().trim().lowercase().email({ tlds: false }).max(254).required();
/** Length is what matters (NIST SP 800-63B, 5.1.1.2); the top end keeps hashing cheap to refuse. */
const newPassword = Joi.string().min(10).max(200).required();

export const credentialsSchema = shape<Credentials>({
  email: email.messages({ 'string.email': 'That is not an e-mail address', 'string.empty': 'The e-mail is missing' }),
  password: Joi.string().max(200).required().messages({ 'string.empty': 'The password is missing' }),
});

/** A coach's own password, once more. */
export interface Confirmation {
  readonly password: string;
}

export const confirmationSchema = shape<Confirmation>({
  password: Joi.string().max(200).required().messages({ 'string.empty': 'The password is missing' }),
});

/** A studio to be opened: what its coach typed, and the time zone of the browser they sit at. */
export interface NewStudio extends Credentials {
  readonly studioName: string;
  readonly coachName: string;
  readonly timeZone: string;
}

export const newStudioSchema = shape<NewStudio>({
  studioName: name(80).label('Studio name'),
  coachName: name(80).label('Your name'),
  email: email.label('E-mail'),
  password: newPassword.label('Password'),
  timeZone,
});

/** Who is signed in, and where. */
export interface Account {
  readonly coachId: string;
  readonly coachName: string;
  readonly studioId: string;
  readonly studioName: string;
  readonly isDemo: boolean;
}

export const accountSchema = shape<Account>({
  coachId: id,
  coachName: name(80),
  studioId: id,
  studioName: name(80),
  isDemo: yesOrNo,
});

/** Who is signed in, if anybody, and whether the demo studio can be entered. */
export interface Welcome {
  readonly account: Account | null;
  readonly demoOpen: boolean;
}

export const welcomeSchema = shape<Welcome>({ account: accountSchema.allow(null), demoOpen: yesOrNo });
