package brachion.server.demo;

import static brachion.core.bending.StrapMaterial.STEEL;
import static brachion.core.bending.StrapMaterial.WEBBING;
import static brachion.core.method.Glue.EPOXY;
import static brachion.core.method.Glue.PVA;
import static brachion.core.method.Glue.UREA_RESIN;
import static brachion.core.method.GrowthRings.FLAT;
import static brachion.core.method.GrowthRings.MIXED;
import static brachion.core.method.GrowthRings.ON_EDGE;
import static brachion.core.method.GrowthRings.RIFT;
import static brachion.core.method.GrowthRings.UNKNOWN;
import static brachion.core.method.Seasoning.AIR_DRIED;
import static brachion.core.method.Seasoning.GREEN;
import static brachion.core.method.Seasoning.KILN_DRIED;

import brachion.core.bending.Outline;
import brachion.core.bending.Strap;
import brachion.core.method.ColdLamination;
import brachion.core.method.GreenRod;
import brachion.core.method.GrowthRings;
import brachion.core.method.Knots;
import brachion.core.method.Method;
import brachion.core.method.OuterFace;
import brachion.core.method.Seasoning;
import brachion.core.method.SoakAdditive;
import brachion.core.method.SteamBox;
import brachion.core.process.StageKind;
import brachion.core.quantity.Length;
import brachion.core.quantity.LengthUnit;
import brachion.core.trial.Flaw;
import brachion.core.trial.Severity;
import brachion.server.demo.Job.Otherwise;
import brachion.server.demo.Job.Plies;
import brachion.server.demo.Job.Steam;
import brachion.server.recipe.BlankFields;
import brachion.server.recipe.MethodFields;
import brachion.server.recipe.RecipeFields;
import brachion.server.trial.DoneFields;
import brachion.server.trial.DoneFields.ChamberReading;
import brachion.server.trial.DoneFields.StageTook;
import brachion.server.trial.OutcomeFields;
import brachion.server.trial.TrialFields;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.Stream;

/**
 * Fellmarrow Workshop, an invented shop that makes snowshoe frames, crook handles, frame-drum hoops, pannier-basket
 * rims and garden-gate arches. Two years of trials: broken kiln-dried starts, the strap, the soaking, the day the
 * generator was too small. What becomes of a piece is decided by {@link ShopLuck}, which shares nothing with the
 * forecast, so that the forecast has something real to find.
 */
final class FellmarrowWorkshop {

    private static final Steam QUICK = new Steam(0, 30, 97, null, 0);
    private static final Steam HOUR = new Steam(0, 60, 98, null, 0);
    private static final Steam SOAKED = new Steam(14, 60, 98, null, 0);
    private static final Steam WEBBED = new Steam(0, 60, 98, WEBBING, 2.5);
    private static final Steam STRAPPED = new Steam(0, 60, 98, STEEL, 0.9);
    private static final Steam SOAKED_STRAPPED = new Steam(14, 75, 98, STEEL, 0.9);
    private static final Steam SMALL_GENERATOR = new Steam(0, 60, 83, STEEL, 0.9);

    private static final List<String> PEOPLE = List.of("Tamsin", "Odo", "Wren");
    private static final String YARD = "Estuary timber yard";
    private static final String COPPICE = "Hollow Lane coppice";

    private static final List<Job> JOBS = List.of(
            job(2024, 11, 7, 6, "Snowshoe toe", "white-ash", KILN_DRIED, 7.5, MIXED, 19, 22, 140, 180, QUICK),
            job(2024, 11, 23, 5, "Snowshoe toe, thinner", "white-ash", KILN_DRIED, 7.5, MIXED, 14, 22, 140, 180, HOUR),
            job(2024, 12, 14, 6, "Frame-drum hoop", "hard-maple", KILN_DRIED, 8, FLAT, 6, 60, 190, 340, HOUR),
            job(2025, 1, 11, 6, "Basket rim", "white-oak", AIR_DRIED, 15, ON_EDGE, 5, 25, 120, 330, HOUR),
            job(2025, 2, 1, 5, "Gate arch", "white-oak", KILN_DRIED, 9, RIFT, 4, 60, 520, 170, new Plies(PVA, 9)),
            job(2025, 2, 22, 5, "Crook handle", "white-ash", AIR_DRIED, 17, ON_EDGE, 22, 22, 75, 190, HOUR),
            job(2025, 3, 15, 5, "Crook handle, webbing", "white-ash", AIR_DRIED, 17, FLAT, 22, 22, 75, 190, WEBBED),
            job(2025, 4, 5, 8, "Crook handle, steel strap", "white-ash", AIR_DRIED, 17, ON_EDGE, 22, 22, 75, 190,
                    STRAPPED),
            job(2025, 5, 3, 8, "Snowshoe frame", "white-ash", GREEN, 30, FLAT, 17, 20, 140, 180, HOUR),
            job(2025, 6, 7, 6, "Frame-drum hoop, soaked", "hard-maple", KILN_DRIED, 8, ON_EDGE, 6, 60, 190, 340,
                    SOAKED),
            job(2025, 7, 5, 6, "Gate arch, tight", "sitka-spruce", KILN_DRIED, 10, ON_EDGE, 5, 55, 330, 175,
                    new Plies(EPOXY, 8)),
            job(2025, 8, 2, 6, "Basket rim", "red-oak", KILN_DRIED, 8, FLAT, 5, 25, 110, 330, SOAKED),
            job(2025, 9, 6, 7, "Crook handle", "red-oak", AIR_DRIED, 16, RIFT, 24, 24, 80, 190, STRAPPED),
            job(2025, 10, 4, 6, "Snowshoe toe, soaked", "white-ash", KILN_DRIED, 8, MIXED, 17, 22, 140, 180,
                    SOAKED_STRAPPED),
            job(2025, 11, 1, 6, "Frame-drum hoop", "black-cherry", AIR_DRIED, 14, FLAT, 6, 60, 200, 340, HOUR),
            job(2026, 1, 17, 6, "Crook handle, small generator", "white-ash", AIR_DRIED, 16, ON_EDGE, 22, 22, 75, 190,
                    SMALL_GENERATOR),
            job(2026, 2, 7, 6, "Gate arch", "white-ash", KILN_DRIED, 8, FLAT, 3, 60, 420, 175,
                    new Plies(UREA_RESIN, 12)),
            job(2026, 3, 7, 8, "Snowshoe frame", "white-ash", AIR_DRIED, 20, ON_EDGE, 17, 20, 130, 180, STRAPPED),
            job(2026, 4, 11, 6, "Basket rim", "hickory", AIR_DRIED, 18, FLAT, 6, 25, 110, 330, HOUR),
            job(2026, 5, 9, 7, "Gate arch, offcuts", "hard-maple", KILN_DRIED, 8, UNKNOWN, 3, 50, 240, 180,
                    new Plies(PVA, 10)),
            job(2026, 6, 13, 7, "Crook handle", "black-walnut", AIR_DRIED, 15, FLAT, 20, 20, 80, 190, STRAPPED),
            job(2026, 8, 1, 6, "Frame-drum hoop", "white-ash", AIR_DRIED, 18, ON_EDGE, 7, 60, 190, 340, HOUR),
            job(2026, 9, 5, 7, "Snowshoe frame", "yellow-birch", AIR_DRIED, 19, RIFT, 16, 20, 150, 180, STRAPPED),
            job(2026, 10, 10, 6, "Basket rim", "beech", KILN_DRIED, 8, ON_EDGE, 5, 25, 120, 330, SOAKED));

    private final Random random;
    private final ShopLuck luck;

    FellmarrowWorkshop(long seed) {
        this.random = new Random(seed);
        this.luck = new ShopLuck(random);
    }

    List<TrialFields> twoYears() {
        List<TrialFields> trials = new ArrayList<>();
        // the other ways last, so that what the box and the clamps saw does not hang on them
        Stream.concat(JOBS.stream(), FellmarrowOtherWays.JOBS.stream()).forEach(job -> {
            for (int piece = 0; piece < job.pieces(); piece++) {
                trials.add(trial(job, piece));
            }
        });
        return trials;
    }

    private TrialFields trial(Job job, int piece) {
        boolean measured = random.nextDouble() < 0.75;
        double moisture = Math.max(5, job.moisture() * (1 + 0.1 * random.nextGaussian()));
        Double run = random.nextDouble() < 0.6 ? pick(30, 25, 20, 15, 12, 8) : null;
        Knots knots = random.nextDouble() < 0.07 ? Knots.IN_BEND : Knots.CLEAR;
        // a shop tries a little thicker or thinner, a little tighter or gentler, from piece to piece
        double thickness = onTheRule(job.thicknessMm() * (1 + 0.05 * (piece % 3 - 1)), 32);
        double radius = onTheRule(job.radiusMm() * pick(0.9, 1.0, 1.0, 1.1), 8);
        OuterFace face = job.seasoning() == GREEN ? pickFace() : null;
        BlankFields blank = new BlankFields(job.speciesId(), job.seasoning(),
                measured ? Math.round(moisture * 2) / 2.0 : null, job.rings(), run, knots, face, thickness,
                onTheRule(job.widthMm(), 8), job.process() instanceof Otherwise rod && rod.method() instanceof GreenRod ? Outline.ROUND : null);
        String person = PEOPLE.get(random.nextInt(PEOPLE.size()));
        String board = board(job, piece);
        RecipeFields recipe = recipe(job, blank, radius, person, board);
        double hands = luck.hands(person) * luck.board(board);
        ShopLuck.Ending ending = luck.ending(recipe, moisture, run == null ? pick(25, 25, 15, 10) : run, hands);
        Double released = ending.severity() != Severity.BROKEN && random.nextDouble() < 0.6
                ? onTheRule(radius * luck.opening(recipe), 16) : null;
        return new TrialFields(job.from().plusDays(piece / 2), recipe, done(job),
                new OutcomeFields(ending.severity(), ending.flaw(), released), note(job, ending));
    }

    /** Two or three boards to a job, named by wood and month; some jobs go on with what another left over. */
    private static String board(Job job, int piece) {
        String wood = job.speciesId().replaceAll(".*-", "");
        return "%s %d/%d %s".formatted(wood, job.from().getMonthValue(), job.from().getYear() % 100, piece % 5 < 3 ? "A" : "B");
    }

    private OuterFace pickFace() {
        return random.nextInt(3) == 0 ? OuterFace.BARK : OuterFace.RIVEN;
    }

    private RecipeFields recipe(Job job, BlankFields blank, double radius, String person, String board) {
        String source = job.seasoning() == KILN_DRIED ? YARD : COPPICE;
        return new RecipeFields(blank, radius, job.angle(), MethodFields.of(method(job.process(), blank.widthMm())), person, board, source);
    }

    private Method method(Job.Process process, double widthMm) {
        if (process instanceof Plies plies) {
            return new ColdLamination(plies.glue(), plies.count());
        }
        return process instanceof Otherwise otherwise ? otherwise.method() : steamed((Steam) process, widthMm);
    }

    private SteamBox steamed(Steam steam, double widthMm) {
        Optional<Strap> strap = steam.strap() == null ? Optional.empty() : Optional.of(
                new Strap(steam.strap(), onTheRule(steam.strapMm(), 64), widthMm, onTheRule(pick(0, 0, 0, 1, 2), 32)));
        double carry = 10 + random.nextInt(25);
        SoakAdditive additive = steam.soakHours() > 0 && random.nextBoolean() ? SoakAdditive.SOFTENER : SoakAdditive.NONE;
        return new SteamBox(steam.soakHours(), additive, steam.minutes(), steam.chamberC(), Optional.empty(), carry, strap,
                OptionalDouble.of(pick(2, 12, 24, 24, 48)));
    }

    /** Now and then the steam ran longer than planned; on the day of the small generator somebody wrote the chamber down. */
    private DoneFields done(Job job) {
        if (!(job.process() instanceof Steam steam)) {
            return null;
        }
        List<StageTook> stages = new ArrayList<>();
        if (random.nextInt(4) == 0) {
            stages.add(new StageTook(StageKind.STEAM_BOX, steam.minutes() + pick(5, 10, 15, 20)));
        }
        List<ChamberReading> chamber = new ArrayList<>();
        if (job.process() == SMALL_GENERATOR) {
            for (int reading = 0; reading <= 6; reading++) {
                double celsius = 83 - 45 * Math.exp(-reading / 1.6) + random.nextInt(3) - 1;
                chamber.add(new ChamberReading(10.0 * reading, Math.round(celsius * 10) / 10.0));
            }
        }
        return new DoneFields(stages, chamber);
    }

    private static String note(Job job, ShopLuck.Ending ending) {
        String seen = ending.flaw() == null ? "" : switch (ending.flaw()) {
            case OUTER_SPLINTER -> " Feathers on the outside, past the middle of the bend.";
            case SNAP -> " Went with a crack halfway round.";
            case EDGE_CRACK -> " Started at the arris.";
            case INNER_CREASE -> " Creased against the form.";
            case GRAIN_SPLIT -> " Split along a wandering grain line.";
            case GLUE_LINE_GAP -> " Plies open at the tight end.";
            default -> "";
        };
        return job.piece() + "." + seen;
    }

    private double pick(double... from) {
        return from[random.nextInt(from.length)];
    }

    /** The length as this shop measures it, to the nearest 1/32, 1/16 or 1/8 in [mm]. */
    private static double onTheRule(double mm, int marksPerInch) {
        return Length.of((double) Math.round(mm / 25.4 * marksPerInch) / marksPerInch, LengthUnit.INCH).millimetres();
    }

    static Job job(int year, int month, int day, int pieces, String piece, String species,
                           Seasoning seasoning, double moisture,
                           GrowthRings rings, double thickness, double width, double radius,
                           double angle, Job.Process process) {
        return new Job(LocalDate.of(year, month, day), pieces, piece, species, seasoning, moisture, rings, thickness,
                width, radius, angle, process);
    }
}
