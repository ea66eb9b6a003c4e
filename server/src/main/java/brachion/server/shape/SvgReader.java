package brachion.server.shape;

import brachion.core.shape.Joined;
import brachion.core.shape.Trace;
import java.awt.geom.AffineTransform;
import java.io.ByteArrayInputStream;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.apache.batik.parser.AWTTransformProducer;
import org.apache.batik.parser.ParseException;
import org.apache.batik.parser.PathParser;

/**
 * Reads the lines of Scalable Vector Graphics (W3C, SVG 1.1): paths, straights, polylines, circles and ellipses under their transforms. What a
 * user unit is follows from width, height and viewBox; without them it is a pixel of 1/96 in (CSS). Nothing outside the file is
 * looked at, and no entity is expanded.
 */
final class SvgReader {

    private static final double PIXEL_MM = 25.4 / 96;
    private static final Map<String, Double> UNIT_MM = Map.of("", PIXEL_MM, "px", PIXEL_MM, "mm", 1.0, "cm", 10.0, "in", 25.4, "pt", 25.4 / 72, "pc", 25.4 / 6);
    private static final Pattern LENGTH = Pattern.compile("\\s*([-+]?[0-9]*\\.?[0-9]+(?:[eE][-+]?[0-9]+)?)\\s*([a-z]*)\\s*");
    /** Drawn only where something else asks for it. */
    private static final Set<String> NOT_DRAWN = Set.of("defs", "symbol", "clipPath", "mask", "marker", "pattern", "metadata", "style", "script");
    /** Drawn in ways that are not read. */
    private static final Set<String> NOT_READ = Set.of("use", "image", "text", "foreignObject");
    private static final int DEEPEST = 60;

    private final List<Trace> traces = new ArrayList<>();
    private final Deque<AffineTransform> transforms = new ArrayDeque<>();
    private boolean unitSaid;
    private int leftOut;
    private int parts;

    private SvgReader() {
    }

    /**
     * The lines of a file.
     *
     * @throws IllegalArgumentException when it is no such file, with what is wrong
     */
    static DrawnFile read(byte[] file) {
        SvgReader reader = new SvgReader();
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        try {
            XMLStreamReader xml = factory.createXMLStreamReader(new ByteArrayInputStream(file));
            reader.all(xml);
        } catch (XMLStreamException broken) {
            throw new IllegalArgumentException("This SVG cannot be read: it breaks off or is not well formed" + line(broken) + ".", broken);
        }
        return new DrawnFile(Joined.lines(reader.traces, DrawnFile.JOINED_MM), reader.unitSaid, reader.leftOut);
    }

    private static String line(XMLStreamException broken) {
        return broken.getLocation() == null || broken.getLocation().getLineNumber() < 1 ? "" : " at line " + broken.getLocation().getLineNumber();
    }

    private void all(XMLStreamReader xml) throws XMLStreamException {
        int skipped = 0;
        while (xml.hasNext()) {
            int event = xml.next();
            if (event == XMLStreamConstants.ENTITY_REFERENCE) {
                throw new IllegalArgumentException("This SVG uses entities of its own, which are not read.");
            }
            if (event == XMLStreamConstants.START_ELEMENT) {
                String name = xml.getLocalName();
                if (skipped > 0 || NOT_DRAWN.contains(name) || "none".equals(xml.getAttributeValue(null, "display"))) {
                    skipped++;
                } else {
                    start(name, xml);
                }
            } else if (event == XMLStreamConstants.END_ELEMENT) {
                if (skipped > 0) {
                    skipped--;
                } else {
                    transforms.pop();
                }
            }
        }
    }

    private void start(String name, XMLStreamReader xml) {
        if (transforms.isEmpty()) {
            if (!name.equals("svg")) {
                throw new IllegalArgumentException("This is no SVG: it begins with <" + name + ">.");
            }
            transforms.push(root(xml));
            return;
        }
        if (transforms.size() > DEEPEST) {
            throw new IllegalArgumentException("This SVG is nested more than " + DEEPEST + " deep.");
        }
        AffineTransform at = new AffineTransform(transforms.peek());
        at.concatenate(transform(xml.getAttributeValue(null, "transform")));
        transforms.push(at);
        if (NOT_READ.contains(name)) {
            leftOut++;
            return;
        }
        String path = path(name, xml);
        if (path != null) {
            SvgPathLines lines = new SvgPathLines(at);
            PathParser parser = new PathParser();
            parser.setPathHandler(lines);
            try {
                parser.parse(path);
            } catch (ParseException wrong) {
                throw new IllegalArgumentException("The path of a line in this SVG cannot be read near its sign " + Math.max(1, wrong.getColumnNumber()) + ".", wrong);
            }
            traces.addAll(lines.traces());
            parts += lines.traces().stream().mapToInt(trace -> trace.corners().size()).sum();
            DrawnFile.requireFew(parts);
        }
    }

    /** What a shape is drawn by, as path data; null for what is no shape. */
    private static String path(String name, XMLStreamReader xml) {
        switch (name) {
            case "path":
                return xml.getAttributeValue(null, "d");
            case "line":
                return "M" + value(xml, "x1") + " " + value(xml, "y1") + "L" + value(xml, "x2") + " " + value(xml, "y2");
            case "polyline":
            case "polygon":
                String points = xml.getAttributeValue(null, "points");
                return points == null || points.isBlank() ? null : "M" + points + (name.equals("polygon") ? "Z" : "");
            case "circle":
                return round(value(xml, "cx"), value(xml, "cy"), value(xml, "r"), value(xml, "r"));
            case "ellipse":
                return round(value(xml, "cx"), value(xml, "cy"), value(xml, "rx"), value(xml, "ry"));
            default:
                return null;
        }
    }

    private static String round(double x, double y, double rx, double ry) {
        String half = "A" + rx + " " + ry + " 0 0 1 ";
        return rx > 0 && ry > 0 ? "M" + (x - rx) + " " + y + half + (x + rx) + " " + y + half + (x - rx) + " " + y + "Z" : null;
    }

    /** From user units to millimetres with y upwards. */
    private AffineTransform root(XMLStreamReader xml) {
        Matcher width = length(xml.getAttributeValue(null, "width"));
        String box = xml.getAttributeValue(null, "viewBox");
        double unit = PIXEL_MM;
        if (width != null && UNIT_MM.containsKey(width.group(2).toLowerCase(Locale.ROOT))) {
            unitSaid = !width.group(2).isEmpty() && !width.group(2).equals("px");
            double wide = number(width.group(1)) * UNIT_MM.get(width.group(2).toLowerCase(Locale.ROOT));
            if (box != null) {
                String[] sides = box.strip().split("[\\s,]+");
                double across = sides.length == 4 ? number(sides[2]) : 0;
                if (!(across > 0)) {
                    throw new IllegalArgumentException("The viewBox of this SVG has four numbers, the third above zero; not “" + box + "”.");
                }
                unit = wide / across;
            }
        }
        if (!(unit > 0) || !Double.isFinite(unit)) {
            throw new IllegalArgumentException("This SVG does not say how large it is: its width is “" + xml.getAttributeValue(null, "width") + "”.");
        }
        return AffineTransform.getScaleInstance(unit, -unit);
    }

    private static Matcher length(String text) {
        Matcher matcher = text == null ? null : LENGTH.matcher(text);
        return matcher != null && matcher.matches() ? matcher : null;
    }

    private static double value(XMLStreamReader xml, String name) {
        Matcher length = length(xml.getAttributeValue(null, name));
        return length == null ? 0 : number(length.group(1));
    }

    private static double number(String text) {
        try {
            double value = Double.parseDouble(text);
            if (Double.isFinite(value)) {
                return value;
            }
        } catch (NumberFormatException none) {
            // refused like one that is not finite
        }
        throw new IllegalArgumentException("“" + text + "” in this SVG is no number.");
    }

    private static AffineTransform transform(String text) {
        if (text == null || text.isBlank()) {
            return new AffineTransform();
        }
        try {
            return AWTTransformProducer.createAffineTransform(text);
        } catch (ParseException wrong) {
            throw new IllegalArgumentException("A transform in this SVG cannot be read: “" + text.substring(0, Math.min(40, text.length())) + "”.", wrong);
        }
    }
}
