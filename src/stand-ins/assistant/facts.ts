// What the simulated assistant knows: facts of the invented Harrowmere Canal Trust and its locks.

export type Fact = {
  term: string;
  definition: string;
  topic: string;
  others: readonly [string, string, string];
};

/** `others` are plausible but wrong. */
export const FACTS: readonly Fact[] = [
  {
    term: 'pound',
    definition: 'the level stretch of water between two locks',
    topic: 'Water',
    others: ['the fee for a night’s mooring', 'a pen for stray boats', 'the weight on a lock gate'],
  },
  {
    term: 'paddle',
    definition: 'a small gate that lets water through a lock gate',
    topic: 'Locks',
    others: ['a pole for pushing off', 'the beam that swings a gate', 'a step in the lock wall'],
  },
  {
    term: 'windlass',
    definition: 'a handle that turns the paddle gear',
    topic: 'Gear',
    others: ['a rope for mooring', 'a hook for lost ropes', 'a vane that shows the wind'],
  },
  {
    term: 'cill',
    definition: 'the ledge below the top gate of a lock',
    topic: 'Locks',
    others: ['the stone edge of a towpath', 'the top of the balance beam', 'the chain at a gate'],
  },
  {
    term: 'by-wash',
    definition: 'a channel that leads surplus water round a lock',
    topic: 'Water',
    others: ['a tap for rinsing decks', 'the wave behind a boat', 'a pump at the summit'],
  },
  {
    term: 'balance beam',
    definition: 'the long arm by which a gate is swung',
    topic: 'Locks',
    others: ['a plank for going ashore', 'the scale of the toll house', 'a stay across the boat'],
  },
  {
    term: 'mitre gate',
    definition: 'a pair of gates that close to a point against the water',
    topic: 'Locks',
    others: [
      'a single gate that is lifted',
      'a gate across the towpath',
      'a gate that is rolled aside',
    ],
  },
  {
    term: 'staircase',
    definition: 'a row of locks that share their gates',
    topic: 'Locks',
    others: ['the steps down to a lock', 'locks a mile apart', 'a ladder in the lock wall'],
  },
  {
    term: 'winding hole',
    definition: 'a wide place where a boat can be turned',
    topic: 'Ways',
    others: ['a hole for the windlass', 'a leak in the bank', 'a bend without a view'],
  },
  {
    term: 'towpath',
    definition: 'the path beside the canal',
    topic: 'Ways',
    others: [
      'a rope between two boats',
      'a track for hauling timber',
      'the way round a lock house',
    ],
  },
  {
    term: 'summit',
    definition: 'the highest pound of a canal',
    topic: 'Water',
    others: ['the top of the lock house', 'the last lock of a flight', 'the end of the towpath'],
  },
  {
    term: 'feeder',
    definition: 'a stream or pipe that brings water to the canal',
    topic: 'Water',
    others: ['a trough for the horses', 'a drain that takes water away', 'a rope to the next boat'],
  },
  {
    term: 'stop plank',
    definition: 'a board let into grooves to close off a stretch of water',
    topic: 'Gear',
    others: ['a board to stand on', 'a sign that says stop', 'a fender at the bow'],
  },
  {
    term: 'fender',
    definition: 'a cushion that keeps hull and wall apart',
    topic: 'Gear',
    others: ['a pole with a hook', 'a bell at the stern', 'a cover for the paddle gear'],
  },
  {
    term: 'bollard',
    definition: 'a post to which a rope is made fast',
    topic: 'Gear',
    others: ['a rail along the beam', 'a weight on the paddle', 'a float in the pound'],
  },
  {
    term: 'weir',
    definition: 'a low wall over which surplus water runs',
    topic: 'Water',
    others: ['a gate for boats', 'a mark for the depth', 'a bank of reeds'],
  },
  {
    term: 'flight',
    definition: 'several locks close behind one another',
    topic: 'Locks',
    others: ['a boat without its crew', 'the drop of one lock', 'a race between keepers'],
  },
  {
    term: 'lock chamber',
    definition: 'the space between the gates in which a boat rises or sinks',
    topic: 'Locks',
    others: ['the keeper’s room', 'the store of the windlasses', 'the channel beside the gates'],
  },
  {
    term: 'puddle',
    definition: 'worked clay that keeps the bed of a canal tight',
    topic: 'Water',
    others: ['rain on the towpath', 'a shallow pound', 'grease for the paddle gear'],
  },
  {
    term: 'aqueduct',
    definition: 'a bridge that carries a canal',
    topic: 'Ways',
    others: ['a tunnel for walkers', 'a pipe below a lock', 'a landing stage'],
  },
];
