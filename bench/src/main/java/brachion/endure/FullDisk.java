package brachion.endure;

import java.io.IOException;
import java.io.OutputStream;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** A disk of the product's own, small and soon full. Needs the right to mount one. */
final class FullDisk {

    private final Path command;
    private final Path disk;

    FullDisk(Path command, Path disk) {
        this.command = command;
        this.disk = disk;
    }

    boolean tried(List<String> report) throws IOException, InterruptedException {
        Files.createDirectories(disk);
        if (run("mount", "-t", "tmpfs", "-o", "size=160m", "tmpfs", disk.toString()) != 0) {
            report.add("The full disk was not tried: there is no right to mount a small one here.");
            return true;
        }
        try (LaunchedProduct product = LaunchedProduct.start(command, disk, "start")) {
            return filled(product, report);
        } finally {
            run("umount", disk.toString());
        }
    }

    private boolean filled(LaunchedProduct product, List<String> report) throws IOException, InterruptedException {
        Path filler = disk.resolve("filler");
        fill(filler);
        int kept = 0;
        HttpResponse<String> last = write(product, kept);
        while (last.statusCode() == 201 && kept < 20_000) {
            kept++;
            last = write(product, kept);
        }
        boolean said = last.statusCode() == 507 && last.body().contains("The disk is full");
        Files.delete(filler);
        int there = trials(product);
        boolean goesOn = write(product, kept + 1).statusCode() == 201;
        report.add(String.format("On a full disk the next write was answered %d (“%s”). Of %d trials acknowledged until then %d were there, and with room on "
                        + "the disk again writing %s.", last.statusCode(), last.body().replaceAll(".*\"detail\":\"([^\"]*)\".*", "$1"), kept, there,
                goesOn ? "went on by itself" : "did **not** go on"));
        return said && there == kept && goesOn;
    }

    private static HttpResponse<String> write(LaunchedProduct product, int number) throws IOException, InterruptedException {
        return product.send(product.request("/api/trials").POST(BodyPublishers.ofString(Writer.TRIAL.formatted("12", "Odo", number + "x".repeat(1900)))).build());
    }

    private static int trials(LaunchedProduct product) throws IOException, InterruptedException {
        return Integer.parseInt(product.send(product.request("/api/trials/counts").build()).body().replaceAll(".*\"clean\":(\\d+).*", "$1"));
    }

    private static void fill(Path filler) throws IOException {
        byte[] part = new byte[64 * 1024];
        try (OutputStream out = Files.newOutputStream(filler)) {
            while (true) {
                out.write(part);
            }
        } catch (IOException full) {
            // as wanted
        }
    }

    private static int run(String... words) throws IOException, InterruptedException {
        return new ProcessBuilder(words).redirectErrorStream(true).redirectOutput(ProcessBuilder.Redirect.DISCARD).start().waitFor();
    }
}
