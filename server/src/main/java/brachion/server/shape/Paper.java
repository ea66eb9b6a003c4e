package brachion.server.shape;

/** Sheets a pattern is printed on, upright. */
enum Paper {
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

    double widthMm() {
        return widthMm;
    }

    double heightMm() {
        return heightMm;
    }
}
