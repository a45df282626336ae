// Hand over for its place: choosing, fitting, filling, taking away.
export {
  chosenItems,
  decide,
  ownTextFor,
  handOverOnly,
  handOverSet,
  leaveQuestion,
  refit,
  setChoice,
  setTitle,
  setWishes,
} from './choosing';
export { fillFiles, stopFilling } from './filling';
export { columnWith, layoutAt, receiversOf, type Receiver } from './receivers';
export { useHandOver, type FilledFile } from './hold';
export { copyBlock, makeAgain, showReceipt, takeAll, takeFile, takeReceipt } from './taking';
