package brachion.core.trial;

/**
 * Curve of the inner face of a piece after it was let go, found with a straight edge laid across it: a chord c and its rise h lie on
 * a circle of radius R = (c²/4 + h²)/(2h) (intersecting chords; Euclid, Elements III.35).
 *
 * @param radiusMm its radius [mm]
 * @param sdMm     how far that is usually off when chord and rise are each read to half a millimetre [mm]
 */
public record ReleasedCurve(double radiusMm, double sdMm) {

    /** How well a rule is read (a round number chosen by us) [mm]. */
    private static final double READ_MM = 0.5;

    /**
     * From a straight edge across it.
     *
     * @param chordMm from where the edge touches to where it touches [mm]
     * @param riseMm  how far the face stands off the middle of the edge [mm]
     */
    public static ReleasedCurve ofChordAndRise(double chordMm, double riseMm) {
        if (!(chordMm > 0) || !(riseMm > 0)) {
            throw new IllegalArgumentException("A curve needs a chord and a rise above zero, not " + chordMm + " and " + riseMm + " mm");
        }
        double quarter = chordMm * chordMm / 4;
        double byRise = (riseMm * riseMm - quarter) / (2 * riseMm * riseMm);
        double byChord = chordMm / (4 * riseMm);
        return new ReleasedCurve((quarter + riseMm * riseMm) / (2 * riseMm), READ_MM * Math.hypot(byRise, byChord));
    }

    /**
     * From laying it on the pattern it was bent to: it touches in the middle and stands off at both ends of a chord of the pattern.
     *
     * @param patternMm radius of the pattern [mm]
     * @param chordMm   chord of the pattern between the places where the gap is measured [mm]
     * @param gapMm     how far it stands off there, and so how much less it rises over that chord than the pattern [mm]
     * @throws IllegalArgumentException when the chord is longer than the pattern is wide, or nothing of the curve would be left
     */
    public static ReleasedCurve ofGap(double patternMm, double chordMm, double gapMm) {
        if (!(chordMm > 0) || !(chordMm <= 2 * patternMm)) {
            throw new IllegalArgumentException("A chord cannot be longer than its circle is wide: " + chordMm + " mm on a radius of " + patternMm);
        }
        double rise = patternMm - Math.sqrt(patternMm * patternMm - chordMm * chordMm / 4);
        if (!(rise > gapMm)) {
            throw new IllegalArgumentException("Over " + chordMm + " mm the pattern rises by " + rise + " mm; a gap of " + gapMm + " leaves no curve");
        }
        return ofChordAndRise(chordMm, rise - gapMm);
    }
}
