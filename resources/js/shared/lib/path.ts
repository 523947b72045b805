import { routes } from '@/types/routes';

type Params<T extends string> = T extends `${string}{${infer P}}${infer Rest}` ? P | Params<Rest> : never;
type Name = keyof typeof routes;

/** The path of a named route; a missing or misspelt parameter does not compile. */
export function path<N extends Name>(
    name: N,
    ...[params]: Params<(typeof routes)[N]> extends never ? [] : [Record<Params<(typeof routes)[N]>, string | number>]
): string {
    const values: Record<string, string | number> = params ?? {};
    return routes[name].replace(/\{(\w+)\}/g, (_, key: string) => encodeURIComponent(String(values[key] ?? '')));
}
