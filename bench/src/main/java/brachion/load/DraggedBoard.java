package brachion.load;

import brachion.endure.LaunchedProduct;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import tools.jackson.databind.json.JsonMapper;

/** A board with forty blanks and twelve marks, one blank of which is dragged about. */
final class DraggedBoard {

    private static final int BLANKS = 40;
    private static final int MARKS = 12;

    private final LaunchedProduct product;

    DraggedBoard(LaunchedProduct product) {
        this.product = product;
    }

    List<String> measure() throws IOException, InterruptedException {
        long board = lay();
        return List.of(Dragging.row("one of %d blanks dragged on a board with %d marks".formatted(BLANKS, MARKS), product, "/stock/" + board,
                page -> page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Blank 20 at ")))));
    }

    private long lay() throws IOException, InterruptedException {
        String blanks = IntStream.range(0, BLANKS).mapToObj(i -> """
                {"name": "Blank %d", "alongMm": %d, "acrossMm": %d, "lengthMm": 560, "widthMm": 30, "bentFromMm": 80, "bentToMm": 480}"""
                .formatted(i + 1, 600 * (i % 8), 36 * (i / 8))).collect(Collectors.joining(","));
        String marks = IntStream.range(0, MARKS).mapToObj(i -> """
                {"kind": "KNOT", "alongMm": %d, "acrossMm": %d, "lengthMm": 20, "widthMm": 20}""".formatted(390 * i, 17 * (i % 10))).collect(Collectors.joining(","));
        HttpResponse<String> laid = product.send(product.request("/api/stock/boards").POST(BodyPublishers.ofString("""
                {"name": "A full board", "speciesId": "white-ash", "seasoning": "AIR_DRIED", "growthRings": "FLAT", "grainRun": 20, "lengthMm": 4800, "widthMm": 200,
                 "thicknessMm": 27, "kerfMm": 3, "note": "", "readings": [], "marks": [%s], "blanks": [%s]}""".formatted(marks, blanks))).build());
        if (laid.statusCode() != 201) {
            throw new IllegalStateException(laid.body());
        }
        return JsonMapper.builder().build().readTree(laid.body()).get("id").asLong();
    }
}
