package brachion.core.method;

/**
 * Saw cuts across the inner face of a piece, which let it bend by its webs alone. With the outer face at R_o over an angle
 * θ: n = ⌈R_o·θ/pitch⌉ cuts, each of which closes by the angle that a pitch turns through, φ = pitch/R_o (all of θ where one
 * cut has the whole bend). A web s thick bends over the width of its cut w and as much as it is thick of the wood to each side,
 * but over no more than the length that is its own, so its radius is ρ = min(w + 2s, φ·R_o)/φ: with shallow cuts it is the
 * board itself that bends, ρ = R_o. Its faces are strained by s/(2ρ); a cut d deep has w − φ·d of its mouth left; between two
 * cuts the outer face is flat and stands pitch²/(8·R_o) off the curve. Circle arithmetic; that the bend spreads one web
 * thickness to each side is common practice.
 *
 * @param count        n
 * @param eachRad      φ [rad]
 * @param webRadiusMm  ρ [mm]
 * @param roomMm       opening left at the mouth of a cut [mm]; negative when the cuts close before the curve is reached
 * @param facetMm      how far a facet stands off the curve [mm]
 * @param webStrain    strain of the faces of the web; beyond the closing of the cuts with what the whole section adds
 */
public record KerfCuts(int count, double eachRad, double webRadiusMm, double roomMm, double facetMm, double webStrain) {

    /**
     * The cuts of a curve.
     *
     * @param thicknessMm thickness of the piece [mm]
     * @param bend        the curve
     * @param kerfMm      width of a cut, w [mm]
     * @param webMm       wood left standing, s [mm]; a web as thick as the piece is a piece without cuts
     * @param pitchMm     from one cut to the next [mm]
     */
    public static KerfCuts of(double thicknessMm, Bend bend, double kerfMm, double webMm, double pitchMm) {
        double outerRadius = bend.innerRadiusMm() + thicknessMm;
        double web = Math.min(webMm, thicknessMm);
        double depth = thicknessMm - web;
        // a hair over a whole number of cuts is that number
        int count = Math.max(1, (int) Math.ceil(bend.outerArcMm(thicknessMm) / pitchMm - 1e-9));
        double ownMm = Math.min(pitchMm, bend.outerArcMm(thicknessMm));
        double each = ownMm / outerRadius;
        double closing = depth * each > kerfMm ? kerfMm / depth : each;
        double bentMm = Math.min(kerfMm + 2 * web, ownMm);
        // once the cuts are closed the piece bends whole, about the line where they touch
        double whole = (each - closing) / ownMm * thicknessMm;
        return new KerfCuts(count, each, bentMm / each, kerfMm - each * depth, pitchMm * pitchMm / (8 * outerRadius),
                web * closing / (2 * bentMm) + whole);
    }

    /** The same where more of them are sawn than this curve needs. */
    KerfCuts counting(int more) {
        return new KerfCuts(more, eachRad, webRadiusMm, roomMm, facetMm, webStrain);
    }

    /** Whether the cuts leave the curve to be reached. */
    public boolean reach() {
        return roomMm >= 0;
    }
}
