package brachion.core.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brachion.core.bending.SectionCondition;
import brachion.core.method.SteamBag.Bent;
import brachion.core.physics.Physics;
import brachion.core.process.Shop;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** What tells the hot ways apart: how heat and water come in, what cools, what rests on the form. */
class HotWaysTest {

    private static final Blank BLANK = Recipes.ash().moisture(12).thickness(14).steamed().blank();
    private static final Bend BEND = new Bend(200, 90);
    private static final Physics USUAL = Physics.USUAL;

    private static Handling carried(double seconds) {
        return new Handling(0, SoakAdditive.NONE, seconds, Optional.empty(), OptionalDouble.of(12));
    }

    private static SteamBag bag(double minutes, double carry, Bent bent) {
        return new SteamBag(carried(carry), new Heating(StageKind.STEAM_BAG, minutes, 98), bent);
    }

    private static SteamInPlace inPlace(double minutes, double steamOn) {
        return new SteamInPlace(carried(0), new Heating(StageKind.STEAM_BAG, minutes, 98), steamOn);
    }

    private static HotBath bath(double minutes, double celsius) {
        return new HotBath(carried(15), new Heating(StageKind.HOT_BATH, minutes, celsius));
    }

    private static SectionCondition condition(Method method, Shop shop) {
        return method.condition(BLANK, shop, USUAL);
    }

    private static SectionCondition condition(Method method) {
        return condition(method, Shop.USUAL);
    }

    /** The film of a bag round the piece is 600 W/(m²K), that of a box 400: the same minutes never leave it harder. */
    @Test
    void a_bag_heats_no_slower_than_a_box() {
        for (double minutes : new double[] {5, 15, 40}) {
            SectionCondition box = condition(new SteamBox(carried(15), new Heating(StageKind.STEAM_BOX, minutes, 98)));
            SectionCondition bag = condition(bag(minutes, 15, Bent.PULLED));
            assertThat(bag.innerHalfSoftness()).isGreaterThanOrEqualTo(box.innerHalfSoftness());
            assertThat(bag.outerQuarterSoftness()).isGreaterThanOrEqualTo(box.outerQuarterSoftness());
        }
    }

    @Test
    void nothing_cools_that_is_bent_in_its_bag_or_in_place() {
        SectionCondition inTheBag = condition(bag(40, 0, Bent.IN_THE_BAG));
        SectionCondition pulled = condition(bag(40, 20, Bent.PULLED));
        assertThat(inTheBag.outerQuarterSoftness()).isGreaterThan(pulled.outerQuarterSoftness() + 0.02);
        assertThat(condition(inPlace(40, 0))).usingRecursiveComparison().isEqualTo(inTheBag);
        assertThat(inPlace(40, 0).stages()).extracting(Stage::kind).containsExactly(StageKind.STEAM_BAG);
        assertThatThrownBy(() -> bag(40, 10, Bent.IN_THE_BAG)).hasMessageContaining("not carried");
        assertThatThrownBy(() -> new SteamInPlace(carried(10), new Heating(StageKind.STEAM_BAG, 40, 98), 0)).hasMessageContaining("not carried");
    }

    /**
     * r = r∞ + (1 − r∞)·exp(−t_hot/0.5 h − t_cold/12 h): a quarter of an hour of steam on the form and twelve hours cold leave
     * 0.612 of the moment, twelve cold hours alone 0.684; worked by hand, to first order in a small opening.
     */
    @Test
    void steam_left_on_lets_the_bend_rest() {
        double small = 1e-6;
        assertThat(new Springback(small, Optional.of(12.0), 0.25).logOpening() / small).isCloseTo(0.6116, within(5e-4));
        assertThat(new Springback(small, Optional.of(12.0), 0).logOpening() / small).isCloseTo(0.6839, within(5e-4));
        Springback rested = springback(inPlace(40, 15));
        assertThat(rested.hotHours()).isEqualTo(0.25);
        assertThat(rested.logOpening()).isLessThan(springback(inPlace(40, 0)).logOpening());
    }

    private static Springback springback(Method method) {
        return method.springback(BLANK, BEND, Shop.USUAL, method.demand(BLANK, BEND, Shop.USUAL, USUAL));
    }

    /** Water goes in as in a soak; steam at its temperature brings next to none in that time. */
    @Test
    void a_hot_bath_wets_what_steam_leaves_dry() {
        double steamed = condition(bag(60, 15, Bent.PULLED)).meanMoisturePercent();
        double bathed = condition(bath(60, 98)).meanMoisturePercent();
        assertThat(steamed).isBetween(11.5, 15.0);
        assertThat(bathed).isGreaterThan(steamed + 2).isLessThan(30);
        assertThat(condition(bath(60, 98)).innerHalfSoftness()).isGreaterThan(condition(bath(60, 80)).innerHalfSoftness());
    }

    /** At 2,000 m water boils at about 93 °C: no bag and no bath is hotter there. */
    @Test
    void high_up_no_water_is_hotter_than_it_boils() {
        Shop high = new Shop(20, 0.5, 2000);
        assertThat(condition(bath(60, 98), high)).usingRecursiveComparison().isEqualTo(condition(bath(60, 95), high));
        for (HotWood way : List.of(bag(40, 15, Bent.PULLED), inPlace(40, 0), bath(40, 98))) {
            Recipe recipe = new Recipe(BLANK, BEND, way);
            assertThat(way.doubts(recipe.withShop(high), OptionalDouble.empty())).extracting(Doubt::kind).containsExactly(Doubt.Kind.HOTTER_THAN_BOILING);
            assertThat(way.doubts(recipe, OptionalDouble.of(60))).as("the rig is a box").isEmpty();
        }
    }

    @Test
    void a_way_as_it_was_done_took_what_was_written_down() {
        Done done = new Done(Map.of(StageKind.STEAM_BAG, 55.0, StageKind.FORM, 600.0), Optional.empty());
        SteamInPlace took = inPlace(40, 15).asDone(done);
        assertThat(took.heating().minutes()).isEqualTo(55);
        assertThat(took.holdHours()).hasValue(10);
        assertThat(took.steamOnMinutes()).isEqualTo(15);
        assertThat(inPlace(40, 15).asDone(new Done(Map.of(), Optional.empty()))).as("as planned, to the last digit").isEqualTo(inPlace(40, 15));
        assertThat(bath(25, 98).with(carried(17)).asDone(new Done(Map.of(), Optional.empty())).carrySeconds()).isEqualTo(17);
        assertThat(inPlace(40, 15).stageKinds()).doesNotContain(StageKind.CARRY).contains(StageKind.STEAM_BAG);
        assertThat(bath(30, 98).plannedMinutes(StageKind.HOT_BATH)).hasValue(30);
        assertThat(bath(30, 98).plannedMinutes(StageKind.CARRY)).hasValue(0.25);
        assertThat(bath(30, 98).plannedMinutes(StageKind.RACK)).isEmpty();
    }

    /** What is done to one hot way that can be done to another is the same change. */
    @Test
    void what_can_be_changed_is_said_in_the_words_of_the_way() {
        assertThat(kinds(new HotBath(carried(15), new Heating(StageKind.HOT_BATH, 20, 80))))
                .contains(Change.Kind.BATH_LONGER, Change.Kind.HOTTER_BATH, Change.Kind.QUICKER_CARRY, Change.Kind.STEEL_STRAP)
                .doesNotContain(Change.Kind.STEAM_LONGER, Change.Kind.HOTTER_CHAMBER);
        assertThat(kinds(new SteamInPlace(carried(0), new Heating(StageKind.STEAM_BAG, 20, 90), 0)))
                .contains(Change.Kind.STEAM_LONGER, Change.Kind.HOTTER_BAG).doesNotContain(Change.Kind.QUICKER_CARRY);
        assertThat(kinds(bag(20, 15, Bent.PULLED))).contains(Change.Kind.BAG_ON);
        assertThat(kinds(bag(20, 0, Bent.IN_THE_BAG))).doesNotContain(Change.Kind.BAG_ON, Change.Kind.QUICKER_CARRY);
        Recipe pulled = new Recipe(BLANK, BEND, bag(20, 15, Bent.PULLED));
        assertThat(Change.of(pulled, new Marks(5, 0.5)).stream().filter(change -> change.kind() == Change.Kind.BAG_ON)
                .map(change -> change.on().apply(pulled).method())).containsExactly(bag(20, 0, Bent.IN_THE_BAG));
        assertThat(bag(20, 0, Bent.IN_THE_BAG).with(carried(10)).carrySeconds()).as("after both changes").isZero();
        assertThat(inPlace(20, 0).with(carried(10)).carrySeconds()).isZero();
        assertThat(bath(20, 98).minutesInSteam()).isEmpty();
        assertThat(bath(20, 98).quickerThanSchools(BLANK)).as("heat goes no faster into wood in a bath than in steam").isTrue();
        assertThat(bath(60, 98).quickerThanSchools(BLANK)).isFalse();
    }

    private static List<Change.Kind> kinds(Method method) {
        return Change.of(new Recipe(BLANK, BEND, method), new Marks(5, 0.5)).stream().map(Change::kind).toList();
    }
}
