"use client";

import type { Stages } from "@/core/calendar";
import type { Crop } from "@/core/crop";
import { doseFor } from "@/core/feed";
import type { SchoolsInForce } from "@/core/school";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** When a planting is fed, and how much of the granules of the school in force. */
export function Feeds({
  crop,
  stages,
  plants,
  school,
}: {
  crop: Crop;
  stages: Stages;
  plants: number;
  school: SchoolsInForce["feed"];
}) {
  const { day, quantity } = useWords();
  return (
    <ul className="text-note">
      {stages.feeds.map((f) => {
        const dose = doseFor(crop, f.stage, plants, school);
        return (
          <li key={`${f.stage} ${f.day}`}>
            {t("dates.feed", {
              day: day(f.day),
              stage: t(`feedStages.${f.stage}`),
              amount: quantity(dose.volumeL, "volume"),
              feed: t(`feeds.${dose.feed.id}`),
            })}
          </li>
        );
      })}
      {stages.liquidFeeds && (
        <li>
          {t("dates.liquidFeeds", { from: day(stages.liquidFeeds.from), to: day(stages.liquidFeeds.to) })}
        </li>
      )}
    </ul>
  );
}
