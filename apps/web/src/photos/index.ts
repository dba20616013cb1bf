export { PlatePhotosBar } from './PlatePhotosBar';
export { ResultPhotos } from './ResultPhotos';
