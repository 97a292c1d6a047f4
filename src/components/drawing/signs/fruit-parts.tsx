import { Fruit } from './fruit-base'

/** A small fruit on a truss. */
export const Small = ({ x, y, r, fill }: { x: number; y: number; r: number; fill: string }) => (
  <g transform={`translate(${x} ${y}) scale(${r / 38})`}>
    <g transform="translate(-60 -50)">
      <Fruit crop="tomato" fill={fill} />
    </g>
  </g>
)

export const TRUSS = 'M14 0V90M14 18C40 14 66 20 92 14'
