export { angleDrawing, drawCard, type DrawingContext } from './cardDrawings';
export { cutDrawing, cutExtent, cutShapes, sectionDrawing } from './cutDrawing';
export { textWidth, toSvg, type Drawing, type Paint, type Shape } from './shapes';
export * from './spec';
