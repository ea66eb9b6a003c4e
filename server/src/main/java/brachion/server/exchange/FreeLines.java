package brachion.server.exchange;

import brachion.server.problem.RefusedFieldException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A notebook without columns, one line a bend, as in “3/8 ash, 1.5 h steam, strap, 7 in, snapped”: each line is taken apart into the columns it would have,
 * and is then read like any other table, asked about where it is a guess. What people write, and in which order, is common practice.
 */
final class FreeLines {

    /** So many of the lines tell of a bend, or it is something else. */
    private static final double ALMOST_ALL = 0.6;
    /** Each line is taken apart word by word; a life of bending has fewer. */
    private static final int MOST_LINES = 20_000;
    private static final int LONGEST_PART = 120;
    private static final String NUMBER = "(?:\\d+(?:[.,]\\d+)?(?:[ -]\\d+/\\d+)?(?:/\\d+)?|[½¼¾⅛⅜⅝⅞])";
    private static final String UNIT = "(?:\"|″|''|in(?:ch(?:es)?)?\\b|mm\\b|cm\\b|zoll\\b)";
    private static final Pattern DAY = pattern("\\b(?:\\d{4}-\\d{1,2}-\\d{1,2}|\\d{1,2}[/.]\\d{1,2}[/.]\\d{2,4})\\b\\.?");
    private static final Pattern MOISTURE = pattern(NUMBER + "\\s*%(?:\\s*(?:mc|moisture|feuchte))?");
    private static final Pattern STRAP = pattern("\\b(no|without|ohne|sans|steel|metal)?\\s*(?:strap|band|stahlband|feuillard)\\b");
    private static final Pattern PLIES = pattern("\\b(\\d+)\\s*(?:plies|ply|layers?|lams?|laminations?|lagen|plis)\\b");
    private static final Pattern TEMPERATURE = pattern("\\b\\d{2,3}(?:[.,]\\d+)?\\s*°?\\s*[fc]\\b");
    private static final Pattern ANGLE = pattern("\\b\\d{1,3}\\s*(?:°|deg(?:rees)?\\b|grad\\b)");
    private static final Pattern TIME = pattern(NUMBER + "\\s*(?:h(?:ou)?rs?|h|std|stunden?|min(?:ute[sn]?|s)?|days?|d|s(?:ec(?:onds?|s)?)?)\\b");
    private static final Pattern SIZE = pattern("(" + NUMBER + ")\\s*(" + UNIT + ")?\\s*[x×]\\s*(" + NUMBER + ")\\s*(" + UNIT + ")?");
    private static final Pattern RADIUS = pattern("(?:\\b(?:radius|rad|r|rayon)\\b\\.?\\s*(?:of\\s*)?(" + NUMBER + "\\s*" + UNIT + "?)|(" + NUMBER + "\\s*" + UNIT + "?)\\s*\\b(?:radius|rad|r|rayon)\\b)");
    private static final Pattern LENGTH = pattern("(?<![\\w/.])" + NUMBER + "\\s*" + UNIT + "?");
    private static final Pattern PARTS = Pattern.compile(";|,(?!\\d)|(?<!\\d),|\\t");
    private static final Pattern SOAKED = pattern("soak|water|gewasser|eingeweicht|tremp");
    private static final Pattern CARRIED = pattern("carry|carried|transfer");
    private static final Pattern HELD = pattern("form|clamp");
    private static final Pattern WIDE = pattern("\\bwide\\b|\\bwidth\\b|breit|large");
    private static final Pattern THICK = pattern("thick");
    /** Words that only say what a measurement beside them is. */
    private static final Pattern SPENT = pattern("\\b(?:steam(?:ed)?|soak(?:ed)?|box|thick|wide|width|mc|for|in|at|the|a|of|and|dampf|water|carry|form|clamped|on)\\b");

    /** What a line can say, by the heading it would stand under. */
    private enum Said {
        DAY("Date"), WOOD("Wood"), SEASONING("Seasoning"), MOISTURE("Moisture"), THICKNESS("Thickness"), WIDTH("Width"), RADIUS("Bend radius"), ANGLE("Bend angle"), METHOD("Method"),
        SOAK("Soak"), STEAM("Steam"), TEMPERATURE("Steam temperature"), CARRY("Carry"), FORM("On the form"), STRAP("Strap"), PLIES("Plies"), GLUE("Glue"), RESULT("Result"), NOTE("Notes");

        private final String heading;

        Said(String heading) {
            this.heading = heading;
        }
    }

    private final Words words;
    private final Map<Said, String> said = new EnumMap<>(Said.class);

    private FreeLines(Words words) {
        this.words = words;
    }

    private static Pattern pattern(String regex) {
        return Pattern.compile(regex, Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }

    /** The table the lines would make; empty where they are a table already, or tell of nothing known here. */
    static Optional<RawTable> of(RawTable raw, Words words) {
        if (!tellsOfABend(read(raw.rows().get(0), words))) {
            return Optional.empty();
        }
        if (raw.rows().size() > MOST_LINES) {
            throw new RefusedFieldException("file", "Lines written freely are taken up to 20,000 at once. Split them and bring in the parts.");
        }
        List<Map<Said, String>> lines = raw.rows().parallelStream().map(row -> read(row, words)).toList();
        if (lines.stream().filter(FreeLines::tellsOfABend).count() < lines.size() * ALMOST_ALL) {
            return Optional.empty();
        }
        Set<Said> columns = EnumSet.noneOf(Said.class);
        lines.forEach(line -> columns.addAll(line.keySet()));
        List<Row> rows = new ArrayList<>();
        rows.add(new Row(0, columns.stream().map(column -> column.heading).toList()));
        for (int i = 0; i < lines.size(); i++) {
            Map<Said, String> line = lines.get(i);
            rows.add(new Row(raw.rows().get(i).line(), columns.stream().map(column -> line.getOrDefault(column, "")).toList()));
        }
        return Optional.of(new RawTable(rows));
    }

    private static boolean tellsOfABend(Map<Said, String> line) {
        boolean measured = line.containsKey(Said.THICKNESS) || line.containsKey(Said.RADIUS) || line.containsKey(Said.STEAM);
        return measured && line.containsKey(Said.WOOD) && line.size() > 3;
    }

    private static Map<Said, String> read(Row row, Words words) {
        FreeLines line = new FreeLines(words);
        row.cells().stream().flatMap(cell -> Arrays.stream(PARTS.split(cell))).map(String::strip).filter(part -> !part.isEmpty()).forEach(line::part);
        return line.said;
    }

    /** Takes one part of a line apart; what is left over is a note, and a story is nothing else. */
    private void part(String text) {
        if (text.length() > LONGEST_PART) {
            note(text);
            return;
        }
        String left = text;
        left = take(left, DAY, Said.DAY, 0);
        left = take(left, MOISTURE, Said.MOISTURE, 0);
        Matcher strap = STRAP.matcher(left);
        if (strap.find()) {
            boolean none = strap.group(1) != null && !strap.group(1).equalsIgnoreCase("steel") && !strap.group(1).equalsIgnoreCase("metal");
            say(Said.STRAP, none ? "none" : "steel");
            left = strap.replaceFirst(" ");
        }
        left = take(left, PLIES, Said.PLIES, 1);
        left = take(left, TEMPERATURE, Said.TEMPERATURE, 0);
        left = take(left, ANGLE, Said.ANGLE, 0);
        left = take(left, TIME, stage(text), 0);
        left = size(left);
        left = radius(left);
        Optional<String> wood = known(left, run -> words.meant(Column.SPECIES.title(), run).isPresent() || !words.likely(Column.SPECIES.title(), run).isEmpty());
        left = taken(left, Said.WOOD, wood);
        left = length(left, wood.isPresent(), WIDE.matcher(text).find());
        left = taken(left, Said.SEASONING, known(left, run -> words.meant(Column.SEASONING.title(), run).isPresent()));
        left = taken(left, Said.METHOD, known(left, run -> words.meant(Column.METHOD.title(), run).isPresent()));
        left = taken(left, Said.GLUE, known(left, run -> run.length() > 1 && words.meant("glue", run).isPresent()));
        left = taken(left, Said.RESULT, known(left, run -> run.length() > 1 && words.meant(Column.ENDED.title(), run).isPresent()));
        left = SPENT.matcher(left).replaceAll(" ").replaceAll("[\\s.:-]+", " ").strip();
        if (!left.isEmpty()) {
            note(text);
        }
    }

    private void note(String text) {
        said.merge(Said.NOTE, text, (before, more) -> before + ", " + more);
    }

    private static Said stage(String text) {
        return SOAKED.matcher(text).find() ? Said.SOAK : CARRIED.matcher(text).find() ? Said.CARRY : HELD.matcher(text).find() ? Said.FORM : Said.STEAM;
    }

    /** What is said first counts; what is said of the same thing later stays in the note. */
    private boolean say(Said what, String text) {
        return said.putIfAbsent(what, text.strip()) == null;
    }

    private String take(String left, Pattern pattern, Said what, int group) {
        Matcher found = pattern.matcher(left);
        return found.find() && say(what, found.group(group)) ? found.replaceFirst(" ") : left;
    }

    private String size(String left) {
        Matcher size = SIZE.matcher(left);
        if (!size.find() || said.containsKey(Said.THICKNESS)) {
            return left;
        }
        String unit = size.group(4) == null ? size.group(2) == null ? "" : size.group(2) : size.group(4);
        say(Said.THICKNESS, size.group(1) + (size.group(2) == null ? unit : size.group(2)));
        say(Said.WIDTH, size.group(3) + unit);
        return size.replaceFirst(" ");
    }

    private String radius(String left) {
        Matcher radius = RADIUS.matcher(left);
        return radius.find() && say(Said.RADIUS, radius.group(1) == null ? radius.group(2) : radius.group(1)) ? radius.replaceFirst(" ") : left;
    }

    /** A length beside a wood is how thick it is; one by itself is, too, and the radius once that is said. */
    private String length(String left, boolean besideAWood, boolean wide) {
        if (wide) {
            return take(left, LENGTH, Said.WIDTH, 0);
        }
        if (besideAWood || THICK.matcher(left).find()) {
            return take(left, LENGTH, Said.THICKNESS, 0);
        }
        boolean alone = LENGTH.matcher(left).replaceFirst(" ").isBlank();
        return alone ? take(left, LENGTH, said.containsKey(Said.THICKNESS) ? Said.RADIUS : Said.THICKNESS, 0) : left;
    }

    /** The longest run of words that is known. */
    private static Optional<String> known(String text, Predicate<String> isKnown) {
        List<String> all = Arrays.stream(text.strip().split("\\s+")).filter(word -> word.chars().anyMatch(Character::isLetter)).toList();
        for (int length = all.size(); length > 0; length--) {
            for (int from = 0; from + length <= all.size(); from++) {
                String run = String.join(" ", all.subList(from, from + length));
                if (isKnown.test(run)) {
                    return Optional.of(run);
                }
            }
        }
        return Optional.empty();
    }

    private String taken(String left, Said what, Optional<String> run) {
        return run.isPresent() && say(what, run.get()) ? pattern(Pattern.quote(run.get()).replace(" ", "\\E\\s+\\Q")).matcher(left).replaceFirst(" ") : left;
    }
}
