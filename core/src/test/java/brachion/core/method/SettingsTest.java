package brachion.core.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.process.StageKind;
import brachion.core.quantity.Measurement;
import brachion.core.quantity.PhysicalBound;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What ways of bending publish about themselves, and what is accepted of what is given. */
class SettingsTest {

    private static final Map<String, Object> STEAM = Map.of("soakHours", 0, "steamMinutes", 45, "chamberC", 98.5, "carrySeconds", 15);
    private static final double WIDTH_MM = 25;

    /** Every way as a search would try it, and each as someone would set it with everything there is to set. */
    static Stream<Method> ways() {
        Recipe piece = Recipes.ash().steamed();
        AtHand atHand = new AtHand(List.of(piece.blank().species()), List.of(Seasoning.AIR_DRIED), List.of(),
                List.of(AtHand.Support.NONE, AtHand.Support.STEEL), true, List.of(MethodKind.values()), List.of(2.0));
        WantedPiece wanted = new WantedPiece(piece.bend(), 12, WIDTH_MM);
        Handling all = new Handling(3.5, SoakAdditive.SOFTENER, 12, Optional.of(new Strap(StrapMaterial.ALUMINIUM, 1.2, WIDTH_MM, 0.4)),
                OptionalDouble.of(36));
        return Stream.concat(Arrays.stream(MethodKind.values())
                        .flatMap(kind -> kind.toTry(wanted, atHand, piece.blank().species()).stream()).flatMap(List::stream).map(Recipe::method),
                Stream.of(new SteamBox(all, new Heating(StageKind.STEAM_BOX, 33, 97.5)),
                        new KerfedPlies(Glue.EPOXY, 4, 1.25, new Kerfs(3.2, 1.6, 6.35), new Clamping(Optional.of(Clamping.Order.FROM_THE_TIGHT_END), Optional.of(Clamping.Force.TIGHT), Optional.of(Clamping.Backing.METAL_SHEET))),
                        new SteamBag(all.withThinning(Optional.of(new Thinning(8, 250, Optional.empty()))), new Heating(StageKind.STEAM_BAG, 33, 97), SteamBag.Bent.PULLED),
                        new PressedPlate(all.withCarrySeconds(0).withStrap(Optional.empty()), new Heating(StageKind.HOT_BATH, 33, 95), 2.5, WIDTH_MM, 5,
                                PressedPlate.Between.NOTHING, PressedPlate.Bag.OPEN)));
    }

    @ParameterizedTest
    @MethodSource("ways")
    void a_way_is_made_again_of_its_own_settings(Method way) {
        Settings.Reading read = Settings.read(way.kind().settings(), way.settings().values());
        assertThat(read.problems()).isEmpty();
        assertThat(read.settings()).isEqualTo(way.settings());
        assertThat(way.kind().of(read.settings(), WIDTH_MM)).isEqualTo(way);
    }

    @ParameterizedTest
    @EnumSource
    void a_way_names_each_setting_once_and_asks_for_what_it_needs(MethodKind kind) {
        assertThat(kind.settings()).extracting(Setting::key).doesNotHaveDuplicates();
        assertThat(kind.settings()).extracting(Setting::title).doesNotHaveDuplicates();
        Map<String, String> problems = Settings.read(kind.settings(), Map.of()).problems();
        assertThat(problems.keySet()).containsExactlyElementsOf(kind.settings().stream()
                .filter(setting -> setting.need().unconditional() || setting.key().equals("carrySeconds")).map(Setting::key).toList());
        assertThat(problems.values()).allMatch(sentence -> sentence.endsWith("."));
        assertThat(kind.settingsVersion()).isPositive();
    }

    /** Tables give one column to what ways name alike, so it must mean the same. */
    @Test
    void what_ways_name_alike_is_measured_alike() {
        Map<String, Object> byTitle = new HashMap<>();
        Set<String> shared = new HashSet<>();
        for (MethodKind kind : MethodKind.values()) {
            for (Setting<?> setting : kind.settings()) {
                List<Object> meaning = List.of(setting.key(), setting instanceof Setting.Measured measured ? measured.measurement()
                        : ((Setting.Chosen<?>) setting).words());
                Object before = byTitle.put(setting.title(), meaning);
                if (before != null) {
                    assertThat(meaning).as(setting.title()).isEqualTo(before);
                    shared.add(setting.title());
                }
            }
        }
        assertThat(shared).contains("soak", "steam", "carry", "strap", "on the form", "pitch").doesNotContain("backer");
    }

    @Test
    void each_wrong_value_is_named_with_what_would_be_accepted() {
        Map<String, Object> wrong = new HashMap<>(STEAM);
        wrong.putAll(Map.of("steamMinutes", -5, "soakAdditive", "TEA", "chamberC", "hot", "plies", 6));
        Map<String, String> problems = Settings.read(MethodKind.STEAM_BOX.settings(), wrong).problems();
        assertThat(problems).containsOnlyKeys("steamMinutes", "soakAdditive", "chamberC", "plies");
        assertThat(problems.get("steamMinutes")).contains("between 1 and 1440 min");
        assertThat(problems.get("soakAdditive")).contains("NONE, SOFTENER");
        assertThat(problems.get("plies")).contains("does not belong");
        Map<String, Object> glued = Map.of("glue", "PVA", "plies", 2.5);
        assertThat(Settings.read(MethodKind.COLD_LAMINATION.settings(), glued).problems().get("plies")).contains("whole number");
    }

    @Test
    void what_belongs_to_another_setting_comes_and_goes_with_it() {
        assertThat(problems(MethodKind.STEAM_BOX, Map.of("strap.material", "STEEL", "strap.thicknessMm", 0.9)))
                .containsOnlyKeys("strap.endGapMm");
        assertThat(problems(MethodKind.STEAM_BOX, Map.of("strap.thicknessMm", 0.9))).containsOnlyKeys("strap.material");
        Map<String, Object> bag = Map.of("soakHours", 0, "steamMinutes", 45, "bagC", 98);
        assertThat(read(MethodKind.STEAM_BAG, bag, Map.of("bent", "IN_THE_BAG")).problems()).isEmpty();
        assertThat(read(MethodKind.STEAM_BAG, bag, Map.of("bent", "IN_THE_BAG", "carrySeconds", 5)).problems().get("carrySeconds"))
                .contains("not carried");
        assertThat(read(MethodKind.STEAM_BAG, bag, Map.of()).problems()).containsOnlyKeys("carrySeconds");
    }

    private static Map<String, String> problems(MethodKind kind, Map<String, Object> more) {
        return read(kind, STEAM, more).problems();
    }

    private static Settings.Reading read(MethodKind kind, Map<String, Object> given, Map<String, Object> more) {
        Map<String, Object> both = new HashMap<>(given);
        both.putAll(more);
        return Settings.read(kind.settings(), both);
    }

    @Test
    void what_goes_without_saying_is_the_same_said_or_not() {
        Settings said = read(MethodKind.STEAM_BOX, STEAM, Map.of("soakAdditive", "NONE")).settings();
        assertThat(said).isEqualTo(read(MethodKind.STEAM_BOX, STEAM, Map.of()).settings());
        assertThat(((SteamBox) MethodKind.STEAM_BOX.of(said, WIDTH_MM)).additive()).isEqualTo(SoakAdditive.NONE);
        assertThatThrownBy(() -> said.of(new Setting.Measured("plies", "plies", Measurement.COUNT,
                PhysicalBound.PLIES, Need.NEVER))).isInstanceOf(NoSuchElementException.class).hasMessageContaining("plies");
    }
}
