package brachion.server.shape;

import brachion.core.shape.Trace;
import brachion.server.shape.Drawing.Layer;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

/**
 * A drawing as DXF in millimetres, of the oldest kind every program reads (AC1009): polylines whose bulges are arcs, and texts. The
 * group codes are those of the published DXF reference.
 */
final class DxfFile {

    static final String TYPE = "image/vnd.dxf";
    private static final double LETTERS_MM = 5;

    private final StringBuilder text = new StringBuilder();

    private DxfFile() {
    }

    static byte[] of(Drawing drawing) {
        DxfFile file = new DxfFile();
        double[] box = drawing.box();
        file.pair(0, "SECTION").pair(2, "HEADER").pair(9, "$ACADVER").pair(1, "AC1009").pair(9, "$INSUNITS").pair(70, "4").pair(9, "$MEASUREMENT").pair(70, "1")
                .pair(9, "$EXTMIN").at(10, box[0], box[1]).pair(9, "$EXTMAX").at(10, box[2], box[3]).pair(0, "ENDSEC");
        file.pair(0, "SECTION").pair(2, "TABLES").pair(0, "TABLE").pair(2, "LAYER").pair(70, Integer.toString(Layer.values().length + 1));
        for (Layer layer : Layer.values()) {
            file.layer(layer.name());
        }
        file.layer("WORDS").pair(0, "ENDTAB").pair(0, "ENDSEC").pair(0, "SECTION").pair(2, "ENTITIES");
        drawing.strokes().forEach(stroke -> file.polyline(stroke.layer().name(), stroke.trace()));
        drawing.labels().forEach(label -> file.pair(0, "TEXT").pair(8, "WORDS").at(10, label.at().xMm(), label.at().yMm()).pair(40, number(LETTERS_MM))
                .pair(1, plain(label.text())).pair(72, "1").at(11, label.at().xMm(), label.at().yMm()));
        file.pair(0, "ENDSEC").pair(0, "EOF");
        return file.text.toString().getBytes(StandardCharsets.US_ASCII);
    }

    private DxfFile layer(String name) {
        return pair(0, "LAYER").pair(2, name).pair(70, "0").pair(62, "7").pair(6, "CONTINUOUS");
    }

    private void polyline(String layer, Trace trace) {
        pair(0, "POLYLINE").pair(8, layer).pair(66, "1").at(10, 0, 0).pair(70, trace.closed() ? "1" : "0");
        for (Trace.Corner corner : trace.corners()) {
            pair(0, "VERTEX").pair(8, layer).at(10, corner.place().xMm(), corner.place().yMm()).pair(42, String.format(Locale.ROOT, "%.12f", corner.bulge()));
        }
        pair(0, "SEQEND").pair(8, layer);
    }

    private DxfFile at(int code, double x, double y) {
        return pair(code, number(x)).pair(code + 10, number(y)).pair(code + 20, "0");
    }

    private DxfFile pair(int code, String value) {
        text.append(String.format(Locale.ROOT, "%3d", code)).append("\r\n").append(value).append("\r\n");
        return this;
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.6f", value);
    }

    /** The oldest kind knows no other signs; a degree is written as its code. */
    private static String plain(String words) {
        return words.replace("°", "%%d").replace("⅛", "1/8").replace("″", "\"").replaceAll("[^\\x20-\\x7e]", "-");
    }
}
