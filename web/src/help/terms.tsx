import type { ReactNode } from 'react';
import type { TermName } from './titles';
import { Carry, GrainSlope, NeutralAxis, Rings, RiseAcross, Sections, Slack } from './pictures';

interface Explanation {
  words: string;
  picture?: ReactNode;
}

/** Each term in plain words, drawn where a drawing says it better. */
export const TERMS: Record<TermName, Explanation> = {
  grainSlope: {
    words: 'How far the grain runs along the piece for every one it climbs across it. 1 in 25 is straight; 1 in 10 runs out through the face within a hand’s width, and there the piece splits. Follow a pore or a drying crack, not the figure of the rings.',
    picture: <GrainSlope />,
  },
  rings: {
    words: 'Look at the end of the piece as it will lie on the form. On edge: the rings stand across the thickness. Flat to the form: they lie along it. Rift: they run slantwise. Benches disagree on which bends best; your records decide.',
    picture: <Rings />,
  },
  carry: {
    words: 'The seconds from opening the heat until the piece is fully clamped. Its skin cools and stiffens on the way: thin stock has ten seconds, not a minute.',
    picture: <Carry />,
  },
  slack: {
    words: 'How far the piece can still lengthen before the stops of the strap hold it, both ends together. A strap takes up stretch only once the stops bear on the ends.',
    picture: <Slack />,
  },
  neutralAxis: {
    words: 'The depth in the piece that is neither stretched nor squeezed. Hot wood gives way to squeezing first, so the axis moves outward; a tight strap moves it out of the wood altogether, and nothing is stretched any more.',
    picture: <NeutralAxis />,
  },
  support: {
    words: 'A band that lies on the outer face while it is bent. Steel with end stops takes the stretch off the wood; webbing mostly holds splinters down.',
  },
  seasoning: {
    words: 'How the stock lost its water. Green comes straight from the log, air-dried from the stack, kiln-dried from the oven: that one has set hard and takes water up slowly.',
  },
  outerFace: {
    words: 'How the face that will be stretched was made. A riven face follows its fibres, and so does the wood under the bark; a saw cuts across them.',
  },
  section: {
    words: 'What the piece looks like cut across where it bends. A rod carries its stretch on a line and breaks sooner than a plank as thick; a half-round with its flat outside shares the stretch over the flat and breaks later.',
    picture: <Sections />,
  },
  hold: {
    words: 'How long the piece stays clamped. It cools in half an hour; the bend sets as it relaxes and dries, over a day and more. Let go too early and it opens further.',
  },
  riseAcross: {
    words: 'A plate is curved both ways. Radius and angle say its curve along the grain; this says the other one: how far its middle stands off a straight edge laid across its width. Held at its edges it is stretched both ways, and across the grain it splits first.',
    picture: <RiseAcross />,
  },
  springback: {
    words: 'How far a bend opens when it is let go, and a little more while it dries. The form is made tighter by as much.',
  },
  kerf: {
    words: 'The slot a saw leaves. For kerf bending many of them are cut across the inner face; only the thin web that is left is bent, and each slot closes a little.',
  },
  blank: {
    words: 'A piece as it is cut for bending, longer than what it becomes. Cut more of them than you need: some break.',
  },
  odds: {
    words: '“7 in 10” says that of ten such pieces seven hold without breaking. The range beside it is where the true odds lie four times in five; it narrows with each bend you log and each thing you measure.',
  },
  plies: {
    words: 'The thin strips a lamination is glued of. Give their number or the thickness of one: the other follows from the finished thickness. Left empty, they are as thick as codes for laminated timber allow, a hundredth of the radius.',
  },
};
