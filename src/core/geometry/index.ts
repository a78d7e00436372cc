export * from './area';
export * from './chord';
export * from './outline';
export * from './svgOutline';
