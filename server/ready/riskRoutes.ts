import { type Request, type Response, Router } from 'express';
import { SignatureBody, type SignedText } from '../../contract/day';
import { risksMarkdown, signedMarkdown } from '../../core/ready/assessment/markdown';
import { signatureAt } from '../../core/ready/assessment/signature';
import type { RiskAssessment, Signature } from '../../core/ready/assessment/types';
import { counted } from '../../core/words';
import type { AppContext } from '../context';
import { HttpError, body, notFound } from '../http/errors';

/** The risk assessment of a show, and its signed versions. Mounted under /api/shows. */
export function riskRoutes(context: AppContext): Router {
  const { bundles, signed } = context;
  const router = Router();

  // What the store has is worked out beside the server's own thread.
  const drawnUp = (showId: string): Promise<RiskAssessment> => context.heavy.told('risks', showId);

  // The library for PDF takes longer to load than the whole server: only who prints waits for it.
  async function printed(of: RiskAssessment, signatures: readonly Signature[]): Promise<Buffer> {
    const { risksPdf } = await import('./risksPdf');
    return risksPdf(of, signatures);
  }

  /** Signatures under the very text that is drawn up now. */
  function standing(showId: string, of: RiskAssessment): Signature[] {
    if (signed.lastBody(showId) !== risksMarkdown(of)) return [];
    return signed.of(showId)[0]?.signatures ?? [];
  }

  const sendMarkdown = (res: Response, text: string): void => {
    res.attachment('risk-assessment.md').type('text/markdown; charset=utf-8').send(text);
  };
  const sendPdf = (res: Response, bytes: Buffer): void => {
    res.attachment('risk-assessment.pdf').type('application/pdf').send(bytes);
  };

  router.get('/:id/risks.md', async (req, res) => {
    const of = await drawnUp(req.params.id);
    sendMarkdown(res, signedMarkdown(of, standing(req.params.id, of)));
  });
  router.get('/:id/risks.pdf', async (req, res) => {
    const of = await drawnUp(req.params.id);
    sendPdf(res, await printed(of, standing(req.params.id, of)));
  });

  router.post('/:id/risks/signed', async (req, res) => {
    const { id } = req.params;
    const said = body(SignatureBody, req.body);
    const [name, role] = [said.name.trim(), said.role.trim()];
    const of = await drawnUp(id);
    const desk = of.open.filter(({ when }) => when === 'desk');
    if (desk.length > 0)
      throw new HttpError(
        409,
        'open',
        `${counted(desk.length, 'question')} must be answered before anybody signs: ${desk[0]?.what ?? ''}`,
      );
    const before = standing(id, of);
    if (before.some((one) => one.name === name))
      throw new HttpError(409, 'signed', `${name} has signed this already.`);
    const at = context.now();
    const { zone } = bundles.of(id).show;
    const signatures = [...before, signatureAt({ name, role }, at, zone)];
    signed.add(id, {
      signatures,
      at,
      draft: of.draft,
      body: risksMarkdown(of),
      markdown: signedMarkdown(of, signatures),
      pdf: await printed(of, signatures),
    });
    res.status(201).json(signed.of(id));
  });

  const numberIn = (req: Request<{ id: string; number: string }>): number => {
    bundles.readable(req.params.id);
    const number = Number(req.params.number);
    if (!Number.isSafeInteger(number) || number < 1) throw notFound('signed version');
    return number;
  };
  router.get('/:id/risks/signed/:number.md', (req, res) =>
    sendMarkdown(res, signed.markdown(req.params.id, numberIn(req))),
  );
  router.get('/:id/risks/signed/:number.pdf', (req, res) =>
    sendPdf(res, signed.pdf(req.params.id, numberIn(req))),
  );
  router.get('/:id/risks/signed/:number', (req, res) =>
    res.json({ body: signed.body(req.params.id, numberIn(req)) } satisfies SignedText),
  );
  return router;
}
