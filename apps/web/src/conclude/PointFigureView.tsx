import { type PointFigure } from '@bright-sprout/core/conclude/points/point';
import { LinesPoint } from './figures/LinesPoint';
import { CountsPoint, PegsPoint, StruckPoint, TrayPoint } from './figures/OtherPoints';
import { PlantsPoint } from './figures/PlantsPoint';
import { type PointProps } from './figures/pointKit';
import { SpansPoint } from './figures/SpansPoint';
import '../compare/figures/compareFigure.scss';

/** The picture of a talking point; what it shows is said in words beside it. */
export function PointFigureView({ figure, ...props }: PointProps & { figure: PointFigure }) {
  switch (figure.kind) {
    case 'plants':
      return <PlantsPoint figure={figure} {...props} />;
    case 'lines':
      return <LinesPoint figure={figure} {...props} />;
    case 'spans':
      return <SpansPoint figure={figure} {...props} />;
    case 'struck':
      return <StruckPoint figure={figure} {...props} />;
    case 'counts':
      return <CountsPoint figure={figure} {...props} />;
    case 'pegs':
      return <PegsPoint figure={figure} {...props} />;
    case 'tray':
      return <TrayPoint figure={figure} {...props} />;
  }
}
