package brachion.endure;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpTimeoutException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;

/**
 * Sends files that somebody broke to every door that takes one, and counts what came back: each is to be taken or refused with a sentence, at
 * once, by a server that goes on. What was answered otherwise is kept beside the report's data, to be sent again.
 */
final class StrangeFiles {

    private static final double LONGEST_S = 5;
    private static final int KEPT = 40;
    private static final String ODS = """
            <office:document-content xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0"
             xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0"><office:body><office:spreadsheet><table:table table:name="Bends"><table:table-row>
            <table:table-cell office:value-type="string"><text:p>species</text:p></table:table-cell><table:table-cell office:value-type="string"><text:p>thickness</text:p></table:table-cell>
            </table:table-row><table:table-row table:number-rows-repeated="3"><table:table-cell office:value-type="string"><text:p>White ash</text:p></table:table-cell>
            <table:table-cell office:value-type="float" office:value="9.5" table:number-columns-repeated="2"/></table:table-row></table:table></office:spreadsheet></office:body>
            </office:document-content>""";
    private static final String SVG = """
            <svg xmlns="http://www.w3.org/2000/svg" width="400mm" height="200mm" viewBox="0 0 400 200"><g transform="translate(10 20) rotate(5)">
            <path d="M 0 0 L 100 0 C 180 0 240 30 300 80"/></g></svg>""";
    private static final String DXF = "0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n4\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n0\nLWPOLYLINE\n90\n3\n70\n0\n10\n0.0\n20\n0.0\n10\n100.0\n20\n0.0\n42\n0.4\n10\n180.0\n20\n60.0\n"
            + "0\nARC\n10\n0\n20\n0\n40\n50\n50\n0\n51\n90\n0\nENDSEC\n0\nEOF\n";
    private static final String NOTEBOOK = "3/14 white ash 3/8 x 1 1/4, steamed 45 min, R 6\" held\n3/15 oak 1/2\" kiln dried, soaked overnight, 1h steam, 8\" radius, snapped at the outside\n";

    private final LaunchedProduct product;
    /** A shop without records, which alone takes a backup. */
    private final LaunchedProduct empty;
    private final Random random;
    private final Path kept;
    private final Map<String, Map<Integer, Integer>> answers = new TreeMap<>();
    private final List<String> faults = new ArrayList<>();
    private double slowest;

    private StrangeFiles(LaunchedProduct product, LaunchedProduct empty, Random random, Path kept) {
        this.product = product;
        this.empty = empty;
        this.random = random;
        this.kept = kept;
    }

    /**
     * Where a kind of file is sent.
     *
     * @param name what the report calls it
     * @param product that takes it
     * @param path with its query
     * @param type what it is said to be
     * @param file a valid one
     */
    private record Door(String name, LaunchedProduct product, String path, String type, byte[] file) {
    }

    /** @param arguments the one command, a folder for data, the report to write, how many files, the seed */
    public static void main(String[] arguments) throws Exception {
        Path home = Path.of(arguments[1]);
        int files = arguments.length > 3 ? Integer.parseInt(arguments[3]) : 20_000;
        long seed = arguments.length > 4 ? Long.parseLong(arguments[4]) : System.nanoTime();
        List<String> report;
        boolean well;
        try (LaunchedProduct product = LaunchedProduct.start(Path.of(arguments[0]), home, "demo"); LaunchedProduct empty = LaunchedProduct.start(Path.of(arguments[0]), home.resolve("empty"), "start")) {
            StrangeFiles strange = new StrangeFiles(product, empty, new Random(seed), Files.createDirectories(home.resolve("answered otherwise")));
            well = strange.sent(files);
            report = strange.report(files, seed);
        }
        Files.write(Path.of(arguments[2]), report);
        System.out.println(String.join("\n", report));
        System.exit(well ? 0 : 1);
    }

    private boolean sent(int files) throws IOException, InterruptedException {
        List<Door> doors = doors();
        for (Door door : doors.stream().filter(each -> each.product() == product).toList()) {
            HttpResponse<String> answer = sent(door, door.file());
            if (answer.statusCode() >= 300) {
                throw new IllegalStateException("A valid file was refused, so that broken ones say nothing: " + door.name() + ", " + answer.statusCode() + " " + answer.body());
            }
        }
        StrangeFile strange = new StrangeFile(random);
        long server = product.pid("server");
        for (int i = 0; i < files; i++) {
            Door door = doors.get(i % doors.size());
            send(door, strange.of(door.file()));
        }
        if (product.pid("server") != server) {
            faults.add("the server was started again");
        }
        return faults.isEmpty();
    }

    private HttpResponse<String> sent(Door door, byte[] file) throws IOException, InterruptedException {
        return door.product().send(door.product().request(door.path()).setHeader("Content-Type", door.type()).POST(BodyPublishers.ofByteArray(file)).build());
    }

    private void send(Door door, byte[] file) throws IOException, InterruptedException {
        long began = System.nanoTime();
        int status;
        String body;
        try {
            HttpResponse<String> answer = sent(door, file);
            status = answer.statusCode();
            body = answer.body();
        } catch (HttpTimeoutException late) {
            status = 0;
            body = "no answer";
        }
        double seconds = (System.nanoTime() - began) / 1e9;
        slowest = Math.max(slowest, seconds);
        answers.computeIfAbsent(door.name(), name -> new TreeMap<>()).merge(status, 1, Integer::sum);
        boolean taken = status >= 200 && status < 300;
        boolean refused = status >= 400 && status < 500 && body.contains("\"detail\":\"");
        if (!(taken || refused) || seconds > LONGEST_S) {
            faults.add(String.format(Locale.ROOT, "%s: %d after %.1f s, %s", door.name(), status, seconds, body.substring(0, Math.min(300, body.length()))));
            if (faults.size() <= KEPT) {
                Files.write(kept.resolve(faults.size() + " " + door.name()), file);
            }
        }
    }

    private List<Door> doors() throws IOException, InterruptedException {
        String table = "/api/exchange/trials?fileName=strange";
        String drawn = "/api/curves/drawn?toleranceMm=0.5&along=MIDDLE&thicknessMm=9.5";
        String photos = "/api/photos?trial=" + product.send(product.request("/api/trials?size=1&page=0").build()).body().replaceAll("(?s).*?\"id\":(\\d+).*", "$1");
        byte[] records = fetched("/api/exchange/trials");
        return List.of(door("table, CSV", table, "text/csv", records), door("table, XLSX", table, "text/csv", fetched("/api/exchange/workbook")),
                door("table, ODS", table, "text/csv", openBook()), door("table, JSON", table, "text/csv", fetched("/api/exchange/document")),
                door("notebook", "/api/exchange/notebooks", "text/csv", NOTEBOOK.getBytes(StandardCharsets.UTF_8)), door("table looked at", "/api/exchange/readings", "text/csv", records),
                door("drawing, SVG", drawn, "image/svg+xml", SVG.getBytes(StandardCharsets.UTF_8)), door("drawing, DXF", drawn, "image/vnd.dxf", DXF.getBytes(StandardCharsets.UTF_8)),
                door("picture, PNG", photos, "image/png", picture("png")), door("picture, JPEG", photos, "image/jpeg", picture("jpg")),
                new Door("backup", empty, "/api/backup/restoration", "application/zip", fetched("/api/backup")));
    }

    private Door door(String name, String path, String type, byte[] file) {
        return new Door(name, product, path, type, file);
    }

    private byte[] fetched(String path) throws IOException, InterruptedException {
        return product.fetch(product.request(path).build());
    }

    private static byte[] openBook() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry("mimetype"));
            zip.write("application/vnd.oasis.opendocument.spreadsheet".getBytes(StandardCharsets.US_ASCII));
            zip.putNextEntry(new ZipEntry("content.xml"));
            zip.write(ODS.getBytes(StandardCharsets.UTF_8));
        }
        return out.toByteArray();
    }

    private byte[] picture(String format) throws IOException {
        BufferedImage image = new BufferedImage(160, 120, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < 160 * 120; i++) {
            image.setRGB(i % 160, i / 160, random.nextInt(4) == 0 ? random.nextInt() : 0xc8a070);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    private List<String> report(int files, long seed) {
        List<String> report = new ArrayList<>(List.of("# Files from strangers", "",
                "Made by `./brachion endure --files` on " + LocalDate.now() + ", seed " + seed + ": " + files + " files, each a valid one changed by its structure (parts of archives, chunks of pictures, words and"
                        + " numbers of texts, bare bytes), sent to the doors that take such files of a running demo workshop.", "", "| file | taken | refused with a sentence | otherwise |", "|---|---|---|---|"));
        answers.forEach((door, statuses) -> {
            int taken = count(statuses, 200, 300);
            int refused = count(statuses, 400, 500);
            report.add("| " + door + " | " + taken + " | " + refused + " | " + (statuses.values().stream().mapToInt(each -> each).sum() - taken - refused) + " |");
        });
        report.add("");
        report.add(String.format(Locale.ROOT, "%d answers were not as they should be (a 5xx, no sentence, or more than %.0f s). The slowest answer took %.2f s.", faults.size(), LONGEST_S, slowest));
        report.add("");
        faults.stream().limit(KEPT).forEach(each -> report.add("- " + each.replace('\n', ' ')));
        return report;
    }

    private static int count(Map<Integer, Integer> statuses, int from, int to) {
        return statuses.entrySet().stream().filter(each -> each.getKey() >= from && each.getKey() < to).mapToInt(Map.Entry::getValue).sum();
    }
}
