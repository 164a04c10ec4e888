/** What plain HTTP says where everything is served over TLS: the certificate to trust, and where to go. */
import type { RequestListener } from 'node:http';
import type { Authority } from './authority';

const page = (to: string): string => `<!doctype html>
<html lang="en">
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Hearty Stage: one step before</title>
<style>
body { font: 18px/28px sans-serif; margin: 24px auto; max-width: 34em; padding: 0 16px; color: #2a2320; background: #fcf7f0 }
a { color: #a83a17; font-weight: 700 }
li { margin: 12px 0 }
</style>
<h1>One step before</h1>
<ol>
<li><a href="/authority.crt" download>Fetch the certificate</a> of this laptop.</li>
<li>Install it as a certificate authority. Android: Settings, Security, Install a certificate, CA certificate. iPhone and iPad: Settings, Profile Downloaded, Install; then General, About, Certificate Trust Settings, switch it on.</li>
<li>Then <a href="${to}">go on to Hearty Stage</a>.</li>
</ol>
<p>Trust it only if the laptop is your crew’s own, and take it off the phone again after the tour.</p>
</html>
`;

const escaped = (text: string): string => text.replace(/[&"<>]/g, '');

/** `to`: where the pages are, once it is known. */
export function plainWords(authority: Authority | null, to: () => string | null): RequestListener {
  return (request, response) => {
    const head = { 'cache-control': 'no-store', 'x-content-type-options': 'nosniff' };
    if (request.method !== 'GET' && request.method !== 'HEAD') {
      response.writeHead(403, head).end();
      return;
    }
    if (request.url === '/authority.crt' && authority) {
      void authority.certificate().then(
        (cert) =>
          response
            .writeHead(200, {
              ...head,
              'content-type': 'application/x-x509-ca-cert',
              'content-disposition': 'attachment; filename="hearty-stage-authority.crt"',
            })
            .end(cert),
        () => response.writeHead(503, head).end(),
      );
      return;
    }
    response
      .writeHead(200, { ...head, 'content-type': 'text/html; charset=utf-8' })
      .end(page(escaped(to() ?? '')));
  };
}
