import { PICTURE, type PictureShape, type StartId, STARTS } from '@aviarum/core';
import { memo } from 'react';

const { width, high, deep } = PICTURE;
/** px to a metre of the picture. */
const SCALE = 30;

const at = ({ x, y }: { readonly x: number; readonly y: number }) => `${x * SCALE} ${(high - y) * SCALE}`;
const path = (points: readonly { readonly x: number; readonly y: number }[], closed: boolean) =>
  `M${points.map(at).join('L')}${closed ? 'Z' : ''}`;

/** A hen from the side, one across and one high, its feet at the origin. */
const HEN =
  'M-.5-.62C-.42-.86-.3-.7-.18-.62C0-.52.12-.66.2-.86C.24-1 .4-1 .44-.86L.54-.8L.44-.76C.46-.5.34-.26.1-.22L.12 0H.06L.03-.2H-.06L-.04 0H-.1L-.13-.22C-.36-.26-.46-.42-.5-.62Z';

const CLOSED: readonly PictureShape['what'][] = ['house', 'mesh', 'gate'];

function Shape({ shape }: { shape: PictureShape }) {
  if (shape.what === 'bird') {
    const size = shape.size * SCALE;
    return <path className="pic-bird" d={HEN} transform={`translate(${at(shape.at)}) scale(${size})`} />;
  }
  return <path className={`pic-${shape.what}`} d={path(shape.points, CLOSED.includes(shape.what))} />;
}

/** A start from the side, in the manner of the strip: posts heavy, mesh fine, what is buried dashed. */
export const StartPicture = memo(function StartPicture({ start }: { start: StartId }) {
  const mesh = `pic-mesh-${start}`;
  return (
    <svg
      className="startpicture"
      viewBox={`0 0 ${width * SCALE} ${(high + deep) * SCALE}`}
      aria-hidden="true"
      style={{ ['--mesh' as string]: `url(#${mesh})` }}
    >
      <defs>
        <pattern id={mesh} width="4.5" height="4.5" patternUnits="userSpaceOnUse">
          <path className="mesh-stroke" strokeWidth="0.6" opacity="0.6" d="M0 0H4.5M0 0V4.5" />
        </pattern>
      </defs>
      <rect className="pic-earth" x="0" y={high * SCALE} width={width * SCALE} height={deep * SCALE} />
      {STARTS[start].picture.map((shape, i) => (
        <Shape key={i} shape={shape} />
      ))}
      <path className="pic-ground" d={`M0 ${high * SCALE}H${width * SCALE}`} />
    </svg>
  );
});
