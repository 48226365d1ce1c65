interface Span {
  readonly low?: number;
  readonly value?: number;
  readonly high?: number;
}

/** px */
const [WIDE, HIGH] = [120, 22];

/** What came, a dot with its interval, over what was expected, a pale bar with a stroke; all on one scale. An interval without an end runs off. */
export function DotRange({
  real,
  expected,
  most,
  label,
}: {
  real: Span;
  expected: Required<Span>;
  /** Where the scale ends; it begins at 0. */
  most: number;
  /** What it shows, for those who hear the page. */
  label: string;
}) {
  const x = (value: number) => Math.min(WIDE, (WIDE * value) / most);
  const middle = HIGH / 2;
  return (
    <svg role="img" aria-label={label} width={WIDE} height={HIGH} className="block">
      <rect
        x={x(expected.low)}
        y={4}
        width={Math.max(1, x(expected.high) - x(expected.low))}
        height={HIGH - 8}
        className="fill-line"
      />
      <line
        x1={x(expected.value)}
        x2={x(expected.value)}
        y1={2}
        y2={HIGH - 2}
        className="stroke-muted"
        strokeWidth={1.5}
      />
      {real.value !== undefined && (
        <>
          <line
            x1={x(real.low ?? 0)}
            x2={x(real.high ?? most)}
            y1={middle}
            y2={middle}
            className="stroke-ink"
            strokeWidth={1.5}
          />
          <circle cx={x(real.value)} cy={middle} r={4} className="fill-beet" />
        </>
      )}
    </svg>
  );
}
