/** A line as it may be written on the board, and what it says. The help page shows these; the tests read every one. */
export interface NotationExample {
  readonly line: string;
  readonly says: string;
}

export const NOTATION_EXAMPLES: readonly { readonly about: string; readonly examples: readonly NotationExample[] }[] = [
  {
    about: 'In your own words',
    examples: [
      { line: '• Cat cows × 10', says: 'bullets, numbers, plurals and dashes are as you like' },
      { line: '10 a side bird dogs', says: 'the dose may stand anywhere' },
      { line: 'glute bridges, 3 sets of 10, rest 20 secs between sets', says: 'as you would say it' },
      { line: 'World’s greatest stretch 4 each side', says: 'by any name of the trade' },
      { line: 'knee push-ups 8', says: 'an easier or harder version by its own name' },
      { line: 'walking lunges 10 in all', says: 'of both sides together' },
      { line: 'high knees there and back', says: 'down the floor and back' },
      { line: 'skip 30s on 10s off x4', says: 'work and rest, four times' },
      { line: 'childs pose 5 breaths', says: 'a breath is four seconds; “5 breaths 4 in 6 out” says how long' },
      { line: 'tabata squats', says: 'twenty seconds and ten, eight times' },
      { line: 'bike 5 min to effort 5', says: 'rising to an effort' },
      { line: 'Mobility:', says: 'a part of the warm-up' },
      { line: 'Rugby warm-up 10 min', says: 'what it is for, and the time there is' },
    ],
  },
  {
    about: 'Headings',
    examples: [
      { line: '# Thursday mixed circuit', says: 'the title' },
      { line: 'for: squat day', says: 'the main session' },
      { line: 'not before: fast work', says: 'what it must not come shortly before; not after: works too' },
      { line: 'tags: morning, no kit', says: 'words to find it by' },
      { line: 'approach: release first', says: 'the school it follows' },
      { line: 'in: 8:00', says: 'the time there is' },
      { line: 'end: 18:45', says: 'when it must be over; start: works too' },
      { line: 'people: 14', says: 'how many come' },
      { line: 'lanes: 4', says: 'how many floor lanes they use' },
      { line: 'with: somebody new, somebody slow to the floor', says: 'longer talk, longer getting up and down' },
      { line: 'with: names only', says: 'no more is said than the name of a drill' },
      { line: 'with: no gaps', says: 'nothing stops from the first drill to the last' },
    ],
  },
  {
    about: 'Blocks',
    examples: [
      { line: 'raise', says: 'opens a block of that phase' },
      { line: 'mobilise 2 rounds rest 20s', says: 'twice through, with a rest between' },
      { line: 'activate 3-4 rounds', says: 'rounds may be a range' },
      { line: 'integrate stations 2 rounds', says: 'its slots run side by side, and all change together' },
      { line: 'mobilise 2 of these', says: 'two of its drills at a time, by turns; “pick two” is read, too' },
      {
        line: 'mobilise 3:00 of these',
        says: 'what fits into three minutes, by turns; so is “3 min of what you need”',
      },
      { line: 'raise no gaps', says: 'a flow: one drill runs into the next' },
      {
        line: '40 on 20 off x 2',
        says: 'work and rest of every drill below it that has no amount of its own, twice through',
      },
    ],
  },
  {
    about: 'How much',
    examples: [
      { line: 'march on the spot 40s', says: 'seconds' },
      {
        line: 'push-up 45s aim 6/10/15',
        says: 'a number to aim for in a time they all share: fewer, as planned, more',
      },
      { line: 'brisk walk 1-3min', says: 'minutes, as a range' },
      { line: 'cat-cow 8 @4s', says: 'repetitions, four seconds each' },
      { line: 'glute bridge 10 @2-1-2', says: 'two up, one held, two down' },
      { line: 'glute bridge 3x8', says: 'sets of repetitions' },
      { line: 'half-kneeling hip flexor stretch 2x10s/side', says: 'holds' },
      { line: 'high knees 3x10s', says: 'three sets of ten seconds, of what moves; “3x10s held” are holds' },
      { line: 'long lunge series, four positions 4-5x5s x4pos/side', says: 'holds in four positions' },
      { line: 'easy jog 10 m x4 @2m/s', says: 'a distance, four times, at a pace' },
      { line: 'side shuffle 2 lengths/way', says: 'lengths of the place’s lane' },
      { line: 'easy jog 1 lap', says: 'a lap of the place: once round, or there and back' },
      { line: 'graded sprints 3 lengths 50/75/100%', says: 'each length at a share of the pace' },
      { line: 'walking lunge 10yd step 3ft', says: 'a distance in counted steps' },
      { line: 'incline walk ladder ramp 0.5>2.5 mph at 10% 5x60s', says: 'a climb in steps' },
      { line: 'ramp-up sets lift 100kg x5', says: 'sets that climb to a lift, as the approach has them' },
      { line: 'ramp-up sets lift 185lb x3 50%x5 75%x2 set rest 90s', says: 'with steps and rest of your own' },
      { line: 'bike, easy ramp effort 3>6 4x60s', says: 'a climb in effort' },
      { line: 'bike, easy ramp 90/60/60/45s', says: 'steps that are not alike' },
      { line: 'incline walk ladder ramp 3 mph at 1>5% 4x60s', says: 'a slope that grows steeper' },
      { line: 'leg swing, front to back feel 20-40s/side', says: 'until it feels good' },
    ],
  },
  {
    about: 'What is in the hands, and how it grows',
    examples: [
      { line: 'goblet squats 8 @ 12 kg', says: 'a weight' },
      { line: 'clams 15 each, light band', says: 'a band: light, medium or heavy' },
      { line: 'step ups 8 each, 30 cm box', says: 'a height' },
      { line: 'body-weight squat 8 with 10kg', says: 'as the board writes it' },
      { line: 'arm circles 20s each way, small to big', says: 'grows by thirds; slow to fast and easy to hard too' },
    ],
  },
  {
    about: 'Several drills in one line',
    examples: [
      { line: '3 inchworms, then jog the rest', says: 'one goes straight into the next, with no talk between' },
      { line: 'jog out, backpedal back', says: 'a length one way, a length back' },
      { line: '10 squats, 10 lunges, 5 push-ups', says: 'three drills' },
      { line: 'straight into easy jog 1 length', says: 'as the board writes it' },
    ],
  },
  {
    about: 'Sides, rest and marks',
    examples: [
      { line: 'lateral lunge 8-10/side alt', says: 'a side, taking turns' },
      { line: 'lateral band walk 10/way', says: 'each way' },
      { line: 'leg swing, side to side 8/side left +4', says: 'more on the stiffer or weaker side' },
      { line: 'skipping rope 60s rest 10s', says: 'rest after it' },
      { line: 'body-weight squat 10 !', says: 'pinned: never left out' },
      { line: 'body-weight squat 10 !!', says: 'pinned with its dose: neither left out nor shortened' },
      { line: 'arm circles 8/way ?', says: 'optional: first to be left out' },
      { line: 'inchworm 4 new', says: 'new to them: time to show it first' },
      { line: 'good-morning bow 8 "seat to the wall"', says: 'your own cue' },
    ],
  },
];
