/** Says that the process serves; whether the database answers shows on the screens. */
export const GET = (): Response => Response.json({ ok: true });
export const dynamic = "force-dynamic";
