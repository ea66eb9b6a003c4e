package brachion.server.shape;

import brachion.core.shape.Place;
import brachion.core.shape.Trace;
import brachion.server.shape.Drawing.Layer;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** A drawing as Scalable Vector Graphics (W3C, SVG 1.1): one user unit is a millimetre, arcs are arcs. */
final class SvgFile {

    static final String TYPE = "image/svg+xml";
    private static final double MARGIN_MM = 10;
    private static final double LETTERS_MM = 5;

    private SvgFile() {
    }

    static byte[] of(Drawing drawing) {
        double[] box = drawing.box();
        double width = box[2] - box[0] + 2 * MARGIN_MM;
        double height = box[3] - box[1] + 2 * MARGIN_MM;
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter svg = XMLOutputFactory.newDefaultFactory().createXMLStreamWriter(text);
            svg.writeStartDocument("UTF-8", "1.0");
            svg.writeStartElement("svg");
            svg.writeDefaultNamespace("http://www.w3.org/2000/svg");
            svg.writeAttribute("width", number(width) + "mm");
            svg.writeAttribute("height", number(height) + "mm");
            svg.writeAttribute("viewBox", number(box[0] - MARGIN_MM) + " " + number(-box[3] - MARGIN_MM) + " " + number(width) + " " + number(height));
            svg.writeStartElement("title");
            svg.writeCharacters(plain(drawing.title()));
            svg.writeEndElement();
            for (Layer layer : Layer.values()) {
                svg.writeStartElement("g");
                svg.writeAttribute("id", layer.name().toLowerCase(Locale.ROOT));
                svg.writeAttribute("fill", "none");
                svg.writeAttribute("stroke", "#000000");
                svg.writeAttribute("stroke-width", layer == Layer.MARKS ? "0.2" : "0.35");
                for (Drawing.Stroke stroke : drawing.strokes()) {
                    if (stroke.layer() == layer) {
                        svg.writeEmptyElement("path");
                        svg.writeAttribute("d", path(stroke.trace()));
                    }
                }
                svg.writeEndElement();
            }
            svg.writeStartElement("g");
            svg.writeAttribute("id", "words");
            svg.writeAttribute("font-family", "sans-serif");
            svg.writeAttribute("font-size", number(LETTERS_MM));
            svg.writeAttribute("text-anchor", "middle");
            for (Drawing.Label label : drawing.labels()) {
                svg.writeStartElement("text");
                svg.writeAttribute("x", number(label.at().xMm()));
                svg.writeAttribute("y", number(-label.at().yMm()));
                svg.writeCharacters(plain(label.text()));
                svg.writeEndElement();
            }
            svg.writeEndElement();
            svg.writeEndElement();
            svg.writeEndDocument();
            svg.close();
        } catch (XMLStreamException impossible) {
            throw new IllegalStateException("A text takes all that is written to it", impossible);
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    /** XML takes no control signs. */
    private static String plain(String words) {
        return words.replaceAll("\\p{Cntrl}", " ");
    }

    /** A line as path data; y counts downwards there. */
    static String path(Trace trace) {
        StringBuilder path = new StringBuilder();
        Place start = trace.corners().get(0).place();
        path.append('M').append(at(start));
        for (Trace.Edge edge : trace.edges()) {
            if (edge.bulge() == 0) {
                path.append('L').append(at(edge.to()));
            } else {
                String radius = number(edge.radiusMm());
                // what turns left with y upwards turns against the clock, sweep 0
                path.append('A').append(radius).append(' ').append(radius).append(" 0 ").append(Math.abs(edge.turnRad()) > Math.PI ? '1' : '0').append(' ')
                        .append(edge.bulge() > 0 ? '0' : '1').append(' ').append(at(edge.to()));
            }
        }
        return trace.closed() ? path.append('Z').toString() : path.toString();
    }

    private static String at(Place place) {
        return number(place.xMm()) + " " + number(-place.yMm());
    }

    /** To a tenth of a micron: a flat arc lies far from its centre, and its radius carries that far. */
    static String number(double value) {
        String text = String.format(Locale.ROOT, "%.4f", value);
        return text.replaceFirst("\\.?0+$", "").replaceFirst("^-0$", "0");
    }
}
