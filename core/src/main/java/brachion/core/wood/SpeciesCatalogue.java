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
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** The species the product knows, read once from the table that ships with it. */
public final class SpeciesCatalogue {

    static final CSVFormat TABLE = CSVFormat.DEFAULT.builder()
            .setCommentMarker('#').setHeader().setSkipHeaderRecord(true).get();

    private final Map<String, Species> byId;
    private final RadiusEstimate unsupported;
    private final RadiusEstimate supported;

    private SpeciesCatalogue(List<Species> species, RadiusEstimate unsupported, RadiusEstimate supported) {
        Map<String, Species> ordered = new LinkedHashMap<>();
        species.stream().sorted(Comparator.comparing(Species::commonName)).forEach(s -> ordered.put(s.id(), s));
        this.byId = Collections.unmodifiableMap(ordered);
        this.unsupported = unsupported;
        this.supported = supported;
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

    /** This catalogue and woods of a shop's own; what nobody knows of those is estimated as for a published species. */
    public SpeciesCatalogue with(List<WoodFacts> own) {
        Stream<Species> more = own.stream().map(facts -> facts.complete(unsupported, supported));
        return new SpeciesCatalogue(Stream.concat(byId.values().stream(), more).toList(), unsupported, supported);
    }

    static SpeciesCatalogue read(Reader table) throws IOException {
        List<WoodFacts> woods = TABLE.parse(table).getRecords().stream().map(SpeciesCatalogue::facts).toList();
        RadiusEstimate unsupported = RadiusEstimate.fit(pairs(woods, WoodFacts::unsupportedMm, BendingRadii::unsupportedMm));
        RadiusEstimate supported = RadiusEstimate.fit(pairs(woods, WoodFacts::supportedMm, BendingRadii::supportedMm));
        return new SpeciesCatalogue(woods.stream().map(facts -> facts.complete(unsupported, supported)).toList(),
                unsupported, supported);
    }

    private static List<RadiusEstimate.Known> pairs(List<WoodFacts> woods, Function<WoodFacts, OptionalDouble> published,
                                                    ToDoubleFunction<BendingRadii> ofClass) {
        return woods.stream().filter(wood -> published.apply(wood).isPresent() && wood.unbrokenPercent().isPresent())
                .map(wood -> new RadiusEstimate.Known(published.apply(wood).getAsDouble(),
                        ofClass.applyAsDouble(wood.woodClass().startingRadii()), wood.unbrokenPercent().getAsDouble()))
                .toList();
    }

    private static WoodFacts facts(CSVRecord row) {
        return new WoodFacts(row.get("id"), row.get("common_name"), row.get("latin"), woodClass(row),
                number(row, "gb").orElseThrow(), number(row, "mor12_mpa"), number(row, "moe12_mpa"),
                number(row, "fc12_mpa"), number(row, "unbroken_percent"), number(row, "radius_unsupported_mm"),
                number(row, "radius_supported_mm"));
    }

    private static WoodClass woodClass(CSVRecord row) {
        return switch (row.get("group")) {
            case "softwood" -> WoodClass.SOFTWOOD;
            case "bamboo" -> WoodClass.BAMBOO;
            case "panel" -> WoodClass.PANEL;
            default -> hardwood(row);
        };
    }

    private static WoodClass hardwood(CSVRecord row) {
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
