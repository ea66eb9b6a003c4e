package brachion.truth;

import brachion.truth.Forecasts.Said;
import java.util.List;
import java.util.Locale;

/** The mean true chance over what was said, with and without records. */
final class CalibrationDrawing {

    private static final int SIZE = 360;
    private static final int MARGIN = 44;
    private static final int BINS = 12;

    private CalibrationDrawing() {
    }

    static String of(List<Said> said) {
        StringBuilder svg = new StringBuilder(String.format(Locale.ROOT, """
                <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d" font-family="sans-serif" font-size="12">
                <rect width="100%%" height="100%%" fill="#fcfcfa"/>
                <path d="M%d %dV%dH%d" fill="none" stroke="#1f2a2c"/>
                <path d="M%d %dL%d %d" stroke="#8a9698" stroke-dasharray="4 4"/>
                <text x="%d" y="%d" text-anchor="middle">said to hold</text>
                <text x="14" y="%d" text-anchor="middle" transform="rotate(-90 14 %d)">truly hold</text>
                """, SIZE + 2 * MARGIN, SIZE + 2 * MARGIN, MARGIN, MARGIN, SIZE + MARGIN, SIZE + MARGIN, MARGIN, SIZE + MARGIN,
                SIZE + MARGIN, MARGIN, MARGIN + SIZE / 2, SIZE + 2 * MARGIN - 10, MARGIN + SIZE / 2, MARGIN + SIZE / 2));
        curve(svg, said, 0, "#c1531f", "no records");
        curve(svg, said, 160, "#1f5fa8", "160 records");
        return svg.append("</svg>\n").toString();
    }

    private static void curve(StringBuilder svg, List<Said> said, int records, String colour, String name) {
        List<Said> sorted = said.stream().filter(each -> each.records() == records)
                .sorted((a, b) -> Double.compare(a.said().probability(), b.said().probability())).toList();
        for (int bin = 0; bin < BINS; bin++) {
            List<Said> here = sorted.subList(bin * sorted.size() / BINS, (bin + 1) * sorted.size() / BINS);
            double x = here.stream().mapToDouble(each -> each.said().probability()).average().orElse(0);
            double y = here.stream().mapToDouble(Said::truth).average().orElse(0);
            svg.append(String.format(Locale.ROOT, "<circle cx=\"%.1f\" cy=\"%.1f\" r=\"5\" fill=\"%s\"/>%n",
                    MARGIN + SIZE * x, MARGIN + SIZE * (1 - y), colour));
        }
        int at = records == 0 ? 20 : 40;
        svg.append(String.format(Locale.ROOT, "<circle cx=\"%d\" cy=\"%d\" r=\"5\" fill=\"%s\"/><text x=\"%d\" y=\"%d\">%s</text>%n",
                MARGIN + 16, MARGIN + at, colour, MARGIN + 28, MARGIN + at + 4, name));
    }
}
