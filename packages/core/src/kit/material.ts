/** What tools are made of here. */
export const TOOL_MATERIALS = ['hss', 'carbide'] as const;
export type ToolMaterial = (typeof TOOL_MATERIALS)[number];

/** One row of the shop's table of materials. */
export interface Material {
  readonly name: string;
  /** Other names it goes by on drawings, commas between. */
  readonly alsoCalled: string;
  /** Turning speed with a high-speed tool and with carbide, m/min. */
  readonly speedHss: number;
  readonly speedCarbide: number;
  /** Roughing and finishing feed, mm a turn. */
  readonly feed: number;
  readonly fineFeed: number;
  /** g/cm³. */
  readonly density: number;
  /** Per °C. */
  readonly expansion: number;
  /** What goes on the cut with a high-speed tool; the usual for it where it is not said. */
  readonly lubricant?: string | undefined;
  readonly source: string;
}
