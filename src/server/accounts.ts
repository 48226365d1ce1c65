import { randomUUID } from "node:crypto";
import { listMemberships } from "@/db/members";
import { db } from "@/db/pool";
import { changePassword } from "./auth";

/** Closes an account that may do nothing anywhere any more: its password is one that nobody knows, and its sessions end. */
export async function closeUnused(userId: string): Promise<void> {
  const memberships = await listMemberships(db("everything"), userId);
  if (memberships.length === 0) await changePassword(userId, randomUUID());
}
