package brachion.server.paper;

import brachion.core.shape.Trace;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** A line drawing on paper, in millimetres from its upper left corner, with words beside its lines. */
public final class Sketch {

    /** How high capital letters and figures stand with the space over them [mm]. */
    static final double LETTERS_MM = 4.4;
    /** How wide one is on average; measured generously, so that what is thought to fit does fit. */
    private static final double LETTER_WIDE_MM = 2.3;
    private static final double TICK_MM = 1.6;
    private static final double OFF_MM = 1.2;
    /** Lines at its edge are seen whole, so it goes on this far round it [mm]; the page lays it as far to the left and above. */
    private static final double ROUND_MM = 0.5;
    /** Arcs are straights so close to them on paper [mm]. */
    private static final double FLAT_MM = 0.02;

    private final double widthMm;
    private final double heightMm;
    private final StringBuilder lines = new StringBuilder();
    private final List<Word> words = new ArrayList<>();
    private String caption = "";

    /** How heavy a line is. */
    public enum Ink {
        /** Edges of wood. */
        THICK(0.6),
        /** Edges of other things. */
        LINE(0.35),
        /** What only measures. */
        FINE(0.2);

        private final double widthMm;

        Ink(double widthMm) {
            this.widthMm = widthMm;
        }
    }

    /**
     * Words in it.
     *
     * @param text    the words
     * @param leftMm  left edge of the room they have [mm]
     * @param topMm   its upper edge [mm]
     * @param wideMm  its width [mm]
     * @param begins  whether they begin at its left edge; else they stand in its middle
     */
    public record Word(String text, double leftMm, double topMm, double wideMm, boolean begins) {
    }

    /** An empty one. */
    public Sketch(double widthMm, double heightMm) {
        this.widthMm = widthMm;
        this.heightMm = heightMm;
    }

    /** Its width [mm]. */
    public double widthMm() {
        return widthMm;
    }

    /** Its height [mm]. */
    public double heightMm() {
        return heightMm;
    }

    /** What stands below it. */
    public String caption() {
        return caption;
    }

    /** What stands below it. */
    public void caption(String says) {
        caption = says;
    }

    /** Its words. */
    public List<Word> words() {
        return List.copyOf(words);
    }

    /** A straight line. */
    public void line(double fromX, double fromY, double toX, double toY, Ink ink) {
        path("M" + number(fromX) + " " + number(fromY) + "L" + number(toX) + " " + number(toY), ink, false);
    }

    /** A rectangle; shaded where it matters. */
    public void box(double left, double top, double wide, double high, Ink ink, boolean shaded) {
        path("M" + number(left) + " " + number(top) + "h" + number(wide) + "v" + number(high) + "h" + number(-wide) + "Z", ink, shaded);
    }

    /** A circle. */
    public void circle(double x, double y, double diameter, Ink ink) {
        path("M" + number(x - diameter / 2) + " " + number(y) + half(diameter, x + diameter / 2, y) + half(diameter, x - diameter / 2, y) + "Z", ink, false);
    }

    private static String half(double diameter, double x, double y) {
        return "A" + number(diameter / 2) + " " + number(diameter / 2) + " 0 0 1 " + number(x) + " " + number(y);
    }

    /** A line of the core, where y counts upwards. */
    public void trace(Trace trace, Placing placing, Ink ink, boolean shaded) {
        StringBuilder path = new StringBuilder();
        trace.places(FLAT_MM / placing.scale()).forEach(place -> path.append(path.isEmpty() ? 'M' : 'L').append(number(placing.x(place))).append(' ').append(number(placing.y(place))));
        path(trace.closed() ? path.append('Z').toString() : path.toString(), ink, shaded);
    }

    private void path(String data, Ink ink, boolean shaded) {
        lines.append("<path d=\"").append(data).append("\" fill=\"").append(shaded ? "#d9d9d9" : "none").append("\" stroke=\"#000\" stroke-linejoin=\"round\" stroke-width=\"")
                .append(number(ink.widthMm)).append("\"/>");
    }

    /** Words about a place; moved so that they do not leave the drawing. */
    public void word(String text, double middleX, double bottomY) {
        double wide = wide(text);
        double left = Math.max(0, Math.min(widthMm - wide, middleX - wide / 2));
        words.add(new Word(text, left, Math.max(0, bottomY - LETTERS_MM), wide, false));
    }

    /** Words that begin at a place. */
    public void wordFrom(String text, double leftX, double bottomY) {
        words.add(new Word(text, leftX, Math.max(0, bottomY - LETTERS_MM), wide(text), true));
    }

    static double wide(String text) {
        return text.length() * LETTER_WIDE_MM;
    }

    /** A length across, measured between two strokes, its words over the line. */
    public void across(double fromX, double toX, double y, String text) {
        line(fromX, y, toX, y, Ink.FINE);
        line(fromX, y - TICK_MM, fromX, y + TICK_MM, Ink.FINE);
        line(toX, y - TICK_MM, toX, y + TICK_MM, Ink.FINE);
        word(text, (fromX + toX) / 2, y - OFF_MM);
    }

    /** A length downwards, its words to the right of the line. */
    public void down(double x, double fromY, double toY, String text) {
        line(x, fromY, x, toY, Ink.FINE);
        line(x - TICK_MM, fromY, x + TICK_MM, fromY, Ink.FINE);
        line(x - TICK_MM, toY, x + TICK_MM, toY, Ink.FINE);
        word(text, x + 2 * OFF_MM + wide(text) / 2, (fromY + toY) / 2 + LETTERS_MM / 2);
    }

    /** Its lines as Scalable Vector Graphics, without its words. */
    public String svg() {
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"" + number(widthMm + 2 * ROUND_MM) + "mm\" height=\"" + number(heightMm + 2 * ROUND_MM) + "mm\" viewBox=\""
                + number(-ROUND_MM) + " " + number(-ROUND_MM) + " " + number(widthMm + 2 * ROUND_MM) + " " + number(heightMm + 2 * ROUND_MM) + "\">" + lines + "</svg>";
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.3f", value);
    }
}
