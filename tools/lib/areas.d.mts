export declare function areasOf(src: string): string[];
export declare function folderGraph(src: string): Map<string, Set<string>>;
export declare function ringIn(graph: ReadonlyMap<string, ReadonlySet<string>>, among: readonly string[]): string[] | null;
/** Files that reach into an area past its index, as `file -> area/what`. */
export function pastTheIndex(src: string): string[];
