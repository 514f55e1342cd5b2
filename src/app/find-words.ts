/** What the field on the strip is called and how it looks: before what is behind it is loaded, and after. */
export const FIND_LABEL = 'Find, or write a make in one line';
export const FIND_LOOK = 'h-9 w-full min-w-0 flex-1 border-b border-rule2 bg-transparent font-serif text-[16px] italic focus:border-ink';
