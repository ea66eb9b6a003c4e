package brachion.core.method;

/** What adds to or takes from the risk of a bend, in the words of the trade. */
public enum Term {
    /** The curve is tight for this thickness and support, even in soft straight wood. */
    CURVE,
    /** The wood cooled and stiffened between the chamber and the clamps. */
    CARRY,
    /** The wood is too dry to soften, and steam had no time to wet it. */
    DRY_WOOD,
    /** The wood did not get hot enough, for want of temperature or time. */
    TOO_LITTLE_HEAT,
    /** The grain runs out through the face. */
    SLOPING_GRAIN,
    /** Knots or wild grain in the bend. */
    KNOTS,
    /** The stretched face is riven or the natural one under the bark. */
    RIVEN_FACE,
    /** Bark left on over the stretched face, beyond its being the natural one. */
    BARK,
    /** The strap's stops leave slack. */
    STRAP_SLACK,
    /** A band that backs the outer face without being held at its ends. */
    BACKED,
    /** A strap held at its ends, beyond what it is computed to take up; only asked about, never part of a forecast. */
    STRAP_HELD,
    /** A strap held at its ends on a bend that published radii allow without; only asked about, never part of a forecast. */
    STRAPPED_THOUGH_GENTLE,
    /** A sheet of plastic or metal between plies and clamps. */
    BACKING_SHEET,
    /** Growth rings on edge to the form. */
    RINGS_ON_EDGE,
    /** Growth rings flat against the form. */
    RINGS_FLAT,
    /** Growth rings in between. */
    RINGS_RIFT,
    /** Growth rings turning through the piece. */
    RINGS_MIXED,
    /** Softener in the soak, beyond what the soak itself does. */
    SOFTENER,
    /** A soak, beyond the water that is computed to get in. */
    SOAKED,
    /** Green stock, beyond its moisture. */
    GREEN_STOCK,
    /** Webbing on the outer face, beyond the little it is computed to carry. */
    WEBBING,
    /** Steamed in a bag, beyond the heat that is computed. */
    STEAM_BAG,
    /** Steamed in place, beyond the heat that is computed. */
    STEAM_IN_PLACE,
    /** Heated in a bath, beyond the heat and the water that are computed. */
    HOT_BATH,
    /** Bent over a hot pipe, beyond the heat that is computed. */
    HOT_PIPE,
    /** Bent freely by body weight, beyond what its tightest place asks. */
    FREE_BENDING,
    /** Plies steamed and set before they are glued, beyond what each asks. */
    STEAMED_PLIES,
    /** Plies with kerfs over the bend, beyond what their webs and the clean ply ask. */
    KERFED_PLIES,
    /** Rods thinned at the bend, beyond what the thinned section asks. */
    GREEN_ROD,
    /** Heated in the water itself and not in a bag, which washes a plate out. */
    WASHED_OUT,
    /** Pushed home in fewer rounds. */
    FEWER_ROUNDS,
    /** Plywood, beyond what its outer ply is computed to bear as solid wood. */
    PLYWOOD,
    /** Long steaming, beyond the softness that is computed; only asked about, never part of a forecast. */
    LONG_STEAM,
    /** Steamed as long as a school says; only asked about, never part of a forecast. */
    SCHOOL,
    /** Epoxy, beside white or yellow glue. */
    GLUE_EPOXY,
    /** Polyurethane, beside white or yellow glue. */
    GLUE_POLYURETHANE,
    /** Urea resin, beside white or yellow glue. */
    GLUE_UREA_RESIN,
    /** Hide glue, beside white or yellow glue. */
    GLUE_HIDE,
    /** Many plies to keep in order while the glue stands open. */
    MANY_PLIES,
    /** Plies clamped from the middle outwards. */
    FROM_THE_MIDDLE,
    /** Plies clamped from the tight end. */
    FROM_THE_TIGHT_END,
    /** Plies clamped until they touch and a little glue comes out. */
    CLAMPED_FIRMLY,
    /** Plies clamped as hard as the clamps will go. */
    CLAMPED_TIGHT,
    /** How this shop's heat, water and straps differ from the usual ones, as its records say. */
    SHOP_PHYSICS,
    /** The species, beyond its published radii. */
    SPECIES,
    /** The hands that bend it. */
    PERSON,
    /** The board it is cut from. */
    BOARD,
    /** Where the board came from. */
    SOURCE,
    /** A shop other than the own one. */
    SHOP
}
