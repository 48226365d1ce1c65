"use client";

import type { Stages } from "@/core/calendar";
import type { Crop } from "@/core/crop";
import { doseFor } from "@/core/feed";
import type { SchoolsInForce } from "@/core/school";
import { useWords } from "@/ui/words/use-words";

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
  const { t, day, quantity } = useWords();
  return (
    <ul className="text-note">
      {stages.feeds.map((f) => {
        const dose = doseFor(crop, f.stage, plants, school);
        return (
          <li key={`${f.stage} ${f.day}`}>
            {t("bench.feed", {
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
          {t("bench.liquidFeeds", { from: day(stages.liquidFeeds.from), to: day(stages.liquidFeeds.to) })}
        </li>
      )}
    </ul>
  );
}
