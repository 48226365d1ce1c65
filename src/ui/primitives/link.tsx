"use client";
import type { ComponentProps } from "react";
import NextLink from "next/link";

/**
 * A way to another page of the app. Its page is asked for when somebody goes there, and not as soon as the way is seen: a
 * screen with forty ways would have the server make forty pages, and a phone fetch them, for one reader.
 */
export const Link = (way: Omit<ComponentProps<typeof NextLink>, "prefetch">) => (
  <NextLink {...way} prefetch={false} />
);
