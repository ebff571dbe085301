/** Words of the work that a newcomer would ask about, as docs/glossary.md has them, in a cook's words. */
export const WORDS = {
  hydration:
    'Added water in percent of the flour: 130 % is 130 g of water to 100 g of flour. What egg, yoghurt or vegetables bring is not in it.',
  'first pour':
    'The water that will most likely not be too much. What is left, the reserve, is spooned in once the dough was felt: water cannot be taken out again.',
  scald:
    'Very hot water on the flour, or some of the flour cooked in it. The starch swells, takes more water and binds, so that a dough without gluten can be rolled and folded.',
  swollen:
    'Starch that heat and water have opened. It holds the dough together and takes up more water than raw starch.',
  binding:
    'What holds the dough together in place of gluten: gums, psyllium, egg, potato and swollen starch, counted in points.',
  ledger: 'An account of the water: which lines take it up and which bring some along.',
  points:
    'Percent of the flour, as a difference: a bag that takes 4 points more wants 4 g more water to 100 g of flour.',
  nixtamal:
    'Whole corn cooked and steeped with lime (calcium hydroxide), then washed. Its skins come off, and ground it makes a dough that holds.',
} as const

export type Word = keyof typeof WORDS
