import { spawn } from "node:child_process";
import { existsSync, mkdirSync, readFileSync, readlinkSync, rmSync, writeFileSync } from "node:fs";
import { dirname } from "node:path";
import { appEnv, at, ROOT } from "./machine.mjs";
import { say } from "./say.mjs";

const GRACE_MS = 3000;
const MARK = at(".data", "server.json");

const runsHere = (pid) => {
  try {
    return readlinkSync(`/proc/${pid}/cwd`) === ROOT.replace(/\/$/, "");
  } catch {
    return false;
  }
};

/** Ends a server whose starter was killed and could not end it; one whose starter still runs is left alone. */
export async function endLeftover() {
  if (!existsSync(MARK)) return;
  const { starter, server } = JSON.parse(readFileSync(MARK, "utf8"));
  if (runsHere(starter)) return;
  if (runsHere(server)) {
    say("ending a server that was left running");
    process.kill(-server, "SIGKILL");
    for (let i = 0; i < 50 && runsHere(server); i++) await new Promise((resolve) => setTimeout(resolve, 100));
    // The system takes a moment to give its port back.
    await new Promise((resolve) => setTimeout(resolve, 300));
  }
  rmSync(MARK, { force: true });
}

/**
 * Runs Next (`start` or `dev`) in its own process group.
 * @returns {{ ended: Promise<number>, ready: Promise<void>, stop: () => Promise<void> }}
 */
export function serve(mode, port, env, { quiet = false, host = "127.0.0.1" } = {}) {
  const child = spawn(
    process.execPath,
    [at("node_modules/next/dist/bin/next"), mode, "-H", host, "-p", String(port)],
    {
      cwd: ROOT,
      env: appEnv(env),
      stdio: ["ignore", quiet ? "ignore" : mode === "dev" ? "inherit" : "ignore", "inherit"],
      detached: true,
    },
  );
  if (!quiet) {
    mkdirSync(dirname(MARK), { recursive: true });
    writeFileSync(MARK, JSON.stringify({ starter: process.pid, server: child.pid }));
  }
  const ended = new Promise((resolve) => child.on("exit", (code) => resolve(code ?? 0)));
  const ready = (async () => {
    for (let i = 0; i < 600; i++) {
      if (child.exitCode !== null) throw new Error("the server ended before it was ready");
      const answer = await fetch(`http://127.0.0.1:${port}/health`).catch(() => undefined);
      if (answer) return;
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
    throw new Error("the server did not answer within a minute");
  })();
  const signal = (name) => {
    try {
      process.kill(-child.pid, name);
    } catch {
      // It has ended meanwhile.
    }
  };
  return {
    ended,
    ready,
    async stop() {
      // A browser that keeps its connection open would hold the server for a minute.
      signal("SIGTERM");
      const killer = setTimeout(() => signal("SIGKILL"), GRACE_MS);
      await ended;
      clearTimeout(killer);
      if (!quiet) rmSync(MARK, { force: true });
    },
  };
}

/** Waits for the server to end or for Ctrl-C, then stops everything in order, once. */
export async function untilStopped(server, stopOthers) {
  let stopping = false;
  const stop = async (code) => {
    if (stopping) return;
    stopping = true;
    say("stopping");
    await server.stop();
    await stopOthers();
    process.exit(code);
  };
  for (const name of ["SIGINT", "SIGTERM", "SIGHUP"]) process.on(name, () => void stop(0));
  await stop(await server.ended);
}
