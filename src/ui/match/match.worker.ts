import { matchAll } from "@/core/match";
import { settingFrom } from "@/core/setting";
import { type MatchAnswer, type MatchQuestion, slim } from "./match-message";

let setting: ReturnType<typeof settingFrom> | undefined;
let goals: Parameters<typeof matchAll>[0] = [];

self.onmessage = ({ data }: MessageEvent<MatchQuestion>) => {
  if (data.type === "library") {
    setting = settingFrom(data.setting, data.reference);
    goals = data.reference.crops.flatMap((crop) => crop.goals.map((goal) => ({ crop, goal })));
  } else if (setting) {
    const answer: MatchAnswer = {
      id: data.id,
      sowOn: data.sowOn,
      lines: slim(matchAll(goals, data.bags, data.sowOn, setting)),
    };
    self.postMessage(answer);
  }
};
