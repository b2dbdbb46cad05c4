import QRCode from 'qrcode';
import { type MailSent, sendMail } from './mail';
import { ownOrigins } from './own-origins';

/** The answer that shows a link which lets somebody in: its address and picture, this once, and whether it went by mail. */
export async function inviteAnswer(
  id: string,
  token: string,
  mail: { to: string; subject: string; says: (url: string) => string } | null,
): Promise<Response> {
  const path = `/join/${token}`;
  const url = `${ownOrigins()[0]}${path}`;
  const qr = await QRCode.toString(url, { type: 'svg', margin: 2, errorCorrectionLevel: 'M' });
  const mailed: MailSent = mail
    ? await sendMail({ to: mail.to, subject: mail.subject, text: mail.says(url) })
    : 'not-asked';
  return Response.json({ ok: true, id, path, url, qr, mailed }, { status: 201 });
}
