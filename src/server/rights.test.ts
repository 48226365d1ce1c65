import { readdirSync, readFileSync } from "node:fs";
import { beforeAll, afterAll, expect, it, vi } from "vitest";
import { closePool, db } from "@/db/pool";
import { allProgrammes } from "@/db/programmes";
import type { Actor } from "./actor";
import { type Role, ROLES } from "@/core/role";
import { may, type Right, RIGHTS } from "./may";

/** What each action of the app asks for. One that is added and does not stand here fails. */
const RIGHT_OF: Record<string, Right | undefined> = {
  ...Object.fromEntries(
    [
      "addHousehold",
      "resurvey",
      "savePlan",
      "setAside",
      "previewOverride",
      "override",
      "importValues",
      "saveClimate",
      "previewSchools",
      "saveSchools",
      "savePrice",
      "saveTogether",
      "nameVersion",
      "proposeForAll",
      "takeProposal",
      "takeBackProposal",
      "putAway",
      "chooseMix",
      "saveMix",
      "removeMix",
      "saveSizes",
      "setWeatherMode",
      "saveStock",
      "saveGroup",
      "removeGroup",
      "placeInGroup",
      "askPrint",
      "importPrices",
      "receiveMessage",
      "remindNow",
      "savePhone",
      "takeNotes",
      "leave",
      "saveWeighing",
      "previewFinding",
      "takeFinding",
      "beginSideBySide",
      "lookAt",
      "leavePairOut",
    ].map((name) => [name, "change-programme"] as const),
  ),
  addRecord: "write-records",
  makeAddress: "write-records",
  withdrawAddress: "write-records",
  withdrawSheetCode: "write-records",
  sharePicked: "write-records",
  beginProgramme: "keep-trainers",
  readPlan: "see-programme",
  readProposals: "see-programme",
  ...Object.fromEntries(
    ["invite", "giveCard", "renew", "signOutEverywhere", "endMembership", "giveHouseholds"].map(
      (name) => [name, "keep-people"] as const,
    ),
  ),
  // Everybody's, signed in or not.
  signIn: undefined,
  signOut: undefined,
  chooseProgramme: undefined,
};

const who: { actor?: Actor } = {};
vi.mock("next/cache", () => ({ revalidatePath: () => undefined }));
vi.mock("next/headers", () => ({
  cookies: async () => ({ get: () => undefined, set: () => undefined }),
  headers: async () => new Headers(),
}));
vi.mock("./actor", async (original) => {
  const real = await original<typeof import("./actor")>();
  return {
    ...real,
    currentActor: async (right: Right = "see-programme") => {
      if (!who.actor) throw new real.SignedOut();
      if (!may(who.actor, right)) throw new real.NotAllowed(who.actor);
      return who.actor;
    },
  };
});

let programmeId = "";
beforeAll(async () => void (programmeId = (await allProgrammes(db("everything")))[0]!.id));
afterAll(closePool);

const FOLDER = new URL("../app/actions/", import.meta.url);
const FILES = readdirSync(FOLDER).filter((file) => file !== "acting.ts");
const ACTIONS = FILES.flatMap((file) =>
  [...readFileSync(new URL(file, FOLDER), "utf8").matchAll(/^export async function (\w+)Action\b/gm)].map(
    ([, name]) => name!,
  ),
);

/** All actions by their names. */
async function everyAction() {
  const modules = await Promise.all(
    FILES.map((file) => import(`../app/actions/${file.replace(/\.ts$/, "")}.ts`) as Promise<object>),
  );
  return Object.assign({}, ...modules) as Record<
    string,
    (...args: unknown[]) => Promise<{ ok: boolean; problem?: { code: string } }>
  >;
}

it("knows what every action asks for", () => {
  expect([...ACTIONS].sort()).toEqual(Object.keys(RIGHT_OF).sort());
});

it.each<Role | "nobody">([...ROLES, "nobody"])(
  "refuses every action that is not for the role, and only those: %s",
  async (role) => {
    const actions = await everyAction();
    const isKept = role === "helper" || role === "household";
    who.actor =
      role === "nobody"
        ? undefined
        : { role, programmeId, name: "Somebody", ...(isKept ? { households: [] } : {}) };
    for (const [name, right] of Object.entries(RIGHT_OF)) {
      if (!right) continue;
      // Nothing that they are given makes sense, so that nothing is changed where it is allowed.
      const outcome = await actions[`${name}Action`]!("no id", "no id", "no id").catch(() => ({
        ok: false,
        problem: { code: "broke" },
      }));
      const code = outcome.problem?.code ?? "";
      if (role === "nobody") expect(code, name).toBe("signed-out");
      // A helper may write, but not for a household that is not theirs.
      else if (!may({ role }, right) || (isKept && right === "write-records"))
        expect(code, name).toBe("not-allowed");
      else expect(code, name).not.toMatch(/not-allowed|signed-out/);
    }
  },
);

it("has every right held by somebody, and organisers hold all of them", () => {
  for (const right of RIGHTS) {
    expect(ROLES.filter((role) => may({ role }, right)).length, right).toBeGreaterThan(0);
    expect(may({ role: "organiser" }, right), right).toBe(true);
  }
});
