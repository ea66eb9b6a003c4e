package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brachion.core.method.Family;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.Seasoning;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import brachion.core.wood.SpeciesCatalogue;
import brachion.core.wood.WoodClass;
import brachion.core.wood.WoodFacts;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** What is kept of a piece serves for following it, and is not taken for that of another. */
class FollowedTest {

    private static final Recipe PIECE = Recipes.ash().moisture(16).grainRun(20).thickness(11).radius(130).steamed();

    private static List<Trial> shop() {
        List<Trial> trials = new ArrayList<>(new LognormalShop(4).hidden(0.03).trials(30, () -> PIECE));
        trials.add(new Trial(40, Recipes.ash().steamedUnmeasured(Seasoning.KILN_DRIED), Outcome.clean(), OptionalDouble.empty()));
        trials.add(new Trial(41, Recipes.ash().radius(300).laminated(4), Outcome.clean(), OptionalDouble.of(315)));
        trials.add(new Trial(42, PIECE, Outcome.clean(), OptionalDouble.of(141)));
        return trials;
    }

    @Test
    void a_fit_from_what_was_kept_is_the_same_to_the_last_digit() {
        List<Trial> trials = shop();
        RiskModel risk = RiskModel.fit(trials);
        Map<Trial, Followed> kept = risk.followed(trials);
        assertThat(kept).hasSize(trials.size());
        RiskModel again = RiskModel.fit(trials, Optional.empty(), trial -> Optional.of(kept.get(trial)));
        for (Recipe asked : List.of(PIECE, PIECE.withInnerRadiusMm(70), Recipes.ash().radius(120).laminated(4))) {
            assertThat(again.holds(Severity.FLAW, Possible.known(asked))).isEqualTo(risk.holds(Severity.FLAW, Possible.known(asked)));
        }
        assertThat(again.springback().relaxationH()).isEqualTo(risk.springback().relaxationH());
    }

    @Test
    void what_is_packed_reads_back_and_damage_is_told() {
        List<Trial> trials = shop();
        RiskModel.fit(trials).followed(trials).forEach((trial, followed) -> {
            byte[] packed = PackedFollowed.of(followed);
            assertThat(PackedFollowed.read(packed)).usingRecursiveComparison().isEqualTo(followed);
            for (byte[] damaged : List.of(new byte[0], Arrays.copyOf(packed, packed.length - 1), Arrays.copyOf(packed, packed.length + 8),
                    "[1]".getBytes(StandardCharsets.US_ASCII))) {
                assertThatThrownBy(() -> PackedFollowed.read(damaged)).isInstanceOf(IllegalArgumentException.class);
            }
            for (int place = 0; place < packed.length; place += 7) {
                byte[] changed = packed.clone();
                changed[place] ^= (byte) 0x55;
                try {
                    PackedFollowed.read(changed);
                } catch (IllegalArgumentException damaged) {
                    assertThat(damaged).hasMessageContaining("packed piece");
                }
            }
        });
    }

    @Test
    void the_key_changes_with_all_that_the_numbers_depend_on() {
        Trial trial = new Trial(7, PIECE, Outcome.clean(), OptionalDouble.empty());
        String key = Followed.key(trial);
        assertThat(key).hasSize(32).isEqualTo(Followed.key(new Trial(8, PIECE, Outcome.clean(), OptionalDouble.empty())));
        WoodFacts wood = new WoodFacts("own-1", "Hedge maple", "", WoodClass.TEMPERATE_HARDWOOD, 0.52, OptionalDouble.empty(),
                OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty());
        WoodFacts heavier = new WoodFacts("own-1", "Hedge maple", "", WoodClass.TEMPERATE_HARDWOOD, 0.56, OptionalDouble.empty(),
                OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty());
        assertThat(List.of(new Trial(7, PIECE.withInnerRadiusMm(131), Outcome.clean(), OptionalDouble.empty()),
                new Trial(7, PIECE, Outcome.damaged(Severity.BROKEN, Flaw.SNAP), OptionalDouble.empty()),
                new Trial(7, PIECE, Outcome.clean(), OptionalDouble.of(140)), of(wood), of(heavier)))
                .extracting(Followed::key).doesNotContain(key).doesNotHaveDuplicates();
    }

    private static Trial of(WoodFacts wood) {
        return new Trial(7, PIECE.withBlank(PIECE.blank().withStock(SpeciesCatalogue.published().with(List.of(wood)).require("own-1"),
                Seasoning.AIR_DRIED, OptionalDouble.of(16))), Outcome.clean(), OptionalDouble.empty());
    }

    @Test
    void the_reference_pieces_are_of_every_kind_and_none_is_set_aside() {
        assertThat(ReferencePieces.trials().map(RecordedTrial::of)).allSatisfy(recorded -> assertThat(recorded.setAside()).isEmpty());
        assertThat(ReferencePieces.trials().map(trial -> trial.recipe().method().family())).contains(Family.values());
        assertThat(ReferencePieces.trials().map(trial -> trial.recipe().blank().moisturePercent().isPresent())).contains(true, false);
        assertThat(ReferencePieces.trials().map(trial -> trial.recipe().method().strap().isPresent())).contains(true, false);
        assertThat(ReferencePieces.trials()).allSatisfy(trial ->
                assertThat(trial.releasedRadiusMm().orElseThrow()).isEqualTo(1.05 * trial.recipe().bend().innerRadiusMm()));
        // what it says of any of them is in the text, so none may be left out
        assertThat(ReferencePieces.fingerprint()).isNotEqualTo(Followed.digest("")).isNotEqualTo(Followed.digest("null"))
                .isEqualTo(ReferencePieces.fingerprint());
        for (Trial trial : ReferencePieces.trials().toList()) {
            RecordedTrial recorded = RecordedTrial.of(trial);
            assertThat(ReferencePieces.print(Followed.of(recorded))).contains(Arrays.toString(recorded.traits().weight()), recorded.computed().orElseThrow().toString());
            assertThat(recorded.traits().asked()).allSatisfy((mode, asked) -> assertThat(ReferencePieces.print(Followed.of(recorded)))
                    .contains(mode + " " + asked.typical() + Arrays.toString(asked.load()), Arrays.toString(asked.unsure())));
        }
    }
}
