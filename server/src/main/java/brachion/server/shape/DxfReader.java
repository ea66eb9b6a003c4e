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

    /** Blocks by name: what they hold, and the place in them that is put where they are put in. */
    private record Block(List<DxfEntity> entities, Place base, int flags) {
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
        List<DxfEntity> drawn = new ArrayList<>();
        double unit = bareMm;
        boolean said = false;
        String section = "";
        for (int i = 0; i < pairs.size(); i++) {
            DxfPair pair = pairs.get(i);
            if (pair.code() == 0 && pair.value().equals("SECTION") && i + 1 < pairs.size()) {
                section = pairs.get(i + 1).value();
                int end = endOf(pairs, i);
                List<DxfEntity> entities = section.equals("ENTITIES") || section.equals("BLOCKS") ? DxfEntity.read(pairs.subList(i + 2, end)) : List.of();
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
        for (DxfEntity entity : drawn) {
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

    private void blocks(List<DxfEntity> entities) {
        DxfEntity open = null;
        List<DxfEntity> held = new ArrayList<>();
        for (DxfEntity entity : entities) {
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

    private List<Trace> lines(DxfEntity entity, int depth) {
        if (!READ.contains(entity.type())) {
            leftOut += PART_OF_ANOTHER.contains(entity.type()) ? 0 : 1;
            return List.of();
        }
        List<Trace> lines = entity.type().equals("INSERT") ? inserted(entity, depth) : entity.lines();
        parts += lines.stream().mapToInt(line -> line.corners().size()).sum();
        DrawnFile.requireFew(parts);
        return lines;
    }

    private List<Trace> inserted(DxfEntity entity, int depth) {
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
        for (DxfEntity held : block.entities()) {
            lines(held, depth + 1).forEach(trace -> lines.add(put.placed(trace)));
        }
        return lines;
    }
}
