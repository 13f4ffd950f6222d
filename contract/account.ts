import Joi from 'joi';
import { id, name } from './fields.ts';

/** What a coach types to sign in. */
export interface Credentials {
  readonly email: string;
  readonly password: string;
}

const email = Joi.string().trim().lowercase().email({ tlds: false }).max(254).required();
/** Length is what matters (NIST SP 800-63B, 5.1.1.2); the top end keeps hashing cheap to refuse. */
const newPassword = Joi.string().min(10).max(200).required();

export const credentialsSchema = Joi.object<Credentials>({
  email: email.messages({ 'string.email': 'That is not an e-mail address', 'string.empty': 'The e-mail is missing' }),
  password: Joi.string().max(200).required().messages({ 'string.empty': 'The password is missing' }),
}).required();

/** What a coach types to open a studio of their own. */
export interface NewStudio extends Credentials {
  readonly studioName: string;
  readonly coachName: string;
}

export const newStudioSchema = Joi.object<NewStudio>({
  studioName: name(80).label('Studio name'),
  coachName: name(80).label('Your name'),
  email: email.label('E-mail'),
  password: newPassword.label('Password'),
}).required();

/** Who is signed in, and where. */
export interface Account {
  readonly coachId: string;
  readonly coachName: string;
  readonly studioId: string;
  readonly studioName: string;
  readonly isDemo: boolean;
}

const account = Joi.object<Account>({
  coachId: id,
  coachName: name(80),
  studioId: id,
  studioName: name(80),
  isDemo: Joi.boolean().required(),
});

/** Who is signed in, if anybody, and whether the demo studio can be entered. */
export interface Welcome {
  readonly account: Account | null;
  readonly demoOpen: boolean;
}

export const welcomeSchema = Joi.object<Welcome>({
  account: account.allow(null).required(),
  demoOpen: Joi.boolean().required(),
}).required();
