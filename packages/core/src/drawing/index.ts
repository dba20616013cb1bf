export { angleDrawing, drawCard, type DrawingContext } from './cardDrawings';
export { cutDrawing, cutExtent, cutShapes, sectionDrawing } from './cutDrawing';
export { layOf, textWidth, toSvg, type Drawing, type Paint, type Shape } from './shapes';
export * from './spec';
