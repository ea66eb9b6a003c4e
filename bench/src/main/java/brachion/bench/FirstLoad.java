package brachion.bench;

import java.io.IOException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What a first visit to the plan costs in compressed bytes: the page, its scripts, styles and Latin fonts. */
final class FirstLoad {

    /** What a page, a style sheet or a script needs at once; a view that is only imported when asked for is not. */
    private static final Pattern AT_ONCE = Pattern.compile(
            "(?:src=\"/assets/|href=\"/assets/|url\\((?:/assets/|\\./)?|(?:from|import) ?\"\\./)([A-Za-z0-9_.-]+\\.(?:js|css|woff2))");
    /** The views a first visit shows, which the shell imports when asked for. */
    private static final Pattern FIRST_VIEW = Pattern.compile("(?:assets/|\\./)((?:PlanPlace|ForecastPart)-[A-Za-z0-9_-]+\\.js)");

    private FirstLoad() {
    }

    static double kilobytes(RunningServer server, HttpClient client) throws IOException, InterruptedException {
        Deque<String> open = new ArrayDeque<>();
        Set<String> seen = new HashSet<>();
        open.add("/plan");
        long bytes = 0;
        while (!open.isEmpty()) {
            String path = open.remove();
            if (!seen.add(path)) {
                continue;
            }
            bytes += client.send(request(server, path, "br, gzip"), HttpResponse.BodyHandlers.ofByteArray()).body().length;
            if (path.endsWith(".woff2")) {
                continue;
            }
            String text = client.send(request(server, path, "identity"), HttpResponse.BodyHandlers.ofString()).body();
            for (Pattern pattern : List.of(AT_ONCE, FIRST_VIEW)) {
                Matcher found = pattern.matcher(text);
                while (found.find()) {
                    if (ofTheScript(found.group(1))) {
                        open.add("/assets/" + found.group(1));
                    }
                }
            }
        }
        return bytes / 1000.0;
    }

    /** Letters of other scripts load only when the page shows them. */
    private static boolean ofTheScript(String file) {
        return !file.matches(".*-(latin-ext|vietnamese|cyrillic|greek).*");
    }

    private static HttpRequest request(RunningServer server, String path, String encoding) {
        return HttpRequest.newBuilder(server.at(path)).header("Accept-Encoding", encoding).build();
    }
}
