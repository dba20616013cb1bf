export {
  inWords as unopenableInWords,
  isJson,
  lacking,
  sameDocument,
  open,
  opened,
  seal,
  UnopenableError,
  versionOfFormat,
  type DocumentFormat,
  type Opened,
  type Sealed,
  type Unopenable,
} from './format';
export * from './formats';
