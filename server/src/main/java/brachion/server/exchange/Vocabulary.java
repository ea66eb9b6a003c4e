package brachion.server.exchange;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** What people write over the columns of their notebooks, in English, German and French (common practice). */
final class Vocabulary {

    /** By the column it means; what is said first is looked for first. */
    private static final Map<String, List<String>> HEADINGS = new LinkedHashMap<>();

    static {
        say(Column.RELEASED_RADIUS.title(), "radius after release", "released radius", "radius after", "final radius", "sprung radius", "radius nachher", "rayon apres");
        say(Translation.SECTION_SIZE, "thickness x width", "t x w", "size", "stock size", "section size", "cross section", "dimensions", "querschnitt", "section", "masse");
        say("strap thickness", "strap thickness", "band thickness");
        say(Column.DAY.title(), "day", "date", "bent on", "when", "datum", "tag", "jour", "date of bend");
        say(Column.SPECIES.title(), "species", "wood", "timber", "wood species", "type of wood", "holz", "holzart", "bois", "essence", "material");
        say(Column.SEASONING.title(), "seasoning", "dried", "drying", "kd ad", "kd or ad", "kiln or air", "trocknung", "sechage");
        say(Column.MOISTURE.title(), "moisture", "mc", "moisture content", "m c", "mc pct", "wetness", "feuchte", "holzfeuchte", "feuchtigkeit", "humidite");
        say(Column.THICKNESS.title(), "thickness", "thick", "thk", "t", "dicke", "starke", "staerke", "epaisseur");
        say(Column.WIDTH.title(), "width", "wide", "w", "breite", "largeur");
        say(Column.INNER_RADIUS.title(), "inner radius", "bend radius", "inside radius", "form radius", "radius", "rad", "r", "biegeradius", "innenradius", "rayon", "rayon interieur");
        say(Column.BEND_ANGLE.title(), "bend angle", "angle", "degrees", "bend", "biegewinkel", "winkel", "angle de cintrage");
        say(Column.METHOD.title(), "method", "how", "technique", "way", "process", "verfahren", "methode", "how bent");
        say("soak", "soak", "soaked", "soak time", "soaking", "hours soaked", "einweichen", "gewassert", "trempage");
        say("chamber", "chamber", "steam temp", "box temp", "temp", "temperature", "steam temperature", "temperatur", "dampftemperatur");
        say("steam", "steam", "steam time", "steaming time", "time in steam", "steamed", "steaming", "min steam", "time", "minutes", "dampfzeit", "dampfdauer", "temps de vapeur", "etuvage");
        say("carry", "carry", "transfer", "carry time", "out to clamp");
        say("strap", "strap", "compression strap", "bending strap", "support", "backing", "zugband", "stahlband", "feuillard", "band");
        say("on the form", "on the form", "form time", "time on form", "on form", "clamp time", "in clamps");
        say("plies", "plies", "layers", "laminations", "lagen", "plis");
        say("glue", "glue", "adhesive", "leim", "kleber", "colle");
        say(Column.ENDED.title(), "ended", "result", "outcome", "how it went", "success", "ok", "held", "broke", "verdict", "ergebnis", "resultat", "failure");
        say(Column.PERSON.title(), "person", "who", "bent by", "maker", "by", "wer", "qui");
        say(Column.BOARD.title(), "board", "plank", "board no", "brett", "bohle", "planche");
        say(Column.SOURCE.title(), "source", "from", "supplier", "where from", "herkunft", "lieferant", "provenance");
        say(Column.GRAIN_SLOPE.title(), "slope of grain", "grain slope", "runout", "slope", "faserneigung");
        say(Column.GROWTH_RINGS.title(), "growth rings", "rings", "grain", "ring orientation", "jahrringe", "cernes");
        say(Column.KNOTS.title(), "knots", "knot", "aste", "noeuds");
        say(Column.NOTE.title(), "note", "notes", "remarks", "remark", "comments", "comment", "memo", "bemerkung", "bemerkungen", "notizen", "remarques", "remarque");
    }

    private Vocabulary() {
    }

    private static void say(String column, String... headings) {
        HEADINGS.put(column, List.of(headings));
    }

    /** Words without marks, accents and what stands in brackets: “Höhe (mm)” is hohe. */
    static String bare(String text) {
        String plain = Normalizer.normalize(text, Normalizer.Form.NFD).replaceAll("\\p{M}", "").toLowerCase(Locale.ROOT);
        return plain.replaceAll("[\\[(].*?[\\])]", " ").replace("%", " ").replace("×", " x ").replaceAll("[^\\p{L}\\p{N}]+", " ").strip();
    }

    /** The column a heading means: one that is called so, else one of whose names all words stand in it. */
    static Optional<String> meant(String heading) {
        String bare = bare(heading);
        Optional<String> exactly = HEADINGS.entrySet().stream().filter(entry -> entry.getValue().contains(bare)).map(Map.Entry::getKey).findFirst();
        return exactly.or(() -> Column.named(bare).map(Column::title)).or(() -> HEADINGS.entrySet().stream()
                .filter(entry -> entry.getValue().stream().filter(name -> name.length() > 2).anyMatch(name -> within(name, bare))).map(Map.Entry::getKey).findFirst());
    }

    private static boolean within(String name, String heading) {
        return Arrays.asList(heading.split(" ")).containsAll(Arrays.asList(name.split(" ")));
    }
}
