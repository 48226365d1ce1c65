import { Progress as Radix } from "radix-ui";
import { cn } from "./cn";

interface ProgressProps {
  readonly label: string;
  readonly done: number;
  /** More than 0. */
  readonly of: number;
  readonly className?: string;
}

/** How much of something is done. */
export function Progress({ label, done, of, className }: ProgressProps) {
  return (
    <Radix.Root asChild value={Math.min(done, of)} max={of}>
      <span aria-label={label} className={cn("inline-block h-3 border border-ink bg-card", className)}>
        <Radix.Indicator asChild>
          <span className="block h-full bg-leaf" style={{ width: `${(100 * done) / of}%` }} />
        </Radix.Indicator>
      </span>
    </Radix.Root>
  );
}
