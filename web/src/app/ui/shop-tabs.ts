/** Parts of the shop profile, each a page of its own, and what else they are looked for by. */
export const SHOP_TABS = [
  { id: 'figures', title: 'Figures and kit', words: 'rates weights equipment law wages' },
  { id: 'air', title: 'Air, papers, cleaners', words: 'compressor nozzles hose' },
  { id: 'paperwork', title: 'Quotes and letterhead', words: 'tax margin logo' },
  { id: 'calendar', title: 'Calendar', words: 'hours closed days' },
  { id: 'people', title: 'People and masks', words: 'cartridges training fit' },
  { id: 'contractors', title: 'Contractors', words: 'blaster powder coater firms prices' },
  { id: 'schools', title: 'Schools', words: 'habits choices' },
  { id: 'own-rows', title: 'Own products and methods', words: 'prices packs rows' },
  { id: 'parts', title: 'Own parts', words: 'templates kept start from' },
  { id: 'record', title: 'From the record', words: 'pace learned' },
  { id: 'numbers', title: 'Numbers', words: 'money hours rework' },
  { id: 'copies', title: 'Copies', words: 'backup restore' },
  { id: 'screens', title: 'Screens and gauges', words: 'tablets instruments' },
] as const;
