import type { Caution as CautionFact } from "@/core/caution";
import { Caution } from "@/ui/primitives/caution";
import { useWords } from "@/ui/words/use-words";

/** Warnings in words, each once. */
export function CautionLines({ cautions }: { cautions: readonly CautionFact[] }) {
  const { caution } = useWords();
  return cautions.map((fact) => (
    <Caution key={fact.code} grave={fact.isGrave}>
      {caution(fact)}
    </Caution>
  ));
}
