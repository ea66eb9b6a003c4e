package brachion.server.shape;

import brachion.core.shape.Joined;
import brachion.core.shape.Place;
import brachion.core.shape.Trace;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Reads the lines of a DXF text file by the group codes of the published DXF reference: lines, arcs, circles, polylines with bulges,
 * splines, ellipses, and blocks put in at one scale. Lengths are in the file's unit where it says one.
 */
final class DxfReader {

    /** $INSUNITS: what it means in mm. */
    private static final Map<String, Double> UNIT_MM = Map.of("1", 25.4, "2", 304.8, "4", 1.0, "5", 10.0, "6", 1000.0);
    private static final Set<String> READ = Set.of("LINE", "ARC", "CIRCLE", "LWPOLYLINE", "POLYLINE", "SPLINE", "ELLIPSE", "INSERT");
    private static final Set<String> PART_OF_ANOTHER = Set.of("VERTEX", "SEQEND", "POINT");
    private static final int DEEPEST = 6;
    private static final int MOST_PAIRS = 2_000_000;
    private static final int OUTSIDE = 4 | 8 | 16 | 32;
    /** Straights a curve that is no arc is taken for. */
    private static final int PARTS = 24;

    /** A thing that is drawn, with its pairs; a polyline has those of its vertices after its own. */
    private record Entity(String type, List<DxfPair> pairs, List<Entity> vertices) {

        String text(int code, String otherwise) {
            return pairs.stream().filter(pair -> pair.code() == code).map(DxfPair::value).findFirst().orElse(otherwise);
        }

        double number(int code, double otherwise) {
            return pairs.stream().filter(pair -> pair.code() == code).findFirst().map(DxfPair::number).orElse(otherwise);
        }

        /** The place whose x has this code; its y has that plus ten. */
        Place at(int code) {
            return new Place(number(code, 0), number(code + 10, 0));
        }

        int flags() {
            return (int) number(70, 0);
        }
    }

    /** Blocks by name: what they hold, and the place in them that is put where they are put in. */
    private record Block(List<Entity> entities, Place base, int flags) {
    }

    /** Turned, scaled (below zero: mirrored across x first) and moved. */
    private record Put(Place at, double angleRad, double scale, boolean mirrored, Place base) {

        Trace placed(Trace trace) {
            Trace moved = trace.placed(0, -base.xMm(), -base.yMm());
            List<Trace.Corner> scaled = (mirrored ? moved.mirrored() : moved).corners().stream()
                    .map(corner -> new Trace.Corner(new Place(corner.place().xMm() * scale, corner.place().yMm() * scale), corner.bulge())).toList();
            return new Trace(scaled, trace.closed()).placed(angleRad, at.xMm(), at.yMm());
        }
    }

    private final Map<String, Block> blocks = new HashMap<>();
    private int leftOut;
    private int parts;
    private int inserted;

    private DxfReader() {
    }

    /**
     * The lines of a file.
     *
     * @param bareMm what a length means where the file does not say [mm]
     * @throws IllegalArgumentException when it is no such file, with what is wrong
     */
    static DrawnFile read(byte[] file, double bareMm) {
        for (byte one : file) {
            if (one == 0) {
                throw new IllegalArgumentException("This DXF is not a text; save it as a text (ASCII) DXF.");
            }
        }
        return new DxfReader().all(pairs(new String(file, StandardCharsets.ISO_8859_1)), bareMm);
    }

    private static List<DxfPair> pairs(String text) {
        List<DxfPair> pairs = new ArrayList<>();
        String[] lines = text.split("\r\n|\r|\n", -1);
        for (int i = 0; i + 1 < lines.length; i += 2) {
            try {
                pairs.add(new DxfPair(Integer.parseInt(lines[i].strip()), lines[i + 1].strip()));
            } catch (NumberFormatException none) {
                throw new IllegalArgumentException("This is no DXF: line " + (i + 1) + " should be a group code.", none);
            }
            if (pairs.size() > MOST_PAIRS) {
                throw new IllegalArgumentException("This DXF is too long; take out all but the line of the piece.");
            }
        }
        if (pairs.stream().noneMatch(pair -> pair.code() == 0 && pair.value().equals("SECTION"))) {
            throw new IllegalArgumentException("This is no DXF: it has no section.");
        }
        return pairs;
    }

    private DrawnFile all(List<DxfPair> pairs, double bareMm) {
        List<Entity> drawn = new ArrayList<>();
        double unit = bareMm;
        boolean said = false;
        String section = "";
        for (int i = 0; i < pairs.size(); i++) {
            DxfPair pair = pairs.get(i);
            if (pair.code() == 0 && pair.value().equals("SECTION") && i + 1 < pairs.size()) {
                section = pairs.get(i + 1).value();
                int end = endOf(pairs, i);
                List<Entity> entities = section.equals("ENTITIES") || section.equals("BLOCKS") ? entities(pairs.subList(i + 2, end)) : List.of();
                if (section.equals("ENTITIES")) {
                    drawn.addAll(entities);
                } else if (section.equals("BLOCKS")) {
                    blocks(entities);
                } else if (section.equals("HEADER")) {
                    String given = header(pairs.subList(i + 2, end), "$INSUNITS");
                    said = UNIT_MM.containsKey(given);
                    unit = UNIT_MM.getOrDefault(given, bareMm);
                }
                i = end;
            }
        }
        List<Trace> traces = new ArrayList<>();
        for (Entity entity : drawn) {
            if (entity.number(67, 0) == 0) {
                traces.addAll(lines(entity, 0));
            }
        }
        Put sized = new Put(Place.ORIGIN, 0, unit, false, Place.ORIGIN);
        return new DrawnFile(Joined.lines(traces.stream().map(sized::placed).toList(), DrawnFile.JOINED_MM), said, leftOut);
    }

    private static int endOf(List<DxfPair> pairs, int from) {
        for (int i = from; i < pairs.size(); i++) {
            if (pairs.get(i).code() == 0 && pairs.get(i).value().equals("ENDSEC")) {
                return i;
            }
        }
        throw new IllegalArgumentException("This DXF breaks off in the middle.");
    }

    private static String header(List<DxfPair> pairs, String variable) {
        for (int i = 0; i + 1 < pairs.size(); i++) {
            if (pairs.get(i).code() == 9 && pairs.get(i).value().equals(variable)) {
                return pairs.get(i + 1).value();
            }
        }
        return "";
    }

    private static List<Entity> entities(List<DxfPair> pairs) {
        List<Entity> entities = new ArrayList<>();
        for (DxfPair pair : pairs) {
            if (pair.code() == 0) {
                Entity next = new Entity(pair.value(), new ArrayList<>(), new ArrayList<>());
                if (pair.value().equals("VERTEX") && !entities.isEmpty()) {
                    entities.get(entities.size() - 1).vertices().add(next);
                } else if (!pair.value().equals("SEQEND")) {
                    entities.add(next);
                }
            } else if (!entities.isEmpty()) {
                Entity last = entities.get(entities.size() - 1);
                (last.vertices().isEmpty() ? last : last.vertices().get(last.vertices().size() - 1)).pairs().add(pair);
            }
        }
        return entities;
    }

    private void blocks(List<Entity> entities) {
        Entity open = null;
        List<Entity> held = new ArrayList<>();
        for (Entity entity : entities) {
            if (entity.type().equals("BLOCK")) {
                open = entity;
                held = new ArrayList<>();
            } else if (entity.type().equals("ENDBLK") && open != null) {
                blocks.put(open.text(2, ""), new Block(held, open.at(10), open.flags()));
                open = null;
            } else {
                held.add(entity);
            }
        }
    }

    private List<Trace> lines(Entity entity, int depth) {
        if (!READ.contains(entity.type())) {
            leftOut += PART_OF_ANOTHER.contains(entity.type()) ? 0 : 1;
            return List.of();
        }
        List<Trace> lines = switch (entity.type()) {
            case "LINE" -> List.of(Trace.through(List.of(entity.at(10), entity.at(11)), false));
            case "ARC" -> List.of(arc(entity));
            case "CIRCLE" -> List.of(Trace.circle(entity.at(10), positive(entity.number(40, 0), "radius")));
            case "LWPOLYLINE" -> polyline(corners(entity.pairs()), entity.flags());
            case "POLYLINE" -> polyline(entity.vertices().stream().map(vertex -> new Trace.Corner(vertex.at(10), vertex.number(42, 0))).toList(), entity.flags());
            case "SPLINE" -> DxfSpline.places(entity.pairs()).map(places -> List.of(Trace.through(places, false))).orElse(List.of());
            case "ELLIPSE" -> List.of(ellipse(entity));
            default -> inserted(entity, depth);
        };
        parts += lines.stream().mapToInt(line -> line.corners().size()).sum();
        DrawnFile.requireFew(parts);
        return lines;
    }

    private static Trace arc(Entity entity) {
        Place centre = entity.at(10);
        double radius = positive(entity.number(40, 0), "radius");
        double from = Math.toRadians(entity.number(50, 0));
        double turn = Math.toRadians(entity.number(51, 0)) - from;
        while (turn <= 0) {
            turn += 2 * Math.PI;
        }
        int halves = turn > Math.PI * 0.9 ? 3 : 1;
        List<Trace.Corner> corners = new ArrayList<>();
        for (int i = 0; i <= halves; i++) {
            double angle = from + turn * i / halves;
            corners.add(new Trace.Corner(new Place(centre.xMm() + radius * Math.cos(angle), centre.yMm() + radius * Math.sin(angle)),
                    i < halves ? Math.tan(turn / halves / 4) : 0));
        }
        return new Trace(corners, false);
    }

    private static List<Trace> polyline(List<Trace.Corner> corners, int flags) {
        return corners.size() < 2 ? List.of() : List.of(new Trace(corners, (flags & 1) != 0));
    }

    private static List<Trace.Corner> corners(List<DxfPair> pairs) {
        List<double[]> corners = new ArrayList<>();
        for (DxfPair pair : pairs) {
            if (pair.code() == 10) {
                corners.add(new double[] {pair.number(), 0, 0});
            } else if (!corners.isEmpty() && (pair.code() == 20 || pair.code() == 42)) {
                corners.get(corners.size() - 1)[pair.code() == 20 ? 1 : 2] = pair.number();
            }
        }
        return corners.stream().map(corner -> new Trace.Corner(new Place(corner[0], corner[1]), corner[2])).toList();
    }

    private static Trace ellipse(Entity entity) {
        Place centre = entity.at(10);
        Place major = entity.at(11);
        double ratio = entity.number(40, 1);
        double from = entity.number(41, 0);
        double turn = entity.number(42, 2 * Math.PI) - from;
        turn += turn <= 0 ? 2 * Math.PI : 0;
        List<Place> places = new ArrayList<>();
        for (int i = 0; i <= 4 * PARTS; i++) {
            double angle = from + turn * i / (4 * PARTS);
            double along = Math.cos(angle);
            double across = ratio * Math.sin(angle);
            places.add(new Place(centre.xMm() + along * major.xMm() - across * major.yMm(), centre.yMm() + along * major.yMm() + across * major.xMm()));
        }
        return Trace.through(places, false);
    }

    private List<Trace> inserted(Entity entity, int depth) {
        inserted++;
        DrawnFile.requireFew(inserted);
        Block block = blocks.get(entity.text(2, ""));
        if (block == null) {
            throw new IllegalArgumentException("This DXF puts in a block it does not hold: “" + entity.text(2, "") + "”.");
        }
        if ((block.flags() & OUTSIDE) != 0) {
            throw new IllegalArgumentException("The block “" + entity.text(2, "") + "” of this DXF lies in another file; bind it into this one first.");
        }
        if (depth >= DEEPEST) {
            throw new IllegalArgumentException("The blocks of this DXF are nested more than " + DEEPEST + " deep.");
        }
        double x = entity.number(41, 1);
        double y = entity.number(42, 1);
        if (x == 0 || Math.abs(Math.abs(x) - Math.abs(y)) > 1e-9 * Math.abs(x)) {
            throw new IllegalArgumentException("The block “" + entity.text(2, "") + "” of this DXF is put in at two scales; arcs would not stay arcs.");
        }
        // mirrored across y is turned half round and mirrored across x
        double turned = Math.toRadians(entity.number(50, 0)) + (x < 0 ? Math.PI : 0);
        Put put = new Put(entity.at(10), turned, Math.abs(x), x < 0 != y < 0, block.base());
        List<Trace> lines = new ArrayList<>();
        for (Entity held : block.entities()) {
            lines(held, depth + 1).forEach(trace -> lines.add(put.placed(trace)));
        }
        return lines;
    }

    private static double positive(double value, String what) {
        if (!(value > 0)) {
            throw new IllegalArgumentException("A " + what + " in this DXF is not above zero.");
        }
        return value;
    }
}
