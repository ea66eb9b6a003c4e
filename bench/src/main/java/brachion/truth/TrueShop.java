package brachion.truth;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.method.Bend;
import brachion.core.method.Blank;
import brachion.core.method.GrowthRings;
import brachion.core.method.Knots;
import brachion.core.method.Names;
import brachion.core.method.Recipe;
import brachion.core.method.Seasoning;
import brachion.core.method.SteamBox;
import brachion.core.physics.Physics;
import brachion.core.physics.Unsure;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import brachion.core.wood.Species;
import brachion.core.wood.SpeciesCatalogue;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;

/**
 * A shop whose law is known. A face gives way where its strain passes a limit that scatters log-normally: by 25 % between
 * pieces and by 15 % each between boards, hands and species; a share of the pieces breaks whatever it is asked. Its steam,
 * water and straps are not the usual ones. Records are kept as people keep them: moisture is read to within 2 points,
 * thickness to within 2 %, a quarter is not measured, one outcome in a hundred is wrong.
 */
final class TrueShop {

    private static final double OTHERS = 0.15;
    /** A limit passed by less leaves a flaw that can be mended. */
    private static final double MENDED = 0.08;
    private static final double METER = 2;
    private static final double UNMEASURED = 0.25;
    private static final int PIECES_OF_A_BOARD = 4;
    private static final List<Species> WOODS = SpeciesCatalogue.published().all().stream()
            .filter(species -> !species.radii().estimated()).toList();

    /** How its bends are held. */
    enum Support {
        /** Never a strap. */
        BARE,
        /** A strap every other time. */
        MIXED,
        /** Always a strap. */
        STRAPPED
    }

    private final Law law;
    private final Support support;
    private final double hidden;
    private final Random random;
    private Physics physics;
    private final double meterBias;
    private String brittle = "";
    private final List<Species> woods = new ArrayList<>();
    private final Map<String, double[]> effects = new HashMap<>();
    private double onEdge;
    private int boards;

    /**
     * A piece with what was written down of it and what is true.
     *
     * @param asked    the recipe as the person knows it
     * @param unbroken true chance that it does not break
     * @param outcome  how it ended
     */
    record TruePiece(Recipe asked, double unbroken, Outcome outcome) {

        Trial recorded(long id) {
            return new Trial(id, asked, outcome, OptionalDouble.empty());
        }
    }

    TrueShop(Support support, double hidden, long seed) {
        this(Law.LIMITS, support, hidden, seed);
    }

    TrueShop(Law law, Support support, double hidden, long seed) {
        this.law = law;
        this.support = support;
        this.hidden = hidden;
        this.random = new Random(seed * 7_919 + 20_261_125);
        Physics constants = Physics.USUAL;
        for (Unsure each : Unsure.values()) {
            constants = each.stepped(constants, Math.max(-2, Math.min(2, random.nextGaussian())));
        }
        this.physics = constants;
        this.meterBias = random.nextBoolean() ? law.meterBias() : -law.meterBias();
        for (int i = 0; i < 4; i++) {
            woods.add(WOODS.get(random.nextInt(WOODS.size())));
        }
    }

    /** What is wrong with a shop that is as usual otherwise. */
    enum Fault {
        /** Its box is 18 °C colder where the stock lies than its thermometer says. */
        COLD_BOX,
        /** Its stops give by 3 mm. */
        SLACK_STOPS,
        /** One of its woods bears 20 % less than its radii say. */
        BRITTLE_WOOD
    }

    /** A shop with one thing wrong. */
    static TrueShop with(Fault fault, long seed) {
        TrueShop shop = new TrueShop(Support.MIXED, 0.03, seed);
        shop.physics = switch (fault) {
            case COLD_BOX -> Unsure.BOX_HEAT.stepped(Physics.USUAL, 18 / 5.0);
            case SLACK_STOPS -> Unsure.STOPS.stepped(Physics.USUAL, 3 / 0.7);
            case BRITTLE_WOOD -> Physics.USUAL;
        };
        shop.brittle = fault == Fault.BRITTLE_WOOD ? shop.woods.get(0).id() : "";
        shop.woods.forEach(wood -> shop.effects.put(wood.id(), new double[2]));
        return shop;
    }

    /** The wood that bears less; empty where none does. */
    String brittle() {
        return brittle;
    }

    /** Rings on edge make every piece bear so much more strain, as a share. */
    TrueShop ringsOnEdgeBear(double more) {
        onEdge = Math.log1p(more);
        return this;
    }

    /** Wood, thickness, curve and steaming as they come in such a shop, on a board and by hands of it. */
    TruePiece piece(boolean knownBoard) {
        Species wood = woods.get(random.nextInt(woods.size()));
        boolean strapped = support == Support.STRAPPED || support == Support.MIXED && random.nextBoolean();
        Seasoning seasoning = random.nextInt(3) == 0 ? Seasoning.KILN_DRIED : Seasoning.AIR_DRIED;
        double moisture = Math.max(4, seasoning.meanMoisturePercent() + seasoning.sdMoisturePercent() * random.nextGaussian());
        double thickness = 4 + 18 * random.nextDouble();
        double published = strapped ? Math.sqrt(wood.radii().unsupportedMm() * wood.radii().supportedMm())
                : wood.radii().unsupportedMm();
        double radius = Math.max(15, published * thickness / 25 * Math.exp(0.15 + 0.4 * random.nextGaussian()));
        double run = new double[] {40, 25, 15, 10}[random.nextInt(4)];
        double[] minutes = {15, 30, 45, 60, 90, 120};
        SteamBox steam = new SteamBox(random.nextInt(4) == 0 ? 12 : 0, minutes[random.nextInt(minutes.length)],
                96 + 3 * random.nextDouble(), 8 + 25 * random.nextDouble(), strapped
                ? Optional.of(new Strap(StrapMaterial.STEEL, 0.9, 40, random.nextInt(3) == 0 ? 2 : 0)) : Optional.empty());
        int board = knownBoard && boards > 0 ? random.nextInt(boards) : boards;
        String boardName = "board " + board;
        String hands = "hands " + random.nextInt(2);
        GrowthRings rings = random.nextBoolean() ? GrowthRings.ON_EDGE : GrowthRings.FLAT;
        Blank blank = new Blank(wood, seasoning, OptionalDouble.of(moisture), rings, OptionalDouble.of(run), Knots.CLEAR,
                thickness, 40);
        Recipe truth = new Recipe(blank, new Bend(radius, 120), steam, new Names(hands, boardName, ""));
        return judged(truth, asWritten(truth));
    }

    /** A bend somebody here works towards: neither safe nor hopeless, of stock that was measured, by hands of the shop. */
    Recipe target() {
        while (true) {
            TruePiece piece = piece(false);
            boolean measured = piece.asked().blank().moisturePercent().isPresent() && piece.asked().blank().grainRun().isPresent();
            if (measured && piece.unbroken() > 0.3 && piece.unbroken() < 0.9) {
                return piece.asked();
            }
        }
    }

    /** What happens when a recipe is carried out here, all of it as written. */
    TruePiece done(Recipe recipe) {
        return judged(recipe, recipe);
    }

    private Recipe asWritten(Recipe truth) {
        Blank blank = truth.blank().withThicknessMm(truth.blank().thicknessMm() * (1 + law.calliper() * random.nextGaussian()));
        double reading = Math.max(2, blank.moisturePercent().orElseThrow() + meterBias + METER * random.nextGaussian());
        boolean read = random.nextDouble() > UNMEASURED;
        boolean looked = random.nextDouble() > UNMEASURED;
        return truth.withBlank(new Blank(blank.species(), blank.seasoning(),
                read ? OptionalDouble.of(reading) : OptionalDouble.empty(), blank.growthRings(),
                looked ? blank.grainRun() : OptionalDouble.empty(), blank.knots(), blank.thicknessMm(), blank.widthMm()));
    }

    /** What truly happens to a recipe of which everything is known, in this shop. */
    private TruePiece judged(Recipe truth, Recipe written) {
        double[] beyond = beyond(truth);
        double unbroken = (1 - hidden) * law.holds(beyond[0] - MENDED) * law.holds(beyond[1] - MENDED);
        return new TruePiece(written, unbroken, outcome(beyond));
    }

    /** True chance that a recipe does not break here, whatever is written of it. */
    double unbroken(Recipe truth) {
        return judged(truth, truth).unbroken();
    }

    /** By how much, as a logarithm, each face is asked more than breaks one in twenty. */
    private double[] beyond(Recipe truth) {
        double[] asked = law.asked(truth, physics);
        double[] wood = effect(truth.blank().species().id());
        double[] board = effect(truth.names().board());
        double[] hands = effect(truth.names().person());
        double easier = (truth.blank().growthRings() == GrowthRings.ON_EDGE ? onEdge : 0)
                + (truth.blank().species().id().equals(brittle) ? Math.log(0.8) : 0);
        return new double[] {asked[0] + wood[0] + board[0] + hands[0] - easier, asked[1] + wood[1] + board[1] + hands[1]};
    }

    private double[] effect(String name) {
        return effects.computeIfAbsent(name, each -> {
            if (each.startsWith("board")) {
                boards = Math.max(boards, Integer.parseInt(each.substring(6)) + 1);
            }
            return new double[] {OTHERS * random.nextGaussian(), OTHERS * random.nextGaussian()};
        });
    }

    private Outcome outcome(double[] beyond) {
        if (random.nextDouble() < law.wrong()) {
            return random.nextBoolean() ? Outcome.clean() : Outcome.damaged(Severity.BROKEN, Flaw.SNAP);
        }
        if (random.nextDouble() < hidden) {
            return Outcome.damaged(Severity.BROKEN, Flaw.SNAP);
        }
        double outer = beyond[0] - law.limit(random.nextDouble());
        double inner = beyond[1] - law.limit(random.nextDouble());
        if (outer <= 0 && inner <= 0) {
            return Outcome.clean();
        }
        boolean tension = outer > inner;
        Severity severity = Math.max(outer, inner) > MENDED ? Severity.BROKEN : Severity.FLAW;
        return Outcome.damaged(severity, !tension ? Flaw.INNER_CREASE
                : severity == Severity.BROKEN ? Flaw.SNAP : Flaw.OUTER_SPLINTER);
    }

    /** The next so many records; a new board is begun every few pieces. */
    List<TruePiece> records(int count) {
        List<TruePiece> made = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            made.add(piece(i % PIECES_OF_A_BOARD != 0));
        }
        return made;
    }

    /** Fresh pieces, half of them of boards the records know. */
    List<TruePiece> fresh(int count) {
        List<TruePiece> made = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            made.add(piece(i % 2 == 0));
        }
        return made;
    }
}
