/** What keys do, by where they do it; a key is said as it is printed on the keyboard. */
export const KEYS_BY_PLACE: readonly {
  readonly place: string;
  readonly keys: readonly (readonly [keys: readonly string[], does: string])[];
}[] = [
  {
    place: "Anywhere but at the bench",
    keys: [
      [["/", "Ctrl K"], "find a cake, a recipe, a tin, a page"],
      [["?"], "show this"],
      [["Esc"], "close what lies over the page"],
    ],
  },
  {
    place: "Where something is kept as you change it",
    keys: [
      [["Ctrl Z"], "take the last change back, outside a text box"],
      [["Ctrl Y"], "bring it back"],
    ],
  },
  {
    place: "On a drawing's grip, a chart or a slider",
    keys: [
      [["←", "→", "↑", "↓"], "a step less or more"],
      [["Page Up", "Page Down"], "several steps"],
      [
        ["Home", "End"],
        "as low or as high as it goes; on the bake's chart, the first or last minute",
      ],
    ],
  },
  {
    place: "On a task of the day",
    keys: [
      [["←", "→"], "five minutes earlier or later"],
      [["Page Down", "Page Up"], "half an hour earlier or later"],
    ],
  },
  {
    place: "On the grip of a line, a step or a layer",
    keys: [
      [["Space"], "pick it up, and put it down"],
      [["↑", "↓"], "move it"],
      [["Esc"], "leave it where it was"],
    ],
  },
  {
    place: "On a cake's grip in the calendar",
    keys: [
      [["←", "→"], "a day earlier or later"],
      [["↑", "↓"], "a week earlier or later"],
      [["Enter"], "ask for the day and the hour"],
    ],
  },
  {
    place: "At the bench",
    keys: [
      [["Space"], "go on"],
      [["←"], "take the last thing back"],
      [["T"], "set the scale to nothing"],
      [["+"], "five minutes more"],
      [["N"], "note something"],
    ],
  },
];
