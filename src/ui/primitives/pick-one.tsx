import { ToggleGroup } from "radix-ui";

interface PickOneProps<T extends string> {
  /** Id of the element that names the whole. */
  readonly labelledBy: string;
  readonly options: readonly { readonly value: T; readonly name: string }[];
  readonly value: T;
  readonly onPick: (value: T) => void;
}

/** One of a few, all in sight, four to a line. */
export function PickOne<T extends string>({ labelledBy, options, value, onPick }: PickOneProps<T>) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-labelledby={labelledBy}
      value={value}
      onValueChange={(picked) => picked && onPick(picked as T)}
      className="grid grid-cols-4 border-t-rule border-l-rule border-ink"
    >
      {options.map((option) => (
        <ToggleGroup.Item
          key={option.value}
          value={option.value}
          className="min-h-11 border-r-rule border-b-rule border-ink font-semibold hover:bg-card data-[state=on]:bg-ink data-[state=on]:text-paper"
        >
          {option.name}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
