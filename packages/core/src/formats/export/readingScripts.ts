/** What the ready-made scripts draw: one measure on its last day, by treatment. */
export interface FirstFigure {
  /** Head of the measure's column in `data/findings.csv`. */
  column: string;
  /** For the axis: `height (mm)`. */
  axis: string;
  title: string;
}

/** A text as it stands between quotation marks in both languages. */
const quoted = (text: string) =>
  JSON.stringify(
    text.replace(/[\u0000-\u001f\u007f-\uffff]/g, (c) => `\\u${c.charCodeAt(0).toString(16).padStart(4, '0')}`),
  ).replace(/\\\\u/g, '\\u');

/** A script in R, with nothing but base R: reads the package and draws its first figure. */
export function scriptInR({ column, axis, title }: FirstFigure): string {
  return `# Reads this package and draws a first figure. Needs nothing but R: Rscript first_figure.R
findings <- read.csv(file.path("data", "findings.csv"), fileEncoding = "UTF-8-BOM", check.names = FALSE,
                     na.strings = "", stringsAsFactors = FALSE)
column <- ${quoted(column)}
# A reading that was corrected stays in the file: the one that corrects it counts.
standing <- findings[!(findings$reading %in% findings$corrects) & findings$state %in% "measured", ]
standing <- standing[!is.na(standing[[column]]), ]
last <- if (all(is.na(standing$day))) standing else {
  per_day <- table(standing$day)
  standing[standing$day == max(as.numeric(names(per_day)[per_day >= 0.8 * max(per_day)])), ]
}
# The container is the replicate: several plants in one are averaged first.
cups <- aggregate(list(value = as.numeric(last[[column]])), last[c("unit", "treatment", "treatment_label")], mean)
cups$treatment <- factor(cups$treatment)
svg("first_figure.svg", width = 7, height = 5)
stripchart(value ~ treatment, data = cups, vertical = TRUE, method = "jitter", pch = 1,
           group.names = tapply(cups$treatment_label, cups$treatment, function(x) x[1]),
           ylab = ${quoted(axis)}, main = ${quoted(title)})
means <- tapply(cups$value, cups$treatment, mean)
segments(seq_along(means) - 0.2, means, seq_along(means) + 0.2, means, lwd = 3)
invisible(dev.off())
print(data.frame(mean = means, containers = as.vector(table(cups$treatment))))
`;
}

/** A script in Python 3, with nothing but what comes with it: reads the package and draws its first figure. */
export function scriptInPython({ column, axis, title }: FirstFigure): string {
  return `# Reads this package and draws a first figure. Needs nothing but Python 3: python3 first_figure.py
import csv
import os
from collections import Counter, defaultdict
from html import escape
from statistics import mean

COLUMN = ${quoted(column)}
AXIS = ${quoted(axis)}
TITLE = ${quoted(title)}
HERE = os.path.dirname(os.path.abspath(__file__))

with open(os.path.join(HERE, "data", "findings.csv"), encoding="utf-8-sig", newline="") as file:
    findings = list(csv.DictReader(file))

# A reading that was corrected stays in the file: the one that corrects it counts.
corrected = {row["corrects"] for row in findings if row["corrects"]}
standing = [row for row in findings
            if row["state"] == "measured" and row["reading"] not in corrected and row[COLUMN] != ""]
days = Counter(int(row["day"]) for row in standing if row["day"] != "")
if days:
    last = max(day for day, count in days.items() if count >= 0.8 * max(days.values()))
    standing = [row for row in standing if row["day"] == str(last)]

# The container is the replicate: several plants in one are averaged first.
plants, labels = defaultdict(list), {}
for row in standing:
    plants[row["treatment"], row["unit"]].append(float(row[COLUMN]))
    labels[row["treatment"]] = row["treatment_label"]
cups = defaultdict(list)
for (treatment, _), values in sorted(plants.items()):
    cups[treatment].append(mean(values))

WIDTH, HEIGHT, LEFT, BOTTOM, TOP = 700, 500, 80, 60, 50
most = max((value for values in cups.values() for value in values), default=1) * 1.05
step = (WIDTH - LEFT) / max(1, len(cups))


def y(value):
    return TOP + (1 - value / most) * (HEIGHT - TOP - BOTTOM)


parts = [f'<text x="{LEFT}" y="28" font-size="18">{escape(TITLE)}</text>',
         f'<text x="{LEFT}" y="{TOP - 6}" font-size="13">{escape(AXIS)}</text>',
         f'<path d="M{LEFT} {TOP}V{HEIGHT - BOTTOM}H{WIDTH}" fill="none" stroke="black"/>']
for tick in range(5):
    value = most * tick / 4
    parts.append(f'<text x="{LEFT - 8}" y="{y(value) + 5:.1f}" font-size="13" text-anchor="end">{value:.3g}</text>')
for place, (treatment, values) in enumerate(cups.items()):
    middle = LEFT + step * (place + 0.5)
    for number, value in enumerate(values):
        aside = ((number * 7) % 11 / 10 - 0.5) * min(60, step * 0.5)
        parts.append(f'<circle cx="{middle + aside:.1f}" cy="{y(value):.1f}" r="4" fill="none" stroke="black"/>')
    level = y(mean(values))
    parts.append(f'<path d="M{middle - 36:.1f} {level:.1f}h72" stroke="black" stroke-width="3"/>')
    parts.append(f'<text x="{middle:.1f}" y="{HEIGHT - BOTTOM + 22}" font-size="14" text-anchor="middle">'
                 f'{escape(treatment)} {escape(labels[treatment])}</text>')
    print(f"{treatment} {labels[treatment]}: mean {mean(values):.2f}, containers {len(values)}")

with open(os.path.join(HERE, "first_figure.svg"), "w", encoding="utf-8") as out:
    out.write(f'<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 {WIDTH} {HEIGHT}" font-family="sans-serif">'
              + "".join(parts) + "</svg>\\n")
`;
}
