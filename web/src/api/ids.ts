/**
 * Numbers of things that cannot be mixed up: a chart's is no version's. Types alone, of which
 * nothing is left when the application is built.
 */
export declare enum ChartId {
  some,
}

export declare enum VersionId {
  some,
}
