import { spawn } from "node:child_process";
import { CannotGoOn } from "./say.mjs";

/**
 * Runs a command to its end.
 * @returns {Promise<{code: number, out: string}>} its exit code and, unless `show`, all that it printed
 */
export function run(command, args, { show = false, ...options } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { stdio: show ? "inherit" : ["ignore", "pipe", "pipe"], ...options });
    let out = "";
    child.stdout?.on("data", (chunk) => (out += chunk));
    child.stderr?.on("data", (chunk) => (out += chunk));
    child.on("error", reject);
    child.on("close", (code) => resolve({ code: code ?? 1, out }));
  });
}

/** Runs a command that has to succeed; `sentence` says what failed. */
export async function must(sentence, command, args, options) {
  const { code, out } = await run(command, args, options);
  if (code === 0) return out;
  if (/ENOSPC|No space left on device/.test(out))
    throw new CannotGoOn("The disk is full: free about 2 GB and start again.");
  throw new CannotGoOn(`${sentence}${out ? `\n${out.trim().split("\n").slice(-15).join("\n")}` : ""}`);
}
