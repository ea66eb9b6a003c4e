package brachion.server.paper;

/** Sheets that are printed on, upright. */
public enum Paper {
    /** 148 × 210 mm (ISO 216). */
    A5(148, 210),
    /** 210 × 297 mm (ISO 216). */
    A4(210, 297),
    /** 8 1/2 × 11 in (ANSI Y14.1, size A). */
    LETTER(215.9, 279.4);

    private final double widthMm;
    private final double heightMm;

    Paper(double widthMm, double heightMm) {
        this.widthMm = widthMm;
        this.heightMm = heightMm;
    }

    /** Its shorter side [mm]. */
    public double widthMm() {
        return widthMm;
    }

    /** Its longer side [mm]. */
    public double heightMm() {
        return heightMm;
    }
}
