/** A lesson by its name, what it is for in a line, and how many minutes it takes with a class. [FM] */
interface LessonOutline {
  id: string
  title: string
  about: string
  minutes: number
}

/** The lessons, in the order of work. */
export const LESSONS = [
  {
    id: 'calipers',
    title: 'Read calipers',
    about: 'Whole marks before the zero, then the line that meets.',
    minutes: 15,
  },
  {
    id: 'thickness',
    title: 'Thickness in several places',
    about: 'A label is a name. The sheet says how thick it is, place by place.',
    minutes: 10,
  },
  {
    id: 'kerf',
    title: 'Kerf by squares',
    about: 'What the beam takes away decides how every joint fits.',
    minutes: 15,
  },
  {
    id: 'compensation',
    title: 'The factor of two',
    about: 'Half the kerf on each side, and only once.',
    minutes: 15,
  },
  {
    id: 'comb',
    title: 'Comb and snug',
    about: 'Kerf is physics, fit is taste: the comb finds yours.',
    minutes: 15,
  },
  {
    id: 'tabs',
    title: 'Tabs and corners',
    about: 'Both ends alike, wide enough to hold, and no loose crumb.',
    minutes: 10,
  },
  {
    id: 'order',
    title: 'Inside before outside',
    about: 'What is cut loose first moves, and the rest lands wrong.',
    minutes: 10,
  },
  {
    id: 'bend',
    title: 'Grain and bends',
    about: 'Length, rows and grain: a strip that bends and does not snap.',
    minutes: 15,
  },
  {
    id: 'setting',
    title: 'The first setting',
    about: 'As fast as comes free for sure: slower only chars.',
    minutes: 15,
  },
  {
    id: 'layout',
    title: 'Lay out',
    about: 'Inside the margin, with the gap, along the grain, and a rest worth keeping.',
    minutes: 15,
  },
  {
    id: 'gluing',
    title: 'Glue in order',
    about: 'What is shut in must be in before the wall that shuts it in.',
    minutes: 15,
  },
  {
    id: 'result',
    title: 'Read what came out',
    about: 'Find which figure was wrong, and change only that one.',
    minutes: 15,
  },
] as const satisfies LessonOutline[]

export type LessonId = (typeof LESSONS)[number]['id']
export const LESSON_IDS: LessonId[] = LESSONS.map(({ id }) => id)
