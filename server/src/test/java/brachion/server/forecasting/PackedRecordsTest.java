package brachion.server.forecasting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brachion.core.method.AtHand;
import brachion.core.method.Bend;
import brachion.core.method.MethodKind;
import brachion.core.method.Names;
import brachion.core.method.Recipe;
import brachion.core.method.Seasoning;
import brachion.core.method.Supposed;
import brachion.core.method.WantedPiece;
import brachion.core.process.Shop;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Seen;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import brachion.core.wood.Species;
import brachion.core.wood.SpeciesCatalogue;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.BufferUnderflowException;
import java.nio.ByteBuffer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What is packed comes out as it went in. */
class PackedRecordsTest {

    private static final SpeciesCatalogue WOODS = SpeciesCatalogue.published();

    private record Page(String name, List<Trial> trials, byte[] picture) {
    }

    private record Odd(StringBuilder text) {
    }

    private record OddList(Map<String, String> words) {
    }

    private static byte[] pack(PackedRecords.Packing packing, Object... values) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        for (Object each : values) {
            packing.write(new DataOutputStream(bytes), each);
        }
        return bytes.toByteArray();
    }

    /** Recipes of every way. */
    private static List<Recipe> everyWay() {
        Species ash = WOODS.require("white-ash");
        AtHand atHand = new AtHand(List.of(ash), List.of(Seasoning.GREEN, Seasoning.AIR_DRIED), List.of(), List.of(AtHand.Support.NONE, AtHand.Support.STEEL), true,
                List.of(MethodKind.values()), List.of(2.0, 4.0));
        Bend bend = new Bend(300, 90);
        WantedPiece rod = new WantedPiece(bend, 12, 25);
        WantedPiece plate = new WantedPiece(bend, 3, 60, Shop.USUAL, OptionalDouble.of(2));
        return Arrays.stream(MethodKind.values()).flatMap(kind -> Stream.of(rod, plate).flatMap(piece -> kind.toTry(piece, atHand, ash).stream()))
                .flatMap(List::stream).toList();
    }

    @Test
    void trials_of_every_way_come_out_as_they_went_in() throws IOException {
        List<Recipe> recipes = everyWay();
        assertThat(recipes.stream().map(recipe -> recipe.method().kind()).collect(Collectors.toSet())).containsExactlyInAnyOrder(MethodKind.values());
        List<Trial> trials = recipes.stream().map(recipe -> new Trial(recipe.hashCode(), recipe.withNames(new Names("Ada Thwaite", "board λ", "")),
                Outcome.clean(), OptionalDouble.of(312.5), Optional.of(LocalDate.of(2026, 11, 29)))).toList();
        List<Trial> backwards = new ArrayList<>(trials);
        Collections.reverse(backwards);
        PackedRecords.Packing packing = new PackedRecords(Set.of(Species.class, Names.class)).of(Page.class);
        ByteBuffer bytes = ByteBuffer.wrap(pack(packing, new Page("first", trials, new byte[] {1, -2}), new Page("second", backwards, new byte[0])));
        PackedRecords.Packing reading = new PackedRecords(Set.of(Species.class, Names.class)).of(Page.class);
        Page first = (Page) reading.read(bytes);
        assertThat(first.name()).isEqualTo("first");
        assertThat(first.trials()).isEqualTo(trials);
        assertThat(first.picture()).containsExactly(1, -2);
        assertThat(((Page) reading.read(bytes)).trials()).isEqualTo(backwards);
        assertThat(bytes.hasRemaining()).isFalse();
    }

    @Test
    void what_is_not_there_stays_away_and_what_was_seen_stays_seen() throws IOException {
        Recipe recipe = everyWay().get(0).supposing(Set.of(Supposed.values()[0]));
        Outcome broken = new Outcome(Severity.BROKEN, Optional.of(Flaw.values()[0]), List.of(new Seen(Flaw.values()[1], Severity.FLAW)));
        Trial trial = new Trial(7, recipe, broken, OptionalDouble.empty());
        PackedRecords.Packing packing = new PackedRecords(Set.of()).of(Trial.class);
        Trial read = (Trial) packing.read(ByteBuffer.wrap(pack(packing, trial)));
        assertThat(read).isEqualTo(trial);
        assertThat(read.toString()).isEqualTo(trial.toString());
    }

    @Test
    void what_stands_many_times_is_written_once() throws IOException {
        Trial trial = new Trial(7, everyWay().get(0), Outcome.clean(), OptionalDouble.empty());
        PackedRecords.Packing packing = new PackedRecords(Set.of(Species.class)).of(Trial.class);
        int first = pack(packing, trial).length;
        assertThat(pack(packing, trial).length).isLessThan(first - 100);
        PackedRecords.Packing reading = new PackedRecords(Set.of(Species.class)).of(Trial.class);
        ByteBuffer both = ByteBuffer.wrap(pack(new PackedRecords(Set.of(Species.class)).of(Trial.class), trial, trial));
        assertThat(((Trial) reading.read(both)).recipe().blank().species()).isSameAs(((Trial) reading.read(both)).recipe().blank().species());
    }

    @Test
    void what_cannot_be_packed_is_refused_at_once_and_half_of_it_is_no_record() throws IOException {
        assertThatIllegalArgumentException().isThrownBy(() -> new PackedRecords(Set.of()).of(Odd.class)).withMessageContaining("StringBuilder");
        assertThatIllegalArgumentException().isThrownBy(() -> new PackedRecords(Set.of()).of(OddList.class)).withMessageContaining("Map");
        PackedRecords.Packing packing = new PackedRecords(Set.of()).of(Trial.class);
        byte[] whole = pack(packing, new Trial(7, everyWay().get(0), Outcome.clean(), OptionalDouble.empty()));
        byte[] half = Arrays.copyOf(whole, whole.length / 2);
        assertThatThrownBy(() -> new PackedRecords(Set.of()).of(Trial.class).read(ByteBuffer.wrap(half))).isInstanceOf(BufferUnderflowException.class);
    }
}
