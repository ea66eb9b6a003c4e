package brachion.bench;

import java.io.IOException;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Locale;
import java.util.function.IntFunction;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** What the answers of the running product cost, beside an empty one of the same server. */
final class Requests {

    private static final String RECIPE = """
            {"blank": {"speciesId": "white-ash", "seasoning": "AIR_DRIED", "growthRings": "FLAT", %s
                       "knots": "CLEAR", "thicknessMm": 19, "widthMm": 25},
             "innerRadiusMm": 140, "angleDegrees": 180, "method": {"kind": "STEAM_BOX",
             "soakHours": 0, "steamMinutes": 60, "chamberC": %s, "carrySeconds": 15}}""";
    private static final String MEASURED = "\"moisturePercent\": 18, \"grainRun\": 20,";
    private static final String MARKS_ALONE = "{\"radiusMm\": 3.175, \"thicknessMm\": 0.79375}";
    private static final String MARKS = ", \"marks\": " + MARKS_ALONE;
    private static final String MAP = ", \"thinnestMm\": 2, \"thickestMm\": 40, \"tightestMm\": 30, \"widestMm\": 1200, "
            + "\"columns\": 60, \"rows\": 40";

    private final Visitor visitor;
    private final double emptyMillis;
    private final Rows rows;

    /** Takes what was measured, the time it took, and what that stands beside. */
    interface Rows {
        void add(String what, String value, String beside);
    }

    Requests(RunningServer server, Rows rows) throws IOException, InterruptedException {
        this.visitor = new Visitor(server);
        this.rows = rows;
        emptyMillis = load().medianMillis(visitor.get(Visitor.EMPTY), 1500, 2000);
    }

    RequestLoad load() {
        return visitor.load();
    }

    Visitor visitor() {
        return visitor;
    }

    /** A forecast of a piece that was measured. */
    static HttpRequest forecast(Visitor visitor) {
        return visitor.post("/api/forecast", turn -> asked(RECIPE.formatted(MEASURED, 98))).apply(0);
    }

    void measure() throws IOException, InterruptedException {
        String measured = asked(RECIPE.formatted(MEASURED, 98));
        row("forecast of a measured piece", "aim: 20 ms more", visitor.post("/api/forecast", turn -> measured), 1500, 2000);
        String unmeasured = asked(RECIPE.formatted("", 98));
        row("forecast of an unmeasured piece", "15 possibilities; aim: 20 ms more", visitor.post("/api/forecast", turn -> unmeasured), 300, 300);
        row("forecast of a piece never seen", "its heat and water included",
                visitor.post("/api/forecast", turn -> asked(hotter(MEASURED, turn))), 100, 100);
        row("what to change", "", visitor.post("/api/forecast/levers", turn -> asked(RECIPE.formatted(MEASURED, 98), ", \"wanted\": 0.9" + MARKS)), 40, 40);
        String map = asked(RECIPE.formatted("", 98), MAP);
        row("bend map 60 × 40", "aim: 250 ms", visitor.post("/api/forecast/map", turn -> map), 20, 20);
        row("bend map 60 × 40 of a chamber never seen", "aim: 1,000 ms",
                visitor.post("/api/forecast/map", turn -> asked(hotter("", turn), MAP)), 5, 10);
        row("every way to a curve, side by side", "aim: 60 ms more",
                visitor.post("/api/forecast/side-by-side", turn -> asked(RECIPE.formatted(MEASURED, 98), ", \"wanted\": 0.9")), 40, 40);
        String arcs = IntStream.range(0, 6).mapToObj(arc -> """
                {"kind": "STRAIGHT", "lengthMm": 60}, {"kind": "ARC", "innerRadiusMm": %d, "angleDegrees": 40, "turn": "%s"}""".formatted(150 + 20 * arc, arc % 2 == 0 ? "LEFT" : "RIGHT"))
                .collect(Collectors.joining(", ", ", \"strapTurned\": true, \"overhangMm\": 100, \"chain\": {\"stretches\": [", "]}"));
        String curve = asked(RECIPE.formatted(MEASURED, 98), arcs);
        row("a curve of 12 parts, 6 of them bends", "aim: 10 ms more than one bend", visitor.post("/api/curves/forecast", turn -> curve), 200, 200);
        String metres = asked(RECIPE.formatted(MEASURED, 98), """
                , "strapTurned": true, "what": "PIECE", "name": "A rail", "units": "METRIC", "paper": "A4",
                "chain": {"stretches": [{"kind": "STRAIGHT", "lengthMm": 700}, {"kind": "ARC", "innerRadiusMm": 300, "angleDegrees": 120, "turn": "LEFT"}, {"kind": "STRAIGHT", "lengthMm": 700}]}""");
        row("pattern of a curve of two metres as PDF", "aim: 400 ms", visitor.post("/api/curves/drawing/pdf", turn -> metres), 20, 20);
        String sheet = "{\"sheet\": {\"paper\": \"A4\", \"units\": \"METRIC\", \"title\": \"Rib\"}, \"drawn\": [\"BENT\", \"LAID_OUT\", \"ACROSS\"], \"recipe\": "
                + RECIPE.formatted(MEASURED, 98) + "}";
        row("a sheet for the bench with three drawings as PDF", "", visitor.post("/api/sheets/bend", turn -> sheet), 40, 40);
        String broken = "/api/trials/" + broken();
        row("a record, forecast as it was done", "", visitor.get(broken + "/forecast"), 40, 40);
        row("what was behind its flaw", "", visitor.post(broken + "/diagnosis", turn -> MARKS_ALONE), 40, 40);
        row("what to try next", "", visitor.post("/api/forecast/next", turn -> asked(RECIPE.formatted(MEASURED, 98), ", \"others\": []" + MARKS)), 5, 10);
        row("search over every combination of all woods", "aim: 2,000 ms", visitor.post("/api/ways", Requests::wish), 5, 10);
        day();
        row("evidence", "", visitor.get("/api/evidence"), 20, 40);
        row("a page of trials", "", visitor.get("/api/trials?size=40"), 100, 100);
        row("all trials of the sample as a table", "", visitor.get("/api/exchange/trials"), 50, 50);
    }

    /** Plans of all jobs of the shop, and of one with two hundred pieces. */
    private void day() throws IOException, InterruptedException {
        String all = load().client().send(visitor.get("/api/jobs").apply(0), HttpResponse.BodyHandlers.ofString()).body();
        List<String> jobs = Pattern.compile("\\{\"id\":(\\d+),\"version\"").matcher(all).results().map(job -> job.group(1)).toList();
        String every = jobs.stream().map("{\"id\": %s}"::formatted).collect(Collectors.joining(", ", "{\"anew\": true, \"jobs\": [", "]}"));
        String large = "{\"anew\": true, \"jobs\": [{\"id\": %s, \"toStart\": 200}]}".formatted(jobs.get(0));
        firstLine("the first plan of a day", "aim: 300 ms", visitor.post("/api/day/proposals", turn -> every));
        firstLine("the first plan of 200 pieces", "aim: 3,000 ms", visitor.post("/api/day/proposals", turn -> large));
        row("the best plan of a day", "aim: 3,000 ms", visitor.post("/api/day/proposals", turn -> every), 3, 7);
    }

    private void firstLine(String what, String aim, IntFunction<HttpRequest> request) throws IOException, InterruptedException {
        row(what, aim, () -> load().medianMillisToTheFirstLine(request, 8, 15));
    }

    /** Something that is measured [ms]. */
    private interface Measured {
        double millis() throws IOException, InterruptedException;
    }

    /** What a shop of so many records asks most, and what takes longest there. */
    void measureAmong(int records) throws IOException, InterruptedException {
        HttpRequest measured = forecast(visitor);
        row(String.format(Locale.ROOT, "forecast of a measured piece, %,d records", records), "aim: 10 ms more", turn -> measured, 1500, 2000);
        row(String.format(Locale.ROOT, "evidence of %,d records, the first time", records), "", visitor.get("/api/evidence"), 0, 1);
    }

    /** Key of the last trial that broke. */
    private String broken() throws IOException, InterruptedException {
        String page = load().client().send(visitor.get("/api/trials?severity=BROKEN&size=1").apply(0), HttpResponse.BodyHandlers.ofString()).body();
        return page.replaceAll("(?s).*?\"id\":(\\d+).*", "$1");
    }

    private static String hotter(String measured, int turn) {
        return RECIPE.formatted(measured, String.format(Locale.ROOT, "%.3f", 96 + 0.001 * turn));
    }

    private static String asked(String recipe) {
        return asked(recipe, "");
    }

    private static String asked(String recipe, String more) {
        return "{\"recipe\": " + recipe + more + "}";
    }

    private static String wish(int turn) {
        return String.format(Locale.ROOT, """
                {"innerRadiusMm": 100, "angleDegrees": 190, "thicknessMm": %1$.2f, "widthMm": 22, "unbroken": 0.9, "speciesIds": [],
                 "seasonings": ["GREEN", "AIR_DRIED", "KILN_DRIED"], "thicknessesMm": [%1$.2f, %2$.2f], "supports": ["NONE", "STEEL"],
                 "soak": true, "methods": ["STEAM_BOX", "COLD_LAMINATION"], "pliesMm": [1, 1.6, 2, 2.4, 3.2, 4, 4.8],
                 "order": "MOST_TRIED"}""", 16 + 0.01 * turn, 14 + 0.01 * turn);
    }

    void row(String what, String aim, IntFunction<HttpRequest> request, int warmUp, int turns)
            throws IOException, InterruptedException {
        row(what, aim, () -> load().medianMillis(request, warmUp, turns));
    }

    private void row(String what, String aim, Measured measured) throws IOException, InterruptedException {
        double millis;
        try {
            millis = measured.millis();
        } catch (RequestLoad.Refused refused) {
            rows.add("request: " + what, "not answered", refused.getMessage());
            return;
        }
        rows.add("request: " + what, String.format(Locale.ROOT, "%.1f ms", millis), String.format(Locale.ROOT,
                "%.1f ms more than an empty request (%.2f ms)%s", millis - emptyMillis, emptyMillis, aim.isEmpty() ? "" : "; " + aim));
    }
}
