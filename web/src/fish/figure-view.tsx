import { useCallback, useId, useState } from 'react';
import { describeFigure, drawFish, type DrawnFish, type FigureOptions, type FigureSpec } from '@dagboek/figure';

const drawn = new WeakMap<FigureSpec, Map<string, DrawnFish>>();

/** A drawing, kept once made: a figure costs some 10 ms. */
export function figureOf(spec: FigureSpec, options: FigureOptions): DrawnFish {
  const key = JSON.stringify(options);
  const known = drawn.get(spec) ?? new Map<string, DrawnFish>();
  drawn.set(spec, known);
  let fish = known.get(key);
  if (!fish) {
    fish = drawFish(spec, options);
    known.set(key, fish);
  }
  return fish;
}

/** A drawing as an address for an <img>, which keeps its inner ids apart from the page's. */
export const figureUrl = (fish: DrawnFish): string => `data:image/svg+xml,${encodeURIComponent(fish.svg)}`;

/** A drawn fish with its lettering, in the page itself, so that it is set in the page's own type. For large figures, one at a time. */
export function FigurePlate({ spec, size, options = {} }: { spec: FigureSpec; size: number; options?: FigureOptions }) {
  const idPrefix = useId().replace(/\W/g, '');
  const { svg } = figureOf(spec, { size, ...options, idPrefix });
  // The drawing comes from our own pure function, which refuses text that could break out of an attribute.
  return <div className="figure-plate drawn" dangerouslySetInnerHTML={{ __html: svg }} />;
}

/** A drawn fish. `plain`: beside its own name in text, so that it need not be read out twice. */
export function FigureView({
  spec,
  size,
  plain = false,
  options = {},
}: {
  spec: FigureSpec;
  size: number;
  plain?: boolean;
  options?: FigureOptions;
}) {
  const fish = figureOf(spec, { size, ...options });
  return (
    <img
      className="drawn"
      src={figureUrl(fish)}
      width={fish.width}
      height={fish.height}
      alt={plain ? '' : describeFigure(spec)}
    />
  );
}

/** Drawn a little before it scrolls into sight. */
const AHEAD = '160px';

/** A plain figure of a long list, drawn only when it comes into sight: 80 of them at once would hold a phone up. */
export function LazyFigure({ spec, size }: { spec: FigureSpec; size: number }) {
  const [seen, setSeen] = useState(false);
  const ref = useCallback((el: HTMLElement | null) => {
    if (!el) return;
    const watch = new IntersectionObserver(
      (list) => {
        if (!list.some((e) => e.isIntersecting)) return;
        watch.disconnect();
        setSeen(true);
      },
      { rootMargin: AHEAD },
    );
    watch.observe(el);
    return () => watch.disconnect();
  }, []);
  return seen ? (
    <FigureView spec={spec} size={size} plain />
  ) : (
    <span ref={ref} style={{ width: size, height: size / 3 }} />
  );
}
