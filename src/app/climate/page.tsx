import { saveClimateAction, setWeatherModeAction } from "@/app/actions/values";
import { screen } from "@/app/screen";
import { PROFILES } from "@/server/climate";
import { readProgramme, readToday } from "@/server/programme";
import { readWeather } from "@/server/weather";
import { ClimateScreen } from "@/ui/climate/climate";
import { WeatherService } from "@/ui/climate/service";
import { ForChangers } from "@/ui/rights";
import { t } from "@/ui/words/all";

export const metadata = { title: t("climate.title") };

export default function Page() {
  return screen(async (actor) => {
    const programme = await readProgramme(actor);
    return (
      <ForChangers className="mx-4 lg:mx-6">
        <ClimateScreen
          town={programme.town}
          saved={programme.climate}
          profileId={programme.climateId}
          profiles={PROFILES}
          today={await readToday(actor)}
          save={saveClimateAction}
          service={
            <WeatherService
              mode={programme.weatherMode}
              weather={await readWeather(actor)}
              choose={setWeatherModeAction}
            />
          }
        />
      </ForChangers>
    );
  });
}
