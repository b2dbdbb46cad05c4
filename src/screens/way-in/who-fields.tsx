import type { UseFormRegisterReturn } from 'react-hook-form';
import { SHORTEST_PASSWORD } from '@/core/people/password-bounds';
import { PASSWORD_RULE } from '@/words/passwords';
import { Field } from './field';

interface Props {
  /** The form's own hold on the field, registered by the rule beside the component. */
  readonly field: UseFormRegisterReturn;
  readonly wrong: boolean;
}

export const EMAIL = { required: true, pattern: /^\S+@\S+\.\S+$/ } as const;

/** The address with which somebody is going to sign in. */
export const EmailField = ({ field, wrong }: Props) => (
  <Field
    label="Your email"
    type="email"
    autoComplete="username"
    wrong={wrong ? 'Give an email address: you sign in with it.' : undefined}
    {...field}
  />
);

export const NEW_PASSWORD = { required: true, minLength: SHORTEST_PASSWORD } as const;

/** A password that somebody chooses. */
export const NewPasswordField = ({ field, wrong }: Props) => (
  <Field
    label="Password"
    type="password"
    autoComplete="new-password"
    says={PASSWORD_RULE}
    wrong={wrong ? 'Ten letters or more.' : undefined}
    {...field}
  />
);
