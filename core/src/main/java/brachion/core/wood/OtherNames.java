package brachion.core.wood;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVRecord;

/** What else published woods are called; nothing is computed from a name. Sources stand at the head of {@code other_names.csv}. */
public final class OtherNames {

    private static final Map<String, List<String>> BY_ID = read();

    private OtherNames() {
    }

    /** What else a wood is called, beside its common and botanical name; nothing where that is not known. */
    public static List<String> of(Species wood) {
        return BY_ID.getOrDefault(wood.id(), List.of());
    }

    /** Keys of the woods that have other names. */
    static List<String> ids() {
        return List.copyOf(BY_ID.keySet());
    }

    private static Map<String, List<String>> read() {
        try (InputStream in = OtherNames.class.getResourceAsStream("other_names.csv");
                Reader table = new InputStreamReader(in, StandardCharsets.UTF_8)) {
            return SpeciesCatalogue.TABLE.parse(table).getRecords().stream().collect(Collectors.toUnmodifiableMap(row -> row.get("id"), OtherNames::names));
        } catch (IOException broken) {
            throw new UncheckedIOException("The table of other names cannot be read", broken);
        }
    }

    private static List<String> names(CSVRecord row) {
        return Arrays.stream(row.get("names").split(";")).map(String::strip).toList();
    }
}
