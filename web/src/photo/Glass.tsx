import type { SpotFields } from '../api/schema';

interface GlassProps {
  image: string;
  at: SpotFields;
  widthPx: number;
  heightPx: number;
  /** How wide the picture is shown [px]. */
  shownPx: number;
}

/** No wider than that, and than this share of the picture [px]. */
const WIDEST = 150;
const SHARE = 0.3;
const TIMES = 4;

/** A glass over the place pointed at, in the corner where it hides nothing of it. */
export function Glass({ image, at, widthPx, heightPx, shownPx }: GlassProps) {
  const perPx = (shownPx / widthPx) * TIMES;
  const across = Math.min(WIDEST, shownPx * SHARE);
  const arm = across * 0.4;
  const left = at.xPx > widthPx / 2;
  return (
    <div aria-hidden data-testid="glass" style={{
      position: 'absolute', top: 8, [left ? 'left' : 'right']: 8, width: across, height: across, borderRadius: '50%', pointerEvents: 'none', border: '3px solid #ffffff',
      boxShadow: '0 0 0 1px #14272b', backgroundColor: '#888888', backgroundImage: `url("${image}")`, backgroundRepeat: 'no-repeat',
      backgroundSize: `${widthPx * perPx}px ${heightPx * perPx}px`, backgroundPosition: `${across / 2 - at.xPx * perPx}px ${across / 2 - at.yPx * perPx}px`,
    }}>
      <svg width={across} height={across} viewBox={`${-across / 2} ${-across / 2} ${across} ${across}`}>
        {['#ffffff', '#14272b'].map((stroke, index) => (
          <path key={stroke} d={`M${-arm} 0H-6M6 0H${arm}M0 ${-arm}V-6M0 6V${arm}`} stroke={stroke} strokeWidth={index === 0 ? 3 : 1} />
        ))}
      </svg>
    </div>
  );
}
