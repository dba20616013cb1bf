/** What a demonstration says and asks. */
export const DEMONSTRATION_IN_ENGLISH = {
  'demo.place-oven': () => 'everyone back from the oven door; show the inside once it is on the bench',
  'demo.place-pan': () => 'around the stove at arm’s length, the pan tilted towards them',
  'demo.place-board': () => 'around the board, on the side of the guiding hand',
  'demo.place-plate': () => 'around the plate, where everyone sees its rim',
  'demo.place-none': () => 'where they stand',
  'demo.ask-wrong': ({ see }: { see: string }) => `“${see}”: has it gone wrong?`,
  'demo.ask-cause': ({ see }: { see: string }) => `What makes it so: “${see}”?`,
  'demo.more-left': () => 'More is left than there was.',
  'demo.weigh-again': () => 'Give what was there before with everything that was added, then what was left.',
  'making.stands-ready': ({ count, name }: { count: number; name: string }) =>
    `${name ? `${name}, ` : ''}${count === 1 ? 'one that stands ready' : `${count} that stand ready`} for the demonstration`,
};
