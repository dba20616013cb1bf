export { PhotosModule } from './photos.module';
export { PlatePhotoImage, PlatePhotoRow } from './platePhoto.entity';
