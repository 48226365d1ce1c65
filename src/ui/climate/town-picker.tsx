"use client";

import { useState } from "react";
import { Button } from "@/ui/primitives/button";
import { TextField } from "@/ui/primitives/field";
import { t } from "./words";

interface Town {
  readonly name: string;
  readonly country: string;
  readonly region?: string;
  readonly latitude: number;
  readonly longitude: number;
  readonly timeZone: string;
}

/** Countries by their ISO code, as the reader's language has them. */
const countries = new Intl.DisplayNames("en-GB", { type: "region" });

/** Finds a town of the world by name, from a list that ships with the app. */
export function TownPicker({ onTown }: { onTown: (town: Town) => void }) {
  const [text, setText] = useState("");
  const [towns, setTowns] = useState<readonly Town[]>();
  const search = async () => {
    const answer = await fetch(`/climate/places?q=${encodeURIComponent(text)}`).catch(() => undefined);
    const found = answer?.ok ? ((await answer.json()) as { towns: Town[] }).towns : [];
    setTowns(found);
  };
  return (
    <div>
      <div className="flex items-end gap-2">
        <TextField
          type="search"
          label={t("climate.search")}
          value={text}
          className="flex-1"
          onChange={(e) => setText(e.target.value)}
          onKeyDown={(e) => {
            if (e.key === "Enter") void search();
          }}
        />
        <Button className="min-h-10" onClick={() => void search()}>
          {t("climate.find")}
        </Button>
      </div>
      <div role="status">
        {towns?.length === 0 && <p className="mt-1 text-sm">{t("climate.noTown")}</p>}
        {towns && towns.length > 0 && (
          <ul className="mt-1 border-t border-line">
            {towns.map((town) => (
              <li key={`${town.name} ${town.latitude} ${town.longitude}`}>
                <button
                  type="button"
                  className="w-full border-b border-line px-1 py-1.5 text-left hover:bg-card"
                  onClick={() => {
                    onTown(town);
                    setTowns(undefined);
                  }}
                >
                  <b>{town.name}</b>, {[town.region, countries.of(town.country)].filter(Boolean).join(", ")}{" "}
                  <span className="text-sm text-muted">
                    {town.latitude.toFixed(1)}°, {town.longitude.toFixed(1)}° · {town.timeZone}
                  </span>
                </button>
              </li>
            ))}
          </ul>
        )}
      </div>
      <p className="mt-1 text-fine text-muted">{t("climate.credit")}</p>
    </div>
  );
}
