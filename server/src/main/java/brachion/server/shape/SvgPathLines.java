package brachion.server.shape;

import brachion.core.shape.CubicBezier;
import brachion.core.shape.Place;
import brachion.core.shape.Trace;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;
import org.apache.batik.parser.DefaultPathHandler;

/** Takes in the data of one path and keeps its lines in millimetres; curves become arcs, circles stay what they are. */
final class SvgPathLines extends DefaultPathHandler {

    private static final double SAME = 1e-9;

    private final AffineTransform transform;
    private final List<Trace> traces = new ArrayList<>();
    private List<Trace.Corner> corners = new ArrayList<>();
    private double x;
    private double y;
    private double startX;
    private double startY;
    /** What the last curve came from, for one that goes on smoothly. */
    private double fromX;
    private double fromY;
    private boolean afterCubic;
    private boolean afterQuadratic;

    SvgPathLines(AffineTransform transform) {
        this.transform = transform;
    }

    List<Trace> traces() {
        return traces;
    }

    @Override
    public void endPath() {
        lay(false);
    }

    private void lay(boolean closed) {
        if (!corners.isEmpty()) {
            corners.add(new Trace.Corner(placed(x, y), 0));
            if (corners.size() > 2 && closed && corners.get(0).place().to(placed(x, y)) < SAME) {
                corners.remove(corners.size() - 1);
            }
            traces.add(new Trace(corners, closed));
            DrawnFile.requireFew(traces.size());
        }
        corners = new ArrayList<>();
    }

    private Place placed(double atX, double atY) {
        Point2D at = transform.transform(new Point2D.Double(atX, atY), null);
        if (!Double.isFinite(at.getX()) || !Double.isFinite(at.getY())) {
            throw new IllegalArgumentException("A place in this drawing is no number.");
        }
        return new Place(at.getX(), at.getY());
    }

    private void move(double toX, double toY) {
        lay(false);
        x = toX;
        y = toY;
        startX = toX;
        startY = toY;
        went(false, false);
    }

    private void went(boolean cubic, boolean quadratic) {
        afterCubic = cubic;
        afterQuadratic = quadratic;
        DrawnFile.requireFew(corners.size());
    }

    private void straight(double toX, double toY) {
        corners.add(new Trace.Corner(placed(x, y), 0));
        x = toX;
        y = toY;
        went(false, false);
    }

    private void cubic(double c1x, double c1y, double c2x, double c2y, double toX, double toY) {
        add(new CubicBezier(placed(x, y), placed(c1x, c1y), placed(c2x, c2y), placed(toX, toY)));
        fromX = c2x;
        fromY = c2y;
        x = toX;
        y = toY;
        went(true, false);
    }

    private void quadratic(double cx, double cy, double toX, double toY) {
        add(CubicBezier.quadratic(placed(x, y), placed(cx, cy), placed(toX, toY)));
        fromX = cx;
        fromY = cy;
        x = toX;
        y = toY;
        went(false, true);
    }

    private void add(CubicBezier curve) {
        if (curve.p0().to(curve.p1()) + curve.p1().to(curve.p2()) + curve.p2().to(curve.p3()) > SAME) {
            List<Trace.Corner> arcs = Trace.along(curve, DrawnFile.CLOSE_MM).corners();
            corners.addAll(arcs.subList(0, arcs.size() - 1));
        }
    }

    /** An elliptical arc by its ends (SVG 1.1, appendix F.6). */
    private void arc(double givenRx, double givenRy, double degrees, boolean large, boolean sweep, double toX, double toY) {
        double rx = Math.abs(givenRx);
        double ry = Math.abs(givenRy);
        if (rx < SAME || ry < SAME || Math.hypot(toX - x, toY - y) < SAME) {
            straight(toX, toY);
            return;
        }
        double phi = Math.toRadians(degrees);
        double cos = Math.cos(phi);
        double sin = Math.sin(phi);
        double px = (cos * (x - toX) + sin * (y - toY)) / 2;
        double py = (-sin * (x - toX) + cos * (y - toY)) / 2;
        double over = px * px / (rx * rx) + py * py / (ry * ry);
        if (over > 1) {
            rx *= Math.sqrt(over);
            ry *= Math.sqrt(over);
        }
        double rest = Math.max(0, (rx * rx * ry * ry - rx * rx * py * py - ry * ry * px * px) / (rx * rx * py * py + ry * ry * px * px));
        double share = (large == sweep ? -1 : 1) * Math.sqrt(rest);
        double cx = share * rx * py / ry;
        double cy = -share * ry * px / rx;
        double from = Math.atan2((py - cy) / ry, (px - cx) / rx);
        double turn = Math.atan2((-py - cy) / ry, (-px - cx) / rx) - from;
        turn += sweep && turn < 0 ? 2 * Math.PI : !sweep && turn > 0 ? -2 * Math.PI : 0;
        if (Math.abs(rx - ry) < SAME * rx && similar()) {
            circular(turn);
        } else {
            elliptical(rx, ry, cos, sin, cos * cx - sin * cy + (x + toX) / 2, sin * cx + cos * cy + (y + toY) / 2, from, turn);
        }
        x = toX;
        y = toY;
        went(false, false);
    }

    private void circular(double turn) {
        corners.add(new Trace.Corner(placed(x, y), Math.tan(turn / 4) * Math.signum(transform.getDeterminant())));
    }

    private void elliptical(double rx, double ry, double cos, double sin, double cx, double cy, double from, double turn) {
        int parts = (int) Math.ceil(Math.abs(turn) / (Math.PI / 8) - SAME);
        double leg = 4 / 3.0 * Math.tan(turn / parts / 4);
        for (int i = 0; i < parts; i++) {
            double a = from + turn * i / parts;
            double b = from + turn * (i + 1) / parts;
            add(new CubicBezier(on(rx, ry, cos, sin, cx, cy, a, 0), on(rx, ry, cos, sin, cx, cy, a, leg), on(rx, ry, cos, sin, cx, cy, b, -leg),
                    on(rx, ry, cos, sin, cx, cy, b, 0)));
        }
    }

    /** A place on an ellipse, so many times its tangent on. */
    private Place on(double rx, double ry, double cos, double sin, double cx, double cy, double angle, double leg) {
        double ex = rx * (Math.cos(angle) - leg * Math.sin(angle));
        double ey = ry * (Math.sin(angle) + leg * Math.cos(angle));
        return placed(cos * ex - sin * ey + cx, sin * ex + cos * ey + cy);
    }

    /** Whether circles stay circles. */
    private boolean similar() {
        double a = transform.getScaleX();
        double b = transform.getShearY();
        double c = transform.getShearX();
        double d = transform.getScaleY();
        double size = Math.hypot(a, b);
        return Math.abs(Math.hypot(c, d) - size) < 1e-7 * size && Math.abs(a * c + b * d) < 1e-7 * size * size;
    }

    @Override
    public void movetoAbs(float toX, float toY) {
        move(toX, toY);
    }

    @Override
    public void movetoRel(float dx, float dy) {
        move(x + dx, y + dy);
    }

    @Override
    public void closePath() {
        if (!corners.isEmpty() && Math.hypot(startX - x, startY - y) > SAME) {
            straight(startX, startY);
        }
        x = startX;
        y = startY;
        lay(true);
        went(false, false);
    }

    @Override
    public void linetoAbs(float toX, float toY) {
        straight(toX, toY);
    }

    @Override
    public void linetoRel(float dx, float dy) {
        straight(x + dx, y + dy);
    }

    @Override
    public void linetoHorizontalAbs(float toX) {
        straight(toX, y);
    }

    @Override
    public void linetoHorizontalRel(float dx) {
        straight(x + dx, y);
    }

    @Override
    public void linetoVerticalAbs(float toY) {
        straight(x, toY);
    }

    @Override
    public void linetoVerticalRel(float dy) {
        straight(x, y + dy);
    }

    @Override
    public void curvetoCubicAbs(float c1x, float c1y, float c2x, float c2y, float toX, float toY) {
        cubic(c1x, c1y, c2x, c2y, toX, toY);
    }

    @Override
    public void curvetoCubicRel(float c1x, float c1y, float c2x, float c2y, float dx, float dy) {
        cubic(x + c1x, y + c1y, x + c2x, y + c2y, x + dx, y + dy);
    }

    @Override
    public void curvetoCubicSmoothAbs(float c2x, float c2y, float toX, float toY) {
        cubic(afterCubic ? 2 * x - fromX : x, afterCubic ? 2 * y - fromY : y, c2x, c2y, toX, toY);
    }

    @Override
    public void curvetoCubicSmoothRel(float c2x, float c2y, float dx, float dy) {
        curvetoCubicSmoothAbs((float) (x + c2x), (float) (y + c2y), (float) (x + dx), (float) (y + dy));
    }

    @Override
    public void curvetoQuadraticAbs(float cx, float cy, float toX, float toY) {
        quadratic(cx, cy, toX, toY);
    }

    @Override
    public void curvetoQuadraticRel(float cx, float cy, float dx, float dy) {
        quadratic(x + cx, y + cy, x + dx, y + dy);
    }

    @Override
    public void curvetoQuadraticSmoothAbs(float toX, float toY) {
        quadratic(afterQuadratic ? 2 * x - fromX : x, afterQuadratic ? 2 * y - fromY : y, toX, toY);
    }

    @Override
    public void curvetoQuadraticSmoothRel(float dx, float dy) {
        curvetoQuadraticSmoothAbs((float) (x + dx), (float) (y + dy));
    }

    @Override
    public void arcAbs(float rx, float ry, float degrees, boolean large, boolean sweep, float toX, float toY) {
        arc(rx, ry, degrees, large, sweep, toX, toY);
    }

    @Override
    public void arcRel(float rx, float ry, float degrees, boolean large, boolean sweep, float dx, float dy) {
        arc(rx, ry, degrees, large, sweep, x + dx, y + dy);
    }
}
