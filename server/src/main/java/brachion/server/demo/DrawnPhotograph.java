package brachion.server.demo;

import brachion.core.quantity.LengthUnit;
import brachion.server.photo.PointedFields;
import brachion.server.photo.SpotFields;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.Arc2D;
import java.awt.geom.GeneralPath;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import javax.imageio.ImageIO;

/** A photograph of the invented workshop, drawn: what lies on the bench beside a rule, to scale. */
final class DrawnPhotograph {

    private static final int WIDTH = 1600;
    private static final int HEIGHT = 1200;
    private static final Color BENCH = new Color(0x6B5A49);
    private static final Color WOOD = new Color(0xD9B98A);
    private static final Color GRAIN = new Color(0xA57F4F);
    private static final Color STEEL = new Color(0xC9CDD0);
    private static final double INCH_MM = LengthUnit.INCH.millimetres();
    /** Pixels of it on one of a screen. */
    private static final double AS_SHOWN = 2;

    private final BufferedImage picture = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    private final Graphics2D drawn = picture.createGraphics();
    private final Random hand;
    private final double pxPerMm;
    private final List<SpotFields> ruleEnds = new ArrayList<>();
    private final List<SpotFields> innerFace = new ArrayList<>();

    /**
     * An empty bench.
     *
     * @param seed    the same seed draws the same bench
     * @param pxPerMm how near the camera is [px/mm]
     */
    DrawnPhotograph(long seed, double pxPerMm) {
        this.hand = new Random(seed);
        this.pxPerMm = pxPerMm;
        drawn.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        drawn.setColor(BENCH);
        drawn.fillRect(0, 0, WIDTH, HEIGHT);
        for (int i = 0; i < 260; i++) {
            double y = hand.nextDouble() * HEIGHT;
            drawn.setColor(shade(BENCH, 0.85 + 0.3 * hand.nextDouble()));
            drawn.draw(new Line2D.Double(0, y, WIDTH, y + 14 * hand.nextGaussian()));
        }
    }

    private static Color shade(Color color, double by) {
        return new Color(shade(color.getRed(), by), shade(color.getGreen(), by), shade(color.getBlue(), by));
    }

    private static int shade(int part, double by) {
        return (int) Math.max(0, Math.min(255, part * by));
    }

    /** A rule of so many inches along the lower edge, a mark for each inch and a longer one at both ends. */
    DrawnPhotograph withRule(int inches) {
        double left = WIDTH / 2.0 - inches * INCH_MM * pxPerMm / 2;
        double top = HEIGHT - 110;
        ruleEnds.add(new SpotFields(left, top));
        ruleEnds.add(new SpotFields(left + inches * INCH_MM * pxPerMm, top));
        drawn.setColor(STEEL);
        drawn.fill(new Rectangle2D.Double(left, top, inches * INCH_MM * pxPerMm, 62));
        drawn.setColor(Color.BLACK);
        for (int eighth = 0; eighth <= inches * 8; eighth++) {
            double x = left + eighth * INCH_MM / 8 * pxPerMm;
            double length = eighth % 8 == 0 ? 34 : eighth % 4 == 0 ? 24 : 14;
            drawn.setStroke(new BasicStroke(eighth % 8 == 0 ? 3 : 1.4f, BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER));
            drawn.draw(new Line2D.Double(x, top, x, top + length));
        }
        return this;
    }

    /**
     * A bent piece lying on its edge, its middle above, with straight ends.
     *
     * @param innerRadiusMm radius of its inner face [mm]
     * @param degrees       angle of the bend [°]
     * @param thicknessMm   its thickness [mm]
     * @param splinter      whether fibres lift off the outer face in the middle
     */
    DrawnPhotograph withBentPiece(double innerRadiusMm, double degrees, double thicknessMm, boolean splinter) {
        double across = thicknessMm * pxPerMm;
        double middle = (innerRadiusMm + thicknessMm / 2) * pxPerMm;
        double x = WIDTH / 2.0;
        double y = 120 + middle + across;
        double half = Math.toRadians(degrees / 2);
        double straight = 130;
        double inner = innerRadiusMm * pxPerMm;
        for (double share = -0.8; share < 1; share += 0.4) {
            innerFace.add(new SpotFields(x + inner * Math.sin(share * half), y - inner * Math.cos(share * half)));
        }
        Shape shape = new BasicStroke((float) across, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND).createStrokedShape(line(x, y, middle, half, straight));
        drawn.setColor(new Color(0, 0, 0, 70));
        drawn.translate(9, 12);
        drawn.fill(shape);
        drawn.translate(-9, -12);
        drawn.setColor(WOOD);
        drawn.fill(shape);
        drawn.setClip(shape);
        drawn.setColor(GRAIN);
        for (int i = 0; i < 14; i++) {
            drawn.setStroke(new BasicStroke(0.6f + hand.nextFloat()));
            drawn.draw(line(x, y, middle + across * (hand.nextDouble() - 0.5), half, straight));
        }
        drawn.setClip(null);
        if (splinter) {
            double outer = middle + across / 2;
            drawn.setColor(shade(WOOD, 0.8));
            drawn.setStroke(new BasicStroke(5, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            for (int i = 0; i < 3; i++) {
                double from = Math.toRadians(-94 + 5 * i);
                double to = from + Math.toRadians(13);
                drawn.draw(new Line2D.Double(x + outer * Math.cos(from), y + outer * Math.sin(from), x + (outer + 26 + 8 * i) * Math.cos(to), y + (outer + 26 + 8 * i) * Math.sin(to)));
            }
        }
        return this;
    }

    private static GeneralPath line(double x, double y, double radius, double half, double straight) {
        GeneralPath path = new GeneralPath();
        double dx = Math.sin(half);
        double dy = -Math.cos(half);
        path.moveTo(x - radius * dx - straight * -dy, y + radius * dy + straight * dx);
        path.append(new Arc2D.Double(x - radius, y - radius, 2 * radius, 2 * radius, 90 + Math.toDegrees(half), -2 * Math.toDegrees(half), Arc2D.OPEN), true);
        path.lineTo(x + radius * dx + straight * -dy, y + radius * dy + straight * dx);
        return path;
    }

    /**
     * The edge of a board across the picture, with its grain running out of it.
     *
     * @param widthMm its width on the picture [mm]
     * @param run     the grain rises by one in so many
     */
    DrawnPhotograph withBoard(double widthMm, double run) {
        double across = widthMm * pxPerMm;
        Rectangle2D board = new Rectangle2D.Double(-20, HEIGHT / 2.0 - across / 2 - 60, WIDTH + 40.0, across);
        drawn.setColor(WOOD);
        drawn.fill(board);
        drawn.setClip(board);
        for (double y = board.getMinY() - WIDTH / run; y < board.getMaxY() + WIDTH / run; y += 5 + 9 * hand.nextDouble()) {
            drawn.setColor(shade(GRAIN, 0.85 + 0.3 * hand.nextDouble()));
            drawn.setStroke(new BasicStroke(0.8f + 1.2f * hand.nextFloat()));
            drawn.draw(new Line2D.Double(-20, y, WIDTH + 20.0, y - (WIDTH + 40) / run));
        }
        drawn.setClip(null);
        drawn.setColor(shade(GRAIN, 0.6));
        drawn.setStroke(new BasicStroke(2));
        drawn.draw(board);
        return this;
    }

    /** What somebody pointed at on it: the rule of so many inches and the inside of the curve. */
    PointedFields pointed(int inches) {
        return new PointedFields(AS_SHOWN, ruleEnds, inches * INCH_MM, innerFace, null, null, null);
    }

    /** The photograph as a file. */
    byte[] jpeg() {
        drawn.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(picture, "jpeg", out);
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
        return out.toByteArray();
    }
}
