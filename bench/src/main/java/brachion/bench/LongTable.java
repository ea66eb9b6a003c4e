package brachion.bench;

import java.io.IOException;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** What a table of very many bends costs: to read, to bring in, to find in, and to take back. */
final class LongTable {

    private static final int BENDS = 100_000;
    private static final String HEADINGS = "day,species,seasoning,moisture,thickness [in],width [in],inner radius [in],bend angle,method,steam [min],chamber [°F],carry [s],ended,flaw,board,person,note\n";
    private static final String[] WOODS = {"White ash", "White oak", "Beech", "Sugar maple", "Black walnut"};
    private static final String ALL = "{\"conditions\": [], \"falling\": true}";

    private final Requests requests;
    private final Requests.Rows rows;

    LongTable(Requests requests, Requests.Rows rows) {
        this.requests = requests;
        this.rows = rows;
    }

    /** A table of so many bends. */
    static byte[] bends(int count) {
        return (HEADINGS + IntStream.range(0, count).mapToObj(i -> String.format(Locale.ROOT, "20%02d-%02d-%02d,%s,%s,%d,%s,1.5,%s,%d,steam box,%d,208,%d,%s,board %d,person %d,bend %d\n",
                10 + i % 15, 1 + i % 12, 1 + i % 28, WOODS[i % WOODS.length], i % 2 == 0 ? "air dried" : "kiln dried", 8 + i % 15, 0.25 + i % 40 / 40.0, 3 + i / 1000.0 % 40, 45 + i % 4 * 45,
                20 + i % 60, 8 + i % 20, i % 5 == 0 ? "broken,snap" : "clean,", i % 3000, i % 8, i)).collect(Collectors.joining())).getBytes(StandardCharsets.UTF_8);
    }

    void measure() throws IOException, InterruptedException {
        Visitor visitor = requests.visitor();
        byte[] table = bends(BENDS);
        seconds("a table of 100,000 bends looked into", visitor.to("/api/exchange/readings", "text/csv").POST(BodyPublishers.ofByteArray(table)), "");
        String came = seconds("a table of 100,000 bends brought in", visitor.to("/api/exchange/trials?fileName=bends.csv", "text/csv").POST(BodyPublishers.ofByteArray(table)), "aim: 20 s");
        Matcher key = Pattern.compile("\"table\":(\\d+)").matcher(came);
        if (!key.find()) {
            throw new IllegalStateException("Nothing came in: " + came);
        }
        seconds("the same table once more, nothing of it new", visitor.to("/api/exchange/trials?fileName=bends.csv", "text/csv").POST(BodyPublishers.ofByteArray(table)), "");
        String aim = "aim: 30 ms more";
        requests.row("a page of 100,000 records, newest first", aim, visitor.post("/api/records/found?many=50&from=0", turn -> ALL), 20, 40);
        requests.row("a page of them far down", aim, visitor.post("/api/records/found?many=50&from=90000", turn -> ALL), 10, 20);
        String found = "{\"conditions\": [{\"fact\": \"wood\", \"among\": [\"white-oak\"]}, {\"fact\": \"thicknessMm\", \"from\": 10, \"below\": 20}], \"sortBy\": \"innerRadiusMm\", \"falling\": false}";
        requests.row("a page of those of one wood and thickness, by radius", aim, visitor.post("/api/records/found?many=50&from=0", turn -> found), 10, 20);
        requests.row("counted by wood and month", "", visitor.post("/api/records/tally", turn -> "{\"of\": " + ALL + ", \"rows\": \"wood\", \"columns\": \"month\", \"units\": \"METRIC\"}"), 5, 10);
        seconds("all of them taken out as a table", visitor.to("/api/exchange/trials", "text/csv").GET(), "");
        seconds("the table taken back", visitor.to("/api/exchange/tables/" + key.group(1), "text/csv").DELETE(), "");
    }

    private String seconds(String what, HttpRequest.Builder request, String aim) throws IOException, InterruptedException {
        long sent = System.nanoTime();
        HttpResponse<String> answer = requests.load().client().send(request.build(), HttpResponse.BodyHandlers.ofString());
        double seconds = (System.nanoTime() - sent) / 1e9;
        if (answer.statusCode() / 100 != 2) {
            throw new IllegalStateException(what + " was answered " + answer.statusCode() + ": " + answer.body());
        }
        rows.add("request: " + what, String.format(Locale.ROOT, "%.1f s", seconds), aim);
        return answer.body();
    }
}
