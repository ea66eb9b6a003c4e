package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.bending.Outline;
import brachion.core.bending.Strap;
import brachion.core.bending.StrapEnds;
import brachion.core.bending.StrapMaterial;
import brachion.core.method.Blank;
import brachion.core.method.ColdLamination;
import brachion.core.method.FailureMode;
import brachion.core.method.Family;
import brachion.core.method.Glue;
import brachion.core.method.GrowthRings;
import brachion.core.method.Handling;
import brachion.core.method.Heating;
import brachion.core.method.FreeBending;
import brachion.core.method.GreenRod;
import brachion.core.method.HotBath;
import brachion.core.method.HotPipe;
import brachion.core.method.HotWood;
import brachion.core.method.Knots;
import brachion.core.method.Names;
import brachion.core.method.OuterFace;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.Seasoning;
import brachion.core.method.SoakAdditive;
import brachion.core.method.SteamBag;
import brachion.core.method.SteamBox;
import brachion.core.method.SteamInPlace;
import brachion.core.method.SteamedPlies;
import brachion.core.method.Term;
import brachion.core.physics.Physics;
import brachion.core.physics.Unsure;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import brachion.core.process.SteamingSchool;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * For everything that may move a risk, a shop in which it does: the fit must lean the right way, and with the sign turned
 * the other. The shops' law is not the model's.
 */
class TermsTest {

    private static final int TRIALS = 240;
    /** A third less or half as much again in strain. */
    private static final double EFFECT = 0.4;
    /** Of knots more than that is believed beforehand. */
    private static final double OF_KNOTS = 0.9;

    private static final Handling PLACED = new Handling(0, SoakAdditive.NONE, 0, Optional.empty(), OptionalDouble.empty());

    private static Recipe steamed(Random random) {
        return Recipes.ash().moisture(12 + random.nextInt(10)).grainRun(25).thickness(6 + random.nextInt(8))
                .radius(50 + random.nextInt(150)).steamed();
    }

    private static Recipe laminated(Random random) {
        return Recipes.ash().moisture(9).grainRun(25).thickness(1.5 + random.nextDouble()).radius(50 + random.nextInt(120))
                .laminated(4 + random.nextInt(8));
    }

    private static UnaryOperator<Recipe> blank(UnaryOperator<Blank> change) {
        return recipe -> recipe.withBlank(change.apply(recipe.blank()));
    }

    private static UnaryOperator<Recipe> steam(UnaryOperator<SteamBox> change) {
        return recipe -> recipe.withMethod(change.apply((SteamBox) recipe.method()));
    }

    /** The same handled otherwise: what is heated in a bag, in place or in a bath. */
    private static UnaryOperator<Recipe> heated(UnaryOperator<HotWood> change) {
        return recipe -> recipe.withMethod(change.apply((HotWood) recipe.method()));
    }

    private static Heating heat(HotWood way, StageKind kind) {
        return new Heating(kind, way.heating().minutes(), way.heating().celsius());
    }

    private static Strap strap(StrapMaterial material, double gapMm) {
        return new Strap(material, 0.5, Recipes.WIDTH_MM, gapMm);
    }

    /** Each term with what gives a recipe the thing it is about. */
    static Stream<Arguments> terms() {
        return Stream.of(
                Arguments.of(Term.KNOTS, blank(blank -> blank.withKnots(Knots.IN_BEND))),
                Arguments.of(Term.RINGS_ON_EDGE, blank(blank -> blank.withGrowthRings(GrowthRings.ON_EDGE))),
                Arguments.of(Term.RINGS_FLAT, blank(blank -> blank.withGrowthRings(GrowthRings.FLAT))),
                Arguments.of(Term.RINGS_RIFT, blank(blank -> blank.withGrowthRings(GrowthRings.RIFT))),
                Arguments.of(Term.RINGS_MIXED, blank(blank -> blank.withGrowthRings(GrowthRings.MIXED))),
                Arguments.of(Term.RIVEN_FACE, blank(TermsTest::riven)),
                Arguments.of(Term.BARK, blank(TermsTest::barked)),
                Arguments.of(Term.GREEN_STOCK, blank(blank -> blank.withStock(blank.species(), Seasoning.GREEN, blank.moisturePercent()))),
                Arguments.of(Term.STRAP_SLACK, steam(box -> box.withStrap(Optional.of(strap(StrapMaterial.WEBBING, 3))))),
                Arguments.of(Term.BACKED, steam(box -> box.withStrap(Optional.of(new Strap(StrapMaterial.PLASTIC, 0.5, Recipes.WIDTH_MM, 0, 1, StrapEnds.NOT_HELD))))),
                Arguments.of(Term.WEBBING, steam(box -> box.withStrap(Optional.of(strap(StrapMaterial.WEBBING, 0))))),
                Arguments.of(Term.STEAM_BAG, heated(way -> new SteamBag(way.handling(), heat(way, StageKind.STEAM_BAG), SteamBag.Bent.PULLED))),
                Arguments.of(Term.STEAM_IN_PLACE, heated(way -> new SteamInPlace(PLACED, heat(way, StageKind.STEAM_BAG), 0))),
                Arguments.of(Term.HOT_BATH, heated(way -> new HotBath(way.handling(), heat(way, StageKind.HOT_BATH)))),
                Arguments.of(Term.HOT_PIPE, heated(way -> new HotPipe(PLACED, heat(way, StageKind.HOT_PIPE), Stage.Contact.FULL, HotPipe.By.HANDS))),
                Arguments.of(Term.FREE_BENDING, heated(way -> new FreeBending(PLACED, heat(way, StageKind.STEAM_BAG)))),
                Arguments.of(Term.GREEN_ROD, heated(way -> new GreenRod(new Handling(0, SoakAdditive.NONE, way.carrySeconds(), Optional.empty(), OptionalDouble.empty()), way.heating(), 4, 500, Outline.ROUND))),
                Arguments.of(Term.STEAMED_PLIES, heated(way -> new SteamedPlies(way.handling(), way.heating(), Glue.PVA, 3))),
                Arguments.of(Term.SOAKED, steam(box -> box.withSoakHours(1))),
                Arguments.of(Term.SOFTENER, steam(box -> new SteamBox(1, SoakAdditive.SOFTENER, box.steamMinutes(), 98,
                        Optional.empty(), 5, Optional.empty(), OptionalDouble.empty()))));
    }

    private static Blank riven(Blank sawn) {
        return faced(sawn, OuterFace.RIVEN);
    }

    private static Blank barked(Blank sawn) {
        return faced(sawn, OuterFace.BARK);
    }

    private static Blank faced(Blank sawn, OuterFace face) {
        return new Blank(sawn.species(), sawn.seasoning(), sawn.moisturePercent(), sawn.growthRings(), sawn.grainRun(),
                sawn.knots(), face, sawn.thicknessMm(), sawn.widthMm());
    }

    private static double tension(RiskModel risk, Family family, Term term, String name) {
        return risk.beliefs(family).stream()
                .filter(belief -> belief.mode() == FailureMode.TENSION && belief.term() == term && belief.name().equals(name))
                .findFirst().orElseThrow().mean();
    }

    private static RiskModel shop(UnaryOperator<Recipe> with, double weaker) {
        LognormalShop shop = new LognormalShop(41);
        return RiskModel.fit(shop.weaker(recipe -> with.apply(recipe).equals(recipe) ? weaker : 0).trials(TRIALS, () -> {
            Recipe without = steamed(shop.random());
            return shop.random().nextBoolean() ? with.apply(without) : without;
        }));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("terms")
    void a_thing_that_does_harm_or_good_is_believed_to(Term term, UnaryOperator<Recipe> with) {
        double effect = term == Term.KNOTS ? OF_KNOTS : EFFECT;
        double harm = tension(shop(with, effect), Family.HOT_WOOD, term, "");
        double good = tension(shop(with, -effect), Family.HOT_WOOD, term, "");
        double before = tension(RiskModel.withoutRecords(), Family.HOT_WOOD, term, "");
        assertThat(harm).as("does harm").isGreaterThan(before + 0.15);
        assertThat(good).as("does good").isLessThan(before - 0.15);
    }

    /** Priors that lean one way before any record, and those that must not. */
    @Test
    void only_knots_slack_backing_riven_faces_and_bark_lean_before_the_first_record() {
        for (Belief belief : RiskModel.withoutRecords().beliefs(Family.HOT_WOOD)) {
            switch (belief.term()) {
                case KNOTS -> assertThat(belief.mean()).isBetween(1.0, 2.8);
                case STRAP_SLACK -> assertThat(belief.mean()).isBetween(0.5, 0.9);
                case BACKED -> assertThat(belief.mean()).isBetween(-0.5, -0.1);
                case BARK -> assertThat(belief.mean()).isBetween(-1.5, -1.1);
                case RIVEN_FACE -> assertThat(belief.mean()).isBetween(-0.7, -0.3);
                default -> assertThat(belief.mean()).as("%s", belief.term()).isZero();
            }
        }
    }

    @ParameterizedTest
    @EnumSource(value = Group.class, names = {"PERSON", "BOARD", "SOURCE"})
    void one_of_a_group_that_does_worse_is_believed_to(Group group) {
        Names[] names = switch (group) {
            case PERSON -> new Names[] {new Names("a", "", ""), new Names("b", "", ""), new Names("c", "", "")};
            case BOARD -> new Names[] {new Names("", "a", ""), new Names("", "b", ""), new Names("", "c", "")};
            default -> new Names[] {new Names("", "", "a"), new Names("", "", "b"), new Names("", "", "c")};
        };
        LognormalShop shop = new LognormalShop(43);
        RiskModel risk = RiskModel.fit(shop.weaker(recipe -> recipe.names().equals(names[0]) ? EFFECT : 0)
                .trials(TRIALS, () -> steamed(shop.random()).withNames(names[shop.random().nextInt(3)])));
        double worse = tension(risk, Family.HOT_WOOD, group.term(), "a");
        assertThat(worse).isGreaterThan(0.3 + tension(risk, Family.HOT_WOOD, group.term(), "b"))
                .isGreaterThan(0.3 + tension(risk, Family.HOT_WOOD, group.term(), "c"));
    }

    @Test
    void a_wood_that_does_better_than_its_radii_is_believed_to() {
        LognormalShop shop = new LognormalShop(44);
        RiskModel risk = RiskModel.fit(shop.weaker(recipe -> recipe.blank().species().id().equals("white-oak") ? -EFFECT : 0)
                .trials(TRIALS, () -> Recipes.ash().species(shop.random().nextBoolean() ? "white-oak" : "white-ash").moisture(16)
                        .thickness(6 + shop.random().nextInt(8)).radius(50 + shop.random().nextInt(150)).steamed()));
        assertThat(tension(risk, Family.HOT_WOOD, Term.SPECIES, "white-oak"))
                .isLessThan(tension(risk, Family.HOT_WOOD, Term.SPECIES, "white-ash") - 0.8);
    }

    /** A constant two steps worse, or better, than usual, in bends that bear on it; of softening, which is surer, four in a bath, where no box is in doubt. */
    @ParameterizedTest
    @EnumSource(value = Unsure.class, names = {"STEAM_HEAT", "WATER_UPTAKE", "SOFTENING", "STEAM_MOISTURE", "STRAP_SHARE", "BOX_HEAT", "STOPS"})
    void a_constant_of_the_shop_is_found_out(Unsure constant) {
        double off = constant == Unsure.SOFTENING ? 4 : 2;
        double worse = steps(constant, off);
        double better = steps(constant, -off);
        assertThat(worse).as("two steps worse").isGreaterThan(better + 0.25);
        assertThat(worse).isGreaterThan(0.05);
        assertThat(better).isLessThan(0.15);
    }

    private static double steps(Unsure constant, double truth) {
        LognormalShop shop = new LognormalShop(45).physics(constant.stepped(Physics.USUAL, truth));
        RiskModel risk = RiskModel.fit(shop.trials(TRIALS, () -> bearingOn(constant, shop.random())));
        return risk.unsure(Family.HOT_WOOD, FailureMode.TENSION).get(constant).mean();
    }

    private static Recipe bearingOn(Unsure constant, Random random) {
        boolean bears = random.nextBoolean();
        Recipe recipe = steamed(random);
        return switch (constant) {
            case STEAM_HEAT -> Recipes.ash().moisture(22).grainRun(25).thickness(14).radius(140 + random.nextInt(120)).steamed()
                    .withMethod(new SteamBox(0, bears ? 2 : 60, 98, 5, Optional.empty()));
            case SOFTENING -> recipe.withMethod(new HotBath(((SteamBox) recipe.method()).handling(), new Heating(StageKind.HOT_BATH, bears ? 60 : 30, bears ? 80 : 95)));
            case BOX_HEAT -> Recipes.ash().moisture(18).grainRun(25).thickness(5).radius(60 + random.nextInt(100)).steamed()
                    .withMethod(new SteamBox(0, bears ? 45 : 90, bears ? 88 : 98, 5, Optional.empty()));
            case STOPS -> Recipes.ash().moisture(18).grainRun(25).thickness(12).radius(40 + random.nextInt(60)).steamed()
                    .withMethod(new SteamBox(0, 60, 98, 5, Optional.of(new Strap(StrapMaterial.STEEL, 0.9, Recipes.WIDTH_MM, bears ? 2 : 0))));
            case WATER_UPTAKE, STEAM_MOISTURE -> Recipes.ash().moisture(bears ? 8 : 20).grainRun(25).thickness(5)
                    .radius(60 + random.nextInt(100)).steamed()
                    .withMethod(new SteamBox(0, bears ? 60 : 30, 98, 5, Optional.empty()));
            default -> bears ? steam(box -> box.withStrap(Optional.of(new Strap(StrapMaterial.STEEL, 0.15, Recipes.WIDTH_MM, 0))))
                    .apply(recipe.withInnerRadiusMm(18 + random.nextInt(25))) : recipe;
        };
    }

    @ParameterizedTest
    @EnumSource(value = Glue.class, names = {"EPOXY", "POLYURETHANE", "UREA_RESIN", "HIDE"})
    void a_glue_whose_lines_open_more_often_is_believed_to(Glue glue) {
        Random random = new Random(46);
        Predicate<Recipe> has = recipe -> ((ColdLamination) recipe.method()).glue() == glue;
        for (int sign : new int[] {1, -1}) {
            List<Trial> trials = Stream.generate(() -> {
                Recipe recipe = laminated(random);
                return random.nextBoolean() ? recipe.withMethod(new ColdLamination(glue, 6)) : recipe;
            }).limit(TRIALS).map(recipe -> new Trial(recipe, random.nextDouble() < (has.test(recipe) == (sign > 0) ? 0.4 : 0.1)
                    ? Outcome.damaged(Severity.BROKEN, Flaw.GLUE_LINE_GAP) : Outcome.clean())).toList();
            double belief = RiskModel.fit(trials).beliefs(Family.COLD_PLIES).stream()
                    .filter(each -> each.term() == Term.valueOf("GLUE_" + glue.name())).findFirst().orElseThrow().mean();
            assertThat(sign * belief).as("sign %d", sign).isGreaterThan(0.4);
        }
    }

    /** Stock that stayed in as long as a school says does better, or worse, than its softness. */
    @ParameterizedTest
    @EnumSource(SteamingSchool.class)
    void a_school_that_is_right_beyond_the_softness_is_told_from_one_that_is_wrong(SteamingSchool school) {
        for (int sign : new int[] {1, -1}) {
            LognormalShop shop = new LognormalShop(47);
            shop.weaker(recipe -> ((SteamBox) recipe.method()).steamMinutes() >= school.minutes(recipe.blank().thicknessMm())
                    ? -sign * EFFECT : 0);
            RiskModel risk = RiskModel.fit(shop.trials(TRIALS, () -> {
                Recipe recipe = steamed(shop.random());
                double about = school.minutes(recipe.blank().thicknessMm());
                return steam(box -> box.withSteamMinutes(about * (shop.random().nextBoolean() ? 0.9 : 1.1))).apply(recipe);
            }));
            Contrast better = new Schools(risk).steamedAtLeast(school);
            assertThat(sign * better.mean()).as("sign %d", sign).isGreaterThan(0.3);
            assertThat(better.trials()).isBetween(60, 180);
        }
    }

    @Test
    void long_steaming_that_does_good_beyond_the_softness_is_told_from_one_that_does_harm() {
        for (int sign : new int[] {1, -1}) {
            LognormalShop shop = new LognormalShop(48);
            shop.weaker(recipe -> -sign * 0.3 * Math.log(((SteamBox) recipe.method()).steamMinutes() / 60));
            RiskModel risk = RiskModel.fit(shop.trials(TRIALS, () -> steam(box ->
                    box.withSteamMinutes(30 * Math.pow(2, shop.random().nextInt(4)))).apply(steamed(shop.random()))));
            assertThat(sign * new Schools(risk).steamedLonger().mean()).isGreaterThan(0.3);
        }
    }
}
