'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { useForm } from 'react-hook-form';
import { Field, Problem } from './field';
import { SecondStep } from './second-step';
import { signInWith } from './sign-in-with';
import { WayInPage } from './way-in-page';

interface Credentials {
  email: string;
  password: string;
}

/** Sign-in by email and password, and a code where the account asks for one. */
export function SignIn() {
  const router = useRouter();
  const [problem, setProblem] = useState('');
  const [second, setSecond] = useState(false);
  // Nobody is signed in here any more: what the last person could read leaves this device, what was entered waits.
  useEffect(() => {
    import('@/ui/device/clear-seen').then((m) => m.clearSeen()).catch(() => {});
  }, []);
  const { register, handleSubmit, formState } = useForm<Credentials>();
  const enter = () => {
    router.replace('/yard');
    router.refresh();
  };
  const submit = handleSubmit(async ({ email, password }) => {
    setProblem('');
    const done = await signInWith(email, password);
    if (done === 'in') return enter();
    if (done === 'second') return setSecond(true);
    if (!done.ok)
      setProblem(
        done.reason === 'INVALID_EMAIL_OR_PASSWORD'
          ? 'This email and password do not belong together. Check both and try again.'
          : done.message,
      );
  });
  const { errors } = formState;
  return (
    <WayInPage>
      {second ? (
        <SecondStep onIn={enter} onBack={() => setSecond(false)} />
      ) : (
        <form onSubmit={submit} className="grid max-w-sm gap-5" noValidate>
          <h1 className="text-2xl font-bold">Sign in</h1>
          <Field
            label="Email"
            type="email"
            autoComplete="username"
            required
            wrong={errors.email?.message}
            {...register('email', { required: 'Give your email address.' })}
          />
          <Field
            label="Password"
            type="password"
            autoComplete="current-password"
            required
            wrong={errors.password?.message}
            {...register('password', { required: 'Give your password.' })}
          />
          <Problem says={problem} />
          <button type="submit" className="btn btn-main" disabled={formState.isSubmitting}>
            {formState.isSubmitting ? 'Signing in …' : 'Sign in'}
          </button>
          <p className="text-sm text-soft">
            No account, or the password lost? A manager of your house makes a link that lets you in.
          </p>
        </form>
      )}
    </WayInPage>
  );
}
