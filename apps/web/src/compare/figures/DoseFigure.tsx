import { type DoseLine } from '@bright-sprout/core/compare/figures/doseLine';
import { type Habit } from '@bright-sprout/core/seeds/catalogue';
import { type FigureProps, INK } from './figureKit';
import { MarksFigure } from './MarksFigure';

/** Values along the amounts of a series: the straight line with its band, and a step where that comes closer. */
export function DoseFigure({ dose, ...props }: FigureProps & { dose: DoseLine; habitOf: (code: string) => Habit }) {
  const { shown, groups } = props;
  const amounts = groups.map((g) => dose.points.find((p) => p.group === g)?.amount ?? 0);
  const [least, most] = [Math.min(...amounts), Math.max(...amounts)];
  const places = Array.from({ length: 41 }, (_, i) => least + ((most - least) * i) / 40);
  const { line, step } = dose;
  return (
    <MarksFigure
      {...props}
      amounts={amounts}
      along={`${dose.name}${dose.unit && `, ${dose.unit}`}`}
      behind={(x, y) => {
        const at = (v: number) => y(shown.inUnit(v));
        if (!line.ok) return null;
        const upper = places.map((p) => `${x(p)} ${at(line.at(p).line.high)}`);
        const lower = places.map((p) => `${x(p)} ${at(line.at(p).line.low)}`).reverse();
        return (
          <g>
            <path d={`M${[...upper, ...lower].join('L')}Z`} fill={INK} opacity="0.09" />
            <path d={`M${x(least)} ${at(line.at(least).y)}L${x(most)} ${at(line.at(most).y)}`} stroke={INK} strokeWidth="2" />
            {step && (
              <path
                d={`M${x(least)} ${at(step.low)}H${x((step.below + step.from) / 2)}V${at(step.high)}H${x(most)}`}
                fill="none"
                stroke={INK}
                strokeWidth="1.6"
                strokeDasharray="6 5"
              />
            )}
          </g>
        );
      }}
    />
  );
}
