/** Colours by what they are on the page; the screen's themes and paper each have their own of every name. */
export type Colour =
  'ink' | 'bark' | 'edge' | 'yolk' | 'moss' | 'run' | 'live' | 'sheet' | 'stone' | 'contour';
export type Pattern = 'apron' | 'boards' | 'cobbles' | 'soil';

/** A way to draw: `width` and `dash` in px on the screen, mm on paper. */
export interface Stroke {
  readonly fill?: Colour | Pattern | 'none';
  readonly fillOpacity?: number;
  readonly stroke?: Colour | 'none';
  readonly width?: number;
  readonly dash?: string;
  readonly opacity?: number;
}

/** How one kind of thing is drawn, wherever it is drawn. Line weights carry meaning: posts heavy, buried things dashed. */
export interface Ink {
  readonly screen: Stroke;
  /** Left out for what no paper shows. */
  readonly paper?: Stroke;
  /** Layer of a drawing file, with a colour of that format's own index and a kind of line. */
  readonly file?: readonly [
    layer: string,
    colour: 'GREEN' | 'WHITE' | 'YELLOW' | 'BLUE' | 'MAGENTA' | 'CYAN',
    line: 'CONTINUOUS' | 'DASHED' | 'DOTTED',
  ];
}
/** The layer of what a section cuts, in a drawing file. */
export const SECTION_FILE = ['SECTION', 'WHITE', 'CONTINUOUS'] as const;

export type Inks = Readonly<Record<string, Ink>>;
