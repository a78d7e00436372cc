export * from './area';
export * from './chord';
export * from './offset';
export * from './outline';
export * from './parts';
export * from './svgOutline';
export * from './tiles';
