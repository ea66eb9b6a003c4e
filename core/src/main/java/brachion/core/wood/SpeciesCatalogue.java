package brachion.core.wood;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** The species the product knows, read once from the table that ships with it. */
public final class SpeciesCatalogue {

    private static final CSVFormat TABLE = CSVFormat.DEFAULT.builder()
            .setCommentMarker('#').setHeader().setSkipHeaderRecord(true).get();

    private final Map<String, Species> byId;

    private SpeciesCatalogue(List<Species> species) {
        Map<String, Species> ordered = new LinkedHashMap<>();
        species.stream().sorted(Comparator.comparing(Species::commonName)).forEach(s -> ordered.put(s.id(), s));
        this.byId = Collections.unmodifiableMap(ordered);
    }

    /** The catalogue of published species. */
    public static SpeciesCatalogue published() {
        return Published.CATALOGUE;
    }

    /** The species with this id, if there is one. */
    public Optional<Species> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    /**
     * The species with this id.
     *
     * @throws IllegalArgumentException when there is none
     */
    public Species require(String id) {
        return find(id).orElseThrow(() -> new IllegalArgumentException("There is no species “" + id + "”"));
    }

    /** All species by common name. */
    public List<Species> all() {
        return List.copyOf(byId.values());
    }

    static SpeciesCatalogue read(Reader table) throws IOException {
        List<CSVRecord> rows = TABLE.parse(table).getRecords();
        RadiusEstimate unsupported = RadiusEstimate.fit(pairs(rows, "radius_unsupported_mm", false));
        RadiusEstimate supported = RadiusEstimate.fit(pairs(rows, "radius_supported_mm", true));
        return new SpeciesCatalogue(rows.stream().map(row -> species(row, unsupported, supported)).toList());
    }

    private static List<RadiusEstimate.Known> pairs(List<CSVRecord> rows, String column, boolean supported) {
        return rows.stream()
                .filter(row -> number(row, column).isPresent() && number(row, "unbroken_percent").isPresent())
                .map(row -> {
                    BendingRadii start = woodClass(row).startingRadii();
                    return new RadiusEstimate.Known(number(row, column).getAsDouble(),
                            supported ? start.supportedMm() : start.unsupportedMm(),
                            number(row, "unbroken_percent").getAsDouble());
                }).toList();
    }

    private static Species species(CSVRecord row, RadiusEstimate unsupported, RadiusEstimate supported) {
        WoodClass woodClass = woodClass(row);
        BendingRadii start = woodClass.startingRadii();
        OptionalDouble unbroken = number(row, "unbroken_percent");
        OptionalDouble published = number(row, "radius_unsupported_mm");
        OptionalDouble publishedSupported = number(row, "radius_supported_mm");
        double unsupportedMm =
                published.orElseGet(() -> unsupported.radiusMm(start.unsupportedMm(), unbroken));
        // a strap never makes a bend worse, so an estimate may not say so for species that bend badly
        double supportedMm = publishedSupported.orElseGet(
                () -> Math.min(unsupportedMm, supported.radiusMm(start.supportedMm(), unbroken)));
        BendingRadii radii =
                new BendingRadii(unsupportedMm, published.isEmpty(), supportedMm, publishedSupported.isEmpty());
        return new Species(row.get("id"), row.get("common_name"), row.get("latin"), woodClass,
                number(row, "gb").orElseThrow(), number(row, "mor12_mpa").orElseThrow(),
                number(row, "moe12_mpa").orElseThrow(), number(row, "fc12_mpa").orElseThrow(), unbroken, radii);
    }

    private static WoodClass woodClass(CSVRecord row) {
        if (row.get("group").equals("softwood")) {
            return WoodClass.SOFTWOOD;
        }
        if (row.get("climate").equals("tropical")) {
            return WoodClass.TROPICAL_HARDWOOD;
        }
        return row.get("ring").equals("ring-porous") ? WoodClass.RING_POROUS_HARDWOOD : WoodClass.TEMPERATE_HARDWOOD;
    }

    private static OptionalDouble number(CSVRecord row, String column) {
        String cell = row.get(column);
        return cell.isBlank() ? OptionalDouble.empty() : OptionalDouble.of(Double.parseDouble(cell));
    }

    private static final class Published {
        private static final SpeciesCatalogue CATALOGUE = load();

        private static SpeciesCatalogue load() {
            try (InputStream in = SpeciesCatalogue.class.getResourceAsStream("species.csv")) {
                return read(new InputStreamReader(in, StandardCharsets.UTF_8));
            } catch (IOException broken) {
                throw new UncheckedIOException("The species table cannot be read", broken);
            }
        }
    }
}
