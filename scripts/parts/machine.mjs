import { createHash } from "node:crypto";
import { existsSync, readdirSync, readFileSync, statfsSync, statSync, writeFileSync } from "node:fs";
import { createServer } from "node:net";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { must, run } from "./run.mjs";
import { CannotGoOn, say } from "./say.mjs";

export const ROOT = fileURLToPath(new URL("../..", import.meta.url));
export const at = (...parts) => join(ROOT, ...parts);

const NEEDED_BYTES = 1.5e9;

export function checkNode() {
  const [major = 0, minor = 0] = process.versions.node.split(".").map(Number);
  if (major < 20 || (major === 20 && minor < 9)) {
    throw new CannotGoOn(`Node ${process.versions.node} is too old: Pip Row needs Node 20.9 or newer.`);
  }
}

export function checkDisk() {
  const { bavail, bsize } = statfsSync(ROOT);
  if (bavail * bsize < NEEDED_BYTES && !existsSync(at("node_modules"))) {
    throw new CannotGoOn(
      `Only ${Math.round((bavail * bsize) / 1e6)} MB are free on this disk; Pip Row needs about ${NEEDED_BYTES / 1e6} MB.`,
    );
  }
}

/** Installs a Debian package unless `there` says that it is present. */
export async function ensureDebian(name, there) {
  if (there()) return;
  const root = process.getuid?.() === 0;
  const sudo = !root && (await run("sudo", ["-n", "true"]).catch(() => ({ code: 1 }))).code === 0;
  if (!root && !sudo)
    throw new CannotGoOn(
      `Debian's package ${name} is missing. Install it as an administrator: apt-get install ${name}`,
    );
  say(`installing Debian's ${name}`);
  const apt = async (...args) =>
    must(
      `Debian's package ${name} could not be installed.`,
      root ? "apt-get" : "sudo",
      root ? args : ["-n", "apt-get", ...args],
      {
        env: { ...process.env, DEBIAN_FRONTEND: "noninteractive" },
      },
    );
  await apt("update");
  await apt("install", "-y", "--no-install-recommends", name);
  if (!there())
    throw new CannotGoOn(`Debian's package ${name} was installed, but what it should bring is not there.`);
}

/** Installs the packages that the lock file names, unless that was done for this very lock file. */
export async function ensurePackages() {
  const lock = createHash("sha256")
    .update(readFileSync(at("package-lock.json")))
    .digest("hex");
  const mark = at("node_modules", ".installed-lock");
  if (existsSync(mark) && readFileSync(mark, "utf8") === lock) return;
  say("installing packages");
  await must("The packages could not be installed.", "npm", ["ci", "--no-audit", "--no-fund"], { cwd: ROOT });
  writeFileSync(mark, lock);
}

/** Newest change below a path, in milliseconds. */
function newest(path) {
  const stat = statSync(path);
  if (!stat.isDirectory()) return stat.mtimeMs;
  return Math.max(stat.mtimeMs, ...readdirSync(path).map((name) => newest(join(path, name))));
}

/** Builds the app when its build is older than its source. */
export async function ensureBuild() {
  const built = at(".next", "BUILD_ID");
  const sources = ["src", "package-lock.json", "next.config.ts", "postcss.config.mjs", "tsconfig.json"].map(
    (s) => at(s),
  );
  if (existsSync(built) && statSync(built).mtimeMs > Math.max(...sources.map(newest))) return;
  say("building (about a minute the first time)");
  await must("The build failed.", process.execPath, [at("node_modules/next/dist/bin/next"), "build"], {
    cwd: ROOT,
    env: appEnv(),
  });
}

/** The environment that the app runs in: no telemetry, and what is given. */
export const appEnv = (more = {}) => ({ ...process.env, NEXT_TELEMETRY_DISABLED: "1", ...more });

/** A loopback port that is free now. */
export function freePort() {
  return new Promise((resolve, reject) => {
    const server = createServer().listen(0, "127.0.0.1", () => {
      const { port } = server.address();
      server.close(() => resolve(port));
    });
    server.on("error", reject);
  });
}

/** Fails with a sentence when something listens on a port already. */
export function checkPort(port) {
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new CannotGoOn(`PORT is ${process.env.PORT}: it has to be a number from 1 to 65535.`);
  return new Promise((resolve, reject) => {
    const server = createServer();
    server.on("error", (error) =>
      reject(
        new CannotGoOn(
          error.code === "EADDRINUSE"
            ? `Port ${port} is taken: end what uses it, or choose another with PORT=4321.`
            : `Port ${port} cannot be used: ${error.message}`,
        ),
      ),
    );
    server.listen(port, "127.0.0.1", () => server.close(resolve));
  });
}
