const groups: [string, [string, string][]][] = [
  [
    "Program board",
    [
      ["Arrow keys", "Move between cells"],
      ["Any character", "Type over the cell"],
      ["Enter or F2", "Open the cell to edit it"],
      ["Enter while typing", "Keep it and go down"],
      ["Tab while typing", "Keep it and go right"],
      ["Shift + Enter while typing", "Keep it in all following weeks too"],
      ["Esc while typing", "Leave the cell as it was"],
      ["Name, then shorthand, in “Add”", "Adds the exercise with it in every week: goblet squat 3x10 16"],
      ["↑ ↓ in an empty “Add”", "The day before or after"],
      ["Delete", "Empty the cell"],
      ["Ctrl + C, Ctrl + V", "Copy the cell, put it into another"],
      ["Ctrl + D", "Copy the cell into all following weeks"],
      ["Alt + W", "Fill the line along a path through the weeks"],
      ["Space", "Choose the line, to group, move or fill several"],
      ["Shift + ↑ ↓", "Choose lines on the way"],
      ["Alt + ↑ ↓", "Move the line up or down"],
      ["Alt + Enter", "What the line is for, cues, rungs, substitutes"],
      ["Ctrl + Z, Ctrl + Shift + Z", "Undo, redo"],
    ],
  ],
  [
    "Floor",
    [
      ["Enter", "Log the set as shown"],
      ["↑ ↓", "One repetition (or five seconds) more or fewer"],
      ["← →", "The next lighter or heavier load"],
      ["0 to 5", "Repetitions left"],
      ["H", "How it went: quality, what ended it, each side, pain"],
      ["C", "Change: swap, leave out, order, add, less time"],
      ["S", "Skip the set"],
      ["N, P", "Next or previous exercise"],
    ],
  ],
  ["Library", [["↑ ↓ in the search box", "The exercise before or after"]]],
  [
    "Client file",
    [
      ["Enter", "Keep the field and go to the next"],
      ["Esc", "Bring back what is saved"],
    ],
  ],
  ["Testing", [["Space", "Count one repetition"]]],
  ["Everywhere", [["?", "This list"]]],
];

export function ShortcutList() {
  return (
    <div className="grid gap-4">
      {groups.map(([title, entries]) => (
        <section key={title}>
          <h3 className="mb-1 font-semibold">{title}</h3>
          <dl className="grid grid-cols-[14rem_1fr] gap-y-1">
            {entries.map(([key, what]) => (
              <div key={key} className="contents">
                <dt className="font-medium">{key}</dt>
                <dd className="text-soft">{what}</dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
    </div>
  );
}
