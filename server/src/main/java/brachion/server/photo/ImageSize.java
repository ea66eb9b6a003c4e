package brachion.server.photo;

/** As large as a photograph is kept. */
enum ImageSize {
    /** To look at and to measure on. */
    WHOLE(2000, 0.82),
    /** In a row of several. */
    SMALL(360, 0.75);

    private final int longestPx;
    private final double quality;

    ImageSize(int longestPx, double quality) {
        this.longestPx = longestPx;
        this.quality = quality;
    }

    int longestPx() {
        return longestPx;
    }

    double quality() {
        return quality;
    }
}
