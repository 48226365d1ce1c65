"use client";

import { Command } from "cmdk";
import { Check } from "lucide-react";
import { Popover } from "radix-ui";
import type { ReactNode } from "react";

/** Something that can be chosen. */
export interface Item {
  readonly value: string;
  readonly name: string;
  /** Other names by which people look for it. */
  readonly also?: string;
  readonly isChosen?: boolean;
}

interface ComboboxProps {
  readonly label: string;
  readonly placeholder: string;
  readonly items: readonly Item[];
  /** Said when nothing is found. */
  readonly empty: string;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly onChoose: (value: string) => void;
  /** The text typed, where somebody else finds the items by it; the list is searched here when left out. */
  readonly text?: string;
  readonly onText?: (text: string) => void;
  readonly trigger: ReactNode;
}

/** Some of a name was typed, in its order: letters strewn over a name are no name. The first of its names counts before the others. */
const isNamed = (_: string, typed: string, names: string[] = []) => {
  const which = names.findIndex((name) => name.toLowerCase().includes(typed.trim().toLowerCase()));
  return which < 0 ? 0 : 1 / (1 + which);
};

/** A list to choose from that is too long to scroll: one types some of a name, and presses or enters. */
export function Combobox(props: ComboboxProps) {
  const { label, placeholder, items, empty, open, onOpenChange, onChoose, text, onText, trigger } = props;
  return (
    <Popover.Root open={open} onOpenChange={onOpenChange}>
      <Popover.Trigger asChild>{trigger}</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="end"
          sideOffset={4}
          collisionPadding={8}
          className="z-20 flex max-h-[min(28rem,var(--radix-popover-content-available-height))] w-[min(22rem,94vw)] border-rule border-ink bg-card text-ink"
        >
          <Command
            className="flex min-h-0 flex-1 flex-col"
            label={label}
            shouldFilter={text === undefined}
            filter={isNamed}
          >
            <Command.Input
              autoFocus
              placeholder={placeholder}
              {...(text === undefined ? {} : { value: text, onValueChange: onText })}
              className="w-full border-b-rule border-ink bg-card px-3 py-2 outline-none"
            />
            <Command.List className="min-h-0 overflow-y-auto p-1">
              <Command.Empty className="px-3 py-2 text-muted">{empty}</Command.Empty>
              {items.map(({ value, name, also, isChosen }) => (
                <Command.Item
                  key={value}
                  value={value}
                  keywords={[name, also ?? ""]}
                  onSelect={() => {
                    onOpenChange(false);
                    onChoose(value);
                  }}
                  className="flex min-h-9 cursor-pointer items-center gap-2 px-2 py-1 data-[selected=true]:bg-ink data-[selected=true]:text-paper"
                >
                  <Check aria-hidden="true" className={`size-4 ${isChosen ? "" : "invisible"}`} />
                  {name}
                </Command.Item>
              ))}
            </Command.List>
          </Command>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
