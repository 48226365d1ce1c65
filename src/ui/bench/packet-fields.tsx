"use client";

import * as z from "zod";
import type { Packet } from "@/core/plan";
import { optionalWholeField } from "@/core/quantity";
import { TypedField } from "@/ui/primitives/typed-field";
import { t } from "./words";

const WORD = z
  .string()
  .trim()
  .max(60, { error: "too-long" })
  .transform((text) => text || undefined);
const DAYS = optionalWholeField(1, 900);

/** The packet that a planting is sown from: its days to the first pick take the place of the library's. */
export function PacketFields({
  packet = {},
  onPacket,
}: {
  packet: Packet | undefined;
  onPacket: (packet: Packet | undefined) => void;
}) {
  const change = (part: Partial<Packet>) => {
    const kept = Object.entries({ ...packet, ...part }).filter(([, value]) => value !== undefined);
    onPacket(kept.length > 0 ? Object.fromEntries(kept) : undefined);
  };
  return (
    <details open={packet.days !== undefined || packet.variety !== undefined}>
      <summary className="cursor-pointer py-1 font-semibold">{t("bench.packet")}</summary>
      <div className="mt-1 grid grid-cols-2 gap-2.5">
        {(["variety", "lot"] as const).map((key) => (
          <TypedField
            key={key}
            label={t(`detail.${key}`)}
            text={packet[key] ?? ""}
            schema={WORD}
            onValue={(text) => change({ [key]: text })}
          />
        ))}
        <TypedField
          label={t("detail.packetDays")}
          hint={t("bench.packetDaysHint")}
          inputMode="numeric"
          className="col-span-2"
          text={packet.days === undefined ? "" : String(packet.days)}
          schema={DAYS}
          onValue={(days) => change({ days: days ?? undefined })}
        />
      </div>
    </details>
  );
}
