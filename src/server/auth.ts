import { betterAuth } from "better-auth";
import { nextCookies } from "better-auth/next-js";
import { username } from "better-auth/plugins";
import { RateLimiterPostgres } from "rate-limiter-flexible";
import { known } from "@/core/known";
import { readSecret } from "@/db/members";
import { db, ownerPool } from "@/db/pool";

/** Whoever stays away so long signs in again; a phone that is used keeps its session. */
const SESSION_S = 60 * 24 * 3600;
const REFRESH_S = 24 * 3600;
/** A household's PIN is no shorter. */
export const PIN_DIGITS = 6;
const PASSWORD_MOST = 128;

/** Tries that fail for one account, and from one address, in a while; then nobody gets in for as long. A class behind one address signs in together. */
const LOCK_S = 15 * 60;
const TRIES_PER_ACCOUNT = 8;
const TRIES_PER_ADDRESS = 60;

const make = (secret: string, origin: string | undefined) =>
  betterAuth({
    database: ownerPool(),
    secret,
    baseURL: origin ?? "http://localhost",
    telemetry: { enabled: false },
    logger: { level: "error" },
    // No route of the library is served: people sign in by our own action, which counts tries.
    rateLimit: { enabled: false },
    advanced: {
      cookiePrefix: "pip-row",
      useSecureCookies: origin?.startsWith("https:") ?? false,
      // A session and its user come in one statement.
      database: { joins: true },
    },
    emailAndPassword: {
      enabled: true,
      autoSignIn: false,
      minPasswordLength: PIN_DIGITS,
      maxPasswordLength: PASSWORD_MOST,
    },
    session: { modelName: "auth_session", expiresIn: SESSION_S, updateAge: REFRESH_S },
    user: { modelName: "auth_user" },
    account: { modelName: "auth_account" },
    verification: { modelName: "auth_verification" },
    plugins: [username({ maxUsernameLength: 40 }), nextCookies()],
  });

const limiter = (keyPrefix: string, points: number) =>
  new RateLimiterPostgres({
    storeClient: ownerPool(),
    tableName: "auth_tries",
    tableCreated: true,
    keyPrefix,
    points,
    duration: LOCK_S,
    blockDuration: LOCK_S,
  });

// One of each for the process; kept across reloads of the development server. A limiter clears up after itself for as long as it lives.
const held = globalThis as {
  pipRowAuth?: Promise<ReturnType<typeof make>>;
  pipRowTries?: { readonly account: RateLimiterPostgres; readonly address: RateLimiterPostgres };
};

const limiters = () =>
  (held.pipRowTries ??= {
    account: limiter("account", TRIES_PER_ACCOUNT),
    address: limiter("address", TRIES_PER_ADDRESS),
  });

/** The library that keeps accounts and sessions, on our own database. */
function auth(): Promise<ReturnType<typeof make>> {
  held.pipRowAuth ??= readSecret(db("everything"))
    .then((secret) => make(known(secret), process.env.PIP_ROW_ORIGIN))
    .catch((error: unknown) => {
      held.pipRowAuth = undefined;
      throw error;
    });
  return held.pipRowAuth;
}

/** Whose session the cookies of a request are of; undefined for nobody's. */
export async function sessionOf(headers: Headers): Promise<{ userId: string } | undefined> {
  if (!headers.get("cookie")) return undefined;
  const found = await (await auth()).api.getSession({ headers });
  return found ? { userId: found.user.id } : undefined;
}

/** Makes an account. @returns its id; undefined when the name is taken */
export async function makeAccount(name: string, password: string): Promise<string | undefined> {
  const { api, $context } = await auth();
  const { internalAdapter } = await $context;
  // The library wants an address; nothing is ever sent to this one.
  const email = `${name.toLowerCase()}@users.invalid`;
  if (await internalAdapter.findUserByEmail(email)) return undefined;
  const made = await api.signUpEmail({ body: { email, name, password, username: name } });
  return made.user.id;
}

/** Gives an account another password, and ends all its sessions. */
export async function changePassword(userId: string, password: string): Promise<void> {
  const { internalAdapter, password: hashing } = await (await auth()).$context;
  await internalAdapter.updatePassword(userId, await hashing.hash(password));
  await internalAdapter.deleteUserSessions(userId);
}

/** Ends all sessions of an account. */
export async function endSessions(userId: string): Promise<void> {
  const { internalAdapter } = await (await auth()).$context;
  await internalAdapter.deleteUserSessions(userId);
}

/**
 * Signs somebody in, and sets the cookie of their session where an action is answered.
 *
 * @param address from which they try
 * @returns that they are in, with their cookies as the library writes them; "wrong" for a name that is not there as for a wrong password, "locked" after too many tries
 */
export async function signIn(
  name: string,
  password: string,
  { address, headers }: { readonly address: string; readonly headers: Headers },
): Promise<
  | { readonly is: "in"; readonly userId: string; readonly cookies: readonly string[] }
  | { readonly is: "wrong" | "locked" }
> {
  const account = name.toLowerCase();
  const by = limiters();
  const tries = [
    { by: by.account, key: account, most: TRIES_PER_ACCOUNT },
    { by: by.address, key: address, most: TRIES_PER_ADDRESS },
  ];
  for (const { by, key, most } of tries)
    if (((await by.get(key))?.consumedPoints ?? 0) >= most) return { is: "locked" };
  try {
    const body = { username: account, password };
    const answer = await (await auth()).api.signInUsername({ body, headers, returnHeaders: true });
    await by.account.delete(account);
    return { is: "in", userId: answer.response.user.id, cookies: answer.headers.getSetCookie() };
  } catch (error) {
    if ((error as { statusCode?: number }).statusCode === undefined) throw error;
    // Whoever passes the limit in this moment is locked from the next try on.
    for (const { by, key } of tries) await by.consume(key).catch(() => undefined);
    return { is: "wrong" };
  }
}

/** Ends the session of a request, and takes its cookie away. */
export async function signOut(headers: Headers): Promise<void> {
  await (await auth()).api.signOut({ headers });
}
