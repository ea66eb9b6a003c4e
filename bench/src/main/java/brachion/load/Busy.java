package brachion.load;

import brachion.endure.LaunchedProduct;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** A full bench, and a full board that is dragged on: what they cost the server and the page. */
final class Busy {

    private Busy() {
    }

    /** @param arguments the one command, a folder for data, the report to write */
    public static void main(String[] arguments) throws Exception {
        try (LaunchedProduct product = LaunchedProduct.start(Path.of(arguments[0]), Path.of(arguments[1]), "demo")) {
            List<String> report = new ArrayList<>(List.of("# A full bench and a full board", "", "Made by `./brachion busy` on " + LocalDate.now() + ", on "
                    + Runtime.getRuntime().availableProcessors() + " cores that also carry the screens, the instruments, the browser and the database.", "",
                    "| what | value | beside |", "|---|---|---|"));
            report.addAll(new FullBench(product).measure());
            report.addAll(new DraggedBoard(product).measure());
            report.addAll(new DraggedCurve(product).measure());
            Files.write(Path.of(arguments[2]), report);
            System.out.println(String.join("\n", report));
        }
    }
}
