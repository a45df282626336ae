// The places of a file that a question fills, each with its heading and the very text.
import type { Fitted, Layout } from '../../core/model';
import { placesOf } from './becomes';

export function PlaceCells({ layout, fitted }: { layout: Layout; fitted: Fitted }) {
  return (
    <dl className="cells mono">
      {placesOf(layout, fitted).map((place, index) => (
        <div key={index}>
          <dt>
            {place.place} {place.heading}
          </dt>
          <dd>{place.value}</dd>
        </div>
      ))}
    </dl>
  );
}
