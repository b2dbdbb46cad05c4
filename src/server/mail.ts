import nodemailer, { type Transporter } from 'nodemailer';
import { noteFailure } from './note-failure';

/** `off`: the house has no mail server (SMTP_URL is not set). */
export type MailSent = 'sent' | 'failed' | 'off' | 'not-asked';

const held = globalThis as { farvinMail?: { url: string; by: Transporter } };
const WAIT_MS = 10_000;

/** Whether this server sends mail. */
export const mailIsOn = () => !!process.env.SMTP_URL;

/** Sends a plain letter by the server of SMTP_URL, from MAIL_FROM. A letter that cannot go loses nothing: its link stands on the screen. */
export async function sendMail(letter: { to: string; subject: string; text: string }): Promise<MailSent> {
  const url = process.env.SMTP_URL;
  if (!url) return 'off';
  if (held.farvinMail?.url !== url)
    held.farvinMail = {
      url,
      by: nodemailer.createTransport(url, {
        connectionTimeout: WAIT_MS,
        greetingTimeout: WAIT_MS,
        socketTimeout: WAIT_MS,
      } as object),
    };
  try {
    await held.farvinMail.by.sendMail({ from: process.env.MAIL_FROM ?? 'farvin@localhost', ...letter });
    return 'sent';
  } catch (error) {
    noteFailure(error);
    return 'failed';
  }
}
