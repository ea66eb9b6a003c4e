import { Box } from '@mui/material';
import type { ReactNode } from 'react';
import { usePalette } from '../app/palette';
import { band, bentLine, pathOf } from '../bend/geometry';

function Picture({ width, height, children }: { width: number; height: number; children: ReactNode }) {
  return (
    <Box component="svg" viewBox={`0 0 ${width} ${height}`} aria-hidden
      sx={{ width: '100%', maxWidth: width * 1.4, display: 'block', my: 1, fontFamily: 'fontFamily' }}>
      {children}
    </Box>
  );
}

/** A board from its side: the grain climbs one across for so many along. */
export function GrainSlope() {
  const colours = usePalette();
  const grain = Array.from({ length: 9 }, (_, i) => i * 30 - 60);
  return (
    <Picture width={240} height={76}>
      <clipPath id="help-board"><rect x={6} y={6} width={228} height={38} /></clipPath>
      <rect x={6} y={6} width={228} height={38} fill={colours.data.calm} stroke={colours.text.primary} />
      <g clipPath="url(#help-board)" stroke={colours.data.stretch} strokeWidth={1.2}>
        {grain.map((x) => <line key={x} x1={x} y1={44} x2={x + 300} y2={14} />)}
      </g>
      <g stroke={colours.text.primary} strokeWidth={1.4} fill="none"><path d="M60 60H180V48" /></g>
      <g fill={colours.text.primary} fontSize={12} textAnchor="middle"><text x={120} y={72}>10</text><text x={192} y={58}>1</text></g>
    </Picture>
  );
}

/** Three pieces seen from their ends. */
export function Rings() {
  const colours = usePalette();
  const ends = [
    { x: 6, name: 'on edge', turn: 90 },
    { x: 88, name: 'flat', turn: 0 },
    { x: 170, name: 'rift', turn: 45 },
  ];
  return (
    <Picture width={240} height={76}>
      {ends.map(({ x, name, turn }) => (
        <g key={name} transform={`translate(${x} 6)`}>
          <clipPath id={`help-${name.replace(' ', '')}`}><rect width={64} height={44} /></clipPath>
          <rect width={64} height={44} fill={colours.data.calm} stroke={colours.text.primary} />
          <g clipPath={`url(#help-${name.replace(' ', '')})`} stroke={colours.data.stretch} strokeWidth={1.4}>
            {Array.from({ length: 13 }, (_, i) => (i - 6) * 9).map((y) => (
              <line key={y} x1={-60} x2={60} y1={y} y2={y} transform={`translate(32 22) rotate(${turn})`} />
            ))}
          </g>
          <text x={32} y={62} fontSize={12} textAnchor="middle" fill={colours.text.primary}>{name}</text>
        </g>
      ))}
    </Picture>
  );
}

/** From the chamber to the form. */
export function Carry() {
  const colours = usePalette();
  return (
    <Picture width={240} height={76}>
      <rect x={6} y={20} width={84} height={34} fill={colours.data.form} stroke={colours.text.primary} />
      <rect x={20} y={33} width={64} height={8} fill={colours.data.stretch} />
      <path d="M98 37H146M138 30l8 7 -8 7" fill="none" stroke={colours.text.primary} strokeWidth={1.6} />
      <g transform="translate(196 62)">
        <path d={band(26, 34, Math.PI / 2, 0)} fill={colours.data.squeeze} />
        <path d={band(18, 26, Math.PI / 2, 0)} fill={colours.data.form} />
      </g>
      <text x={122} y={24} fontSize={12} textAnchor="middle" fill={colours.text.primary}>15 s</text>
    </Picture>
  );
}

/** A strap with its stops, one of them not touching. */
export function Slack() {
  const colours = usePalette();
  return (
    <Picture width={240} height={64}>
      <rect x={20} y={26} width={178} height={14} fill={colours.data.calm} stroke={colours.text.primary} />
      <path d="M12 22H220V44H210V26M12 22V44H20" fill="none" stroke={colours.data.strap} strokeWidth={4} />
      <path d="M198 52H210M198 48v8M210 48v8" fill="none" stroke={colours.data.flaw} strokeWidth={1.6} />
      <text x={190} y={58} fontSize={12} textAnchor="end" fill={colours.text.primary}>slack</text>
    </Picture>
  );
}

/** A bent piece: stretched outside, squeezed inside, neither along the dashed line. */
export function NeutralAxis() {
  const colours = usePalette();
  const half = 0.9;
  return (
    <Picture width={240} height={84}>
      <g transform="translate(120 128)">
        <path d={band(104, 122, half, 0)} fill={colours.data.stretch} />
        <path d={band(84, 104, half, 0)} fill={colours.data.squeeze} />
        <path d={pathOf(bentLine(104, half, 0))} fill="none" stroke={colours.text.primary} strokeWidth={1.6} strokeDasharray="5 3" />
      </g>
      <g fontSize={12} fill={colours.text.primary}><text x={4} y={16}>stretched</text><text x={96} y={72}>squeezed</text></g>
    </Picture>
  );
}

/** Four sections, the outer face up. */
export function Sections() {
  const colours = usePalette();
  const shapes = [
    { x: 30, name: 'plank', d: 'M-16 8h32v28h-32z' },
    { x: 90, name: 'round', d: 'M-14 22a14 14 0 1 0 28 0a14 14 0 1 0 -28 0z' },
    { x: 150, name: 'flat inside', d: 'M-18 32a18 18 0 0 1 36 0z' },
    { x: 210, name: 'flat outside', d: 'M-18 12a18 18 0 0 0 36 0z' },
  ];
  return (
    <Picture width={240} height={66}>
      {shapes.map(({ x, name, d }) => (
        <g key={name} transform={`translate(${x} 0)`}>
          <path d={d} fill={colours.data.calm} stroke={colours.text.primary} strokeWidth={1.4} />
          <text y={58} fontSize={11} textAnchor="middle" fill={colours.text.primary}>{name}</text>
        </g>
      ))}
    </Picture>
  );
}

/** A plate seen along the grain, with a straight edge across its width. */
export function RiseAcross() {
  const colours = usePalette();
  return (
    <Picture width={240} height={72}>
      <path d="M20 60Q120 -4 220 60L220 66Q120 4 20 66Z" fill={colours.data.calm} stroke={colours.text.primary} />
      <path d="M20 66H220" stroke={colours.text.primary} strokeDasharray="4 4" />
      <path d="M120 36V64M116 42L120 36L124 42M116 58L120 64L124 58" stroke={colours.data.stretch} strokeWidth={1.6} fill="none" />
    </Picture>
  );
}
